using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using System.Xml.Linq;

namespace Juxtherm.Web.Tests;

/// <summary>Placement over the API, and guides measured on what they print.</summary>
public sealed class PlacementApiTests : Api
{
    // 254 dpi: ten dots to the millimetre.
    private const int DotsPerMm = 10;

    private static JsonObject Placed(double x = 115, double y = 135, double w = 150, double h = 100, string form = "tee")
    {
        var job = Tee();
        job["blank"]!["form"] = form;
        foreach (var (name, value) in new[] { ("xMm", x), ("yMm", y), ("widthMm", w), ("heightMm", h) })
            job["layers"]![0]![name] = value;
        return job;
    }

    [Fact]
    public async Task Both_faces_come_drawn_to_measure_with_proposals_and_distances()
    {
        var answer = await Post("/api/placement", Placed());
        var (front, back) = (answer["front"]!, answer["back"]!);
        Assert.Equal((430, 560, "adult-m"), ((double)front["widthMm"]!, (double)front["heightMm"]!, (string)front["size"]!));
        Assert.Equal(["chest", "left-chest", "middle"], front["proposals"]!.AsArray().Select(p => (string)p!["id"]!));
        Assert.Equal((75, -25), ((double)front["distances"]!["belowCollar"]!, (double)front["distances"]!["offCentre"]!));
        Assert.Null(back["artwork"]);
        Assert.Equal("yoke", (string)back["proposals"]![0]!["id"]!);
        Assert.Equal("cutter-width", (string)front["largest"]!["limitedBy"]!);
        Assert.Equal("item",
            (string)(await Post("/api/placement?cutterWidthMm=600&cutterLengthMm=3000", Placed()))["front"]!["largest"]!["limitedBy"]!);
    }

    [Fact]
    public async Task What_the_tape_says_counts_and_an_unknown_measure_is_named()
    {
        var job = Placed();
        job["blank"]!["measures"] = new JsonObject { ["collarDropFront"] = 90 };
        Assert.Equal(45, (double)(await Post("/api/placement", job))["front"]!["distances"]!["belowCollar"]!);
        job["blank"]!["measures"] = new JsonObject { ["colarDrop"] = 90 };
        var (status, problem) = await Send(HttpMethod.Post, "/api/placement", job);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Equal("#/blank/measures/colarDrop", (string)problem!["errors"]![0]!["pointer"]!);
    }

    [Theory]
    [InlineData("/api/placement/grade", HttpStatusCode.BadRequest)]
    [InlineData("/api/placement/grade?run=adult-m:x", HttpStatusCode.BadRequest)]
    [InlineData("/api/placement/grade?run=adult-m:4,child:2", HttpStatusCode.OK)]
    [InlineData("/api/placement/letters?word=%20-", HttpStatusCode.BadRequest)]
    [InlineData("/api/placement/letters?word=TARN&perPack=0", HttpStatusCode.BadRequest)]
    [InlineData("/api/placement/letters?word=TARN&perPack=6", HttpStatusCode.OK)]
    public async Task Sums_answer_or_say_what_they_need(string path, HttpStatusCode status) =>
    Assert.Equal(status, (await Send(HttpMethod.Post, path, Placed())).Status);

    [Fact]
    public async Task Sides_that_cannot_be_are_refused()
    {
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Get, "/api/placement/square?top=0&bottom=1&left=1&right=1")).Status);
        Assert.Equal(3, (double)(await Get("/api/placement/square?top=300&bottom=306&left=400&right=400"))["shareMm"]!);
    }

    [Theory]
    [InlineData("measureMm=500&share=0.6&widthMm=200&heightMm=100", HttpStatusCode.OK)]
    [InlineData("measureMm=0&share=0.6&widthMm=200&heightMm=100", HttpStatusCode.BadRequest)]
    [InlineData("measureMm=500&share=11&widthMm=200&heightMm=100", HttpStatusCode.BadRequest)]
    // Larger than any artwork may be, in its width or in its height.
    [InlineData("measureMm=2900&share=2&widthMm=200&heightMm=100", HttpStatusCode.BadRequest)]
    [InlineData("measureMm=2900&share=1&widthMm=100&heightMm=200", HttpStatusCode.BadRequest)]
    public async Task Artwork_is_sized_to_a_measure_within_what_artwork_may_be(string question, HttpStatusCode answer) =>
        Assert.Equal(answer, (await Send(HttpMethod.Get, $"/api/placement/to-measure?{question}")).Status);

    [Fact]
    public async Task A_guide_needs_something_placed()
    {
        var id = await AddJob();
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Get, $"/api/jobs/{id}/guide.pdf")).Status);
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Get, $"/api/jobs/{await AddJob(Placed())}/guide.png")).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/jobs/{Guid.NewGuid()}/guide.pdf")).Status);
    }

    [Theory]
    [InlineData(150, 100)]
    [InlineData(60, 120)]
    public async Task The_printed_guide_is_true_to_half_a_millimetre(double width, double height)
    {
        var id = await AddJob(Placed((430 - width) / 2, 135, width, height));
        var pages = await Rendered(await Client.GetByteArrayAsync($"/api/jobs/{id}/guide.pdf"));
        var page = Assert.Single(pages);
        var bar = Rows(page).SelectMany(r => r.Runs).Select(r => r.Length).Where(l => l > 900).DefaultIfEmpty().Max();
        Assert.Equal(100, bar / (double)DotsPerMm, 0.5);

        // The artwork's corners: pairs of marks 14 mm long, as far apart as the artwork is wide.
        var corner = Math.Min(14, width / 2) * DotsPerMm;
        var marked = Rows(page).Where(r => r.Runs.Count(run => Math.Abs(run.Length - corner) < 12) == 2).ToList();
        var runs = marked[0].Runs.Where(run => Math.Abs(run.Length - corner) < 12).ToList();
        // Strokes are 0.4 mm wide: their middles are what is measured.
        Assert.Equal(width, (runs[1].Start + runs[1].Length - runs[0].Start - 4) / (double)DotsPerMm, 0.5);
        Assert.Equal(height, (marked[^1].Y - marked[0].Y - 4 + 1) / (double)DotsPerMm, 0.5);
    }

    [Fact]
    public async Task A_guide_larger_than_the_paper_is_tiled_and_every_sheet_fits_the_paper()
    {
        var id = await AddJob(Placed(40, 135, 350, 350));
        var pages = await Rendered(await Client.GetByteArrayAsync($"/api/jobs/{id}/guide.pdf"));
        Assert.InRange(pages.Count, 3, 6);
        Assert.All(pages,
            p => Assert.Equal(new[] { 2100, 2970 }, new[] { p.GetLength(0), p.GetLength(1) }.Order()
                .Select(d => (int)Math.Round(d / 10.0) * 10)));
    }

    [Fact]
    public async Task The_same_guide_as_svg_says_the_same_in_millimetres()
    {
        var id = await AddJob(Placed());
        var svg = XDocument.Parse(await Client.GetStringAsync($"/api/jobs/{id}/guide.svg")).Root!;
        Assert.EndsWith("mm", (string)svg.Attribute("width")!, StringComparison.Ordinal);
        double[][] Points(string part) =>
            [.. svg.Elements().Where(e => (string?)e.Attribute("class") == part)
                .SelectMany(e => ((string)e.Attribute("points")!).Split(' '))
                .Select(p => p.Split(',').Select(c => double.Parse(c, CultureInfo.InvariantCulture)).ToArray())];
        var bar = Points("bar");
        Assert.Equal(100, bar.Max(p => p[0]) - bar.Min(p => p[0]), 0.01);
        var corners = Points("corner");
        Assert.Equal((115, 135, 265, 235),
            (corners.Min(p => p[0]), corners.Min(p => p[1]), corners.Max(p => p[0]), corners.Max(p => p[1])));
        var collar = Points("collar");
        Assert.Equal(60, collar.Max(p => p[1]), 0.01);
        var picture = XDocument.Parse(await Client.GetStringAsync($"/api/jobs/{id}/guide.svg?what=picture")).Root!;
        Assert.Single(picture.Elements(), e => (string?)e.Attribute("class") == "layer");
        // A stamp shows the same without words.
        var stamp = XDocument.Parse(await Client.GetStringAsync($"/api/jobs/{id}/guide.svg?what=stamp")).Root!;
        Assert.NotEmpty(stamp.Elements());
        Assert.DoesNotContain(stamp.Descendants(), e => e.Name.LocalName == "text");
    }

    public static TheoryData<string> Forms => [.. new[]
    {
        "tee", "bodysuit", "sweatshirt", "jersey", "one-piece", "apron", "cap", "tote", "cushion", "pot-holder", "neckerchief", "stocking",
        "pennant", "stretched-canvas", "patch", "key-fob", "mug", "coaster", "plaque", "flat",
    }];

    [Theory]
    [MemberData(nameof(Forms))]
    public async Task Every_item_takes_artwork_at_its_usual_place_and_gives_a_guide(string form)
    {
        var catalogue = await Get("/api/catalogue");
        var material = (string)catalogue["forms"]!.AsArray().Single(f => (string)f!["id"]! == form)!["usualMaterial"]!;
        var job = Tee(form);
        job["blank"] = new JsonObject { ["form"] = form, ["material"] = material };
        (job["layers"]![0]!["widthMm"], job["layers"]![0]!["heightMm"]) = (25, 20);
        var usual = (await Post("/api/placement", job))["front"]!["proposals"]![0]!;
        (job["layers"]![0]!["xMm"], job["layers"]![0]!["yMm"]) = ((double)usual["xMm"]!, (double)usual["yMm"]!);
        var front = (await Post("/api/placement", job))["front"]!;
        Assert.Equal(0, (double)front["distances"]!["offCentre"]!, 0.1);
        Assert.True((double)front["largest"]!["widthMm"]! >= 25, "what lies there must fit there");

        var id = await AddJob(job);
        Assert.Single(await Rendered(await Client.GetByteArrayAsync($"/api/jobs/{id}/guide.pdf")));
        var svg = XDocument.Parse(await Client.GetStringAsync($"/api/jobs/{id}/guide.svg")).Root!;
        var view = ((string)svg.Attribute("viewBox")!).Split(' ').Select(v => double.Parse(v, CultureInfo.InvariantCulture)).ToArray();
        foreach (var line in svg.Elements().Where(e => e.Name.LocalName == "polyline"))
        {
            foreach (var place in ((string)line.Attribute("points")!).Split(' ')
                .Select(p => p.Split(',').Select(v => double.Parse(v, CultureInfo.InvariantCulture)).ToArray()))
            {
                Assert.InRange(place[0], view[0] - 0.01, view[0] + view[2] + 0.01);
                Assert.InRange(place[1], view[1] - 0.01, view[1] + view[3] + 0.01);
            }
        }

        var picture = XDocument.Parse(await Client.GetStringAsync($"/api/jobs/{id}/guide.svg?what=picture")).Root!;
        Assert.Single(picture.Elements(), e => (string?)e.Attribute("class") == "item");
    }

    private sealed record Run(int Start, int Length);

    private sealed record Row(int Y, List<Run> Runs);

    /// <summary>Runs of dark dots in each row.</summary>
    private static IEnumerable<Row> Rows(byte[,] page)
    {
        for (var y = 0; y < page.GetLength(0); y++)
        {
            var runs = new List<Run>();
            var start = -1;
            for (var x = 0; x <= page.GetLength(1); x++)
            {
                var dark = x < page.GetLength(1) && page[y, x] < 140;
                if (dark && start < 0)
                    start = x;
                if (!dark && start >= 0)
                {
                    runs.Add(new Run(start, x - start));
                    start = -1;
                }
            }

            if (runs.Count > 0)
                yield return new Row(y, runs);
        }
    }

    /// <summary>Pages as grey dots, by poppler's renderer: another program than the one that wrote them.</summary>
    internal static async Task<List<byte[,]>> Rendered(byte[] pdf)
    {
        var folder = Directory.CreateTempSubdirectory("juxtherm-guide-").FullName;
        try
        {
            var file = Path.Combine(folder, "guide.pdf");
            await File.WriteAllBytesAsync(file, pdf);
            using var process =
                Process.Start(
                    new ProcessStartInfo("pdftoppm",
                        ["-gray", "-r", "254", file, Path.Combine(folder, "page")])
                    {
                        RedirectStandardError = true,
                        UseShellExecute = false
                    })!;
            var said = await process.StandardError.ReadToEndAsync();
            await process.WaitForExitAsync();
            Assert.True(process.ExitCode == 0, said);
            return [.. Directory.GetFiles(folder, "*.pgm").Order(StringComparer.Ordinal).Select(p => Pgm(File.ReadAllBytes(p)))];
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    /// <summary>A binary grey map (P5): words for kind, width, height and depth, then a byte a dot.</summary>
    private static byte[,] Pgm(byte[] bytes)
    {
        var words = new List<string>();
        var at = 0;
        while (words.Count < 4)
        {
            var from = at;
            while (!char.IsWhiteSpace((char)bytes[at]))
                at++;
            words.Add(Encoding.ASCII.GetString(bytes, from, at - from));
            at++;
        }

        Assert.Equal("P5", words[0]);
        var (width, height) = (int.Parse(words[1], CultureInfo.InvariantCulture), int.Parse(words[2], CultureInfo.InvariantCulture));
        var page = new byte[height, width];
        Buffer.BlockCopy(bytes, at, page, 0, width * height);
        return page;
    }
}
