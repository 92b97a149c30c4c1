using System.Globalization;

namespace Juxtherm.Core.Reading;

/// <summary>Times as people write them.</summary>
public static class PlainTime
{
    /// <summary>The earliest that is accepted: what is earlier is a clock that was never set.</summary>
    public static DateTimeOffset Earliest { get; } = new(1970, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <summary>The latest that is accepted.</summary>
    public static DateTimeOffset Latest { get; } = new(2200, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <summary>What is accepted, for the reader.</summary>
    public const string Accepted = "from 1970 to 2199";

    /// <summary>Reads one.</summary>
    /// <param name="text">A day, or a day and a time; UTC where no zone is said.</param>
    /// <param name="at">The time, UTC.</param>
    /// <returns>False when it cannot be read or is not accepted.</returns>
    public static bool TryRead(string? text, out DateTimeOffset at) =>
        DateTimeOffset.TryParse(text, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal,
            out at) && at >= Earliest && at < Latest;
}
