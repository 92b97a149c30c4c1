using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Logbook;

/// <summary>How a piece looked after washing.</summary>
public enum WashLook
{
    /// <summary>As on the first day.</summary>
    Fine,

    /// <summary>An edge lifts.</summary>
    EdgesLift,

    /// <summary>The vinyl has cracked.</summary>
    Cracked,

    /// <summary>Its colour has faded.</summary>
    Faded,

    /// <summary>Parts have come off.</summary>
    CameOff,
}

/// <summary>A piece that was looked at after washing.</summary>
/// <param name="At">When, UTC.</param>
/// <param name="Washes">How many washes by then; 1 to 500.</param>
/// <param name="Look">How it looked.</param>
/// <param name="Note">A remark.</param>
public sealed record Wash(DateTimeOffset At, int Washes, WashLook Look, string Note);

/// <summary>Reads off outcomes what a piece showed of its heat.</summary>
public static class Showings
{
    /// <summary>Up to so many washes what comes off was never well stuck (from memory).</summary>
    public const int WashesThatTell = 15;

    /// <summary>What it showed; null where what was seen says nothing of the heat of its vinyl.</summary>
    /// <param name="seen">What was seen on it, at any look.</param>
    /// <param name="washes">How it looked after washing.</param>
    public static Showing? Of(IReadOnlyCollection<Outcome> seen, IReadOnlyCollection<Wash> washes)
    {
        ArgumentNullException.ThrowIfNull(seen);
        ArgumentNullException.ThrowIfNull(washes);
        if (seen.Any(o => o is Outcome.Wrinkled or Outcome.Rippled or Outcome.Scorched))
            return Showing.TooMuch;
        if (seen.Any(o => o is Outcome.EdgesLifted or Outcome.OnCarrier or Outcome.WeaveHidden))
            return Showing.Short;
        // What comes off in its first washes was never well stuck; later on it has simply served.
        if (washes.Any(w => w.Washes <= WashesThatTell && w.Look is WashLook.EdgesLift or WashLook.CameOff))
            return Showing.Short;
        // Where the cloth took harm, a setting did not come out well, whatever the vinyl did: it is never counted as one that held. A dent
        // or a crooked print says nothing against it.
        return seen.Count > 0 && !seen.Any(o => o is Outcome.PuffFlat or Outcome.Marked or Outcome.ColourShifted) ? Showing.Held : null;
    }
}
