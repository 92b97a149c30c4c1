using Juxtherm.App.Helpers;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>From where this page is used, and who else may.</summary>
/// <param name="Here">It is used on the machine that the program runs on.</param>
/// <param name="Device">What this device is called; null at the machine itself.</param>
/// <param name="Role">What may be done from here.</param>
/// <param name="Lan">Where helpers in the same network come in; null where nobody else may come, and for helpers.</param>
public sealed record AccessAnswer(bool Here, string? Device, HelperRole Role, string? Lan);

/// <summary>From where the program is used.</summary>
internal static class AccessEndpoints
{
    public static void MapAccess(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/access", (LanAddress lan) => Results.Ok(Asking.Now is { Device: var device }
            ? new AccessAnswer(false, device.Name, device.Role, null) : new AccessAnswer(true, null, HelperRole.Owner, lan.Url)))
            .WithTags("Access").Produces<AccessAnswer>().Allow(AccessLevel.Look);
}
