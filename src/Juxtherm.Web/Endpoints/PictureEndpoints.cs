using Juxtherm.App.Artwork;
using Juxtherm.Core.Artwork.Tracing;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Pictures of pixels, turned into outlines to cut. Nothing is kept here.</summary>
internal static class PictureEndpoints
{
    private const double UsualWidthMm = 150;
    private const double LeastWidthMm = 5;
    private const double MostWidthMm = 1000;
    private const double MostSpeckMm2 = 400;

    public static void MapPictures(this IEndpointRouteBuilder routes) =>
        routes.MapPost("/api/artwork/picture", TraceAsync).WithTags("Artwork").Accepts<object>("application/octet-stream")
            .Produces<TracedPicture>().ProducesProblem(400).ProducesProblem(413).Allow(AccessLevel.Look);

    private static async Task<IResult> TraceAsync(HttpRequest request, double? widthMm, int? colours, double? threshold, double? speckMm2,
        double? smoothing, bool? holes, bool? light, DrawingRoom room, ILanguage language, string? units, CancellationToken cancel)
    {
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        var words = language.WordsFor(App.ReaderUnits.Of(units));
        return Answers.Of(await room.DoAsync((problems, patience) =>
        {
            double Within(string name, double? said, double usual, double least, double most)
            {
                if (said is null || (said >= least && said <= most))
                    return said ?? usual;
                problems.Add("/" + name, new Phrase("picture.option", ("name", "/" + name), ("said", said.Value),
                    ("accepted", $"{least} to {most}")), "out-of-range");
                return usual;
            }

            var wishes = new TraceWishes(Within("widthMm", widthMm, UsualWidthMm, LeastWidthMm, MostWidthMm))
            {
                Colours = (int)Within("colours", colours, 1, 1, TraceWishes.MostColours),
                Threshold = threshold is null ? null : Within("threshold", threshold, 0.5, 0, 1),
                SpeckMm2 = Within("speckMm2", speckMm2, 1, 0, MostSpeckMm2),
                Smoothing = Within("smoothing", smoothing, 0.4, 0, 1),
                KeepsHoles = holes ?? true,
                Light = light ?? false,
            };
            return problems.None ? Traced(body.ToArray(), wishes, words, problems, patience) : null;
        }, cancel, "picture"));
    }

    private static TracedPicture? Traced(byte[] file, TraceWishes wishes, IWords words, Problems problems, CancellationToken patience)
    {
        try
        {
            if (PictureTracer.Trace(PicturePixels.Read(file), wishes, words, patience) is { } traced)
                return traced;
            problems.Add("", new Phrase("picture.nothing"), "nothing-to-cut");
        }
        catch (PhotoException e)
        {
            problems.Add("", e.Says, "unreadable");
        }

        return null;
    }
}
