using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Says where artwork goes on the real thing, on each size of a run its own.</summary>
public static class PlaceWords
{
    // Nearer than this to the middle line it is on it, mm.
    private const double OnMiddleMm = 1;

    // Sides that differ by less are alike, mm.
    private const double AlikeMm = 1;

    /// <summary>Where a job's artwork goes: on each face and in each size that the run asks for, its own size first.</summary>
    /// <param name="job">The job.</param>
    /// <param name="words">Writes figures in the reader's units.</param>
    public static IReadOnlyList<Placing> Of(Job job, IWords words)
    {
        ArgumentNullException.ThrowIfNull(job);
        string?[] sizes = [job.Blank.Size, .. JobReader.Sizes.Where(job.Blank.InSize.ContainsKey)];
        return [.. Enum.GetValues<Face>().SelectMany(face => sizes.Select(size => Of(job, face, size, words))).OfType<Placing>()];
    }

    /// <summary>Where it goes on a face in a size.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    /// <param name="size">Size id; null for the job's own.</param>
    /// <param name="words">Writes figures in the reader's units.</param>
    /// <returns>Null where nothing is placed, or the item is not laid flat.</returns>
    public static Placing? Of(Job job, Face face, string? size, IWords words)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(words);
        if (JobPlacement.Artwork(job, face) is not { } own || job.Blank.Form.Shape != FaceShape.Flat)
            return null;
        var other = size is null || size == job.Blank.Size ? null : job.Blank.InSize.GetValueOrDefault(size);
        var shape = (other ?? job.Blank.Faces)[face];
        var art = other is null ? own : JobPlacement.OnShape(job, own, shape, own.WidthMm, own.HeightMm);
        var (from, anchor) = shape.NeckMm is { } neck ? ("collar", neck) : (words.Say("place-words.text"), 0);
        var (left, right) = shape.SidesAt(art.YMm);
        var (toLeft, toRight) = (Math.Round(art.XMm - left, 1), Math.Round(right - art.XMm - art.WidthMm, 1));
        var (drop, off) = (Math.Round(art.YMm - anchor, 1), Math.Round(art.XMm + art.WidthMm / 2 - shape.MiddleX, 1));
        return new Placing(face, other is null
            ? job.Blank.Size : size, drop, from, toLeft, toRight, off, art, InWords(job, drop, from, toLeft, toRight, off, words))
        {
            Brief = words.Say("place-words.brief", ("drop", drop), ("down", Thing.Mm(Math.Abs(drop))), ("from", from),
                ("onMiddle", Math.Abs(off) <= OnMiddleMm), ("off", off), ("aside", Thing.Mm(Math.Abs(off))), ("isCreased", job.IsCreased)),
        };
    }

    /// <summary>How the middle is marked before anything is laid; null where there is nothing to mark.</summary>
    /// <param name="job">The job.</param>
    /// <param name="words">Says it.</param>
    public static string? Marking(Job job, IWords words)
    {
        ArgumentNullException.ThrowIfNull(job);
        if (!job.Layers.Any(l => l.Box is not null) || !job.IsCreased)
            return null;
        var sleeves = job.Blank.Faces[job.Blank.Face].Measures.Any(m => m.Id == "sleeveLength");
        return words.Say("place-words.marking", ("form", job.Blank.Form.Name), ("sleeves", sleeves));
    }

    private static string InWords(Job job, double drop, string from, double left, double right, double off, IWords words)
    {
        var height = words.Say("place-words.in-words-height", ("drop", Math.Abs(drop)), ("drop2", Thing.Mm(Math.Abs(drop))),
            ("drop3", drop), ("from", from));
        if (Math.Abs(off) > OnMiddleMm)
            return words.Say("place-words.in-words", ("height", height), ("off", Thing.Mm(Math.Abs(off))), ("off2", off),
                ("isCreased", job.IsCreased), ("left", Thing.Mm(Math.Min(left, right))), ("isLeft", left <= right));
        var sides = Math.Abs(left - right) <= AlikeMm
            ? words.Say("place-words.in-words-sides", ("left", Thing.Mm(left)))
            : words.Say("place-words.in-words-sides-2", ("left", Thing.Mm(left)), ("right", Thing.Mm(right)));
        return words.Say("place-words.in-words-2", ("height", height), ("isCreased", job.IsCreased), ("sides", sides));
    }
}
