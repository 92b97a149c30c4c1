using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Writes the whole work as steps, in the order in which it is done.</summary>
internal sealed partial class StepWriter(SetJob about, IReadOnlyList<PlannedPress> presses)
{
    private const double CoveringSeconds = 8;

    // Shifting the piece or the plate, s (from memory).
    private const double MovingSeconds = 12;

    // Folding, creasing and laying out again, s (from memory).
    private const double CreasingSeconds = 20;

    // Laying a pad under vinyl that lies beside a seam, s (from memory).
    private const double PadSeconds = 10;

    // Warming glass evenly, s (from memory).
    private const double WarmingSeconds = 60;

    // A heat gun is held on for about this long at a time, s (common practice).
    private const double LongestPassSeconds = 30;

    private readonly List<PlanStep> _steps = [];
    private readonly LayingWords _words = new(about, presses);
    private readonly ToolWords _tool = new(about.Work, about.Words);

    private Workpiece Work => about.Work;

    private IWords Words => about.Words;

    private string Item => Work.Form.Name.ToLowerInvariant();

    private bool IsCloth => Work.Material.Kind == MaterialKind.Cloth;

    private bool IsHard => Work.Material.Kind == MaterialKind.Hard;

    private string CoverName => Work.HasCover ? Work.Cover.Name : "";

    private PlannedPress First => presses.First(p => p.Purpose != PressPurpose.Patch);

    private PlannedPress Main => presses.Last(p => p.Purpose == PressPurpose.Press);

    public IReadOnlyList<PlanStep> Write()
    {
        Before();
        Prepare();
        if (_words.Warmed() is { } warmed)
            Add(WorkStage.Prepare, StepKind.Do, warmed, WarmingSeconds);
        Place();
        for (var i = 0; i < presses.Count; i++)
        {
            var press = presses[i];
            TurnTheDial(i);
            switch (press.Purpose)
            {
                case PressPurpose.Patch:
                    Patch(press);
                    break;
                case PressPurpose.Preheat:
                    Close(WorkStage.Prepare, press,
                        (_words.Turns(press) ? Words.Say("step-writer.turn", ("item", Item)) : "")
                            + Words.Say("step-writer.text", ("item", Item), ("under", Under()), ("hot", _tool.Hot)),
                        20, Words.Say("step-writer.text-2"));
                    break;
                case PressPurpose.Back:
                    Close(WorkStage.Press, press,
                        Words.Say("step-writer.text-3", ("item", Item), ("isMethod", press.Peel.Method == PeelMethod.None),
                            ("hasCover", Work.HasCover), ("coverName", CoverName)), CoveringSeconds, Words.Say("step-writer.text-4"));
                    PeelSteps(press);
                    break;
                case PressPurpose.Finish:
                    Close(WorkStage.Press, press, Words.Say("step-writer.text-5", ("coverName", CoverName)), CoveringSeconds,
                        Words.Say("step-writer.text-6"));
                    break;
                default:
                    Bond(press, first: !presses.Take(i)
                        .Any(p => p.Laid.Count > 0 && p.Purpose != PressPurpose.Patch && p.Part == press.Part
                            && p.Face == press.Face));
                    break;
            }
        }

        Add(WorkStage.Inspect, StepKind.Inspect, IsCloth
            ? Words.Say("step-writer.text-7")
            : Words.Say("step-writer.text-8"), 10);
        After();
        return _steps;
    }

    private void Before()
    {
        Know(WorkStage.Item, IsCloth
            ? Words.Say("step-writer.before", ("item", Item), ("washing", Washing()))
            : Words.Say("step-writer.before-2", ("item", Item)));
        foreach (var alike in about.Layers.GroupBy(HowItIsCut, StringComparer.Ordinal))
        {
            var which = about.Layers.Count == 1 ? "" : $"{string.Join(", ", alike.Select(about.NameOf))}: ";
            Know(WorkStage.Cut, Words.Say("step-writer.before-3", ("which", which), ("key", alike.Key)));
        }

        Know(WorkStage.Weed, Words.Say("step-writer.before-4", ("toPick", ToPick())));
    }

    private string HowItIsCut(LayerInPlan layer) => layer switch
    {
        { Work.Vinyl.Cut.Mirrored.Value: false } => Words.Say("step-writer.how-it-is-cut.false"),
        { Layer.Reversed: true } => Words.Say("step-writer.how-it-is-cut.true"),
        { Layer: { Words: null, Shape.IsSymmetric: true } } => Words.Say("step-writer.how-it-is-cut.true-2"),
        _ => Words.Say("step-writer.how-it-is-cut.else"),
    };

    /// <summary>What is to be counted while weeding, where the shapes are known.</summary>
    private string ToPick()
    {
        var weeding = about.Layers.Select(l => (Layer: l, Work: Weeding.Of(l.Layer, about.Figures.Weeding))).Where(w => w.Work is not null)
            .ToList();
        if (weeding.Count == 0)
            return "";
        var counts = string.Join("; ",
            weeding.Select(w =>
                Words.Say("step-writer.to-pick-counts", ("w", about.NameOf(w.Layer)), ("centres", w.Work!.Centres),
                    ("centres2", w.Work.Centres), ("pieces", w.Work.Pieces))));
        return Words.Say("step-writer.to-pick", ("counts", counts), ("weeding", Thing.Seconds(weeding.Sum(w => w.Work!.Seconds))));
    }

    private string Washing() => about.Choose(new Prewash()) == Prewash.Wash
        ? Words.Say("step-writer.washing", ("prewash", Work.Material.Prewash.Value), ("material", Work.Material.Name))
        : Work.Material.Prewash.Value && !about.Job.Blank.Prewashed
        ? Words.Say("step-writer.washing-2", ("material", Work.Material.Name)) : Words.Say("step-writer.washing-3");

    private void Prepare()
    {
        Once(Preparation.Heat, _tool.HeatUp(First.DialMark ?? Words.Say(Thing.Celsius(First.Celsius))), 30);
        if (Work.Form.Supported && Work.Underlay.Thermal is not null)
            Once(Preparation.Underlay, Words.Say("step-writer.prepare", ("underlay", Work.Underlay.Name)), 8);
        if (Work.HasCover)
            Once(Preparation.Cover, Words.Say("step-writer.prepare-2", ("coverName", CoverName)), 4);
        if (_words.Levelled() is { } levelled)
            Once(Preparation.Level, levelled, 20);
        Once(Preparation.Pressure, _tool.EvenPressure(Main.Pressure.ToString().ToLowerInvariant()), 10);
        if (Work.Source.SteamPossible)
            Once(Preparation.Steam, Words.Say("step-writer.prepare-3"), 5);
        if (IsCloth)
            Once(Preparation.Lint, Words.Say("step-writer.prepare-4"), 4);
        if (presses.FirstOrDefault(p => p.Purpose == PressPurpose.Preheat) is { } preheat)
            Once(Preparation.Preheat, Words.Say("step-writer.prepare-5", ("seconds", Thing.Seconds(preheat.Seconds))), 3);
    }

    /// <summary>Where the artwork goes, and how the middle is found.</summary>
    private void Place()
    {
        var placing = PlaceWords.Of(about.Job, Words);
        var (faces, sizes) = (placing.Select(p => p.Face).Distinct().Count() > 1, placing.Select(p => p.Size)
            .Distinct(StringComparer.Ordinal).Count() > 1);
        foreach (var place in placing)
            Know(WorkStage.Place,
                Words.Say("step-writer.place", ("faces", faces), ("face", place.Face),
                    ("sizes", sizes ? Words.Say("step-writer.place.sizes", ("size", place.Size!)) : ""), ("place", place.Text)));
        if (placing.Count > 0 && PlaceWords.Marking(about.Job, Words) is { } marking)
            Add(WorkStage.Place, StepKind.Do, marking, CreasingSeconds);
    }

    /// <summary>Where a press is set otherwise than the one before it.</summary>
    private void TurnTheDial(int at)
    {
        if (at == 0 || presses[at - 1].Purpose == PressPurpose.Patch)
            return;
        var (before, press) = (presses[at - 1], presses[at]);
        var seconds = TurningTheDial.Seconds(Work.Source, about.SetOf(before.Layers), about.SetOf(press.Layers));
        if (before.Celsius == press.Celsius && before.Pressure == press.Pressure)
            return;
        var harder = before.Pressure == press.Pressure ? "" : Words.Say("step-writer.turn-the-dial-harder", ("pressure", press.Pressure));
        Add(WorkStage.Prepare, StepKind.Do,
            Words.Say("step-writer.turn-the-dial", ("celsius", Thing.Celsius(press.Celsius)), ("dialMark", press.DialMark),
                ("harder", harder), ("isCelsius", press.Celsius < before.Celsius), ("item", Item)), Math.Max(1, seconds), press.Order);
    }

    private void After()
    {
        Know(WorkStage.Care, Work.Material.Care switch
        {
            CareKind.Wash => Words.Say("step-writer.after.wash", ("cureHours", about.Figures.CureHours.Value)),
            CareKind.HandWash => Words.Say("step-writer.after.hand-wash"),
            _ => Words.Say("step-writer.after.else"),
        });
        Know(WorkStage.Record, Words.Say("step-writer.after"));
    }

    private string Under() => Work.Underlay.Thermal is null ? "press" : Work.Underlay.Name.ToLowerInvariant();

    private void Add(WorkStage stage, StepKind kind, string text, double seconds, int? order = null) =>
        _steps.Add(new PlanStep(stage, kind, text, seconds, false, order));

    private void Once(string check, string text, double seconds) =>
        _steps.Add(new PlanStep(WorkStage.Prepare, StepKind.Do, text, seconds, true, null) { Check = check });

    private void Know(WorkStage stage, string text) => _steps.Add(new PlanStep(stage, StepKind.Know, text, 0, true, null));
}
