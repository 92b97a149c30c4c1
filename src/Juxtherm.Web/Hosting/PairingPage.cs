using System.Net;
using System.Text;
using Juxtherm.App.Helpers;
using Juxtherm.Core.Notices;

namespace Juxtherm.Web.Hosting;

/// <summary>The only page that is served to a device nobody let in: it asks for the word of six figures.</summary>
internal static class PairingPage
{
    /// <summary>Its address.</summary>
    public const string Path = "/pair";

    /// <summary>The name of the rule that no address tries too often.</summary>
    public const string Limited = "pairing";

    /// <summary>How it looks.</summary>
    public const string Style = Path + ".css";

    /// <summary>The mark beside its title.</summary>
    public const string Icon = Path + ".svg";

    private const int LongestForm = 200;
    private static readonly TimeSpan KeyLasts = TimeSpan.FromDays(365);

    private const string Look = """
        :root { color-scheme: light dark; }
        body { margin: 0; padding: 12vh 24px; font: 20px/1.5 system-ui, sans-serif; color: #221e19; background: #f7f2e7; }
        main { max-width: 26rem; margin: 0 auto; }
        h1 { font-size: 1.5rem; } label { display: block; margin: 1.4rem 0 .4rem; }
        input { font: inherit; font-size: 2.2rem; letter-spacing: .2em; width: 100%; box-sizing: border-box; padding: .3em .4em; border: 2px solid #221e19;
          background: #fff; border-radius: 2px; }
        button { font: inherit; font-weight: 700; margin-top: 1.2rem; width: 100%; padding: .8em; border: 0; border-radius: 2px; background: #221e19; color: #f7f2e7; }
        .why { font-weight: 700; border-left: 5px double currentColor; padding-left: .7em; }
        @media (prefers-color-scheme: dark) {
          body { color: #f0e9dc; background: #1b1815; } input { color: inherit; background: #26221d; border-color: #f0e9dc; }
          button { background: #f0e9dc; color: #1b1815; }
        }
        """;

    public static void MapPairing(this IEndpointRouteBuilder routes, string front)
    {
        var pairing = routes.MapGroup("").Allow(AccessLevel.Anyone).AsPage();
        pairing.MapGet(Style, () => Results.Text(Look, "text/css", Encoding.UTF8)).ExcludeFromDescription();
        pairing.MapGet(Icon, () => System.IO.Path.Combine(front, "mark.svg") is var icon && File.Exists(icon)
            ? Results.File(icon, "image/svg+xml") : Results.NotFound()).ExcludeFromDescription();
        pairing.MapGet(Path, (string? code) => Page(HttpStatusCode.OK, null, code)).ExcludeFromDescription();
        pairing.MapPost(Path, TakeAsync).RequireRateLimiting(Limited).ExcludeFromDescription();
    }

    /// <summary>Answers whoever tries too often.</summary>
    public static Task RefuseTooManyAsync(HttpContext http) =>
        Page(HttpStatusCode.TooManyRequests, new Phrase("pairing.slow-down"), null).ExecuteAsync(http);

    private static async Task<IResult> TakeAsync(HttpContext http, Pairing pairing)
    {
        if (await CodeAsync(http.Request) is not { } code)
            return Page(HttpStatusCode.BadRequest, new Phrase("pairing.unreadable"), null);
        var (outcome, key) = pairing.Take(code);
        if (key is null)
            return Page(HttpStatusCode.Forbidden, outcome switch
            {
                PairingOutcome.Wrong => new Phrase("pairing.wrong"),
                PairingOutcome.TooMany => new Phrase("pairing.too-many"),
                _ => new Phrase("pairing.none"),
            }, null);
        http.Response.Cookies.Append(WhoAsks.Cookie, key, new CookieOptions
        {
            HttpOnly = true,
            Secure = true,
            SameSite = SameSiteMode.Strict,
            MaxAge = KeyLasts,
            Path = "/",
        });
        return Results.LocalRedirect("/");
    }

    private static async Task<string?> CodeAsync(HttpRequest request)
    {
        if (!request.HasFormContentType || request.ContentLength is not (>= 0 and <= LongestForm))
            return null;
        try
        {
            return (await request.ReadFormAsync(request.HttpContext.RequestAborted))["code"].ToString();
        }
        catch (InvalidDataException)
        {
            return null;
        }
    }

    private static IResult Page(HttpStatusCode status, Phrase? why, string? code)
    {
        var typed = new string([.. (code ?? "").Where(char.IsAsciiDigit).Take(6)]);
        return Refusals.Page((int)status, $"""
            <h1>{Refusals.Html(new Phrase("pairing.title"))}</h1>{(why is null ? "" : $"<p class=\"why\" role=\"alert\">{Refusals.Html(why)}</p>")}
            <form method="post" action="{Path}"><label for="code">{Refusals.Html(new Phrase("pairing.label"))}</label>
            <input id="code" name="code" inputmode="numeric" autocomplete="one-time-code" maxlength="7" required autofocus value="{typed}">
            <button>{Refusals.Html(new Phrase("pairing.button"))}</button></form><p>{Refusals.Html(new Phrase("pairing.where"))}</p>
            """);
    }
}
