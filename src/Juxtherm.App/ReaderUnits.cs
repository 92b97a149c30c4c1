using Juxtherm.Core.Notices;

namespace Juxtherm.App;

/// <summary>The units that a reader asks for.</summary>
public static class ReaderUnits
{
    /// <summary><c>us</c>, or metric.</summary>
    /// <param name="units">As it was asked.</param>
    public static UnitSystem Of(string? units) =>
        string.Equals(units, "us", StringComparison.OrdinalIgnoreCase) ? UnitSystem.Us : UnitSystem.Metric;
}
