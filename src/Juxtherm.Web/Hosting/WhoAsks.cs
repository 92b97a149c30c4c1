using System.Net;
using Juxtherm.App.Helpers;
using Juxtherm.Core.Notices;

namespace Juxtherm.Web.Hosting;

/// <summary>
/// Lets nobody in from the network but devices that were paired, and those only to what the matched endpoint allows their role. From the
/// machine itself everything is open. What a device changes is written down under its name.
/// </summary>
/// <param name="next">What comes after.</param>
/// <param name="book">The devices.</param>
/// <param name="deeds">What they do.</param>
internal sealed class WhoAsks(RequestDelegate next, DeviceBook book, DeedLog deeds)
{
    /// <summary>The cookie that holds a device's key.</summary>
    public const string Cookie = "juxtherm-device";

    // An endpoint that says nothing is nobody's but the machine's.
    private static readonly EndpointAccess Unsaid = new(AccessLevel.Machine);

    // Nothing that was mapped: a file of the front end, nothing at all, or routing's own answer that this is no method or type of there.
    private static readonly EndpointAccess FrontFile = new(AccessLevel.Look);

    private static readonly EndpointAudit SomethingElse = new(new Phrase("deed.else"));

    /// <summary>Whether a request comes from this machine.</summary>
    public static bool IsHere(HttpContext context) =>
        context.Connection.RemoteIpAddress is not { } address || IPAddress.IsLoopback(address);

    public async Task InvokeAsync(HttpContext context)
    {
        var endpoint = context.GetEndpoint();
        var access = endpoint is not RouteEndpoint ? FrontFile : endpoint.Metadata.GetMetadata<EndpointAccess>() ?? Unsaid;
        if (IsHere(context) || access.Level == AccessLevel.Anyone)
        {
            await next(context);
            return;
        }

        if (context.Request.Cookies[Cookie] is not { Length: > 0 and <= 128 } key || book.Of(key) is not { } device)
        {
            await AnswerStrangerAsync(context, endpoint);
            return;
        }

        if (!access.Allows(device.Role))
        {
            await Refusals.RefuseAsync(context, StatusCodes.Status403Forbidden, "not-allowed", new Phrase("devices.not-allowed"),
                new Phrase("devices.not-allowed-why", ("device", device.Name)));
            return;
        }

        // Whoever is turned away is cut off, also in the middle of an answer.
        using var cut = book.UntilRevoked(device.Id).Register(context.Abort);
        Asking.Now = new Asker(device);
        await next(context);
        var reads = HttpMethods.IsGet(context.Request.Method) || HttpMethods.IsHead(context.Request.Method);
        if (context.Response.StatusCode < 300 && !reads && access.Level > AccessLevel.Look && !Asking.Now.Said)
            deeds.Say((endpoint?.Metadata.GetMetadata<EndpointAudit>() ?? SomethingElse).What);
    }

    private static Task AnswerStrangerAsync(HttpContext context, Endpoint? endpoint)
    {
        // Whoever opens a page is led to the one that lets devices in.
        if (HttpMethods.IsGet(context.Request.Method) && (endpoint is not RouteEndpoint || context.HasMark<PageEndpoint>()))
        {
            context.Response.Redirect(PairingPage.Path);
            return Task.CompletedTask;
        }

        return Refusals.RefuseAsync(context, StatusCodes.Status401Unauthorized, "not-paired", new Phrase("devices.not-paired"),
            new Phrase("devices.not-paired-why"));
    }
}
