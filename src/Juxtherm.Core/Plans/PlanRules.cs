using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Checks;
using Juxtherm.Core.Plans.Checks.Rules;

namespace Juxtherm.Core.Plans;

/// <summary>All rules that ship.</summary>
public static class PlanRules
{
    /// <summary>Rules that look at the whole plan.</summary>
    public static IReadOnlyList<IPlanRule> Whole { get; } =
    [
        new BlankTooHot(), new CarrierOverlap(), new CarrierSide(), new CarrierTrim(), new ClamshellFrame(), new CollarUnderPlate(),
        new CoverNeeded(), new CushionMargin(), new CutPresetPerMat(), new DampUnderlay(), new DoNotPressLabel(), new DyeMigration(),
        new FrameNeedsSupport(), new HandWashOnly(), new HeatSourceUnsuitable(), new HotSurface(), new LayingOrderWish(),
        new LeastHarm(), new LoftyFace(), new MayFail(), new MetalUnderHeat(), new NamesCount(), new NeedsSections(), new NoIroningBoard(),
        new ReadsBackwards(),
        new NoSafeSetting(), new NotCovered(), new NotPressable(), new OffItem(), new OpenWeave(), new PlacementCollar(),
        new PlacementLow(), new PressureNotAdjustable(), new SeamUnderPlate(), new SteamOff(), new TestCut(), new TestPatch(),
        new UnknownBlank(), new Ventilate(), new Wash24H(), new WaxedPaper(), new ZipCrossing(),
    ];

    /// <summary>Rules that look at each layer.</summary>
    public static IReadOnlyList<ILayerRule> PerLayer { get; } =
    [
        new ColdPeelWait(), new DoNotMirror(), new EdgeTime(), new GlitterOnGlitter(), new HeatBudget(), new LabelImplausible(),
        new LabelPress(), new Mirror(), new PuffCovered(), new PuffOnce(), new PuffTwice(), new Shrinkage(), new SmallDetail(),
        new SplitJoins(), new TooWideForCutter(), new UnderneathNotAllowed(), new VariantTooWide(), new VinylUnderSource(),
        new ColourLost(),
        new FontMissing(),
    ];

    /// <summary>Everything that the rules have to say, stops first.</summary>
    /// <param name="plan">The plan in the making.</param>
    public static IReadOnlyList<Notice> Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var ofLayers = SaidOnce.Of(plan, PerLayer.SelectMany(rule => plan.Layers.Select(layer => rule.Look(plan, layer))).OfType<Notice>());
        return
        [
            .. Whole.Select(rule => rule.Look(plan)).OfType<Notice>().Concat(ofLayers)
                .Select(n => n.Acceptable && plan.Job.Accepted.TryGetValue(n.Code, out var word) ? n with { Accepted = word } : n)
                .Select(n => n.Remedies.Count == 0
                    ? n : n with { Remedies = [.. n.Remedies.Select(r => r with { Edits = JobEdit.On(plan.Job.Given, r.Edits) })] })
                .OrderByDescending(n => n.Weight).ThenByDescending(n => n.Level).ThenBy(n => n.Code, StringComparer.Ordinal),
        ];
    }
}
