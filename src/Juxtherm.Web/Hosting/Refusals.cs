using System.Net;
using System.Text;
using Juxtherm.Core.Notices;

namespace Juxtherm.Web.Hosting;

/// <summary>Refuses a request: with a page where a person is looking at one, otherwise as RFC 9457 problem details.</summary>
internal static class Refusals
{
    /// <summary>Refuses.</summary>
    /// <param name="context">The request.</param>
    /// <param name="status">HTTP status.</param>
    /// <param name="code">A stable word for scripts.</param>
    /// <param name="title">What is refused.</param>
    /// <param name="why">Why, and what can be done.</param>
    public static Task RefuseAsync(HttpContext context, int status, string code, Phrase title, Phrase why)
    {
        var words = ProblemAnswers.English;
        return IsLookedAt(context)
            ? Page(status, $"<h1>{Html(title)}</h1><p>{Html(why)}</p>").ExecuteAsync(context)
            : Results.Problem(statusCode: status, title: words.Say(title), detail: words.Say(why),
                extensions: new Dictionary<string, object?>(StringComparer.Ordinal) { ["code"] = code }).ExecuteAsync(context);
    }

    /// <summary>A small page of its own, for whoever has nothing else of the program yet.</summary>
    /// <param name="status">HTTP status.</param>
    /// <param name="main">What stands on it, as HTML.</param>
    public static IResult Page(int status, string main) => Results.Content($"""
        <!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
        <title>Juxtherm</title><link rel="icon" href="{PairingPage.Icon}"><link rel="stylesheet" href="{PairingPage.Style}"></head><body><main>
        {main}</main></body></html>
        """, "text/html; charset=utf-8", Encoding.UTF8, status);

    /// <summary>A sentence, as HTML.</summary>
    /// <param name="phrase">Which.</param>
    public static string Html(Phrase phrase) => WebUtility.HtmlEncode(ProblemAnswers.English.Say(phrase));

    private static bool IsLookedAt(HttpContext context) => context.HasMark<PageEndpoint>()
        || context.Request.Headers["Sec-Fetch-Dest"] == "document"
        || context.Request.GetTypedHeaders().Accept.Any(a => a.MediaType.Equals("text/html", StringComparison.OrdinalIgnoreCase));
}
