using Juxtherm.Core.Days.Asking;

namespace Juxtherm.App.Days;

/// <summary>A day as it would be wished otherwise.</summary>
internal static class WhatIfs
{
    /// <summary>Makes it.</summary>
    public static DayWish Of(DayWish wish, WhatIf other)
    {
        var people = other.People >= 0
            ? [.. wish.People, .. Enumerable.Repeat(new Helper(other.Name, []),
                Math.Min(other.People, DayReader.MostPeople - wish.People.Count))]
            : wish.People.Take(Math.Max(1, wish.People.Count + other.People)).ToList();
        var more = Enumerable.Range(1, Math.Clamp(other.Presses, 0, DayReader.MostPresses - wish.Presses.Count))
            .Select(n => wish.Presses[0] with { Id = $"{wish.Presses[0].Id} +{n}", BrokenSince = null, Celsius = null });
        return wish with
        {
            From = wish.From.AddSeconds(Math.Round(other.BeginSeconds)),
            People = people,
            Presses = [.. wish.Presses, .. more],
            Jobs = [.. wish.Jobs.Select((j, i) => i == other.Without ? j with { Dropped = true } : j)],
        };
    }
}
