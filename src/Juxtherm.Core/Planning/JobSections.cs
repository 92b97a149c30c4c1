using System.Collections.Concurrent;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Placement;
using Juxtherm.Core.Pressing;

namespace Juxtherm.Core.Planning;

/// <summary>How a job's plate covers some of its layers.</summary>
/// <param name="Plan">The placements; none where the place is not known or the face is not flat.</param>
internal sealed record JobSections(SectionPlan? Plan)
{
    // Either side of a closed zip the plate presses nothing: so much vinyl is cut away there, mm (ours: the rim of a plate).
    private const double ZipClearanceMm = 5;
    private const int MostKnown = 128;
    private static readonly ConcurrentDictionary<Key, SectionPlan> Known = new();

    private static readonly JobSections Nowhere = new((SectionPlan?)null);

    /// <summary>Covers layers of one face.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">The face.</param>
    /// <param name="layers">Ids of the layers to be pressed.</param>
    public static JobSections Of(Job job, Face face, IReadOnlyCollection<string> layers)
    {
        if (job.Blank.Form.Shape != FaceShape.Flat || job.Tools.Source.HotAirWm2K is not null || !job.Blank.Faces.TryGetValue(face, out var shape))
            return Nowhere;
        var vinyl = CellsOf(job.Layers.Where(l => l.Face == face && layers.Contains(l.Id, StringComparer.Ordinal)), shape);
        if (vinyl.Count == 0)
            return Nowhere;
        // On hard goods and inside a frame nothing of the other side is felt.
        var below = job.Blank.Material.Kind == MaterialKind.Hard || job.Blank.Form.Framed ? null : job.Blank.Faces.GetValueOrDefault(face == Face.Front ? Face.Back : Face.Front);
        return new JobSections(Covered(new SectionQuestion(new PlateSize(job.Tools.PlateWidthMm, job.Tools.PlateHeightMm), vinyl, KeepOut.Of(shape, below)) { MiddleX = shape.MiddleX }));
    }

    /// <summary>Bands along zips of a face in which vinyl is cut away.</summary>
    public static IReadOnlyList<Box> ZipBands(BlankShape shape) => [.. shape.Features.Where(f => f.Kind == FeatureKind.Zip).Select(f => f.Box.Grown(ZipClearanceMm))];

    /// <summary>How often one press, done in all its placements, heats a layer where it gets most; 1 where its place is not known.</summary>
    public int HeatsOf(JobLayer layer) => Plan is { Sections.Count: > 1 } plan ? SectionPlan.HeatsOver(plan.Sections, CellsOf([layer], null)) : 1;

    private static HashSet<Cell> CellsOf(IEnumerable<JobLayer> layers, BlankShape? shape)
    {
        var cells = layers.Where(l => l.Box is not null).SelectMany(l => l.Shape is { } s ? VinylCells.Of(s, l.Box!.Value) : VinylCells.Of(l.Box!.Value)).ToHashSet();
        if (shape is not null && ZipBands(shape) is { Count: > 0 } bands)
            cells.RemoveWhere(c => bands.Any(b => b.Overlaps(VinylCells.BoxOf(c))));
        return cells;
    }

    private static SectionPlan Covered(SectionQuestion question)
    {
        var key = new Key(question);
        if (Known.TryGetValue(key, out var known))
            return known;
        if (Known.Count >= MostKnown)
            Known.Clear();
        return Known[key] = SectionSearch.Cover(question);
    }

    private sealed class Key(SectionQuestion question) : IEquatable<Key>
    {
        private readonly SectionQuestion _question = question;
        private readonly int _hash = question.Vinyl.Aggregate(question.Plate.GetHashCode(), (hash, cell) => hash ^ cell.GetHashCode());

        public bool Equals(Key? other) =>
            other is not null && _question.Plate == other._question.Plate && _question.MiddleX == other._question.MiddleX && _question.Vinyl.SetEquals(other._question.Vinyl) && _question.KeepOuts.Count == other._question.KeepOuts.Count
            && _question.KeepOuts.Zip(other._question.KeepOuts).All(k => k.First.Kind == k.Second.Kind && k.First.Name == k.Second.Name && k.First.OtherFace == k.Second.OtherFace && k.First.Hull.SequenceEqual(k.Second.Hull));

        public override bool Equals(object? obj) => Equals(obj as Key);

        public override int GetHashCode() => _hash;
    }
}
