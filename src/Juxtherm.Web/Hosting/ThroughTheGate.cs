using Juxtherm.App;

namespace Juxtherm.Web.Hosting;

/// <summary>Takes requests through the gate.</summary>
/// <param name="next">What comes after.</param>
/// <param name="gate">The gate.</param>
internal sealed class ThroughTheGate(RequestDelegate next, WorkshopGate gate)
{
    public async Task InvokeAsync(HttpContext context)
    {
        var path = context.Request.Path;
        // What exchanges the data closes the gate itself; who watches a run stays for hours and looks in by turns.
        if (!path.StartsWithSegments("/api", StringComparison.Ordinal) || path.StartsWithSegments("/api/keeping", StringComparison.Ordinal)
            || path.Value!.EndsWith("/live", StringComparison.Ordinal))
        {
            await next(context);
            return;
        }

        using (await gate.EnterAsync(context.RequestAborted))
            await next(context);
    }
}
