using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using NetTopologySuite.Algorithm.Distance;
using NetTopologySuite.Geometries;
using SkiaSharp;

namespace Juxtherm.Web.Tests;

/// <summary>Shapes of known outline, drawn as pixels by another library and traced back.</summary>
public sealed class PictureTracingTests : Api
{
    private const int Pixels = 1200;
    private const double WidthMm = 150;
    private const double PerMm = Pixels / WidthMm;

    private static byte[] Png(Action<SKCanvas> draw, SKColor ground, int width = Pixels, int height = Pixels,
        SKEncodedImageFormat format = SKEncodedImageFormat.Png)
    {
        using var surface = SKSurface.Create(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Premul));
        surface.Canvas.Clear(ground);
        draw(surface.Canvas);
        using var shot = surface.Snapshot();
        using var data = shot.Encode(format, 92);
        return data.ToArray();
    }

    private static SKPaint Ink(SKColor colour) => new() { Color = colour, IsAntialias = true, Style = SKPaintStyle.Fill };

    private static SKPoint[] Star(double cx, double cy, double outer, double inner, int points) =>
        [.. Enumerable.Range(0, 2 * points).Select(i =>
            (R: i % 2 == 0 ? outer : inner, Angle: Math.PI * i / points - Math.PI / 2))
            .Select(p => new SKPoint((float)(cx + p.R * Math.Cos(p.Angle)), (float)(cy + p.R * Math.Sin(p.Angle))))];

    private static void Fill(SKCanvas canvas, SKPoint[] points, SKPaint ink)
    {
        using var path = new SKPathBuilder();
        path.AddPoly(points, close: true);
        using var shape = path.Detach();
        canvas.DrawPath(shape, ink);
    }

    private async Task<(HttpStatusCode Status, JsonNode Answer)> Trace(byte[] file, string question = "")
    {
        using var content = new ByteArrayContent(file);
        content.Headers.ContentType = new("application/octet-stream");
        using var answer = await Client.PostAsync(
            $"/api/artwork/picture?widthMm={WidthMm.ToString(CultureInfo.InvariantCulture)}{question}", content);
        return (answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync())!);
    }

    private static List<Polygon> Polygons(JsonNode traced, int path = 0)
    {
        var paths = Regex.Matches((string)traced["svg"]!, " d=\"(?<d>[^\"]*)\"", RegexOptions.None, TimeSpan.FromSeconds(5));
        var d = paths[path].Groups["d"].Value;
        // Line by line, curves as straight pieces short enough.
        return [.. d.Split('Z', StringSplitOptions.RemoveEmptyEntries).Select(ring =>
        {
            var shape = Juxtherm.Core.Artwork.CutShape.Read(ring + "Z")!;
            var points = shape.LinesIn(shape.Bounds)[0].Select(p => new Coordinate(p.X, p.Y)).ToList();
            return new Polygon(new LinearRing([.. points, points[0]]));
        })];
    }

    private static Polygon InMm(IEnumerable<SKPoint> pixels)
    {
        var points = pixels.Select(p => new Coordinate(p.X / PerMm, p.Y / PerMm)).ToList();
        return new Polygon(new LinearRing([.. points, points[0]]));
    }

    [Theory]
    [InlineData(60)]
    [InlineData(400)]
    public async Task What_is_round_is_cut_in_one_smooth_turn(float radius)
    {
        using var ink = Ink(SKColors.Black);
        var (_, traced) = await Trace(Png(c => c.DrawCircle(600, 600, radius, ink), SKColors.White));
        Assert.Contains('C', (string)traced["svg"]!);
        var ring = Assert.Single(Polygons(traced)).Shell.Coordinates;
        for (var i = 0; i + 1 < ring.Length; i++)
        {
            var (before, here, after) = (ring[(i + ring.Length - 2) % (ring.Length - 1)], ring[i], ring[i + 1]);
            var turn = Math.IEEERemainder(
                Math.Atan2(after.Y - here.Y, after.X - here.X) - Math.Atan2(here.Y - before.Y, here.X - before.X), 2 * Math.PI);
            // No more than the straight pieces that stand for the curve ask for, and hardly ever back.
            Assert.InRange(Math.Abs(turn) * 180 / Math.PI, 0, 9);
            Assert.Equal(radius / PerMm, here.Distance(new Coordinate(600 / PerMm, 600 / PerMm)), 0.06);
        }
    }

    [Fact]
    public async Task A_star_keeps_its_corners_and_lies_where_it_was_drawn()
    {
        var star = Star(600, 600, 520, 210, 7);
        using var ink = Ink(SKColors.Black);
        var (_, traced) = await Trace(Png(c => Fill(c, star, ink), SKColors.White));
        var found = Assert.Single(Polygons(traced));
        var drawn = InMm(star);
        // A cutter repeats to about 0.1 mm; three tenths are what an eye sees on cloth.
        Assert.InRange(DiscreteHausdorffDistance.Distance(drawn, found, 0.05), 0, 0.3);
        Assert.Equal(drawn.Area, found.Area, 0.005 * drawn.Area);
        Assert.InRange(found.NumPoints, 14, 80);
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Png)]
    [InlineData(SKEncodedImageFormat.Jpeg)]
    [InlineData(SKEncodedImageFormat.Webp)]
    public async Task A_ring_is_round_inside_and_outside(SKEncodedImageFormat format)
    {
        using var ink = Ink(new SKColor(0x1b, 0x2a, 0x49));
        using var paper = Ink(SKColors.White);
        var file = Png(c =>
        {
            c.DrawCircle(600, 600, 480, ink);
            c.DrawCircle(600, 600, 300, paper);
        }, SKColors.White, format: format);
        var (_, traced) = await Trace(file);
        var rings = Polygons(traced).OrderByDescending(p => p.Area).ToList();
        Assert.Equal(2, rings.Count);
        foreach (var (ring, radius) in rings.Zip([480 / PerMm, 300 / PerMm]))
        {
            Assert.Equal(Math.PI * radius * radius, ring.Area, 0.005 * ring.Area);
            Assert.All(ring.Coordinates, p => Assert.InRange(Math.Sqrt(Math.Pow(p.X - 75, 2) + Math.Pow(p.Y - 75, 2)), radius - 0.15,
                radius + 0.15));
        }

        var (_, filled) = await Trace(file, "&holes=false");
        Assert.Single(Polygons(filled));
    }

    [Fact]
    public async Task The_same_picture_gives_the_same_outline()
    {
        var star = Star(600, 600, 520, 300, 5);
        using var ink = Ink(SKColors.DarkGreen);
        var file = Png(c => Fill(c, star, ink), SKColors.Ivory);
        Assert.Equal((string)(await Trace(file)).Answer["svg"]!, (string)(await Trace(file)).Answer["svg"]!);
        Assert.Equal((string)(await Trace(file, "&colours=3")).Answer["svg"]!, (string)(await Trace(file, "&colours=3")).Answer["svg"]!);
    }

    [Fact]
    public async Task What_is_transparent_is_not_cut_whatever_its_colour()
    {
        using var ink = Ink(SKColors.White);
        var (_, traced) = await Trace(Png(c => c.DrawRect(300, 300, 600, 600, ink), SKColors.Transparent));
        var square = Assert.Single(Polygons(traced));
        Assert.Equal(75 * 75, square.Area, 5.0);
    }

    [Fact]
    public async Task Light_things_on_a_dark_ground_are_cut_where_that_is_asked()
    {
        using var ink = Ink(SKColors.White);
        var file = Png(c => c.DrawCircle(600, 600, 400, ink), SKColors.Black);
        var (_, traced) = await Trace(file, "&light=true");
        Assert.Equal(Math.PI * 50 * 50, Assert.Single(Polygons(traced)).Area, 20.0);
    }

    [Fact]
    public async Task Colours_come_apart_and_the_paper_is_left_out()
    {
        using var red = Ink(new SKColor(0xd8, 0x20, 0x2a));
        using var blue = Ink(new SKColor(0x20, 0x58, 0xc8));
        var (_, traced) = await Trace(Png(c =>
        {
            c.DrawRect(150, 150, 600, 600, red);
            c.DrawCircle(850, 850, 200, blue);
        }, SKColors.White), "&colours=2");
        var colours = traced["colours"]!.AsArray().Select(c => (string)c!).ToList();
        Assert.Equal(2, colours.Count);
        Assert.StartsWith("#d", colours[0], StringComparison.Ordinal);
        Assert.EndsWith("8", colours[1], StringComparison.Ordinal);
        Assert.Equal(Math.PI * 25 * 25, Polygons(traced, 1).Sum(p => p.Area), 0.02 * Math.PI * 25 * 25);
    }

    [Fact]
    public async Task Specks_are_left_out_and_a_photo_is_told_that_it_will_not_do()
    {
        using var ink = Ink(SKColors.Black);
        var random = new Random(11);
        var file = Png(c =>
        {
            c.DrawRect(100, 100, 400, 400, ink);
            for (var i = 0; i < 600; i++)
                c.DrawCircle(560 + random.Next(600), 20 + random.Next(1150), 2, ink);
        }, SKColors.White);
        var (_, traced) = await Trace(file);
        Assert.Single(Polygons(traced));
        Assert.InRange((int)traced["specks"]!, 300, 600);
        Assert.Contains("photo", (string)traced["advice"]![0]!, StringComparison.Ordinal);
        var (_, coarse) = await Trace(Png(c => c.DrawCircle(60, 60, 40, ink), SKColors.White, 120, 120));
        Assert.Contains("too few", (string)coarse["advice"]![0]!, StringComparison.Ordinal);
    }

    public static TheoryData<string, byte[]> Hostile => new()
    {
        { "nothing", [] },
        { "text", "<svg xmlns='http://www.w3.org/2000/svg'/>"u8.ToArray() },
        // A PNG that promises 60,000 by 60,000 pixels in a few bytes.
        { "bomb", [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52, 0, 0, 0xea, 0x60, 0, 0, 0xea, 0x60,
            8, 6, 0, 0, 0, 0x5f, 0x2b, 0x6c, 0x2a] },
        { "cut off", Png(c => c.Clear(SKColors.Red), SKColors.White)[..60] },
    };

    [Theory]
    [MemberData(nameof(Hostile))]
    public async Task What_is_no_picture_is_refused_at_once(string what, byte[] file)
    {
        var since = Stopwatch.StartNew();
        var (status, problem) = await Trace(file);
        Assert.True(status == HttpStatusCode.BadRequest, what);
        Assert.NotEmpty((string)problem["errors"]![0]!["detail"]!);
        Assert.InRange(since.Elapsed.TotalSeconds, 0, 5);
    }

    [Theory]
    [InlineData("&colours=7", "#/colours", "1 to 6")]
    [InlineData("&threshold=2", "#/threshold", "0 to 1")]
    [InlineData("&smoothing=-1", "#/smoothing", "0 to 1")]
    public async Task What_is_asked_wrongly_names_the_field(string question, string pointer, string accepted)
    {
        using var ink = Ink(SKColors.Black);
        var (status, problem) = await Trace(Png(c => c.DrawCircle(60, 60, 40, ink), SKColors.White, 120, 120), question);
        var error = problem["errors"]![0]!;
        Assert.Equal((HttpStatusCode.BadRequest, pointer), (status, (string)error["pointer"]!));
        Assert.Contains(accepted, (string)error["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Artwork_goes_out_as_a_drawing_in_true_size_and_comes_back_the_same()
    {
        var star = Star(600, 600, 520, 210, 7);
        using var ink = Ink(new SKColor(0x1b, 0x2a, 0x49));
        using var gold = Ink(new SKColor(0xd9, 0xa4, 0x41));
        var (_, traced) = await Trace(Png(c =>
        {
            Fill(c, star, ink);
            c.DrawCircle(120, 120, 90, gold);
        }, SKColors.White), "&colours=2");
        var made = await Ok(HttpMethod.Post, "/api/artwork/bring-in", new JsonObject { ["job"] = Tee(), ["svg"] = (string)traced["svg"]! });
        var id = await AddJob(made["job"]!.AsObject());
        var svg = await Client.GetStringAsync($"/api/jobs/{id}/artwork.svg");
        using var body = new StringContent(svg, System.Text.Encoding.UTF8, "image/svg+xml");
        using var answer = await Client.PostAsync("/api/artwork", body);
        var back = JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["layers"]!.AsArray();
        using var first = new StringContent((string)traced["svg"]!, System.Text.Encoding.UTF8, "image/svg+xml");
        using var before = await Client.PostAsync("/api/artwork", first);
        var went = JsonNode.Parse(await before.Content.ReadAsStringAsync())!["layers"]!.AsArray();
        Assert.Equal(2, back.Count);
        foreach (var (there, here) in went.OrderBy(l => (double)l!["areaMm2"]!).Zip(back.OrderBy(l => (double)l!["areaMm2"]!)))
            Assert.Equal((double)there!["areaMm2"]!, (double)here!["areaMm2"]!, 0.002 * (double)there["areaMm2"]!);
        using var none = await Client.GetAsync($"/api/jobs/{id}/artwork.svg?face=back");
        Assert.Equal(HttpStatusCode.NotFound, none.StatusCode);
    }

    [Fact]
    public async Task A_traced_picture_becomes_layers_of_a_job()
    {
        var star = Star(600, 600, 520, 210, 7);
        using var ink = Ink(SKColors.Navy);
        var (_, traced) = await Trace(Png(c => Fill(c, star, ink), SKColors.White));
        var made = await Ok(HttpMethod.Post, "/api/artwork/bring-in", new JsonObject { ["job"] = Tee(), ["svg"] = (string)traced["svg"]! });
        var layer = Assert.Single(made["job"]!["layers"]!.AsArray())!;
        Assert.InRange((double)layer["widthMm"]!, 126, 131);
    }
}
