using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>What most likely led to a sign: what was done otherwise than planned first, then what usually does.</summary>
internal static class Causes
{
    // Closer than this a hand cannot hold a time, s.
    private const double HandSeconds = 1;

    private static readonly Dictionary<string, (Leaning Leaning, string Words)> OfSkipped = new(StringComparer.Ordinal)
    {
        [Preparation.Heat] = (Leaning.TooLittle, "Nobody saw to it that the press was hot."),
        [Preparation.Preheat] = (Leaning.TooLittle, "It was not preheated: damp cloth eats the first seconds of the press."),
        [Preparation.Pressure] = (Leaning.TooLittle, "The pressure was not looked at."),
        [Preparation.Underlay] = (Leaning.TooLittle, "There was nothing soft underneath to carry the pressure."),
        [Preparation.Steam] = (Leaning.TooLittle, "Steam was not seen to: steam holes leave spots that do not bond, and damp glue does not hold."),
        [Preparation.Lint] = (Leaning.TooLittle, "Lint was not rolled off: vinyl sticks to fluff, and fluff comes off."),
        [Preparation.Cover] = (Leaning.TooMuch, "There was no cover: bare vinyl and cloth take the plate's full heat."),
        [Preparation.Patch] = (Leaning.Otherwise, "The test patch was left out."),
    };

    public static IReadOnlyList<string> Of(ISign sign, Looked looked)
    {
        var found = new List<string>();
        var (little, much) = (sign.Leaning == Leaning.TooLittle, sign.Leaning == Leaning.TooMuch);
        foreach (var press in looked.Plan.Presses.Where(p => p.Purpose is not PressPurpose.Patch and not PressPurpose.Preheat && p.Layers.Any(looked.Heat.Here.Contains)))
        {
            var each = ClosedPlate.Of(looked.History.Holds, press.Order).Select(p => p.Seconds).ToList();
            if (little && each.Count > 0 && each.Min() < press.Seconds - HandSeconds)
                found.Add($"The plate was closed {Wording.Time(each.Min())} instead of {Wording.Time(press.Seconds)}.");
            if (much && each.Count > 0 && each.Max() > press.Seconds + HandSeconds)
                found.Add($"The plate stayed closed {Wording.Time(each.Max())} instead of {Wording.Time(press.Seconds)}.");
        }

        foreach (var (measured, planned) in Measured(looked))
        {
            if ((little && !PlateHeat.IsEnough(measured, planned)) || (much && PlateHeat.IsTooMuch(measured, planned)))
                found.Add($"The plate stood at {looked.Words.Temperature(measured)} as it closed; {looked.Words.Temperature(planned)} was planned.");
        }

        if (looked.History.PeeledEarly && sign.Sign is Outcome.OnCarrier or Outcome.EdgesLifted or Outcome.Wrinkled)
            found.Add("Its carrier came off before it had cooled as the vinyl wants it.");
        found.AddRange(OfSkipped.Where(s => looked.History.Skipped.Contains(s.Key) && (s.Value.Leaning == sign.Leaning || s.Value.Leaning == Leaning.Otherwise)).Select(s => s.Value.Words));
        if (much && looked.Heat.Laid.Any(id => looked.Heat.HeatDose(id) > looked.About.Layer(id).MostHeatDose))
            found.Add("By the model it has had more heat than it takes.");
        found.Add(sign.UsualCause(looked));
        return found;
    }

    private static IEnumerable<(double Measured, double Planned)> Measured(Looked looked) =>
        from press in looked.Plan.Presses
        let measured = looked.History.Holds.Where(h => h.PressOrder == press.Order && h.PlateCelsius is not null).Select(h => h.PlateCelsius!.Value).ToList()
        where measured.Count > 0
        select (measured.Average(), press.FaceCelsius(looked.About.Work.Source));
}
