using System.Security.Cryptography.X509Certificates;
using Juxtherm.App.Helpers;
using Juxtherm.Documents;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>A word by which one device may come in, as its owner shows it.</summary>
/// <param name="Code">Six figures.</param>
/// <param name="Name">What the device will be called.</param>
/// <param name="Role">What it may do.</param>
/// <param name="ExpiresUtc">Until when it counts.</param>
/// <param name="Address">Where the device goes.</param>
/// <param name="Fingerprint">SHA-256 of this machine's certificate, to be compared.</param>
/// <param name="QrSvg">The address with the word, to be photographed: an SVG picture.</param>
public sealed record OfferAnswer(string Code, string Name, HelperRole Role, DateTimeOffset ExpiresUtc, string Address, string Fingerprint,
    string QrSvg);

/// <summary>Helpers' devices.</summary>
/// <param name="Open">Helpers may come; otherwise the program was started for this machine alone.</param>
/// <param name="Devices">Those that were let in, by name.</param>
/// <param name="Deeds">What they did last, newest first.</param>
public sealed record DevicesAnswer(bool Open, IReadOnlyList<DeviceAnswer> Devices, IReadOnlyList<Deed> Deeds);

/// <summary>Letting helpers' devices in, and turning them away: at the machine itself.</summary>
internal static class DeviceEndpoints
{
    public static void MapDevices(this IEndpointRouteBuilder routes)
    {
        var devices = routes.MapGroup("/api/devices").WithTags("Devices").Allow(AccessLevel.Machine);
        devices.MapGet("/", (PairDevices pair, JuxthermOptions options) =>
            Results.Ok(new DevicesAnswer(options.Lan is not null, pair.Devices, pair.Deeds))).Produces<DevicesAnswer>();
        devices.MapPost("/pairing", (PairingAsk ask, PairDevices pair, LanAddress lan) =>
            lan.Tls is not { } tls
            ? ProblemAnswers.Conflict("not-open", ProblemAnswers.English.Say("devices.not-open"))
            : Answers.Of(pair.Offer(ask), offer => Results.Ok(new OfferAnswer(offer.Code, offer.Name, offer.Role, offer.ExpiresUtc,
                lan.Url!, tls.Fingerprint, QrPicture.Svg($"{lan.Url}{PairingPage.Path}?code={offer.Code}")))))
            .Produces<OfferAnswer>().ProducesProblem(400).ProducesProblem(409);
        devices.MapDelete("/pairing", (PairDevices pair) =>
        {
            pair.Withdraw();
            return Results.NoContent();
        }).Produces(204);
        devices.MapDelete("/{id:guid}", (Guid id, PairDevices pair) => Answers.Of(pair.Revoke(id))).Produces<DeviceAnswer>()
            .ProducesProblem(404);
        devices.MapGet("/authority.crt", (LanAddress lan) => lan.Tls is { } tls
            ? Results.File(tls.Authority.Export(X509ContentType.Cert), "application/x-x509-ca-cert", "juxtherm-workshop.crt")
            : ProblemAnswers.NotFound("authority")).Produces(200, contentType: "application/x-x509-ca-cert").ProducesProblem(404);
    }
}
