using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Layering;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning.Ways;

/// <summary>One answer to a question on which crafters differ.</summary>
/// <param name="Id">Its id in the job file.</param>
/// <param name="Name">For the reader.</param>
public sealed record WayOption(string Id, string Name);

/// <summary>What is advised, and why.</summary>
/// <param name="Option">Option id.</param>
/// <param name="Reason">The reason, in the reader's units, with the model's figures where it can settle the question.</param>
public sealed record WayAdvice(string Option, string Reason);

/// <summary>A question on which crafters differ. A new one is a new class in this folder; it is found by itself.</summary>
public interface IWay
{
    /// <summary>Its id.</summary>
    string Id { get; }

    /// <summary>The question, for the reader.</summary>
    string Question { get; }

    /// <summary>Where in the job file the answer is kept, as a JSON Pointer.</summary>
    string Pointer => $"/choices/{Id}";

    /// <summary>Place among the questions: in the order of the work.</summary>
    int Place { get; }

    /// <summary>The answers to choose from here.</summary>
    /// <param name="about">The job as far as it is planned.</param>
    IReadOnlyList<WayOption> Options(WayContext about);

    /// <summary>Ids that the job file may hold for it; none where the answer is kept elsewhere in the file.</summary>
    IReadOnlyList<string> Accepts => [];

    /// <summary>What is advised.</summary>
    /// <param name="about">The job as far as it is planned.</param>
    /// <returns>Null when the question does not arise.</returns>
    WayAdvice? Advise(WayContext about);

    /// <summary>What the job says; null when it leaves it to the advice.</summary>
    /// <param name="job">The job.</param>
    string? Said(Job job) => job.Choices.GetValueOrDefault(Id);
}

/// <summary>What the model has to say about presses on which crafters differ. Bonds are shares of the bond wanted.</summary>
/// <param name="BondWithPreheat">Of the bonding press after a preheat; null where nothing is ever preheated.</param>
/// <param name="BondWithout">Of the same press without it.</param>
/// <param name="WaterDriven">Share of the face's water that the preheat drives out.</param>
/// <param name="BondBeforeBack">As the plate opens after the bonding press.</param>
/// <param name="BackGainAtOnce">What a press from the back adds, straight away with the carrier on; null where the form does not let it.</param>
/// <param name="BackGainAfterPeel">What it adds after the peel, under a cover.</param>
/// <param name="BackSeconds">How long that press is, s.</param>
/// <param name="BackHottestCelsius">Hottest bare face after it, °C.</param>
/// <param name="FinishGain">What a finish press adds to the bond; null without a cover.</param>
/// <param name="FinishBurden">What it adds to the heat, as a share of the chart's.</param>
public sealed record Measured(
    double? BondWithPreheat, double? BondWithout, double WaterDriven, double BondBeforeBack, double? BackGainAtOnce, double? BackGainAfterPeel, double BackSeconds, double BackHottestCelsius, double? FinishGain, double? FinishBurden)
{
    /// <summary>With the press from the back no layer gets more heat than it takes.</summary>
    public bool BackIsBorne { get; init; } = true;

    /// <summary>Less than this is not worth turning a garment over for, share of the bond wanted.</summary>
    public const double WorthDoing = 0.1;
}

/// <summary>What a way of doing it may look at. The later members are filled in as the plan comes together.</summary>
/// <param name="Job">The job.</param>
/// <param name="Layers">Its layers, with their charts.</param>
/// <param name="Lying">What lies on what.</param>
/// <param name="Words">Writes figures in the reader's units.</param>
/// <param name="Figures">Figures of the work.</param>
public sealed record WayContext(Job Job, IReadOnlyList<LayerInPlan> Layers, Lying Lying, Wording Words, WorkFigures Figures)
{
    /// <summary>The setting; null while it is being looked for.</summary>
    public FoundSetting? Found { get; init; }

    /// <summary>What each layer's full press is set to, by its id; one for all where one serves them. Empty while it is being looked for.</summary>
    public IReadOnlyDictionary<string, PressSet> Sets { get; init; } = new Dictionary<string, PressSet>(StringComparer.Ordinal);

    /// <summary>What the model measured; null before it was rehearsed.</summary>
    public Measured? Measured { get; init; }

    /// <summary>The layer whose chart is the hottest: it leads.</summary>
    public LayerInPlan Lead => Layers.MaxBy(l => l.Chart.Celsius.Value)!;

    /// <summary>The only or leading layer on its blank.</summary>
    public Workpiece Work => Lead.Work;

    /// <summary>On each face all layers are laid at once: one lies alone, or several keep apart.</summary>
    public bool OneGo => Layers.Count == 1 || LayersMethod.Method(Choose(new LayersMethod())) == LayerMethod.AtOnce
        || Layers.All(l => Layers.All(other => other.Id == l.Id || other.Layer.Face != l.Layer.Face || Lying.GoTogether(l.Id, other.Id)));

    /// <summary>Layers are set differently, so that the dial is turned between presses.</summary>
    public bool SetApart => Sets.Values.Distinct().Count() > 1;

    /// <summary>The settings of the job, the least certain first.</summary>
    public IReadOnlyList<FoundSetting> Settings => [.. Sets.Values.Select(s => s.Found).Distinct().OrderByDescending(f => f.Outcome)];

    /// <summary>What presses of some layers are set to: the leading one's where they differ.</summary>
    /// <param name="layers">Their ids; none for the leading layer's.</param>
    public PressSet SetOf(IReadOnlyList<string> layers)
    {
        ArgumentNullException.ThrowIfNull(layers);
        return Sets[layers.Count == 0 ? Lead.Id : layers.MaxBy(id => Layer(id).Chart.Celsius.Value)!];
    }

    /// <summary>Cloth and hide that lie flat can be turned over; what stands in a frame, is hard or foamed cannot.</summary>
    public bool CanBeTurned => Work.Material.Kind is MaterialKind.Cloth or MaterialKind.Hide && Work.Form is { Supported: true, Framed: false, Shape: FaceShape.Flat } && Work.Source.HotAirWm2K is null
        && Layers.All(l => !l.Work.Vinyl.HeatsOnce.Value && l.Layer.Face == Layers[0].Layer.Face);

    /// <summary>It is pressed from the back as well, as a matter of course under this press, and nobody said otherwise.</summary>
    public bool BackByCustom => Work.Source.PressesFromBack && CanBeTurned && Job.Used is null && Job.Choices.GetValueOrDefault(new BackPress().Id) != BackPress.Never;

    /// <summary>How long a press from the back lasts, s.</summary>
    public double BackSeconds => Job.Used?.BackSeconds is > 0 and var used ? used : Work.Source.BackPressSeconds.Value;

    /// <summary>A layer by its id.</summary>
    /// <param name="id">Its id.</param>
    public LayerInPlan Layer(string id) => Layers.First(l => l.Id == id);

    /// <summary>A layer as the reader knows it: its vinyl, and where there are several its id.</summary>
    /// <param name="layer">The layer.</param>
    public string NameOf(LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(layer);
        return Layers.Count == 1 ? $"{layer.Work.Vinyl.Name} vinyl" : $"{layer.Work.Vinyl.Name} vinyl “{layer.Id}”";
    }

    /// <summary>The answer that holds: the crafter's own, or the advice.</summary>
    /// <param name="way">The question.</param>
    /// <returns>Option id; null when the question does not arise.</returns>
    public string? Choose(IWay way)
    {
        ArgumentNullException.ThrowIfNull(way);
        if (way.Advise(this) is not { } advice)
            return null;
        return way.Said(Job) is { } said && way.Options(this).Any(o => o.Id == said) ? said : advice.Option;
    }
}

/// <summary>A way of doing it, as a plan shows it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Question">The question.</param>
/// <param name="Chosen">Option that the plan follows.</param>
/// <param name="Advised">Option that is advised.</param>
/// <param name="Reason">Why that.</param>
/// <param name="Pointer">Where in the job file the answer is kept.</param>
/// <param name="Options">The answers to choose from.</param>
public sealed record PlannedWay(string Id, string Question, string Chosen, string Advised, string Reason, string Pointer, IReadOnlyList<WayOption> Options);

/// <summary>All questions that ship.</summary>
public static class AllWays
{
    /// <summary>In the order of the work.</summary>
    public static IReadOnlyList<IWay> List { get; } =
    [
        .. typeof(AllWays).Assembly.GetTypes()
            .Where(t => t is { IsClass: true, IsAbstract: false } && t.IsAssignableTo(typeof(IWay)))
            .Select(t => (IWay)Activator.CreateInstance(t)!)
            .OrderBy(w => w.Place),
    ];

    /// <summary>The questions that arise in a plan, with the answers it follows.</summary>
    /// <param name="about">The finished plan's context.</param>
    public static IReadOnlyList<PlannedWay> In(WayContext about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return [.. List.Select(way => way.Advise(about) is { } advice ? new PlannedWay(way.Id, way.Question, about.Choose(way)!, advice.Option, advice.Reason, way.Pointer, way.Options(about)) : null).OfType<PlannedWay>()];
    }
}
