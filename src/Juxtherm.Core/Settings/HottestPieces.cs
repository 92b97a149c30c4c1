using System.Collections.Concurrent;
using System.Runtime.CompilerServices;

namespace Juxtherm.Core.Settings;

/// <summary>Remembers how hot the hottest piece of a run gets; most edits of a job do not change it.</summary>
internal sealed class HottestPieces
{
    // By then underlay and plate are as warm as they get (the last pieces differ by tenths of a kelvin).
    private const int Steady = 8;

    private readonly ConditionalWeakTable<FoundSetting, ConcurrentDictionary<int, double>> _known = [];

    /// <summary>The hottest bare face of a run with everything off to the hot side, °C.</summary>
    /// <param name="found">The setting.</param>
    /// <param name="pieces">How many pieces, from 1.</param>
    public double Of(FoundSetting found, int pieces) =>
        _known.GetOrCreateValue(found).GetOrAdd(Math.Min(pieces, Steady), n => found.Window.HottestOf(found.Dial, found.Seconds, n));
}
