using Juxtherm.Core.Notices;

namespace Juxtherm.Web.Hosting;

/// <summary>Tells the browser to run nothing but what this program ships.</summary>
/// <param name="next">What comes after.</param>
internal sealed class SafetyHeaders(RequestDelegate next)
{
    private const string Policy =
        "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; " +
            "object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public Task InvokeAsync(HttpContext context)
    {
        // As the answer begins: a fault takes back what was written before it.
        context.Response.OnStarting(Write, context);
        return next(context);
    }

    private static Task Write(object state)
    {
        var context = (HttpContext)state;
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy = Policy;
        headers.XContentTypeOptions = "nosniff";
        headers.XFrameOptions = "DENY";
        // Not “no-referrer”: then browsers send no origin with a form of our own pages, and it would count as a stranger's.
        headers["Referrer-Policy"] = "same-origin";
        headers["Cross-Origin-Opener-Policy"] = "same-origin";
        headers["Cross-Origin-Resource-Policy"] = "same-origin";
        // Nothing is kept by a browser but what says itself for how long.
        if (headers.CacheControl.Count == 0)
            headers.CacheControl = "no-store";
        return Task.CompletedTask;
    }
}

/// <summary>
/// Refuses requests that change something when another site sent them: the service listens on this machine only, but a web
/// page open in the same browser could reach it.
/// </summary>
/// <param name="next">What comes after.</param>
internal sealed class OwnOriginOnly(RequestDelegate next)
{
    public Task InvokeAsync(HttpContext context)
    {
        var request = context.Request;
        if (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method) || HttpMethods.IsOptions(request.Method)
            || !IsForeign(request))
            return next(context);
        return Refusals.RefuseAsync(context, StatusCodes.Status403Forbidden, "foreign", new Phrase("refused.foreign"),
            new Phrase("refused.foreign-why"));
    }

    private static bool IsForeign(HttpRequest request)
    {
        var site = request.Headers["Sec-Fetch-Site"].ToString();
        if (site is "cross-site" or "same-site")
            return true;
        var origin = request.Headers.Origin.ToString();
        return origin.Length > 0 && !string.Equals(origin, $"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase);
    }
}
