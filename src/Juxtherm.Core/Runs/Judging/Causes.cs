using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>What most likely led to a sign: what was done otherwise than planned first, then what usually does.</summary>
internal static class Causes
{
    // Closer than this a hand cannot hold a time, s.
    private const double HandSeconds = 1;

    private static Dictionary<string, (Leaning Leaning, string Words)> OfSkipped(IWords words) => new(StringComparer.Ordinal)
    {
        [Preparation.Heat] = (Leaning.TooLittle, words.Say("causes.of-skipped")),
        [Preparation.Preheat] = (Leaning.TooLittle, words.Say("causes.of-skipped-2")),
        [Preparation.Pressure] = (Leaning.TooLittle, words.Say("causes.of-skipped-3")),
        [Preparation.Underlay] = (Leaning.TooLittle, words.Say("causes.of-skipped-4")),
        [Preparation.Steam] = (Leaning.TooLittle, words.Say("causes.of-skipped-5")),
        [Preparation.Lint] = (Leaning.TooLittle, words.Say("causes.of-skipped-6")),
        [Preparation.Cover] = (Leaning.TooMuch, words.Say("causes.of-skipped-7")),
        [Preparation.Patch] = (Leaning.Otherwise, words.Say("causes.of-skipped-8")),
    };

    public static IReadOnlyList<string> Of(ISign sign, Looked looked)
    {
        var found = new List<string>();
        var (little, much) = (sign.Leaning == Leaning.TooLittle, sign.Leaning == Leaning.TooMuch);
        foreach (var press in looked.Plan.Presses.Where(p => p.Purpose is not PressPurpose.Patch and not PressPurpose.Preheat
            && p.Layers.Any(looked.Heat.Here.Contains)))
        {
            var each = ClosedPlate.Of(looked.History.Holds, press.Order).Select(p => p.Seconds).ToList();
            var planned = looked.Plan.SecondsOf(press, looked.History.InRow);
            if (little && each.Count > 0 && each.Min() < planned - HandSeconds)
                found.Add(looked.Words.Say("causes.text", ("each", Thing.Seconds(each.Min())), ("seconds", Thing.Seconds(planned))));
            if (much && each.Count > 0 && each.Max() > planned + HandSeconds)
                found.Add(looked.Words.Say("causes.text-2", ("each", Thing.Seconds(each.Max())), ("seconds", Thing.Seconds(planned))));
        }

        foreach (var (measured, planned) in Measured(looked))
        {
            if ((little && !PlateHeat.IsEnough(measured, planned)) || (much && PlateHeat.IsTooMuch(measured, planned)))
                found.Add(looked.Words.Say("causes.text-3", ("measured", Thing.Celsius(measured)), ("planned", Thing.Celsius(planned))));
        }

        if (looked.History.PeeledEarly && sign.Sign is Outcome.OnCarrier or Outcome.EdgesLifted or Outcome.Wrinkled)
            found.Add(looked.Words.Say("causes.text-4"));
        found.AddRange(OfSkipped(looked.Words)
            .Where(s => looked.History.Skipped.Contains(s.Key) && (s.Value.Leaning == sign.Leaning || s.Value.Leaning == Leaning.Otherwise))
            .Select(s => s.Value.Words));
        if (much && looked.Heat.Laid.Any(id => looked.Heat.HeatDose(id) > looked.About.Layer(id).MostHeatDose))
            found.Add(looked.Words.Say("causes.text-5"));
        found.Add(sign.UsualCause(looked));
        return found;
    }

    private static IEnumerable<(double Measured, double Planned)> Measured(Looked looked) =>
        from press in looked.Plan.Presses
        let measured = looked.History.Holds.Where(h => h.PressOrder == press.Order && h.PlateCelsius is not null)
        .Select(h => h.PlateCelsius!.Value).ToList()
        where measured.Count > 0
        select (measured.Average(), press.SurfaceCelsius(looked.About.Work.Source));
}
