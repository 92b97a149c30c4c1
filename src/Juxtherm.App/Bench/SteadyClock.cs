using System.Diagnostics;
using System.Diagnostics.CodeAnalysis;
using System.Runtime.InteropServices;

namespace Juxtherm.App.Bench;

/// <summary>
/// The time of day, counted on from when it was last looked at: whoever sets the clock while a plate is closed moves no hold's end.
/// Time that the machine sleeps counts.
/// </summary>
/// <param name="wall">The clock that people set.</param>
public sealed class SteadyClock(TimeProvider wall) : TimeProvider
{
    private static readonly TimeSpan Drift = TimeSpan.FromSeconds(1);
    private readonly Lock _one = new();
    private DateTimeOffset _from = wall.GetUtcNow();
    private TimeSpan _since = Counted();

    public override DateTimeOffset GetUtcNow()
    {
        lock (_one)
            return _from + (Counted() - _since);
    }

    /// <summary>Goes by the wall's clock again, where that was set meanwhile: nothing is timed just now.</summary>
    public void FollowTheWall()
    {
        var now = wall.GetUtcNow();
        if ((now - GetUtcNow()).Duration() >= Drift)
            GoOnFrom(now);
    }

    /// <summary>Goes on from a time: where the wall's clock was set back while nobody kept time, what lies under a plate would never be
    /// due.</summary>
    /// <param name="time">UTC.</param>
    public void GoOnFrom(DateTimeOffset time)
    {
        lock (_one)
            (_from, _since) = (time, Counted());
    }

    /// <summary>Counts on whatever happens to the clock; from when does not matter.</summary>
    private static TimeSpan Counted()
    {
        const int sinceBoot = 7;
        return OperatingSystem.IsLinux() && Read(sinceBoot, out var at) == 0
            ? TimeSpan.FromSeconds((double)at.Seconds) + TimeSpan.FromTicks(at.Nanoseconds / 100)
            : Stopwatch.GetElapsedTime(0);
    }

    [DllImport("libc", EntryPoint = "clock_gettime")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    [SuppressMessage("Interoperability", "SYSLIB1054", Justification = "What is made at compile time instead needs unsafe code.")]
    private static extern int Read(int clock, out TimeSpec at);

    [StructLayout(LayoutKind.Sequential)]
    private struct TimeSpec
    {
        public nint Seconds;
        public nint Nanoseconds;
    }
}
