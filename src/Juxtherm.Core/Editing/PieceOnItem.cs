using Juxtherm.Core.Artwork;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Editing;

/// <summary>A job as one piece of its run has it.</summary>
public static class PieceOnItem
{
    /// <summary>The item in the piece's own size and colour, its name set as wide as it is to be, and all of it where it goes
    /// there.</summary>
    /// <param name="job">The job.</param>
    /// <param name="piece">A piece of its run.</param>
    public static Job Of(Job job, PieceEntry piece)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(piece);
        var faces = InSize(job, piece.Size) ?? job.Blank.Faces;
        var moved = job.Layers.Select(l => Moved(job, l, faces[l.Face]));
        return job with
        {
            Blank = job.Blank with
            {
                Faces = faces,
                Size = ReferenceEquals(faces, job.Blank.Faces) ? job.Blank.Size : piece.Size,
                Colour = piece.GarmentColour ?? job.Blank.Colour
            },
            Layers = [.. moved.Select(l => l.Id == job.NameLayer?.Id && piece.IsNamed ? Named(job, l, piece) : l).OfType<JobLayer>()]
        };
    }

    /// <summary>How far what lies on a face moves on the item in another size, mm.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    /// <param name="size">Size id; null for the job's own.</param>
    public static (double XMm, double YMm) Shift(Job job, Face face, string? size)
    {
        ArgumentNullException.ThrowIfNull(job);
        if (InSize(job, size) is not { } faces || JobPlacement.Artwork(job, face) is not { } art)
            return default;
        var there = JobPlacement.OnShape(job, art, faces[face], art.WidthMm, art.HeightMm);
        return (there.XMm - art.XMm, there.YMm - art.YMm);
    }

    private static IReadOnlyDictionary<Face, BlankShape>? InSize(Job job, string? size) =>
        size is null ? null : job.Blank.InSize.GetValueOrDefault(size);

    private static JobLayer Moved(Job job, JobLayer layer, BlankShape shape)
    {
        var (x, y) = Shift(job, layer.Face, shape.Size);
        return layer with { XMm = layer.XMm + x, YMm = layer.YMm + y };
    }

    /// <summary>The name where the sample word lies; null where it cannot be set: nobody else's name is shown in its place.</summary>
    private static JobLayer? Named(Job job, JobLayer layer, PieceEntry piece)
    {
        var words = piece.In(layer.Words!, job.Memory);
        if (LetterShapes.Set(words).Shape is not { } shape)
            return null;
        var (width, height) = (shape.Bounds.WidthMm, shape.Bounds.HeightMm);
        var box = layer.Box?.Standing(width, height);
        return layer with
        {
            Words = words,
            Shape = shape,
            Colour = piece.Colour ?? layer.Colour,
            XMm = box?.XMm,
            YMm = box?.YMm,
            WidthMm = width,
            HeightMm = height
        };
    }
}
