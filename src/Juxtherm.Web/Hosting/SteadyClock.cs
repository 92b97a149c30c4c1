using System.Diagnostics;
using System.Diagnostics.CodeAnalysis;
using System.Runtime.InteropServices;

namespace Juxtherm.Web.Hosting;

/// <summary>
/// The time of day, counted on from when it was last looked at: whoever sets the clock while a plate is closed moves no hold's end.
/// Time that the machine sleeps counts.
/// </summary>
internal sealed class SteadyClock : TimeProvider
{
    private static readonly TimeSpan Drift = TimeSpan.FromSeconds(1);
    private readonly Lock _one = new();
    private DateTimeOffset _wall = System.GetUtcNow();
    private TimeSpan _since = Counted();

    public override DateTimeOffset GetUtcNow()
    {
        lock (_one)
            return _wall + (Counted() - _since);
    }

    /// <summary>Goes by the wall's clock again, where that was set meanwhile: nothing is timed just now.</summary>
    public void FollowTheWall()
    {
        var (now, wall) = (GetUtcNow(), System.GetUtcNow());
        if ((wall - now).Duration() < Drift)
            return;
        lock (_one)
            (_wall, _since) = (wall, Counted());
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
