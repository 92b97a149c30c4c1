using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Items.Patterns;
using Juxtherm.Core.Items.Spots;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Editing;

/// <summary>Where things are on a job's item.</summary>
public static class JobPlacement
{
    // Artwork whose size is not known yet is proposed a place as if it were this share of the free width.
    private const double UsualShare = 0.5;

    /// <summary>A face with what lies on it.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    /// <param name="cutterWidthMm">Widest the cutter cuts, mm.</param>
    /// <param name="cutterLengthMm">Longest the cutter cuts, mm.</param>
    /// <param name="words">Says what is proposed.</param>
    public static FacePlacement Of(Job job, Face face, double cutterWidthMm, double cutterLengthMm, IWords words)
    {
        ArgumentNullException.ThrowIfNull(job);
        var shape = job.Blank.Faces[face];
        var here = job.Layers.Where(l => l.Face == face).ToList();
        var art = Artwork(job, face);
        var (width, height) = art is { } box ? (box.WidthMm, box.HeightMm) : Unplaced(here, shape);
        var (left, right) = shape.SidesAt(art?.YMm ?? shape.HeightMm / 2);
        var largest = here.Any(l => l.AreaMm2 is not null)
            ? Sizing.Largest(shape, Math.Clamp(width / height, 0.02, 50), cutterWidthMm, cutterLengthMm,
                !here.Any(l => l.Vinyl.Cut.Directional.Value)) : null;
        return new FacePlacement(
            face, shape.WidthMm, shape.HeightMm, shape.Outline, shape.FreeArea, shape.Features, shape.Measures,
            [.. here.Select(l =>
                new PlacedLayer(l.Id, l.Colour, l.Box, l.WidthMm, l.HeightMm, l.Box is { } at
                    ? l.Shape?.PathIn(at) : null, JointsOf(l, job)))], art, art is { } placed ? Distances.Of(shape, placed) : null,
            [.. PlacementRules.For(Question(job, shape, width, height)).Select(p => p.In(words))],
            largest,
            art is not null && JobSections.Of(job, face, [.. here.Select(l => l.Id)]).Plan is { } plan
            ? [.. plan.Sections.Select(s => new PlatePlace(s.Box, s.SlantDegrees))] : [],
            shape.Size, shape.Size is null ? [] : JobReader.Sizes)
        {
            LeftSideMm = Math.Round(left, 1),
            RightSideMm = Math.Round(right, 1),
            OnePress = largest is null ? null : AtOnce(largest, JobSections.PlateOf(job.Tools)),
        };
    }

    /// <summary>The same no larger than what goes under a plate at once, where its middle was.</summary>
    private static LargestFit AtOnce(LargestFit fit, PlateSize plate)
    {
        var (width, height) = plate.LargestAtOnce(fit.WidthMm / fit.HeightMm);
        return width >= fit.WidthMm
            ? fit : new LargestFit(width, height, Math.Round(fit.XMm + (fit.WidthMm - width) / 2, 1),
                Math.Round(fit.YMm + (fit.HeightMm - height) / 2, 1), LargestFit.Plate);
    }

    /// <summary>The box around what is placed on a face; null while nothing is.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    public static Box? Artwork(Job job, Face face)
    {
        ArgumentNullException.ThrowIfNull(job);
        var boxes = job.Layers.Where(l => l.Face == face).Select(l => l.Box).OfType<Box>().ToList();
        return boxes.Count == 0 ? null : Shapes.Around(boxes);
    }

    /// <summary>Where the first rule puts artwork of that size, mm; the middle where none applies.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    /// <param name="art">The box around the artwork.</param>
    public static (double XMm, double YMm) Usual(Job job, Face face, Box art)
    {
        ArgumentNullException.ThrowIfNull(job);
        var shape = job.Blank.Faces[face];
        return PlacementRules.For(Question(job, shape, art.WidthMm, art.HeightMm)) is [{ } first, ..]
            ? (first.XMm, first.YMm)
            : ((shape.WidthMm - art.WidthMm) / 2, (shape.HeightMm - art.HeightMm) / 2);
    }

    /// <summary>What the rules are asked, as the job goes about placing.</summary>
    private static PlacementQuestion Question(Job job, BlankShape shape, double widthMm, double heightMm) => new(
        shape, job.Blank.Material, widthMm, heightMm, job.Choices.GetValueOrDefault(Choices.Placement) == Choices.Fingers
        ? DropSchool.Fingers : DropSchool.Measured, job.IsCreased);

    /// <summary>Where a job's artwork goes on the item in another size: as far from the place that a rule names as it is on its
    /// own.</summary>
    /// <param name="job">The job.</param>
    /// <param name="art">The box around the artwork on the job's own item.</param>
    /// <param name="shape">The face in the other size.</param>
    /// <param name="widthMm">Width of the artwork there, mm.</param>
    /// <param name="heightMm">Its height there, mm.</param>
    public static Box OnShape(Job job, Box art, BlankShape shape, double widthMm, double heightMm)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(shape);
        var own = job.Blank.Faces[shape.Face];
        if (ReferenceEquals(own, shape))
            return new Box(art.XMm + (art.WidthMm - widthMm) / 2, art.YMm, widthMm, heightMm);
        var (here, there) = (Question(job, own, art.WidthMm, art.HeightMm), Question(job, shape, widthMm, heightMm));
        var nearest = PlacementRules.All.Select(r => (Here: r.Propose(here), There: r.Propose(there)))
            .Where(p => p.Here is not null && p.There is not null)
            .OrderBy(p => Math.Abs(p.Here!.XMm - art.XMm) + Math.Abs(p.Here.YMm - art.YMm)).FirstOrDefault();
        var middle = art.XMm + art.WidthMm / 2;
        return nearest.Here is { } rule && nearest.There is { } place
            ? new Box(place.XMm + middle - rule.XMm - art.WidthMm / 2, place.YMm + art.YMm - rule.YMm, widthMm, heightMm)
            : new Box(shape.MiddleX + middle - own.MiddleX - widthMm / 2, art.YMm, widthMm, heightMm);
    }

    /// <summary>A job's design over a run of sizes: as large in proportion to the item on each, placed as the job places it.</summary>
    /// <param name="job">The job; something is placed on its face, and its item comes in sizes.</param>
    /// <param name="run">Sizes and counts.</param>
    /// <param name="catalogue">Typical measures of the other sizes.</param>
    /// <exception cref="ArgumentException">Nothing is placed on its face.</exception>
    public static IReadOnlyList<Graded> Grade(Job job, IReadOnlyList<SizeCount> run, CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(catalogue);
        var (blank, face) = (job.Blank, job.Blank.Face);
        var art = Artwork(job, face) ?? throw new ArgumentException("Nothing is placed.", nameof(job));
        BlankShape Draw(string size) =>
            size == blank.Size
            ? blank.Faces[face]
            : Blanks.Draw(blank.Form, catalogue.Measures[blank.Form.Id], size, face, new Dictionary<string, double>(StringComparer.Ordinal),
                []);
        return Sizing.Grade(run, Draw, blank.Size!, art.WidthMm, art.HeightMm, (shape, w, h) => OnShape(job, art, shape, w, h) is var at
            ? (at.XMm, at.YMm) : default);
    }

    private static IReadOnlyList<Joint> JointsOf(JobLayer layer, Job job) =>
        job.Tools.Cutter is { } cutter && layer.Box is not null ? LayerSplit.Of(layer, cutter, job.Memory)?.Joints ?? [] : [];

    private static (double Width, double Height) Unplaced(List<JobLayer> layers, BlankShape shape)
    {
        var sized = layers.Where(l => l.AreaMm2 is not null).ToList();
        return sized.Count == 0
            ? (shape.WidthMm * UsualShare, shape.WidthMm * UsualShare)
            : (sized.Max(l => l.WidthMm!.Value), sized.Max(l => l.HeightMm!.Value));
    }
}
