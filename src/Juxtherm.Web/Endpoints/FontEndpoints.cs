using Juxtherm.App.Artwork;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.FontFiles;
using Juxtherm.Core.Catalogue;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>Fonts to set words in: those that ship, and the workshop's own.</summary>
internal static class FontEndpoints
{
    public static void MapFonts(this IEndpointRouteBuilder routes)
    {
        var fonts = routes.MapGroup("/api/fonts").WithTags("Fonts").Allow(AccessLevel.Owner);
        fonts.MapGet("/", (CatalogueSnapshot catalogue) => Results.Ok(catalogue.Fonts.All)).Produces<LetterFont[]>()
            .Allow(AccessLevel.Look);
        fonts.MapPost("/", async (HttpRequest request, OwnFonts own, CancellationToken cancel) =>
        {
            using var body = new MemoryStream();
            await request.Body.CopyToAsync(body, cancel);
            return Answers.Of(await own.AddAsync(body.ToArray(), cancel));
        }).Accepts<object>("application/octet-stream").Produces<LetterFont>().ProducesProblem(400).ProducesProblem(413)
            .WithMetadata(new RequestSizeLimitAttribute(FontFile.MostBytes));
        fonts.MapDelete("/{id}", async (string id, OwnFonts own, CancellationToken cancel) =>
            await own.RemoveAsync(id, cancel) ? Results.NoContent() : ProblemAnswers.NotFound("font")).Produces(204).ProducesProblem(404);
    }
}
