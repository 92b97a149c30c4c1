global using Lanes = System.Runtime.Intrinsics.Vector256<double>;

using System.Runtime.Intrinsics;

namespace Juxtherm.Core.Heat;

/// <summary>
/// Helpers for four cases computed side by side. Every temperature of the solver is four temperatures: the same stack under
/// four plates, pressures or moistures. A single case fills all four lanes with the same value and reads the first.
/// </summary>
public static class LaneMath
{
    /// <summary>How many cases run side by side.</summary>
    public const int Count = 4;

    /// <summary>The same value in every lane.</summary>
    public static Lanes All(double value) => Vector256.Create(value);

    /// <summary>Up to four values, the last one repeated into the lanes that are left.</summary>
    /// <exception cref="ArgumentException">None or more than four are given.</exception>
    public static Lanes From(ReadOnlySpan<double> values)
    {
        if (values.Length is 0 or > Count)
            throw new ArgumentException($"One to {Count} values are accepted, not {values.Length}.", nameof(values));
        Span<double> filled = stackalloc double[Count];
        filled.Fill(values[^1]);
        values.CopyTo(filled);
        return Vector256.Create<double>(filled);
    }
}
