using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Writes the whole work as steps, in the order in which it is done.</summary>
internal sealed class StepWriter(SetJob about, IReadOnlyList<PlannedPress> presses)
{
    private const double CoveringSeconds = 8;

    // Shifting the piece or the plate, s (from memory).
    private const double MovingSeconds = 12;

    // Folding, creasing and laying out again, s (from memory).
    private const double CreasingSeconds = 20;

    // Beside a seam that cannot be avoided it is pressed again for so long, so often (common practice: 10 to 15 s, two or three times).
    private const double SeamSeconds = 12;
    private const int SeamTimes = 2;

    // Warming glass evenly, s (from memory).
    private const double WarmingSeconds = 60;

    // A heat gun is held on for about this long at a time, s (common practice).
    private const double LongestPassSeconds = 30;

    private readonly List<PlanStep> _steps = [];
    private readonly LayingWords _words = new(about, presses);
    private readonly ToolWords _tool = new(about.Work);

    private Workpiece Work => about.Work;

    private Wording Words => about.Words;

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
                    Close(WorkStage.Prepare, press, $"Lay the {Item} flat on the {Under()}, lint off, no seam or button under the {_tool.Hot}.", 20, "Hold. Preheating the bare cloth.");
                    break;
                case PressPurpose.Back:
                    Close(WorkStage.Press, press, $"Open. Turn the {Item} over, {(press.Peel.Method == PeelMethod.None ? "the print downward" : "carrier and all")}{(Work.HasCover ? $", {CoverName} over it" : "")}.", CoveringSeconds, "Hold. Pressing from the back.");
                    PeelSteps(press);
                    break;
                case PressPurpose.Finish:
                    Close(WorkStage.Press, press, $"Lay the {CoverName} on the bare vinyl.", CoveringSeconds, "Hold. Finish press, until the weave shows through.");
                    break;
                default:
                    Bond(press, first: !presses.Take(i).Any(p => p.Laid.Count > 0 && p.Purpose != PressPurpose.Patch && p.Part == press.Part));
                    break;
            }
        }

        Add(WorkStage.Inspect, StepKind.Inspect, IsCloth
            ? "Look across it at a slant: does the weave show through? Rub over every edge with a fingertip."
            : "Look across it at a slant, and try every edge with a nail once it is cool.", 10);
        After();
        return _steps;
    }

    private void Before()
    {
        Know(WorkStage.Item, IsCloth
            ? $"Read the care label of the {Item}. {Washing()}"
            : $"Wipe the face of the {Item} clean and let it dry; do not touch it again. Take off clips and rings that would lie under the plate.");
        foreach (var alike in about.Layers.GroupBy(HowItIsCut, StringComparer.Ordinal))
        {
            var which = about.Layers.Count == 1 ? "" : $"{string.Join(", ", alike.Select(about.NameOf))}: ";
            Know(WorkStage.Cut, $"{which}{alike.Key} Cut a small test shape first.");
        }

        Know(WorkStage.Weed, "Lift away everything that is not artwork, the centres of letters too. Hold it against the light." + ToPick());
    }

    private static string HowItIsCut(LayerInPlan layer) => layer switch
    {
        { Work.Vinyl.Mirrored.Value: false } => "Cut it as it reads.",
        { Layer.Reversed: true } => "The drawing is reversed already: cut it as drawn. Carrier sheet down.",
        { Layer: { Words: null, Shape.IsSymmetric: true } } => "It is the same both ways round. Carrier sheet down.",
        _ => "Mirror the artwork. Carrier sheet down.",
    };

    /// <summary>What is to be counted while weeding, where the shapes are known.</summary>
    private string ToPick()
    {
        var weeding = about.Layers.Select(l => (Layer: l, Work: Weeding.Of(l.Layer, about.Figures.Weeding))).Where(w => w.Work is not null).ToList();
        if (weeding.Count == 0)
            return "";
        var counts = string.Join("; ", weeding.Select(w => $"{about.NameOf(w.Layer)}: {w.Work!.Centres} {(w.Work.Centres == 1 ? "centre" : "centres")} to pick out, {w.Work.Pieces} {(w.Work.Pieces == 1 ? "piece stays" : "pieces stay")}"));
        return $" {counts}. About {Wording.Time(weeding.Sum(w => w.Work!.Seconds))} a garment.";
    }

    private string Washing() => about.Choose(new Prewash()) == Prewash.Wash
        ? $"Wash and dry it first, without softener{(Work.Material.Prewash.Value ? $": {Work.Material.Name.ToLowerInvariant()} shrinks" : "")}."
        : Work.Material.Prewash.Value && !about.Job.Blank.Prewashed ? $"It is pressed unwashed: {Work.Material.Name.ToLowerInvariant()} may shrink under the print later." : "No need to wash it first.";

    private void Prepare()
    {
        Once(Preparation.Heat, _tool.HeatUp(First.DialMark ?? Words.Temperature(First.Celsius)), 30);
        if (Work.Form.Supported && Work.Underlay.Thermal is not null)
            Once(Preparation.Underlay, $"{Work.Underlay.Name} underneath, dry.", 8);
        if (Work.HasCover)
            Once(Preparation.Cover, $"{CoverName} within reach.", 4);
        if (_words.Levelled() is { } levelled)
            Once(Preparation.Level, levelled, 20);
        Once(Preparation.Pressure, _tool.EvenPressure(Main.Pressure.ToString().ToLowerInvariant()), 10);
        if (Work.Source.SteamPossible)
            Once(Preparation.Steam, "Steam off, tank empty, no ironing board.", 5);
        if (IsCloth)
            Once(Preparation.Lint, "Lint roller at hand: each piece is rolled before it is pressed.", 4);
        if (presses.FirstOrDefault(p => p.Purpose == PressPurpose.Preheat) is { } preheat)
            Once(Preparation.Preheat, $"Each piece is preheated for {Wording.Time(preheat.Seconds)} before vinyl is laid on it.", 3);
    }

    /// <summary>Where the artwork goes, and how the middle is found.</summary>
    private void Place()
    {
        var placing = PlaceWords.Of(about.Job, Words);
        var (faces, sizes) = (placing.Select(p => p.Face).Distinct().Count() > 1, placing.Select(p => p.Size).Distinct(StringComparer.Ordinal).Count() > 1);
        foreach (var place in placing)
            Know(WorkStage.Place, $"{(faces ? $"On the {place.Face.ToString().ToLowerInvariant()}: " : "")}{(sizes ? $"{Wording.Size(place.Size!)}: " : "")}{place.Text}");
        if (placing.Count > 0 && PlaceWords.Marking(about.Job) is { } marking)
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
        var harder = before.Pressure == press.Pressure ? "" : $", {press.Pressure.ToString().ToLowerInvariant()} pressure";
        Add(WorkStage.Prepare, StepKind.Do, $"Now {Words.SetTo(press.DialMark, press.Celsius)}{harder}: turn it there, {(press.Celsius < before.Celsius ? "the plate open, and let it cool down" : "and let it heat up")}. The {Item} stays where it is.", Math.Max(1, seconds), press.Order);
    }

    private void Patch(PlannedPress press)
    {
        var where = _tool.ForAPatch;
        var ladder = about.Choose(new UnknownBlankStart()) == UnknownBlankStart.StepUp ? " Begin at the first step of the ladder and go up one at a time until it holds." : "";
        Once(Preparation.Patch, $"Test patch: lay a small shape of the same vinyl {where}, carrier up{(Work.HasCover ? $", {CoverName} over it" : "")}.{ladder} {Wording.Time(press.Seconds)} under the {_tool.Hot}{(press.Celsius == First.Celsius ? "" : $", at {Words.SetTo(press.DialMark, press.Celsius)}")}{(presses.FirstOrDefault(p => p.Purpose == PressPurpose.Back) is { } back ? $", then {Wording.Time(back.Seconds)} from the back" : "")}.", press.Seconds + 15);
        Once(Preparation.PatchLook, "Open, let the patch cool, peel and pull at it. It holds and nothing is marked: go on. If not, stop here and change the setting.", Math.Max(30, press.Peel.FromSeconds));
    }

    private void Bond(PlannedPress press, bool first)
    {
        var kind = press.Purpose == PressPurpose.Tack ? "Tack, no longer" : "Hold";
        if (press.Laid.Count > 0)
            Close(WorkStage.Press, press, _words.Lay(press, first), Rehearser.LayingSeconds(about, press.Laid), $"{kind}. {_words.Names(press.Laid)} under the {(Work.HasCover ? CoverName : "carrier sheet")}.");
        else
            Close(WorkStage.Press, press, Work.HasCover ? $"Lay the {CoverName} over all of it." : "Lay the carriers back over all of it.", CoveringSeconds, "Hold. The last press, over all layers.");
        Seams(press);
        PeelSteps(press);
    }

    /// <summary>Beside a seam that lies under the plate the vinyl gets less pressure, so it gets some of its own.</summary>
    private void Seams(PlannedPress press)
    {
        var seams = press.Purpose == PressPurpose.Press && IsCloth && press.Sections is [{ SeamsUnder: { Count: > 0 } under }] ? under : [];
        if (seams.Count > 0)
            Add(WorkStage.Press, StepKind.Do, $"Open. Beside the {string.Join(", ", seams)}: a soft pad under it, and press that part {SeamTimes} times more for {Wording.Time(SeamSeconds)} each, the carrier still on.", SeamTimes * SeamSeconds + MovingSeconds, press.Order);
    }

    /// <summary>Lays, closes and holds: once, in as many goes as the plate needs, or in passes of the gun.</summary>
    private void Close(WorkStage stage, PlannedPress press, string lay, double seconds, string hold)
    {
        if (Work.Source.HotAirWm2K is not null)
        {
            Passes(stage, press, lay, seconds, hold);
            return;
        }

        var (part, place) = press.Part is null ? ("", "") : ($"Part {press.Part} of {press.Parts}. ", BeginsPart(press) ? $" The {_tool.Hot}’s {press.Sections[0].LayBy}." : "");
        Add(stage, StepKind.Do, $"{part}{lay}{place} {_words.Closing()}{(press.Sections is [var only] ? Softly(only) : "")}", seconds + (press.Part > 1 && BeginsPart(press) ? MovingSeconds : 0), press.Order);
        Add(stage, StepKind.Hold, $"{part}{hold}", press.Seconds, press.Order);
    }

    /// <summary>The plate goes to another place than for the press before.</summary>
    private bool BeginsPart(PlannedPress press) => presses.TakeWhile(p => p != press).LastOrDefault(p => p.Purpose != PressPurpose.Patch) is not { } before || before.Part != press.Part || before.Face != press.Face;

    /// <summary>What cannot hang off the plate is bedded softly.</summary>
    private static string Softly(PlateSection section) => section.Under.Count == 0 ? "" : $" A pillow under the print, so that it stands higher than this: {string.Join(", ", section.Under)}.";

    /// <summary>A heat gun works in passes, with a gloved hand pressing between them.</summary>
    private void Passes(WorkStage stage, PlannedPress press, string lay, double seconds, string hold)
    {
        var passes = (int)Math.Ceiling(press.Seconds / LongestPassSeconds);
        for (var i = 0; i < passes; i++)
        {
            var length = i < passes - 1 ? LongestPassSeconds : press.Seconds - LongestPassSeconds * (passes - 1);
            Add(stage, StepKind.Do, i == 0 ? $"{lay} Hold the gun a hand's breadth off and start it." : "Press all of it down with a gloved hand, then start the gun again.", i == 0 ? seconds : MovingSeconds, press.Order);
            Add(stage, StepKind.Hold, $"{hold} Keep the gun moving, never on one spot{(passes > 1 ? $"; pass {i + 1} of {passes}" : "")}.", length, press.Order);
        }

        Add(stage, StepKind.Do, "Press all of it down with a gloved hand until it no longer gives.", MovingSeconds, press.Order);
    }

    private void PeelSteps(PlannedPress press)
    {
        if (press.Peel.Method == PeelMethod.None)
            return;
        var (from, to) = (press.Peel.FromSeconds, press.Peel.ToSeconds);
        if (from > 0)
        {
            var where = press.Peel.OnColdBench ? $"Move the {Item} to a cold bench" : IsCloth ? "Leave it lying" : "Lift it out with gloves and stand it aside";
            Add(WorkStage.Peel, StepKind.Wait, $"Open. {where}, carrier on, and let it cool.", from, press.Order);
        }

        var how = about.Choose(new PeelCheck()) == PeelCheck.Corner
            ? "lift a corner, go slowly at about 45°. If vinyl comes along, lay it back and press again."
            : "from a corner, slowly, at about 45°.";
        // A carrier that reaches on into the next part comes off end by end, each when it is due.
        var end = press.GoesOn.Count > 0 ? " Peel only as far as the plate reached, and fold the carrier back." : press.LiesAlready.Count > 0 ? " The last of the carrier comes off now." : "";
        Add(WorkStage.Peel, StepKind.Do, press.Peel.Method switch
        {
            PeelMethod.Hot when from == 0 && to is { } within => $"Open and peel now, within {Wording.Time(within)}: from a corner, slowly, at about 45°.",
            PeelMethod.Cold => $"Feels cool? Peel: {how}",
            _ when to is { } until => $"Peel {(IsHard ? "with heat gloves, as soon as you can take hold of the carrier" : "warm")}, within {Wording.Time(until - from)}: {how}",
            _ => $"Peel: {how}",
        } + end, 10, press.Order);
    }

    private void After()
    {
        Know(WorkStage.Care, Work.Material.Care switch
        {
            CareKind.Wash => $"{about.Figures.CureHours.Value:0} h before the first wash. Inside out, cold, mild; tumble low; no bleach; no iron on the print.",
            CareKind.HandWash => "Wash by hand, do not soak or scour, not in the dishwasher.",
            _ => "Wipe it with a damp cloth; do not wash or soak it.",
        });
        Know(WorkStage.Record, "What came out goes into the logbook with the settings used.");
    }

    private string Under() => Work.Underlay.Thermal is null ? "press" : Work.Underlay.Name.ToLowerInvariant();

    private void Add(WorkStage stage, StepKind kind, string text, double seconds, int? order = null) => _steps.Add(new PlanStep(stage, kind, text, seconds, false, order));

    private void Once(string check, string text, double seconds) => _steps.Add(new PlanStep(WorkStage.Prepare, StepKind.Do, text, seconds, true, null) { Check = check });

    private void Know(WorkStage stage, string text) => _steps.Add(new PlanStep(stage, StepKind.Know, text, 0, true, null));
}
