using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Setting;

/// <summary>
/// The way up to the setting for a blank of which nobody knows what it bears: the same time at lower places of the dial, or,
/// where it has marks, the same mark for a shorter time; one step at a time.
/// </summary>
internal static class Ladder
{
    // The setting and three below it: some 8 K or 9 s (common practice: a step at a time, three or four tries).
    private const int Rungs = 4;
    private const double ShorterBySeconds = 3;

    /// <summary>The rungs, coolest or shortest first, the setting itself last; empty when it is used right away.</summary>
    public static IReadOnlyList<LadderRung> Of(SetJob about, double preheatSeconds, CatalogueSnapshot catalogue)
    {
        if (about.Choose(new UnknownBlankStart()) != UnknownBlankStart.StepUp)
            return [];
        var found = about.Found;
        var dial = found.Window.Dial.ToList();
        var at = dial.IndexOf(found.Dial);
        var rungs = found.Dial.Mark is null
            ? [.. Enumerable.Range(1 - Rungs, Rungs).Select(i => (Dial: dial[Math.Max(0, at + i)], found.Seconds))]
            : Enumerable.Range(1 - Rungs, Rungs).Select(i => (found.Dial, Seconds: found.Seconds + i * ShorterBySeconds))
            .Where(r => r.Seconds >= catalogue.Work.ShortestPressSeconds.Value).ToList();
        return [.. rungs.Distinct().Select(r => Rung(about, r.Dial, r.Seconds, about.SetOf([]).PressureKPa, preheatSeconds, catalogue))];
    }

    private static LadderRung Rung(SetJob about, DialPosition dial, double seconds, double pressureKPa, double preheatSeconds,
        CatalogueSnapshot catalogue)
    {
        var session = new PressSession(about.Work, catalogue);
        var setting = PressSetting.Single(dial.SurfaceCelsius, pressureKPa, seconds);
        session.PreheatAndLay(setting with { Seconds = preheatSeconds }, catalogue.Work);
        session.Press(setting);
        return new LadderRung(
            Math.Round(dial.Celsius, 1), dial.Shown is { } shown ? new DialReading(shown, dial.Unit.ToString()) : null, dial.Mark, seconds,
            Math.Round(session.Bond() / about.Lead.WantedBond, 2), Math.Round(session.HottestBare(), 1));
    }
}
