using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Planning.Ways;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>Writes the whole work as steps, in the order in which it is done.</summary>
internal sealed class StepWriter(WayContext about, IReadOnlyList<PlannedPress> presses)
{
    private const double CoveringSeconds = 8;

    private readonly List<PlanStep> _steps = [];

    private Workpiece Work => about.Work;

    private Wording Words => about.Words;

    private string Item => Work.Form.Name.ToLowerInvariant();

    private bool IsCloth => Work.Material.Kind == MaterialKind.Cloth;

    private string CoverName => Work.HasCover ? Work.Cover.Name : "";

    private PlannedPress Main => presses.Last(p => p.Purpose == PressPurpose.Press);

    public IReadOnlyList<PlanStep> Write()
    {
        Before();
        Prepare();
        for (var i = 0; i < presses.Count; i++)
        {
            var press = presses[i];
            switch (press.Purpose)
            {
                case PressPurpose.Patch:
                    Patch(press);
                    break;
                case PressPurpose.Preheat:
                    Add(WorkStage.Prepare, StepKind.Do, $"Lay the {Item} flat on the {Under()}, lint off, no seam or button under the plate. Close the plate on the bare cloth.", 20, press.Order);
                    Add(WorkStage.Prepare, StepKind.Hold, "Hold. Preheating the bare cloth.", press.Seconds, press.Order);
                    break;
                case PressPurpose.Back:
                    Add(WorkStage.Press, StepKind.Do, $"Open. Turn the {Item} over, {(press.Peel.Method == PeelMethod.None ? "the print downward, " : "carrier and all, ")}{(Work.HasCover ? $"{CoverName} over it, " : "")}and close the plate on its back.", CoveringSeconds, press.Order);
                    Add(WorkStage.Press, StepKind.Hold, "Hold. Pressing from the back.", press.Seconds, press.Order);
                    PeelSteps(press);
                    break;
                case PressPurpose.Finish:
                    Add(WorkStage.Press, StepKind.Do, $"Lay the {CoverName} on the bare vinyl and close the plate once more.", CoveringSeconds, press.Order);
                    Add(WorkStage.Press, StepKind.Hold, "Hold. Finish press, until the weave shows through.", press.Seconds, press.Order);
                    break;
                default:
                    Bond(press, first: !presses.Take(i).Any(p => p.Laid.Count > 0 && p.Purpose != PressPurpose.Patch));
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
        foreach (var mirrored in about.Layers.GroupBy(l => l.Work.Vinyl.Mirrored.Value))
        {
            var which = about.Layers.Count == 1 ? "" : $"{string.Join(", ", mirrored.Select(about.NameOf))}: ";
            Know(WorkStage.Cut, which + (mirrored.Key ? "Mirror the artwork. Carrier sheet down. Cut a small test shape first." : "Cut it as it reads. Cut a small test shape first."));
        }

        Know(WorkStage.Weed, "Lift away everything that is not artwork, the centres of letters too. Hold it against the light." + ToPick());
    }

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
        var dial = Main.DialMark is { } mark ? $"Turn the iron to {mark}" : $"Set the press to {Words.Temperature(Main.Celsius)}";
        Once($"{dial} and let it heat up.", 30);
        var under = Work.Form.Supported && Work.Underlay.Thermal is not null ? $"{Work.Underlay.Name} underneath, dry. " : "";
        var cover = Work.HasCover ? $"{CoverName} within reach. " : "";
        Once($"{under}{cover}Pressure {Main.Pressure.ToString().ToLowerInvariant()}.{(Work.Source.SteamPossible ? " Steam off, tank empty, no ironing board." : "")}", 20);
    }

    private void Patch(PlannedPress press)
    {
        var where = IsCloth ? "about 25 mm from the hem" : "on a scrap or where it is hidden";
        var ladder = about.Choose(new UnknownBlankStart()) == UnknownBlankStart.StepUp ? " Begin at the first step of the ladder and go up one at a time until it holds." : "";
        Once($"Test patch: lay a small shape of the same vinyl {where}, carrier up{(Work.HasCover ? $", {CoverName} over it" : "")}.{ladder} Close the plate for {Wording.Time(press.Seconds)}.", press.Seconds + 15);
        Once("Open, let the patch cool, peel and pull at it. It holds and nothing is marked: go on. If not, stop here and change the setting.", Math.Max(30, press.Peel.WaitSeconds[0]));
    }

    private void Bond(PlannedPress press, bool first)
    {
        var kind = press.Purpose == PressPurpose.Tack ? "Tack, no longer" : "Hold";
        if (press.Laid.Count > 0)
        {
            Add(WorkStage.Press, StepKind.Do, Lay(press, first), about.Figures.LaySeconds.Value, press.Order);
            Add(WorkStage.Press, StepKind.Hold, $"{kind}. {Names(press.Laid)} under the {(Work.HasCover ? CoverName : "carrier sheet")}.", press.Seconds, press.Order);
        }
        else
        {
            Add(WorkStage.Press, StepKind.Do, $"{(Work.HasCover ? $"Lay the {CoverName} over all of it" : "Lay the carriers back over all of it")} and close the plate.", CoveringSeconds, press.Order);
            Add(WorkStage.Press, StepKind.Hold, "Hold. The last press, over all layers.", press.Seconds, press.Order);
        }

        PeelSteps(press);
    }

    private string Lay(PlannedPress press, bool first)
    {
        var what = (about.Layers.Count == 1 ? "the vinyl" : Names(press.Laid)) + InParts(press.Laid);
        if (Work.Form.Shape == FaceShape.Curved)
            return $"Lay {what} on the {Item}, carrier up, slit between words so that it follows the curve, and tape it. Put it in the press and close.";
        if (!first && Turns(press))
            return $"Turn the {Item} over: the finished face lies down, on the cold side, its seams and collar off the plate. Lay {what} {(presses.Any(p => p.Purpose == PressPurpose.Preheat) ? "on the cloth" : $"on the {Item}")}, readable, carrier up.{(Work.HasCover ? $" {CoverName} over it." : "")} Close the plate straight down.";
        var where = !first ? "in its place" : presses.Any(p => p.Purpose == PressPurpose.Preheat) ? "on the warm cloth" : $"on the {Item}";
        // Only the first layer is laid away from the plate: afterwards the piece lies where it was pressed.
        var (begin, carry) = first && about.Choose(new LayingOut()) == LayingOut.Table ? ("On the table: lay", " Smooth it and carry it over.") : ("Lay", "");
        return $"{begin} {what} {where}, readable, carrier up.{carry}{(Work.HasCover ? $" {CoverName} over it." : "")} Close the plate straight down.";
    }

    /// <summary>What was split for the cutter is joined here.</summary>
    private string InParts(IReadOnlyList<string> layers)
    {
        var splits = about.Job.Tools.Cutter is { } cutter ? layers.Select(id => LayerSplit.Of(about.Layer(id).Layer, cutter, about.Figures.Cutting)).Where(s => s is { Parts: > 1 }).ToList() : [];
        if (splits.Count == 0)
            return "";
        var turn = splits.SelectMany(s => s!.Joints).Any(j => j.Kind == JointKind.Overlap) ? ", each pressed and peeled before the next goes over its edge" : "";
        return $" ({splits.Sum(s => s!.Parts)} parts, mark on mark, the marks cut away{turn})";
    }

    /// <summary>What is laid now lies on another face than what was laid before.</summary>
    private bool Turns(PlannedPress press)
    {
        Placement.Face FaceOf(PlannedPress p) => about.Layer(p.Laid[0]).Layer.Face;
        var before = presses.TakeWhile(p => p != press).LastOrDefault(p => p.Laid.Count > 0 && p.Purpose != PressPurpose.Patch);
        return before is not null && FaceOf(before) != FaceOf(press);
    }

    private string Names(IReadOnlyList<string> layers) => about.Layers.Count == 1
        ? about.NameOf(about.Layers[0])
        : string.Join(" and ", layers.Select(id => about.NameOf(about.Layer(id))));

    private void PeelSteps(PlannedPress press)
    {
        if (press.Peel.Method == PeelMethod.None)
            return;
        var (from, to) = (press.Peel.WaitSeconds[0], press.Peel.WaitSeconds[1]);
        if (from > 0)
        {
            var where = press.Peel.Place == "cold-bench" ? $"Move the {Item} to a cold bench" : IsCloth ? "Leave it lying" : "Lift it out with gloves and stand it aside";
            Add(WorkStage.Peel, StepKind.Wait, $"Open. {where}, carrier on, and let it cool.", from, press.Order);
        }

        var how = about.Choose(new PeelCheck()) == PeelCheck.Corner
            ? "lift a corner, go slowly at about 45°. If vinyl comes along, lay it back and press again."
            : "from a corner, slowly, at about 45°.";
        Add(WorkStage.Peel, StepKind.Do, press.Peel.Method switch
        {
            PeelMethod.Hot => $"Open and peel now, within {Wording.Time(to)}: from a corner, slowly, at about 45°.",
            PeelMethod.Warm => $"Peel warm, within {Wording.Time(to - from)}: {how}",
            _ => $"Feels cool? Peel: {how}",
        }, 10, press.Order);
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

    private void Once(string text, double seconds) => _steps.Add(new PlanStep(WorkStage.Prepare, StepKind.Do, text, seconds, true, null));

    private void Know(WorkStage stage, string text) => _steps.Add(new PlanStep(stage, StepKind.Know, text, 0, true, null));
}
