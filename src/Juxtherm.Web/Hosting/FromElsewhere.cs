using System.Net;

namespace Juxtherm.Web.Hosting;

/// <summary>
/// What helpers in the same network may do until their devices can be paired: work at the bench and at the cutter, and look. Keeping,
/// reading in, taking away, counting and settings belong to the machine that the program runs on.
/// </summary>
/// <param name="next">What comes after.</param>
internal sealed class FromElsewhere(RequestDelegate next)
{
    // What only looks or works something out, and keeps nothing.
    private static readonly string[] Looking = ["/api/plans/", "/api/catalogue", "/api/placement", "/api/artwork", "/api/cut-plans",
        "/api/care", "/api/lifted", "/api/day/plan", "/api/day/what-if", "/api/practice"];

    /// <summary>Whether a request comes from this machine.</summary>
    public static bool IsHere(HttpContext context) =>
        context.Connection.RemoteIpAddress is not { } address || IPAddress.IsLoopback(address)
        || address.Equals(context.Connection.LocalIpAddress);

    public Task InvokeAsync(HttpContext context)
    {
        var path = context.Request.Path;
        if (!path.StartsWithSegments("/api", StringComparison.Ordinal) || IsHere(context) || IsAllowed(context.Request.Method, path.Value!))
            return next(context);
        return Results.Problem(
            statusCode: StatusCodes.Status403Forbidden, title: "Only at the machine itself",
            detail: "From another device the bench, the cutter and looking are open; this is done at the machine that Juxtherm runs on.",
            extensions: new Dictionary<string, object?>(StringComparer.Ordinal) { ["code"] = "not-from-here" }).ExecuteAsync(context);
    }

    private static bool IsAllowed(string method, string path)
    {
        var parts = path.Split('/', StringSplitOptions.RemoveEmptyEntries);
        // Whole workshops, names and photos do not leave the machine.
        if (path.StartsWith("/api/keeping", StringComparison.Ordinal) || path.StartsWith("/api/log/photos", StringComparison.Ordinal)
            || path.StartsWith("/api/log/logbook.", StringComparison.Ordinal) || path is "/api/stock.csv")
            return false;
        // What things cost, and what customers were promised, is the owner's.
        if (path.StartsWith("/api/prices", StringComparison.Ordinal) || path.StartsWith("/api/quotes", StringComparison.Ordinal)
            || path.StartsWith("/api/supplies", StringComparison.Ordinal)
            || path.StartsWith("/api/cost", StringComparison.Ordinal) || parts is ["api", "runs" or "jobs", _, "cost" or "quotes"])
            return false;
        if (HttpMethods.IsGet(method) || HttpMethods.IsHead(method))
            return true;
        if (!HttpMethods.IsPost(method) && !HttpMethods.IsPut(method))
            return false;
        return Array.Exists(Looking, p => path.StartsWith(p, StringComparison.Ordinal))
            || path is "/api/day/events"
            || parts is ["api", "runs", _, ..]
            || parts is ["api", "cuts", _, ..]
            || parts is ["api", "jobs", _, "runs" or "cuts"];
    }
}
