using System.Globalization;
using Juxtherm.Core.Notices;
using Microsoft.AspNetCore.Http.Features;

namespace Juxtherm.Web.Hosting;

/// <summary>
/// Refuses every spelling of an address but the one that the program itself uses: whatever reads paths as text, here or on the way, then
/// reads what routing reads.
/// </summary>
/// <param name="next">What comes after.</param>
internal sealed class CanonicalPathOnly(RequestDelegate next)
{
    public Task InvokeAsync(HttpContext context) => IsCanonical(context)
        ? next(context)
        : Refusals.RefuseAsync(context, StatusCodes.Status400BadRequest, "path", new Phrase("refused.path"),
            new Phrase("refused.path-why"));

    private static bool IsCanonical(HttpContext context)
    {
        var sent = context.Features.Get<IHttpRequestFeature>()?.RawTarget;
        var path = (string.IsNullOrEmpty(sent) ? context.Request.Path.Value! : sent).Split('?', 2)[0];
        return path.StartsWith('/') && (path.Length == 1 || !path.EndsWith('/')) && HasPlainSegments(path)
            && IsSpelledAsMapped(context.GetEndpoint() as RouteEndpoint, context.Request.Path.Value!);
    }

    // Percent signs are for what cannot stand in an address: not for letters, dots, or anything that would part it elsewhere.
    private static bool HasPlainSegments(string path)
    {
        if (path.Contains("//", StringComparison.Ordinal) || path.Contains('\\', StringComparison.Ordinal)
            || path.Split('/').Any(segment => segment is "." or ".."))
            return false;
        for (var i = path.IndexOf('%', StringComparison.Ordinal); i >= 0; i = path.IndexOf('%', i + 1))
        {
            if (i + 2 >= path.Length || !byte.TryParse(path.AsSpan(i + 1, 2), NumberStyles.AllowHexSpecifier, null, out var code)
                || code < ' ' || code == 0x7F || char.IsAsciiLetterOrDigit((char)code)
                || "-._~/\\".Contains((char)code, StringComparison.Ordinal))
                return false;
        }

        return true;
    }

    // Routing does not look at case; addresses are spelled in one way all the same.
    private static bool IsSpelledAsMapped(RouteEndpoint? endpoint, string path)
    {
        if (endpoint?.RoutePattern.PathSegments is not { } segments)
            return true;
        var sent = path.Split('/', StringSplitOptions.RemoveEmptyEntries);
        for (var i = 0; i < segments.Count && i < sent.Length; i++)
        {
            foreach (var part in segments[i].Parts.OfType<Microsoft.AspNetCore.Routing.Patterns.RoutePatternLiteralPart>())
            {
                if (!sent[i].Contains(part.Content, StringComparison.Ordinal))
                    return false;
            }
        }

        return true;
    }
}
