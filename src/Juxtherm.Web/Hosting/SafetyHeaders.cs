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
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy = Policy;
        headers.XContentTypeOptions = "nosniff";
        headers.XFrameOptions = "DENY";
        headers["Referrer-Policy"] = "no-referrer";
        headers["Cross-Origin-Opener-Policy"] = "same-origin";
        headers["Cross-Origin-Resource-Policy"] = "same-origin";
        if (context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
            headers.CacheControl = "no-store";
        return next(context);
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
        return Results.Problem(statusCode: StatusCodes.Status403Forbidden, title: "Refused",
            detail: "This request was sent by another site, and only Juxtherm's own pages may change anything.").ExecuteAsync(context);
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
