using System.Diagnostics;
using System.Security.Cryptography;

namespace Juxtherm.Testing;

/// <summary>How much slower this machine is just now than a quiet one with two cores: whoever waits for something waits so much longer.
/// Measured once, as the first of them begins to wait.</summary>
internal static class Slowness
{
    // What the same takes there (measured).
    private const double QuietSeconds = 0.25;
    private const double Most = 10;
    private const int Rounds = 96;
    private static readonly Lazy<double> Measured = new(Measure);

    /// <summary>How many times, from 1 to 10.</summary>
    public static double Times => Measured.Value;

    /// <summary>As long as that takes here.</summary>
    /// <param name="seconds">How long it takes at most on a quiet machine, s.</param>
    public static TimeSpan Of(double seconds) => TimeSpan.FromSeconds(seconds * Times);

    // Sums over memory on both cores, with a change of threads after each: what services and browsers spend their time on.
    private static double Measure()
    {
        var block = new byte[1 << 20];
        var watch = Stopwatch.StartNew();
        for (var i = 0; i < Rounds; i++)
            Task.WhenAll(Task.Run(() => SHA256.HashData(block)), Task.Run(() => SHA256.HashData(block))).GetAwaiter().GetResult();
        return Math.Clamp(watch.Elapsed.TotalSeconds / QuietSeconds, 1, Most);
    }
}
