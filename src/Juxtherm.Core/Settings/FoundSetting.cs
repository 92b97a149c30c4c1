using Juxtherm.Core.Certainty;

namespace Juxtherm.Core.Settings;

/// <summary>How good a found setting is.</summary>
public enum SettingOutcome
{
    /// <summary>Reaches the wanted bond, and comes out short or harms as rarely as it has to.</summary>
    Safe,

    /// <summary>Reaches the wanted bond and harms nothing if dial and pressure are right.</summary>
    Narrow,

    /// <summary>Holds, but is short of the wanted bond: a limit is in the way.</summary>
    Short,

    /// <summary>Cannot hold without harm; the setting shown is the least bad.</summary>
    None,
}

/// <summary>Where a setting comes from.</summary>
public enum SettingFrom
{
    /// <summary>The search found it.</summary>
    Search,

    /// <summary>It was used before.</summary>
    Used,

    /// <summary>It was looked up for this press.</summary>
    Figure,
}

/// <summary>What a setting comes to when much is off.</summary>
/// <param name="LeastBond">Share of the wanted bond that 97 in 100 have; of several layers of the one nearest to letting go.</param>
/// <param name="MostHeatDose">Heat as a share of the chart's that 99 in 100 stay below.</param>
/// <param name="HottestBareCelsius">Bare face that 99 in 100 stay below, °C.</param>
public sealed record WorstCase(double LeastBond, double MostHeatDose, double HottestBareCelsius)
{
    /// <summary>How it may come out.</summary>
    public Outlook Outlook { get; init; }

    /// <summary>It comes out short more often than it may.</summary>
    public bool LetsGo => Outlook.Short > Odds.StillMostShort;
}

/// <summary>The setting found, with everything it was chosen from.</summary>
/// <param name="Dial">Where the dial stands.</param>
/// <param name="Seconds">Press time, whole seconds.</param>
/// <param name="Chosen">What its temperature allows.</param>
/// <param name="Rows">What every temperature of the dial allows.</param>
/// <param name="Outcome">How good it is.</param>
/// <param name="Worst">What it comes to when everything is off.</param>
/// <param name="Window">What every temperature allows, also between the places of the dial.</param>
public sealed record FoundSetting(DialPosition Dial, double Seconds, TemperatureRow Chosen, IReadOnlyList<TemperatureRow> Rows,
    SettingOutcome Outcome, WorstCase Worst, SettingWindow Window)
{
    /// <summary>What would have been found, where somebody takes another setting; null where this is it.</summary>
    public FoundSetting? Instead { get; init; }

    /// <summary>Where it comes from.</summary>
    public SettingFrom From { get; init; }

    /// <summary>How long it is pressed from the back as well, s; 0 for not at all. It is counted in <see cref="Worst"/>.</summary>
    public double BackSeconds { get; init; }

    /// <summary>Another setting in its place, with what that comes to.</summary>
    /// <param name="celsius">What the dial is set to, °C; its nearest place is taken, of two as near the hotter.</param>
    /// <param name="seconds">Press time, s; null for what is needed there.</param>
    /// <param name="from">Where it comes from.</param>
    public FoundSetting Set(double celsius, double? seconds, SettingFrom from)
    {
        var row = Near(celsius);
        var time = seconds ?? Needs(row);
        var outcome = row.IsSafe && time >= row.NeedsSeconds - 0.5 && time <= row.SafeToSeconds ? SettingOutcome.Safe
            : time > row.MostSeconds || row.HoldsFromSeconds is not { } holds || time < holds ? SettingOutcome.None
            : row.TargetSeconds is { } target && time >= target - 0.5 ? SettingOutcome.Narrow : SettingOutcome.Short;
        return new FoundSetting(row.Dial, time, row, Rows, outcome, Window.WorstOf(row.Dial, time), Window) { Instead = this, From = from };
    }

    /// <summary>How long is needed where the dial stands nearest to a temperature, whole seconds.</summary>
    /// <param name="celsius">What the dial is set to, °C.</param>
    public double NeedsAt(double celsius) => Needs(Near(celsius));

    private static double Needs(TemperatureRow row) => Math.Ceiling(row.NeedsSeconds ?? row.TargetSeconds ?? row.MostSeconds);

    private TemperatureRow Near(double celsius) =>
        Rows.OrderBy(r => Math.Abs(r.Dial.Celsius - celsius)).ThenByDescending(r => r.Dial.Celsius).First();
}
