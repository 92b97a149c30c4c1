using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>How a layer goes through the cutter.</summary>
/// <param name="LayerId">The layer.</param>
/// <param name="Parts">Parts that it is cut in; 0 when it cannot be split sensibly.</param>
/// <param name="Joints">Where they meet, on the blank's free area where the layer's place is known.</param>
public sealed record LayerSplit(string LayerId, int Parts, IReadOnlyList<Joint> Joints)
{
    private const double MarkMm = 4;

    // A corner of a geometry with what belongs to it.
    private const long BytesPerPoint = 48;
    private const long KeyBytes = 256;

    /// <summary>How a layer goes through a job's cutter.</summary>
    /// <param name="layer">The layer.</param>
    /// <param name="setup">The cutter.</param>
    /// <param name="memory">Where splits are kept.</param>
    /// <returns>Null while its size is not known.</returns>
    public static LayerSplit? Of(JobLayer layer, CutterSetup setup, WorkMemory memory)
    {
        ArgumentNullException.ThrowIfNull(layer);
        if (layer.WidthMm is not { } width || layer.HeightMm is not { } height)
            return null;
        var rules = RulesOf(layer.Vinyl, setup);
        if (Splitting.Fits(width, height, rules))
            return new LayerSplit(layer.Id, 1, []);
        return PlanOf(layer, setup, memory) is { } plan
            ? new LayerSplit(layer.Id, plan.Parts.Count,
                [.. plan.Joints.Select(j => j with { Line = [.. j.Line.Select(p => Rounded(p, layer))] })])
                : new LayerSplit(layer.Id, 0, []);
    }

    /// <summary>The split itself, with the layer's upper left corner as origin; null when it cannot be split sensibly.</summary>
    internal static SplitPlan? PlanOf(JobLayer layer, CutterSetup setup, WorkMemory memory) =>
        PlanOf(layer.Shape, layer.WidthMm!.Value, layer.HeightMm!.Value, layer.Vinyl, setup, memory);

    /// <summary>The same for any shape in a vinyl; a box where there is none.</summary>
    internal static SplitPlan? PlanOf(CutShape? shape, double widthMm, double heightMm, Vinyl vinyl, CutterSetup setup, WorkMemory memory)
    {
        ArgumentNullException.ThrowIfNull(memory);
        var rules = RulesOf(vinyl, setup);
        var limit = vinyl.Cut.SmallestDetailMm.Value;
        return memory.Get(new Key(shape?.Token, Math.Round(widthMm, 3), Math.Round(heightMm, 3), rules, limit),
            () => Found(shape ?? CutShape.Boxed(widthMm, heightMm), widthMm, heightMm, rules, limit),
            plan => KeyBytes + BytesPerPoint * (plan?.Parts.Sum(p => p.Ground.NumPoints + p.Marks.Sum(m => (long)m.NumPoints)) ?? 0));
    }

    private static SplitPlan? Found(CutShape shape, double widthMm, double heightMm, SplitRules rules, double limit)
    {
        var box = new Box(0, 0, widthMm, heightMm);
        var ground = shape.In(box);
        var (sx, sy) = (widthMm / shape.Bounds.WidthMm, heightMm / shape.Bounds.HeightMm);
        List<DelicatePlace> delicate = Splitting.Fits(widthMm, heightMm, rules) ? [] : [.. shape.Delicate(limit / Math.Min(sx, sy))
            .Select(d => d with
            {
                XMm = (d.XMm - shape.Bounds.XMm) * sx,
                YMm = (d.YMm - shape.Bounds.YMm) * sy,
                RadiusMm = d.RadiusMm * Math.Max(sx, sy),
            })];
        return Splitting.Of(ground, rules, delicate);
    }

    internal static SplitRules RulesOf(Vinyl vinyl, CutterSetup setup)
    {
        // Where vinyl may lie on the same vinyl a hair of overlap hides the seam; elsewhere parts meet edge to edge.
        var overlap = vinyl.Stack.CarriesOthers.Value && vinyl.Stack.LiesOn.Value == LiesOn.Any ? setup.JointOverlapMm : 0;
        return new SplitRules(setup.WidthMm, setup.LengthMm, !vinyl.Cut.Directional.Value, overlap, MarkMm);
    }

    private readonly record struct Key(object? Shape, double WidthMm, double HeightMm, SplitRules Rules, double LimitMm);

    private static Spot Rounded(Spot p, JobLayer layer) =>
        new(Math.Round(p.X + (layer.XMm ?? 0), 1), Math.Round(p.Y + (layer.YMm ?? 0), 1));
}
