using Juxtherm.Core.Plans;

namespace Juxtherm.App.Planning;

/// <summary>About what a remembered plan takes.</summary>
public static class PlanSize
{
    private const int Figure = 8;

    // A character of a job file is two bytes of its text, and of its outlines about six more as corners and as path data.
    private const int BytesPerCharacter = 8;

    // Sweeps of a setting's window, notices and words.
    private const int RestPerLayer = 120 * 1024;

    /// <summary>Bytes.</summary>
    public static long Of(string json, PlanResult result)
    {
        var trace = result.Trace.Sum(p => (long)p.Times.Count * (p.Sheets.Count + 8) * Figure * 2);
        return (long)json.Length * BytesPerCharacter + trace + RestPerLayer * (long)Math.Max(1, result.Plan.Budgets.Count);
    }
}
