using System.Net;
using System.Text.Json.Nodes;
using Juxtherm.Core.Cutting.Files;
using Juxtherm.Core.Reading;
using SkiaSharp;

namespace Juxtherm.Web.Tests;

/// <summary>A job's artwork as files for other programs, and as a picture for whoever ordered it.</summary>
public sealed class ArtworkFileTests : Api
{
    // A frame of 60 with a window of 20, and a disc of 10 radius: what it comes to is known.
    private static JsonObject Framed()
    {
        var job = Tee("Two layers");
        job["blank"]!["colour"] = "#203050";
        JsonObject Layer(string id, string colour, string shape, double x, double y, double size) => new()
        {
            ["id"] = id,
            ["vinyl"] = "smooth",
            ["colour"] = colour,
            ["shape"] = shape,
            ["xMm"] = x,
            ["yMm"] = y,
            ["widthMm"] = size,
            ["heightMm"] = size
        };
        job["layers"] = new JsonArray(
            Layer("frame", "#d9a441", "M0 0H60V60H0ZM20 20V40H40V20Z", 150, 150, 60),
            Layer("disc, small", "#cc3388", "M0 10A10 10 0 0 0 20 10A10 10 0 0 0 0 10Z", 220, 150, 20));
        return job;
    }

    private static double Area(IReadOnlyList<Core.Geometry.Spot> ring) => Math.Abs(ring.Select((p, i) =>
    {
        var next = ring[(i + 1) % ring.Count];
        return p.X * next.Y - next.X * p.Y;
    }).Sum()) / 2;

    [Fact]
    public async Task As_DXF_each_vinyl_has_a_layer_and_every_line_its_true_size()
    {
        var id = await AddJob(Framed());
        var problems = new Problems();
        var lines = DxfOutlines.Read(await Client.GetStringAsync($"/api/jobs/{id}/artwork.dxf"), problems);
        Assert.True(problems.None);
        Assert.Equal(["DISC__SMALL", "FRAME"], lines.Select(l => l.Layer).Distinct().Order(StringComparer.Ordinal));
        Assert.All(lines, l => Assert.True(l.Closed));
        var frame = lines.Where(l => l.Layer == "FRAME").Select(l => Area(l.Points)).Order().ToList();
        Assert.Equal([400, 3600], frame.Select(a => Math.Round(a, 1)));
        var disc = Assert.Single(lines, l => l.Layer == "DISC__SMALL");
        Assert.Equal(Math.PI * 100, Area(disc.Points), 0.5);
        // Its lower left corner is the origin; y runs upward, so the disc beside the frame's top lies high.
        Assert.Equal((0, 0), (lines.SelectMany(l => l.Points).Min(p => p.X), Math.Round(lines.SelectMany(l => l.Points).Min(p => p.Y), 6)));
        Assert.Equal(40, disc.Points.Min(p => p.Y), 0.01);
    }

    [Fact]
    public async Task As_PDF_it_is_printed_in_its_true_size()
    {
        var id = await AddJob(Framed());
        var dots = Assert.Single(await PlacementApiTests.Rendered(await Client.GetByteArrayAsync($"/api/jobs/{id}/artwork.pdf")));
        var ink = (from y in Enumerable.Range(0, dots.GetLength(0))
                   from x in Enumerable.Range(0, dots.GetLength(1))
                   where dots[y, x] < 250
                   select (X: x, Y: y)).ToList();
        // Ten dots to the millimetre: 90 by 60 mm.
        Assert.Equal(900, ink.Max(d => d.X) - ink.Min(d => d.X) + 1, 3.0);
        Assert.Equal(600, ink.Max(d => d.Y) - ink.Min(d => d.Y) + 1, 3.0);
        Assert.Equal(320_000 + Math.PI * 10_000, ink.Count, 4000.0);
    }

    [Theory]
    [InlineData("artwork.exe", HttpStatusCode.BadRequest)]
    [InlineData("artwork.svg?face=back", HttpStatusCode.NotFound)]
    [InlineData("artwork.dxf?face=back", HttpStatusCode.NotFound)]
    public async Task What_is_not_there_is_said(string path, HttpStatusCode status)
    {
        using var answer = await Client.GetAsync($"/api/jobs/{await AddJob(Framed())}/{path}");
        Assert.Equal(status, answer.StatusCode);
    }

    [Fact]
    public async Task The_proof_shows_the_item_and_every_vinyl_in_its_colour()
    {
        using var proof = SKBitmap.Decode(await Client.GetByteArrayAsync($"/api/jobs/{await AddJob(Framed())}/proof.png"));
        var seen = Shares(proof);
        Assert.True(seen[0xffd9a441] > 0.003 && seen[0xff203050] > 0.2, string.Join(' ', seen.Take(6)));
        // The frame is 3200 square millimetres, the disc 314.
        Assert.Equal(3200 / (Math.PI * 100), seen[0xffd9a441] / seen[0xffcc3388], 1.0);
    }

    [Fact]
    public async Task A_run_with_names_is_shown_piece_by_piece_each_in_its_own_colour()
    {
        var job = Framed();
        job["layers"]![0]!["word"] = new JsonObject { ["text"] = "Name", ["heightMm"] = 30, ["fromNames"] = true };
        job["names"] = new JsonArray(
            new JsonObject { ["name"] = "Ada", ["garmentColour"] = "#aa2200" }, new JsonObject { ["name"] = "Bo", ["colour"] = "#22bb44" });
        using var proof = SKBitmap.Decode(await Client.GetByteArrayAsync($"/api/jobs/{await AddJob(job)}/proof.png"));
        var seen = Shares(proof);
        Assert.All(new uint[] { 0xffaa2200, 0xff203050, 0xffd9a441, 0xff22bb44 },
            c => Assert.True(seen.GetValueOrDefault(c) > 0.00004, $"{c:x}"));
        Assert.Equal(seen[0xffaa2200], seen[0xff203050], seen[0xffaa2200] * 0.05);
    }

    private static Dictionary<uint, double> Shares(SKBitmap picture)
    {
        // Read once: each look at the pixels copies all of them.
        var pixels = picture.Pixels;
        return pixels.CountBy(p => (uint)p).OrderByDescending(c => c.Value).ToDictionary(c => c.Key, c => (double)c.Value / pixels.Length);
    }
}
