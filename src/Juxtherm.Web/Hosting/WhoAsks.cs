using System.Net;
using Juxtherm.App.Helpers;

namespace Juxtherm.Web.Hosting;

/// <summary>
/// Lets nobody in from the network but devices that were paired, and those only to what their role allows. From the machine itself
/// everything is open. What a device changes is written down under its name.
/// </summary>
/// <param name="next">What comes after.</param>
/// <param name="book">The devices.</param>
/// <param name="deeds">What they do.</param>
internal sealed class WhoAsks(RequestDelegate next, DeviceBook book, DeedLog deeds)
{
    /// <summary>The cookie that holds a device's key.</summary>
    public const string Cookie = "juxtherm-device";

    /// <summary>Whether a request comes from this machine.</summary>
    public static bool IsHere(HttpContext context) =>
        context.Connection.RemoteIpAddress is not { } address || IPAddress.IsLoopback(address);

    public async Task InvokeAsync(HttpContext context)
    {
        var path = context.Request.Path;
        if (IsHere(context) || PairingPage.IsAt(path))
        {
            await next(context);
            return;
        }

        if (context.Request.Cookies[Cookie] is not { Length: > 0 and <= 128 } key || book.Of(key) is not { } device)
        {
            await StrangerAsync(context);
            return;
        }

        if (path.StartsWithSegments("/api", StringComparison.Ordinal) && !RoleRules.May(device.Role, context.Request.Method, path.Value!))
        {
            await Results.Problem(statusCode: StatusCodes.Status403Forbidden, title: ProblemAnswers.English.Say("devices.not-allowed"),
                detail: ProblemAnswers.English.Say("devices.not-allowed-why", ("device", device.Name)),
                extensions: new Dictionary<string, object?>(StringComparer.Ordinal) { ["code"] = "not-allowed" }).ExecuteAsync(context);
            return;
        }

        // Whoever is turned away is cut off, also in the middle of an answer.
        using var cut = book.UntilRevoked(device.Id).Register(context.Abort);
        Asking.Now = new Asker(device);
        await next(context);
        if (context.Response.StatusCode < 300 && Changes(context.Request) && !Asking.Now.Said)
            deeds.Say(DeedWords.Of(path.Value!));
    }

    private static bool Changes(HttpRequest request) => !HttpMethods.IsGet(request.Method) && !HttpMethods.IsHead(request.Method)
        && DeedWords.IsKept(request.Path.Value!);

    private static Task StrangerAsync(HttpContext context)
    {
        if (HttpMethods.IsGet(context.Request.Method) && !context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal))
        {
            context.Response.Redirect(PairingPage.Path);
            return Task.CompletedTask;
        }

        return Results.Problem(statusCode: StatusCodes.Status401Unauthorized, title: ProblemAnswers.English.Say("devices.not-paired"),
            detail: ProblemAnswers.English.Say("devices.not-paired-why"),
            extensions: new Dictionary<string, object?>(StringComparer.Ordinal) { ["code"] = "not-paired" }).ExecuteAsync(context);
    }
}
