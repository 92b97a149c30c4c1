using System.Collections.Concurrent;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Sections;

/// <summary>How a job's plate covers some of its layers.</summary>
/// <param name="Plan">The placements; none where the place is not known or the face is not flat.</param>
internal sealed record JobSections(SectionPlan? Plan)
{
    // Either side of a closed zip the plate presses nothing: so much vinyl is cut away there, mm (ours: the rim of a plate).
    private const double ZipClearanceMm = 5;
    private const long PlanBytes = 4096;
    private const long BytesPerCell = 40;
    private static readonly JobSections Nowhere = new((SectionPlan?)null);
    private readonly ConcurrentDictionary<string, int> _heats = new(StringComparer.Ordinal);

    /// <summary>The parts of layers that are cut apart, each by the box it lies in, in the order in which they are laid.</summary>
    private IReadOnlyDictionary<string, IReadOnlyList<Box>> Split { get; init; } =
        new Dictionary<string, IReadOnlyList<Box>>(StringComparer.Ordinal);

    /// <summary>Nearer to the plate's edge than this nothing is pressed, mm.</summary>
    private double RimMm { get; init; }

    /// <summary>Covers layers of one face: where no piece of vinyl reaches from one part into the next, with the parts that the whole face
    /// is pressed in.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">The face.</param>
    /// <param name="layers">Ids of the layers to be pressed.</param>
    public static JobSections Of(Job job, Face face, IReadOnlyCollection<string> layers) =>
        // A plan asks many times for the same job; drawing up its vinyl is most of the work.
        job.Memory.Of(job, (face, string.Join('\n', layers.Order(StringComparer.Ordinal))), () => Found(job, face, layers));

    private static JobSections Found(Job job, Face face, IReadOnlyCollection<string> layers)
    {
        var here = job.Layers.Where(l => l.Face == face).ToList();
        var pressed = here.FindAll(l => layers.Contains(l.Id, StringComparer.Ordinal));
        if (pressed.Count == here.Count)
            return Over(job, face, here);
        var whole = Over(job, face, here);
        if (whole.Plan is not { Sections.Count: > 1 } parts || whole.Reaching(here).Count > 0)
            return Over(job, face, pressed);
        return new JobSections(
            parts with
            {
                Sections = [.. parts.Sections.Where((_, i) => pressed.Exists(l => whole.PartsOf(l).Any(of => of.Contains(i))))]
            })
        {
            RimMm = whole.RimMm,
            Split = whole.Split
        };
    }

    /// <summary>Whether a layer was cut apart and its parts are laid one after the other.</summary>
    /// <param name="layer">Its id.</param>
    public bool IsSplit(string layer) => Split.ContainsKey(layer);

    /// <summary>
    /// Under which placements each piece of a layer's vinyl lies: one, or those that it takes together; what was cut apart for the
    /// cutter is a piece as it was cut. None where its place is not known.
    /// </summary>
    public IReadOnlyList<IReadOnlyList<int>> PartsOf(JobLayer layer)
    {
        if (Plan is not { } plan || layer.Box is not { } box)
            return [];
        if (Split.TryGetValue(layer.Id, out var parts))
            return [.. parts.Select(part => PartsUnder(plan, part))];
        return [.. Plane.Parts(CutShape.GroundOf(layer.Shape, box)).Select(p => p.EnvelopeInternal)
            .Select(e => PartsUnder(plan, new Box(e.MinX, e.MinY, e.Width, e.Height)))];
    }

    /// <summary>Layers of which a piece reaches from one part into the next.</summary>
    public IReadOnlyList<string> Reaching(IEnumerable<JobLayer> layers) =>
        [.. layers.Where(l => PartsOf(l).Any(of => of.Count > 1)).Select(l => l.Id)];

    private List<int> PartsUnder(SectionPlan plan, Box piece)
    {
        var middle = new Spot(piece.XMm + piece.WidthMm / 2, piece.YMm + piece.HeightMm / 2);
        var holding = Enumerable.Range(0, plan.Sections.Count).Where(i => plan.Sections[i].Covers(piece, RimMm)).ToList();
        if (holding.Count > 0)
            return [holding.MinBy(i => plan.Sections[i].FromMiddle(middle))];
        List<int> met = [.. Enumerable.Range(0, plan.Sections.Count).Where(i => plan.Sections[i].Meets(piece, RimMm))];
        // What no placement presses is laid with the nearest: that it is not covered is said.
        return met.Count > 0 || plan.Sections.Count == 0
            ? met : [Enumerable.Range(0, plan.Sections.Count).MinBy(i => plan.Sections[i].FromMiddle(middle))];
    }

    private static JobSections Over(Job job, Face face, List<JobLayer> here)
    {
        if (job.Blank.Form.Shape != FaceShape.Flat || job.Tools.Source.HotAirWm2K is not null
            || !job.Blank.Faces.TryGetValue(face, out var shape))
            return Nowhere;
        List<Box> boxes = [.. here.Where(l => l.Box is not null).Select(l => BoxOf(CutShape.GroundOf(l.Shape, l.Box!.Value)))];
        if (boxes.Count == 0)
            return Nowhere;
        // On hard goods and inside a frame nothing of the other side is felt.
        var below = job.Blank.Material.Kind == MaterialKind.Hard || job.Blank.Form.Framed
            ? null : job.Blank.Faces.GetValueOrDefault(face == Face.Front ? Face.Back : Face.Front);
        var (plate, keepOuts, split) = (PlateOf(job.Tools), KeepOut.Of(shape, below), SplitOf(job, here));
        if (split.Count == 0 && ZipBands(shape).Count == 0
            && SectionSearch.AtOnce(plate, Shapes.Around(boxes), keepOuts, shape.MiddleX) is { } once)
            return new JobSections(once) { RimMm = plate.RimMm };
        var vinyl = CellsOf(here, shape);
        if (vinyl.Count == 0)
            return Nowhere;
        var question = new SectionQuestion(plate, vinyl, keepOuts) { MiddleX = shape.MiddleX, MaySlant = !job.Tools.Source.HeldByHand };
        if (RasterOf(here, shape) is { } raster)
            question = question with { Raster = raster, Apart = Apart(question, here, split, shape) };
        return new JobSections(Covered(question, job.Memory))
        {
            RimMm = question.Plate.RimMm,
            Split = split.ToDictionary(s => s.Key, s => (IReadOnlyList<Box>)[.. s.Value.Select(BoxOf)], StringComparer.Ordinal),
        };
    }

    /// <summary>Layers that the crafter's own cutter cuts apart so that their parts join, with the ground of each part.</summary>
    private static Dictionary<string, List<Ground>> SplitOf(Job job, List<JobLayer> here)
    {
        var split = new Dictionary<string, List<Ground>>(StringComparer.Ordinal);
        foreach (var layer in job.Tools.Cutter is { Said: true } ? here.Where(l => l.Box is not null) : [])
        {
            if (LayerSplit.PlanOf(layer, job.Tools.Cutter!, job.Memory) is { Parts.Count: > 1 } plan
                && plan.Joints.Any(j => j.Kind != JointKind.Gap))
                split[layer.Id] =
                    [.. plan.Parts.Select(p => AffineTransformation.TranslationInstance(layer.Box!.Value.XMm, layer.Box.Value.YMm)
                        .Transform(p.Ground))];
        }

        return split;
    }

    /// <summary>What is laid one after the other: the parts of the layer that is cut into most, each with the pieces of the others that lie
    /// nearest.</summary>
    private static IReadOnlyList<SectionQuestion> Apart(SectionQuestion whole, List<JobLayer> here, Dictionary<string, List<Ground>> split,
        BlankShape shape)
    {
        if (split.Count == 0)
            return [];
        var (lead, parts) = split.MaxBy(s => s.Value.Count);
        var grounds = parts.ConvertAll(p => new List<Ground> { p });
        foreach (var layer in here.Where(l => l.Id != lead && l.Box is not null))
        {
            foreach (var piece in split.TryGetValue(layer.Id, out var own)
                ? own : [.. Plane.Parts(CutShape.GroundOf(layer.Shape, layer.Box!.Value))])
                grounds[Enumerable.Range(0, parts.Count)
                    .MinBy(i => parts[i].EnvelopeInternal.Centre.Distance(piece.EnvelopeInternal.Centre))].Add(piece);
        }

        var bands = ZipBands(shape);
        return [.. grounds.Select(g => (Cells: VinylCells.Of(g), Raster: VinylRaster.Of(g, bands))).Where(p => p.Raster is not null)
            .Select(p => whole with { Vinyl = p.Cells, Raster = p.Raster! })];
    }

    private static Box BoxOf(Ground ground) =>
        new(ground.EnvelopeInternal.MinX, ground.EnvelopeInternal.MinY, ground.EnvelopeInternal.Width, ground.EnvelopeInternal.Height);

    /// <summary>A job's plate, as far as covering goes.</summary>
    public static PlateSize PlateOf(Tools tools) =>
        new(tools.PlateWidthMm, tools.PlateHeightMm)
        {
            CoolRimMm = tools.Source.CoolRimMm,
            Cool = [.. tools.Source.CoolSpots.Select(s => new Box(s.XMm, s.YMm, s.WidthMm, s.HeightMm))]
        };

    /// <summary>Bands along zips of a face in which vinyl is cut away.</summary>
    public static IReadOnlyList<Box> ZipBands(BlankShape shape) =>
        [.. shape.Features.Where(f => f.Kind == FeatureKind.Zip).Select(f => f.Box.Grown(ZipClearanceMm))];

    /// <summary>How often one press, done in all its placements, heats a layer where it gets most; 1 where its place is not
    /// known.</summary>
    public int HeatsOf(JobLayer layer) =>
        Plan is { Sections.Count: > 1 } plan
        ? _heats.GetOrAdd(layer.Id, _ => SectionPlan.HeatsOver(plan.Sections, CellsOf([layer], null))) : 1;

    private static HashSet<Cell> CellsOf(IEnumerable<JobLayer> layers, BlankShape? shape)
    {
        var cells = layers.Where(l => l.Box is not null)
            .SelectMany(l => l.Shape is { } s ? VinylCells.Of(s, l.Box!.Value) : VinylCells.Of(l.Box!.Value)).ToHashSet();
        if (shape is not null && ZipBands(shape) is { Count: > 0 } bands)
            cells.RemoveWhere(c => bands.Any(b => b.Overlaps(VinylCells.BoxOf(c))));
        return cells;
    }

    private static VinylRaster? RasterOf(IEnumerable<JobLayer> layers, BlankShape shape) =>
        VinylRaster.Of(layers.Where(l => l.Box is not null).Select(l => (l.Shape, l.Box!.Value)), ZipBands(shape));

    private static SectionPlan Covered(SectionQuestion question, WorkMemory memory) =>
        memory.Get(new Key(question), () => SectionSearch.Cover(question), _ => Bytes(question) + question.Apart.Sum(Bytes));

    private static long Bytes(SectionQuestion question) => PlanBytes + question.Raster.Bytes + BytesPerCell * question.Vinyl.Count;

    private sealed class Key(SectionQuestion question) : IEquatable<Key>
    {
        private readonly SectionQuestion _question = question;
        private readonly int _hash = HashCode.Combine(question.Plate, question.Raster);

        public bool Equals(Key? other) =>
            other is not null && _question.Plate == other._question.Plate && _question.MiddleX == other._question.MiddleX
            && _question.MaySlant == other._question.MaySlant && _question.Raster.Equals(other._question.Raster)
            && _question.KeepOuts.Count == other._question.KeepOuts.Count
            && _question.Apart.Count == other._question.Apart.Count
            && _question.Apart.Zip(other._question.Apart).All(p => p.First.Raster.Equals(p.Second.Raster))
            && _question.KeepOuts.Zip(other._question.KeepOuts)
            .All(k => k.First.Kind == k.Second.Kind && k.First.Name == k.Second.Name && k.First.OtherFace == k.Second.OtherFace
                && k.First.Hull.SequenceEqual(k.Second.Hull));

        public override bool Equals(object? obj) => Equals(obj as Key);

        public override int GetHashCode() => _hash;
    }
}
