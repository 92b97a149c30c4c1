using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>From where this page is used, and who else may.</summary>
/// <param name="Here">It is used on the machine that the program runs on.</param>
/// <param name="Lan">Where helpers in the same network find the bench and the cutter; null where nobody else may come.</param>
public sealed record AccessAnswer(bool Here, string? Lan);

/// <summary>From where the program is used.</summary>
internal static class AccessEndpoints
{
    public static void MapAccess(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/access",
            (HttpContext http, JuxthermOptions options) =>
            Results.Ok(new AccessAnswer(FromElsewhere.IsHere(http), options.Lan is { } lan
                ? $"http://{lan}:{http.Connection.LocalPort}" : null)))
            .WithTags("Access").Produces<AccessAnswer>();
}
