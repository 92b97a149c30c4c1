using Juxtherm.Core.Notices;

namespace Juxtherm.Web.Hosting;

/// <summary>What was done, by the address that was asked; where nobody said it more exactly.</summary>
internal static class DeedWords
{
    /// <summary>Whether something is kept of what is asked there.</summary>
    public static bool IsKept(string path) => !RoleRules.OnlyLooks(path);

    /// <summary>What was done.</summary>
    public static Phrase Of(string path) => path.Split('/', StringSplitOptions.RemoveEmptyEntries) switch
    {
        ["api", "jobs", _, "runs"] => new Phrase("deed.run"),
        ["api", "runs", ..] => new Phrase("deed.bench"),
        ["api", "jobs", _, "cuts"] or ["api", "cuts", ..] => new Phrase("deed.cutter"),
        ["api", "log", _, "photos"] => new Phrase("deed.photo"),
        ["api", "log", ..] => new Phrase("deed.logbook"),
        ["api", "jobs", ..] => new Phrase("deed.job"),
        ["api", "stock" or "blanks", ..] => new Phrase("deed.stock"),
        ["api", "day", ..] => new Phrase("deed.day"),
        _ => new Phrase("deed.else"),
    };
}
