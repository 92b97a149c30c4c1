using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>Everything that is cut from one vinyl in one colour.</summary>
/// <param name="Id">Its id: vinyl and colour.</param>
/// <param name="Vinyl">The vinyl.</param>
/// <param name="Colour">As <c>#rrggbb</c>; null when not said.</param>
/// <param name="Units">Units garment by garment.</param>
internal sealed record UnitList(string Id, Vinyl Vinyl, string? Colour, IReadOnlyList<CutUnit> Units)
{
    public static string IdOf(string vinyl, string? colour) => $"{vinyl}-{colour?.TrimStart('#').ToLowerInvariant() ?? "plain"}";
}

/// <summary>Takes a job's artwork apart into what is cut as one.</summary>
/// <param name="job">The job.</param>
/// <param name="setup">The cutter.</param>
/// <param name="figures">Figures of cutting.</param>
/// <param name="marginMm">Room between pieces, mm.</param>
internal sealed class CutUnits(Job job, CutterSetup setup, CuttingFigures figures, double marginMm)
{
    private const double PatchMm = 20;

    /// <summary>Layers that cannot be cut: their size is not known, or no split helps.</summary>
    public IReadOnlyList<string> NotCut { get; private set; } = [];

    /// <summary>The units of a run, by vinyl and colour.</summary>
    /// <param name="layout">How sheets are laid out: in place what lies together stays together.</param>
    public IReadOnlyList<UnitList> Of(SheetLayout layout)
    {
        var notCut = job.Layers.Where(l => !l.HasSize || LayerSplit.PlanOf(l, setup, job.Memory) is null).Select(l => l.Id).ToList();
        NotCut = notCut;
        var cut = job.Layers.Where(l => !notCut.Contains(l.Id)).ToList();
        var named = cut.FirstOrDefault(l => l.Words is { FromNames: true } && job.Names.Any());
        var lists = new List<UnitList>();
        foreach (var group in cut.Where(l => l != named).GroupBy(l => (l.Vinyl.Id, Colour: l.Colour?.ToLowerInvariant())))
        {
            var once = (layout == SheetLayout.InPlace ? InPlace([.. group]) : [.. group.SelectMany(Free)]).ToList();
            var run = Enumerable.Range(1, job.Quantity).SelectMany(garment => once.Select(u => u with { Garment = garment }));
            lists.Add(new UnitList(UnitList.IdOf(group.Key.Id, group.Key.Colour), group.First().Vinyl, group.Key.Colour, [.. run]));
        }

        if (named is not null)
            Join(lists, Named(named));
        return [.. lists.Where(l => l.Units.Count > 0).Select(WithExtras).Select(WithOwnKeys)];
    }

    /// <summary>All that lies on one face in one sheet keeps its place, as far as it goes through the cutter together.</summary>
    private IEnumerable<CutUnit> InPlace(List<JobLayer> layers)
    {
        foreach (var face in layers.GroupBy(l => l.Face))
        {
            var placed = face.Where(l => l.Box is not null && Parts(l).Count == 1).Select(l => (Layer: l, Ground: Whole(l))).ToList();
            var all = new Envelope();
            placed.ForEach(p => all.ExpandToInclude(p.Ground.EnvelopeInternal));
            var fits = placed.Count > 1 && Splitting.Fits(all.Width, all.Height, LayerSplit.RulesOf(placed[0].Layer.Vinyl, setup));
            var apart = fits
                && placed.All(p =>
                    placed.All(q => q == p || !CutShape.Overlap(p.Layer.Shape, p.Layer.Box!.Value, q.Layer.Shape, q.Layer.Box!.Value)));
            if (apart)
            {
                var ids = placed.ConvertAll(p => p.Layer.Id);
                yield return new CutUnit(string.Join('+', ids), CutUnitKind.Artwork, ids, 0, null, null, 1, 1,
                    Plane.Union(placed.Select(p => p.Ground)), [], [.. placed.SelectMany(p => p.Layer.DelicatePlaces)]);
            }

            foreach (var unit in face.Where(l => !apart || placed.All(p => p.Layer != l)).SelectMany(Parts))
                yield return unit;
        }
    }

    /// <summary>A layer's pieces, each by itself, as far as there is room for scissors between them and nobody wants them
    /// together.</summary>
    private IEnumerable<CutUnit> Free(JobLayer layer)
    {
        var parts = Parts(layer);
        if (layer.KeepTogether || layer.Words is not null || parts.Count > 1)
            return parts;
        var whole = parts[0];
        var islands = Plane.Parts(Plane.Offset(whole.Vinyl, marginMm / 2));
        var pieces = Plane.Parts(whole.Vinyl);
        var clusters = islands.Select(island => pieces.Where(p => island.Covers(p.InteriorPoint)).ToList()).Where(c => c.Count > 0)
            .ToList();
        return clusters.Select((c, i) =>
            whole with { Key = $"{layer.Id}.{i + 1}", Vinyl = Plane.Of(c), Delicate = Within(whole.Delicate, Plane.Of(c)) });
    }

    private List<CutUnit> Parts(JobLayer layer)
    {
        var split = LayerSplit.PlanOf(layer, setup, job.Memory)!;
        var (x, y) = (layer.XMm ?? 0, layer.YMm ?? 0);
        Ground There(Ground g) => AffineTransformation.TranslationInstance(x, y).Transform(g);
        return [.. split.Parts.Select(part =>
        {
            var vinyl = There(part.Ground);
            return new CutUnit(split.Parts.Count == 1
                ? layer.Id : $"{layer.Id}/{part.Number}", CutUnitKind.Artwork, [layer.Id], 0, null, null, part.Number, split.Parts.Count,
                vinyl, [.. part.Marks.Select(There)], Within(layer.DelicatePlaces, vinyl));
        })];
    }

    private static Ground Whole(JobLayer layer) => layer.Shape?.In(layer.Box!.Value) ?? Shapes.Polygon(layer.Box!.Value);

    private static IReadOnlyList<DelicatePlace> Within(IReadOnlyList<DelicatePlace> places, Ground ground)
    {
        var box = ground.EnvelopeInternal;
        return [.. places.Where(p => box.Contains(p.XMm, p.YMm))];
    }

    /// <summary>The names of a run, each with its number in the waste beside it.</summary>
    private IEnumerable<(string? Colour, Vinyl Vinyl, CutUnit Unit)> Named(JobLayer layer)
    {
        var garment = 0;
        var names = ProofSheet.Of(job)!.Names.ToDictionary(n => n.Index);
        foreach (var (index, piece) in job.Pieces.Index())
        {
            if (!names.TryGetValue(index, out var name))
            {
                garment += piece.Count;
                continue;
            }

            var shape = name.Path.Length > 0 ? CutShape.Read(name.Path, job.Memory) : null;
            var split = shape is null
                ? null : LayerSplit.PlanOf(shape, shape.Bounds.WidthMm, shape.Bounds.HeightMm, layer.Vinyl, setup, job.Memory);
            for (var i = 0; i < name.Entry.Count; i++)
            {
                garment++;
                foreach (var part in split?.Parts ?? [])
                {
                    var key = $"{layer.Id}#{name.Index + 1}{(split!.Parts.Count == 1 ? "" : $"/{part.Number}")}";
                    yield return ((name.Entry.Colour ?? layer.Colour)?.ToLowerInvariant(), layer.Vinyl,
                        new CutUnit(key, CutUnitKind.Artwork, [layer.Id], garment, name.Entry.Name, name.Index + 1, part.Number,
                            split.Parts.Count, part.Ground, part.Marks, []));
                }
            }
        }
    }

    private static void Join(List<UnitList> lists, IEnumerable<(string? Colour, Vinyl Vinyl, CutUnit Unit)> named)
    {
        foreach (var colour in named.GroupBy(n => n.Colour, StringComparer.Ordinal))
        {
            var vinyl = colour.First().Vinyl;
            var id = UnitList.IdOf(vinyl.Id, colour.Key);
            var at = lists.FindIndex(l => l.Id == id);
            if (at < 0)
                lists.Add(new UnitList(id, vinyl, colour.Key, [.. colour.Select(n => n.Unit)]));
            else
                lists[at] = lists[at] with { Units = [.. lists[at].Units, .. colour.Select(n => n.Unit)] };
        }
    }

    /// <summary>Layers may be called anything, a part or a test cut of another included: what is not alike gets a key of its own.</summary>
    private static UnitList WithOwnKeys(UnitList list)
    {
        var shapes = new Dictionary<string, Ground>(StringComparer.Ordinal);
        return list with
        {
            Units = [.. list.Units.Select(unit =>
            {
                var key = unit.Key;
                while (!shapes.TryAdd(key, unit.Vinyl) && !ReferenceEquals(shapes[key], unit.Vinyl))
                    key += "'";
                return key == unit.Key ? unit : unit with { Key = key };
            })],
        };
    }

    private UnitList WithExtras(UnitList list)
    {
        var extras = new List<CutUnit>();
        if (job.Cut.TestCut)
            extras.Add(Extra(CutUnitKind.TestCut, TestShape(figures.TestShapeMm.Value)));
        if (job.Cut.Patch)
            extras.Add(Extra(CutUnitKind.Patch, Plane.Factory.CreatePoint(new Coordinate(PatchMm / 2, PatchMm / 2)).Buffer(PatchMm / 2)));
        return list with { Units = [.. extras, .. list.Units] };
    }

    private static CutUnit Extra(CutUnitKind kind, Ground shape) => new(kind.ToString(), kind, [], 0, null, null, 1, 1, shape, [], []);

    /// <summary>A square with a wedge in it: straight cuts, a sharp corner and a centre to pick out.</summary>
    private static Ground TestShape(double size)
    {
        var frame = Plane.Factory.ToGeometry(new Envelope(0, size, 0, size));
        var wedge = Plane.Factory.CreatePolygon(
            [new Coordinate(size * 0.25, size * 0.75), new Coordinate(size * 0.75, size * 0.75), new Coordinate(size * 0.5, size * 0.25),
                new Coordinate(size * 0.25, size * 0.75)]);
        return frame.Difference(wedge);
    }
}
