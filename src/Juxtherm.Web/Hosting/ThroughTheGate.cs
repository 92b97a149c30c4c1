using Juxtherm.App;

namespace Juxtherm.Web.Hosting;

/// <summary>Takes requests through the gate.</summary>
/// <param name="next">What comes after.</param>
/// <param name="gate">The gate.</param>
internal sealed class ThroughTheGate(RequestDelegate next, WorkshopGate gate)
{
    public async Task InvokeAsync(HttpContext context)
    {
        // What exchanges the data closes the gate itself; who watches a run stays for hours and looks in by turns. Files of the front end
        // know nothing of the data.
        if (context.GetEndpoint() is null || context.HasMark<OutsideGateEndpoint>() || context.HasMark<PageEndpoint>())
        {
            await next(context);
            return;
        }

        using (await gate.EnterAsync(context.RequestAborted))
            await next(context);
    }
}
