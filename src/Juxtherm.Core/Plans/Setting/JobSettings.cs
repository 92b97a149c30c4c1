using System.Runtime.CompilerServices;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Setting;

/// <summary>Works out what the layers of a job ask for, and what its presses are set to.</summary>
/// <param name="catalogue">The catalogue.</param>
internal sealed class JobSettings(CatalogueSnapshot catalogue)
{
    private const double LeastPlausibleBond = 0.05;

    // A figure of which nobody said which press it is for is taken for this one's where it is as near as this to what this press needs
    // (common practice).
    private const double NearK = 10;
    private const double NearLeast = 0.7;
    private const double NearMost = 1.5;

    // Nobody waits for a plate that is to be so few kelvin cooler (common practice).
    private const double NotWorthTurningK = 10;

    // Nobody presses a vinyl this far below what its charts say, however long (common practice).
    private const double BelowChartK = 20;

    private readonly ReferenceDoses _references = new(catalogue);
    private readonly FoundSettings _settings = new(catalogue);
    private readonly ConditionalWeakTable<FoundSetting, FoundSetting> _withBack = [];

    /// <summary>The job with its layers worked out, as far as that goes before a setting is found.</summary>
    /// <param name="job">The job.</param>
    /// <param name="words">Writes figures in the reader's units.</param>
    /// <param name="material">What its face is taken to be.</param>
    public ChartedJob About(Job job, IWords words, Material material)
    {
        var charted = job.Layers.Select(layer => Charted(job, layer, material)).ToList();
        var lying = new Stackup(
            [.. charted.Select(c =>
                new StackedLayer(c.Layer.Id, c.Layer.Vinyl, c.Chart.Peel.Value, c.Layer.Box, c.Layer.AreaMm2, c.Layer.CarrierMarginMm,
                    c.Layer.Over, c.Layer.Face == job.Blank.Face ? 0 : 1) { Shape = c.Layer.Shape, Cut = c.Layer.CarrierCut })]);
        return new ChartedJob(job,
            charted.ConvertAll(c => OnWhatItLies(c, lying) with { Takes = Takes(c.Layer.Vinyl, material, lying.InStack(c.Id)) }), lying,
            words, catalogue);
    }

    /// <summary>A layer that lies on vinyl with all of it wants no more than a smooth face does, however fluffy the blank is.</summary>
    private static LayerInPlan OnWhatItLies(LayerInPlan layer, Stackup lying)
    {
        var demand = layer.Work.Material.Demand;
        var onVinyl = lying.DirectlyUnder(layer.Id)
            .Any(lower => layer.Layer.Box is not { } box || lying[lower].Box is not { } below || below.Contains(box));
        return onVinyl && demand.Value > 1
            ? layer with { Work = layer.Work with { Material = layer.Work.Material with { Demand = OnVinyl } } } : layer;
    }

    private static readonly Sourced<double> OnVinyl = new(1,
        new Provenance(ProvenanceKind.FromMemory, "a layer on vinyl has a smooth face below it"));

    /// <summary>The job with its settings found.</summary>
    /// <param name="job">The job.</param>
    /// <param name="words">Writes figures in the reader's units.</param>
    public (SetJob About, double PreheatSeconds) Of(Job job, IWords words)
    {
        var own = job.Blank.Material;
        var capped = own.Capped(CareLabel.Cap(job.Blank.CareDots, catalogue));
        var careful = Set(About(job, words, capped));
        // Where the label leaves no way that anybody presses, or the setting is the crafter's own, the cloth's own limit is planned with
        // and the label warned of.
        return capped == own || careful.About.Layers.All(l => IsPractised(l, careful.About.Sets[l.Id].Found))
            ? careful : Set(About(job, words, own));
    }

    private static bool IsPractised(LayerInPlan layer, FoundSetting found) =>
        found is { From: SettingFrom.Search, Outcome: SettingOutcome.Safe or SettingOutcome.Narrow }
        && found.Dial.SurfaceCelsius >= layer.Work.Vinyl.Chart.Celsius.Value.Low - BelowChartK;

    private static Sourced<double> Takes(Vinyl vinyl, Material material, bool inStack)
    {
        var stacked = material.Lofty.Value ? vinyl.Stack.MostHeatDoseOnLofty : vinyl.Stack.MostHeatDose;
        return inStack && stacked.Value < vinyl.Bond.MostHeatDose.Value ? stacked : vinyl.Bond.MostHeatDose;
    }

    /// <summary>A layer with its chart: the wrapper's figures translated, or taken as they are for this press.</summary>
    private LayerInPlan Charted(Job job, JobLayer layer, Material material)
    {
        var (vinyl, source) = (layer.Vinyl, job.Tools.Source);
        var work = new Workpiece(vinyl, WorkshopCorrections.Face(layer, material), job.Blank.Form, source, job.Tools.Cover,
            job.Tools.Underlay);
        var said = layer.Label ?? (vinyl.ForPress.TryGetValue(source.Kind, out var known) ? known : OnItsWrapper(vinyl));
        var family = Chart.Of(vinyl, null);
        LayerInPlan With(Chart chart, bool ignored = false)
        {
            var pressure = said is { Pressure: not null, For: FigureFor.ThisPress } || material.WantsPressure is not { } weave
                || weave.Value <= chart.Pressure.Value ? chart.Pressure : weave;
            return new LayerInPlan(layer, work, chart, _references.Of(vinyl, chart), ignored, vinyl.Bond.MostHeatDose, pressure);
        }

        if (said is null)
            return With(family);
        // Pressure and peel are the vinyl's, whichever press it is for; temperature and time are one press's.
        var asLookedUp =
            With(Chart.Of(vinyl,
                said with { Celsius = null, Seconds = null, Pressure = said.For == FigureFor.ThisPress ? null : said.Pressure }));
        if (said is { Pressure: { } level, For: FigureFor.ThisPress })
            asLookedUp = asLookedUp with { Pressure = new(level, Chart.LookedUp) };
        if (said.For == FigureFor.ThisPress
            || (said.For == FigureFor.NotSaid && said is not { Celsius: null, Seconds: null } && IsNear(asLookedUp, said)))
            return asLookedUp with { Figure = said };
        var translated = With(Chart.Of(vinyl, said));
        // A wrapper that hardly warms the glue on any stack was misread; a share of nothing would mean nothing.
        return translated.Reference.BondSeconds < LeastPlausibleBond * _references.Of(vinyl, family).BondSeconds
            ? With(family, ignored: true)
            : translated
            with
            {
                TranslatedUnasked = layer.Label is not null && said.For == FigureFor.NotSaid
                && said is not { Celsius: null, Seconds: null }
            };
    }

    /// <summary>The wrapper of a vinyl from the shelf is read as one that is typed in.</summary>
    private static WrapperLabel? OnItsWrapper(Vinyl vinyl) =>
        vinyl is { Bond.ReferenceCelsius.From.Kind: ProvenanceKind.Wrapper, Bond.ReferenceSeconds.From.Kind: ProvenanceKind.Wrapper }
        ? new WrapperLabel(vinyl.Bond.ReferenceCelsius.Value, vinyl.Bond.ReferenceSeconds.Value, null, null) : null;

    /// <summary>What the model would set this press to for the layer alone is close to the figure.</summary>
    private bool IsNear(LayerInPlan layer, WrapperLabel figure)
    {
        var found = _settings.Find([LayerAim.Alone(layer.Work, layer.Chart, layer.Reference)], KPa(layer.Work.Source, layer.Pressure.Value),
            SettingSearch.PreheatSeconds(layer.Work));
        var needs = figure.Celsius is { } at ? found.NeedsAt(at) : found.Seconds;
        return (figure.Celsius is not { } celsius || Math.Abs(celsius - found.Dial.Celsius) <= NearK)
            && (figure.Seconds is not { } seconds || (seconds >= NearLeast * needs && seconds <= NearMost * needs));
    }

    private static double KPa(HeatSource source, PressureLevel level) => source.Pressure.KPa[level].Value;

    private (SetJob About, double PreheatSeconds) Set(ChartedJob about)
    {
        var job = about.Job;
        var preheat = about.Choose(new PreheatFirst()) == PreheatFirst.Yes ? SettingSearch.PreheatSeconds(about.Work) : 0;
        var common = For(about, about.Layers, preheat);
        if (job.Used is { } used)
            return (Alike(about, common with { Found = common.Found.Set(used.Celsius, used.Seconds, SettingFrom.Used) }), preheat);
        if (Figure(about) is { } figure)
            return (Alike(about,
                common with { Found = common.Found.Set(figure.Celsius ?? common.Found.Dial.Celsius, figure.Seconds, SettingFrom.Figure) }),
                preheat);
        if (about.Layers.Count == 1)
            return (Alike(about, common with { Found = FromBothSides(about, common, preheat) }), preheat);
        return (Apart(about, common, preheat) ?? Alike(about, common), preheat);
    }

    private static SetJob Alike(ChartedJob about, PressSet set) =>
        new(about) { Found = set.Found, Sets = about.Layers.ToDictionary(l => l.Id, _ => set, StringComparer.Ordinal) };

    /// <summary>Layers that no one setting serves well get their own, where those differ and do better; under an iron, whose marks lie far
    /// apart, also where they do no worse.</summary>
    private SetJob? Apart(ChartedJob about, PressSet common, double preheat)
    {
        if (common.Found.Outcome == SettingOutcome.Safe || about.Job.Choices.ContainsKey(new LayersMethod().Id))
            return null;
        var own = about.Layers.ToDictionary(l => l.Id, l => For(about, [l], preheat), StringComparer.Ordinal);
        return own.Values.Max(s => s.Found.Dial.SurfaceCelsius) - own.Values.Min(s => s.Found.Dial.SurfaceCelsius) > NotWorthTurningK
            && (own.Values.Max(s => s.Found.Outcome) is var worst
                && (worst < common.Found.Outcome || (worst == common.Found.Outcome && common.Found.Dial.Mark is not null)))
                ? new SetJob(about) { Found = own[about.Lead.Id].Found, Sets = own } : null;
    }

    private PressSet For(ChartedJob about, IReadOnlyList<LayerInPlan> layers, double preheat)
    {
        var level = about.Job.Used?.Pressure ?? layers.Max(l => l.Pressure.Value);
        var pressure = KPa(about.Work.Source, level);
        return new PressSet(_settings.Find(Aims(about, layers), pressure, preheat), level, pressure);
    }

    private static List<LayerAim> Aims(ChartedJob about, IReadOnlyList<LayerInPlan> layers)
    {
        var foam = about.Choose(new PuffTime());
        return [.. layers.Select(l =>
            new LayerAim(l.Work, l.Chart, l.Reference, l.MostHeatDose, l.Work.Vinyl.Press.HeatsOnce.Value
                ? PuffTime.Share(foam, l.Work.Vinyl, l.Chart) : 1) { Belief = l.Layer.Belief })];
    }

    /// <summary>The setting that was looked up for this press; of several layers the hottest and longest.</summary>
    private static WrapperLabel? Figure(ChartedJob about)
    {
        var figures = about.Layers.Select(l => l.Figure).OfType<WrapperLabel>().Where(f => f is not { Celsius: null, Seconds: null })
            .ToList();
        var meant = figures.Count == about.Layers.Count || figures.Exists(f => f.For == FigureFor.ThisPress);
        return meant && figures.Count > 0 ? new WrapperLabel(figures.Max(f => f.Celsius), figures.Max(f => f.Seconds), null, null) : null;
    }

    /// <summary>Where a press is followed by one from the back as a matter of course, the front needs only what that leaves.</summary>
    private FoundSetting FromBothSides(ChartedJob about, PressSet set, double preheat) =>
        about.IsBackByCustom() && set.Found.Outcome != SettingOutcome.None
            ? _withBack.GetValue(set.Found,
                found => SettingSearch.WithBack(found, Aims(about, about.Layers), about.Work.Source.Usual.BackPressSeconds.Value,
                    catalogue.Work)
                ?? found)
            : set.Found;
}
