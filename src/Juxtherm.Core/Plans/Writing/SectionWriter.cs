using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Writes placements of the plate with the distances to lay them by.</summary>
internal static class SectionWriter
{
    // Nearer than this to the middle line it lies on it.
    private const double OnLineMm = 2.5;

    // A seam holds the plate off what lies as near as this (from memory: a seam of a few mm under a stiff plate).
    private const double BesideMm = 30;

    /// <summary>The placements of a press.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">The face that is pressed.</param>
    /// <param name="layers">Ids of the layers pressed; none for the bare blank, which is pressed wherever vinyl will lie.</param>
    /// <param name="words">Writes figures in the reader's units.</param>
    public static IReadOnlyList<PlateSection> Of(Job job, Face face, IReadOnlyCollection<string> layers, IWords words)
    {
        var plan = JobSections.Of(job, face, layers.Count > 0 ? layers : [.. job.Layers.Select(l => l.Id)]).Plan;
        if (plan is null || !job.Blank.Faces.TryGetValue(face, out var shape))
            return [Middle(job)];
        return [.. plan.Sections.Select(s => Written(s, shape, Prints(job, face, layers), words))];
    }

    /// <summary>With its middle on the blank's, while no artwork is placed.</summary>
    private static PlateSection Middle(Job job) =>
        new((job.Blank.WidthMm - job.Tools.PlateWidthMm) / 2, (job.Blank.HeightMm - job.Tools.PlateHeightMm) / 2, job.Tools.PlateWidthMm,
            job.Tools.PlateHeightMm);

    /// <summary>Where the vinyl of a press lies, as far as that is known.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">The face that is pressed.</param>
    /// <param name="layers">Ids of the layers pressed.</param>
    public static IReadOnlyList<Box> Prints(Job job, Face face, IReadOnlyCollection<string> layers) =>
        [.. job.Layers.Where(l => l.Face == face && layers.Contains(l.Id, StringComparer.Ordinal)).Select(l => l.Box).OfType<Box>()];

    /// <summary>A placement with the distances to lay it by.</summary>
    /// <param name="section">The placement.</param>
    /// <param name="shape">The face.</param>
    /// <param name="prints">Where its vinyl lies.</param>
    /// <param name="words">Writes figures in the reader's units.</param>
    public static PlateSection Written(Section section, BlankShape shape, IReadOnlyList<Box> prints, IWords words)
    {
        var box = section.Box;
        var straight = section.SlantDegrees == 0;
        var off = section.CentreX - shape.MiddleX;
        var (fromName, from) = shape.NeckMm is { } neck
            ? (words.Say("section-writer.written"), neck) : (words.Say("section-writer.written-2"), 0.0);
        // A slanted plate is laid by its middle, a straight one by its upper edge.
        var edge = straight ? box.YMm : section.CentreY;
        var down = edge - from;
        var across = Math.Abs(off) <= OnLineMm
            ? words.Say("section-writer.written-across")
            : words.Say("section-writer.written-across-2", ("off", Thing.Mm(Math.Abs(off))), ("off2", off));
        var height = words.Say("section-writer.written-height", ("straight", straight), ("down", Math.Abs(down)),
            ("down2", Thing.Mm(Math.Abs(down))), ("down3", down), ("fromName", fromName));
        var turn = straight
            ? section.QuarterTurn
            ? words.Say("section-writer.written-turn")
            : "" : words.Say("section-writer.written-turn-2", ("slantDegrees", section.SlantDegrees), ("quarterTurn", section.QuarterTurn));
        return new PlateSection(Math.Round(box.XMm, 1), Math.Round(box.YMm, 1), box.WidthMm, box.HeightMm)
        {
            SlantDegrees = section.SlantDegrees,
            QuarterTurn = section.QuarterTurn,
            LayBy = $"{across}, {height}{turn}",
            Marks =
            [
                new SectionMark(fromName, Math.Round(down, 1), new Spot(section.CentreX, from), new Spot(section.CentreX, edge)),
                new SectionMark(words.Say("section-writer.written-3"), Math.Round(off, 1), new Spot(shape.MiddleX, section.CentreY),
                    new Spot(section.CentreX, section.CentreY)),
            ],
            SeamsBeside = [.. section.Under.Where(k => k is { Kind: FeatureKind.Seam, OtherFace: false }
                    && prints.Any(p => p.Grown(BesideMm).Overlaps(Shapes.Around(k.Hull)))).Select(k => k.NameHere)
                .Distinct(StringComparer.Ordinal)],
            Under = [.. section.Under.Select(k => k.NameHere).Distinct(StringComparer.Ordinal)],
        };
    }
}
