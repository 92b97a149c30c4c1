using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>Writes the whole work as steps, in the order in which it is done.</summary>
internal sealed class StepWriter(Job job, Workpiece work, Chart chart, IReadOnlyList<PlannedPress> presses, Wording words, WorkFigures figures)
{
    private readonly List<PlanStep> _steps = [];

    private string Item => work.Form.Name.ToLowerInvariant();

    private bool IsCloth => work.Material.Kind == MaterialKind.Cloth;

    private string CoverName => work.HasCover ? work.Cover.Name : "";

    public IReadOnlyList<PlanStep> Write()
    {
        Before();
        Prepare();
        foreach (var press in presses)
        {
            switch (press.Purpose)
            {
                case PressPurpose.Preheat:
                    Add(WorkStage.Prepare, StepKind.Do, $"Lay the {Item} flat on the {Under()}, lint off, no seam or button under the plate. Close the plate on the bare cloth.", 20, press.Order);
                    Add(WorkStage.Prepare, StepKind.Hold, "Hold. Preheating the bare cloth.", press.Seconds, press.Order);
                    break;
                case PressPurpose.Press:
                    Add(WorkStage.Press, StepKind.Do, Lay(), figures.LaySeconds.Value, press.Order);
                    Add(WorkStage.Press, StepKind.Hold, $"Hold. {work.Vinyl.Name} vinyl under the {(work.HasCover ? CoverName : "carrier sheet")}.", press.Seconds, press.Order);
                    PeelSteps(press);
                    break;
                default:
                    Add(WorkStage.Press, StepKind.Do, $"Lay the {CoverName} on the bare vinyl and close the plate once more.", 8, press.Order);
                    Add(WorkStage.Press, StepKind.Hold, "Hold. Finish press, until the weave shows through.", press.Seconds, press.Order);
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
            ? $"Read the care label of the {Item}. {(work.Material.Prewash.Value && !job.Blank.Prewashed ? $"{work.Material.Name} shrinks: wash and dry it first, without softener." : "No need to wash it first.")}"
            : $"Wipe the face of the {Item} clean and let it dry; do not touch it again. Take off clips and rings that would lie under the plate.");
        Know(WorkStage.Cut, work.Vinyl.Mirrored.Value ? "Mirror the artwork. Carrier sheet down. Cut a small test shape first." : "Cut it as it reads. Cut a small test shape first.");
        Know(WorkStage.Weed, "Lift away everything that is not artwork, the centres of letters too. Hold it against the light.");
    }

    private void Prepare()
    {
        var press = presses.Single(p => p.Purpose == PressPurpose.Press);
        var dial = press.DialMark is { } mark ? $"Turn the iron to {mark}" : $"Set the press to {words.Temperature(press.Celsius)}";
        Once($"{dial} and let it heat up.", 30);
        var under = work.Form.Supported && work.Underlay.Thermal is not null ? $"{work.Underlay.Name} underneath, dry. " : "";
        var cover = work.HasCover ? $"{CoverName} within reach. " : "";
        Once($"{under}{cover}Pressure {chart.Pressure.Value.ToString().ToLowerInvariant()}.{(work.Source.SteamPossible ? " Steam off, tank empty, no ironing board." : "")}", 20);
    }

    private string Lay()
    {
        if (work.Form.Shape == FaceShape.Curved)
            return $"Lay the vinyl on the {Item}, carrier up, slit between words so that it follows the curve, and tape it. Put it in the press and close.";
        var where = presses[0].Purpose == PressPurpose.Preheat ? "on the warm cloth" : $"on the {Item}";
        return $"Lay the vinyl {where}, readable, carrier up.{(work.HasCover ? $" {CoverName} over it." : "")} Close the plate straight down.";
    }

    private void PeelSteps(PlannedPress press)
    {
        var (from, to) = (press.Peel.WaitSeconds[0], press.Peel.WaitSeconds[1]);
        if (from > 0)
        {
            var where = press.Peel.Place == "cold-bench" ? $"Move the {Item} to a cold bench" : IsCloth ? "Leave it lying" : "Lift it out with gloves and stand it aside";
            Add(WorkStage.Peel, StepKind.Wait, $"Open. {where}, carrier on, and let it cool.", from, press.Order);
        }

        Add(WorkStage.Peel, StepKind.Do, press.Peel.Method switch
        {
            PeelMethod.Hot => $"Open and peel now, within {Wording.Time(to)}: from a corner, slowly, at about 45°.",
            PeelMethod.Warm => $"Peel warm, within {Wording.Time(to - from)}: lift a corner, go slowly at about 45°. If vinyl comes along, lay it back and press again.",
            _ => "Feels cool? Peel: lift a corner, go slowly at about 45°. If vinyl comes along, lay it back and press again.",
        }, 10, press.Order);
    }

    private void After()
    {
        Know(WorkStage.Care, work.Material.Care switch
        {
            CareKind.Wash => $"{figures.CureHours.Value:0} h before the first wash. Inside out, cold, mild; tumble low; no bleach; no iron on the print.",
            CareKind.HandWash => "Wash by hand, do not soak or scour, not in the dishwasher.",
            _ => "Wipe it with a damp cloth; do not wash or soak it.",
        });
        Know(WorkStage.Record, "What came out goes into the logbook with the settings used.");
    }

    private string Under() => work.Underlay.Thermal is null ? "press" : work.Underlay.Name.ToLowerInvariant();

    private void Add(WorkStage stage, StepKind kind, string text, double seconds, int? order = null) => _steps.Add(new PlanStep(stage, kind, text, seconds, false, order));

    private void Once(string text, double seconds) => _steps.Add(new PlanStep(WorkStage.Prepare, StepKind.Do, text, seconds, true, null));

    private void Know(WorkStage stage, string text) => _steps.Add(new PlanStep(stage, StepKind.Know, text, 0, true, null));
}
