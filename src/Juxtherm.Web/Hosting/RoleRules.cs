using Juxtherm.App.Helpers;

namespace Juxtherm.Web.Hosting;

/// <summary>What a helper's device may ask for.</summary>
internal static class RoleRules
{
    // What only looks or works something out, and keeps nothing.
    private static readonly string[] Looking = ["/api/plans/", "/api/catalogue", "/api/placement", "/api/artwork", "/api/cut-plans",
        "/api/care", "/api/lifted", "/api/day/plan", "/api/day/what-if", "/api/practice"];

    // Whole workshops, what things cost, what customers were promised and who else is let in: the owner's.
    private static readonly string[] Owners = ["/api/keeping", "/api/prices", "/api/quotes", "/api/supplies", "/api/cost",
        "/api/log/logbook.", "/api/stock.csv", "/api/devices", "/api/exchange", "/api/watch"];

    private const string Photos = "/api/log/photos";

    /// <summary>Whether what is asked there only looks or works something out, and keeps nothing.</summary>
    /// <param name="path">The path, from /api on.</param>
    public static bool OnlyLooks(string path) => Array.Exists(Looking, p => path.StartsWith(p, StringComparison.Ordinal));

    /// <summary>Whether a device of that role may.</summary>
    /// <param name="role">What it may do.</param>
    /// <param name="method">The request's method.</param>
    /// <param name="path">Its path, from /api on.</param>
    public static bool May(HelperRole role, string method, string path)
    {
        // Who else is let in is decided at the machine itself.
        if (role == HelperRole.Owner)
            return !path.StartsWith("/api/devices", StringComparison.Ordinal);
        var parts = path.Split('/', StringSplitOptions.RemoveEmptyEntries);
        if (Array.Exists(Owners, p => path.StartsWith(p, StringComparison.Ordinal))
            || parts is ["api", "runs" or "jobs", _, "cost" or "quotes"])
            return false;
        var reads = HttpMethods.IsGet(method) || HttpMethods.IsHead(method);
        if (path.StartsWith(Photos, StringComparison.Ordinal))
            return role == HelperRole.Press && reads;
        if (reads || (HttpMethods.IsPost(method) && OnlyLooks(path)))
            return true;
        // Of the logbook what was done from it; the logbook looks to that itself.
        return role == HelperRole.Press && (HttpMethods.IsPatch(method) ? parts is ["api", "log", _]
            : (HttpMethods.IsPost(method) || HttpMethods.IsPut(method)) && IsAtThePress(path, parts));
    }

    private static bool IsAtThePress(string path, string[] parts) => path is "/api/day/events"
        || parts is ["api", "runs", _, ..] or ["api", "cuts", _, ..] or ["api", "jobs", _, "runs" or "cuts"]
            or ["api", "log", _, "photos" or "washes"];
}
