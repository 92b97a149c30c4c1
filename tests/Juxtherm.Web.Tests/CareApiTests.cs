using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using SkiaSharp;

namespace Juxtherm.Web.Tests;

/// <summary>After the press: setting time, cards, dates, photos.</summary>
public sealed class CareApiTests : BenchApi
{
    private Task<byte[]> Bytes(string path) =>
        Client.GetByteArrayAsync(new Uri(path, UriKind.Relative), TestContext.Current.CancellationToken);

    private static string Text(byte[] file) => Encoding.Latin1.GetString(file);

    [Fact]
    public async Task Every_garment_has_a_day_to_set_and_then_may_be_washed()
    {
        var run = await ToItsEnd(await Begin(Named("Juna", "Ilse")));
        var curing = Assert.Single((await Get("/api/care")).AsArray())!;
        Assert.Equal(((string)run["id"]!, (string)run["jobId"]!, "wash"),
            ((string)curing["runId"]!, (string)curing["jobId"]!, (string)curing["kind"]!));
        Assert.Equal(["Juna", "Ilse"], curing["pieces"]!.AsArray().Select(p => (string)p!["name"]!));
        Assert.All(curing["pieces"]!.AsArray(),
            p => Assert.Equal(TimeSpan.FromHours(24), (DateTimeOffset)p!["washFromUtc"]! - (DateTimeOffset)p["pressedUtc"]!));
        Clock.Advance(49 * 3600);
        Assert.Empty((await Get("/api/care")).AsArray());
    }

    [Theory]
    [InlineData("tee", "cotton", "wash-mild30", "tumble-low", 24)]
    [InlineData("pennant", "wool-felt", "do-not-wash", "wipe", 0)]
    [InlineData("tote", "jute", "wash-by-hand", "do-not-tumble", 24)]
    [InlineData("mug", "ceramic", "wash-by-hand", "no-dishwasher", 24)]
    [InlineData("key-fob", "leather-veg", "do-not-wash", "wipe", 0)]
    public async Task Cloth_is_washed_mugs_by_hand_and_leather_is_wiped(string form, string material, string first, string other,
        double hours)
    {
        var job = Tee();
        job["blank"] = new JsonObject { ["form"] = form, ["material"] = material };
        if (form == "mug")
            job["tools"] = new JsonObject { ["heatSource"] = "mug-press" };
        var care = await Post("/api/care/advice", job);
        var symbols = care["marks"]!.AsArray().Select(m => (string)m!["symbol"]!).ToList();
        Assert.Equal((first, hours), (symbols[0], (double)care["cureHours"]!));
        Assert.Contains(other, symbols);
        foreach (var symbol in symbols)
            Assert.Contains("<path", Encoding.UTF8.GetString(await Bytes($"/api/care/symbols/{symbol}.svg")), StringComparison.Ordinal);
        using var none = await Client.GetAsync(new Uri("/api/care/symbols/spin.svg", UriKind.Relative),
            TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.NotFound, none.StatusCode);
    }

    [Fact]
    public async Task A_card_for_each_name_is_printed_four_to_a_sheet()
    {
        var run = await ToItsEnd(await Begin(Named("Juna", "Ilse", "Orrin", "Mabel", "Tove")));
        var cards = Text(await Bytes($"/api/runs/{run["id"]}/care.pdf?minutesFromUtc=120"));
        Assert.StartsWith("%PDF-", cards, StringComparison.Ordinal);
        Assert.Contains("/Count 2", cards, StringComparison.Ordinal);
        var one = Text(await Bytes($"/api/jobs/{await AddJob()}/care.pdf"));
        Assert.Contains("/Count 1", one, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/runs/{Guid.NewGuid()}/care.pdf")).Status);
    }

    [Fact]
    public async Task Dates_go_into_a_calendar_and_keep_their_names_when_they_change()
    {
        var run = await ToItsEnd(await Begin(Named("Juna", "Ilse")));
        var last = (DateTimeOffset)(await Get("/api/log"))["entries"]![0]!["atUtc"]!;
        var dates = Encoding.UTF8.GetString(await Bytes($"/api/runs/{run["id"]}/dates.ics?handover=2026-06-01T16:30:00Z"))
            .ReplaceLineEndings("\n");
        Assert.Equal(2, dates.Split("BEGIN:VEVENT").Length - 1);
        Assert.Contains($"DTSTART:{last.AddHours(24).UtcDateTime:yyyyMMdd'T'HHmmss}Z", dates, StringComparison.Ordinal);
        Assert.Contains("DTSTART:20260601T163000Z", dates, StringComparison.Ordinal);
        Assert.Contains($"UID:{run["id"]}-wash@juxtherm", dates, StringComparison.Ordinal);
        Assert.Contains("Juna\\, Ilse", dates, StringComparison.Ordinal);
        var (status, problem) = await Send(HttpMethod.Get, $"/api/runs/{run["id"]}/dates.ics?handover=tomorrow");
        Assert.Equal((HttpStatusCode.BadRequest, "#/handover"), (status, (string)problem!["errors"]![0]!["pointer"]!));
    }

    [Fact]
    public async Task A_photo_is_made_small_and_upright_and_nothing_but_the_picture_is_left_in_it()
    {
        await ToItsEnd(await Begin());
        var id = (long)(await Get("/api/log"))["entries"]![0]!["id"]!;
        var sent = Camera(2400, 1200);
        Assert.Contains("Hut on the tarn", Text(sent), StringComparison.Ordinal);
        var entry = await Photo(id, sent);
        var photo = (string)Assert.Single(entry["photos"]!.AsArray())!;
        var kept = await Bytes($"/api/log/photos/{photo}");
        Assert.DoesNotContain("Exif", Text(kept), StringComparison.Ordinal);
        Assert.DoesNotContain("Hut on the tarn", Text(kept), StringComparison.Ordinal);
        using var large = SKBitmap.Decode(kept);
        using var small = SKBitmap.Decode(await Bytes($"/api/log/photos/{photo}/small"));
        // The camera lay on its side: its left edge is the picture's top.
        Assert.Equal((800, 1600, 160, 320), (large.Width, large.Height, small.Width, small.Height));
        Assert.True(large.GetPixel(400, 40).Red > 200 && large.GetPixel(400, 1560).Red < 60);
        using var gone = await Client.DeleteAsync(new Uri($"/api/log/photos/{photo}", UriKind.Relative),
            TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.NoContent, gone.StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/log/photos/{photo}")).Status);
    }

    [Theory]
    [InlineData("no picture at all", "JPEG")]
    [InlineData("", "JPEG")]
    public async Task What_is_no_picture_is_refused_and_says_what_would_be(string content, string says)
    {
        await ToItsEnd(await Begin());
        var problem = await Photo((long)(await Get("/api/log"))["entries"]![0]!["id"]!, Encoding.UTF8.GetBytes(content),
            HttpStatusCode.BadRequest);
        Assert.Contains(says, problem.ToJsonString(), StringComparison.Ordinal);
        await Photo(999, Camera(20, 10), HttpStatusCode.NotFound);
    }

    private async Task<JsonNode> Photo(long id, byte[] content, HttpStatusCode expected = HttpStatusCode.OK)
    {
        using var body = new ByteArrayContent(content);
        body.Headers.ContentType = new("application/octet-stream");
        using var answer = await Client.PostAsync(new Uri($"/api/log/{id}/photos", UriKind.Relative), body,
            TestContext.Current.CancellationToken);
        Assert.Equal(expected, answer.StatusCode);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
    }

    /// <summary>A picture as a camera held on its side writes it: red on the left, black on the right, with where it was taken.</summary>
    private static byte[] Camera(int width, int height)
    {
        using var bitmap = new SKBitmap(width, height);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(SKColors.Black);
            using var red = new SKPaint { Color = SKColors.Red };
            canvas.DrawRect(0, 0, width / 2f, height, red);
        }

        using var image = SKImage.FromBitmap(bitmap);
        using var jpeg = image.Encode(SKEncodedImageFormat.Jpeg, 90);
        var plain = jpeg.ToArray();
        // An EXIF part by hand (TIFF 6.0 within JPEG's APP1): orientation 6, and a description.
        var says = Encoding.ASCII.GetBytes("Hut on the tarn\0");
        byte[] tiff =
        [
            .. "MM\0*"u8, 0, 0, 0, 8, 0, 2,
            1, 0x0E, 0, 2, 0, 0, 0, (byte)says.Length, 0, 0, 0, 38,
            1, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0,
            0, 0, 0, 0, .. says,
        ];
        var length = 2 + 6 + tiff.Length;
        return [plain[0], plain[1], 0xFF, 0xE1, (byte)(length >> 8), (byte)length, .. "Exif\0\0"u8, .. tiff, .. plain.AsSpan(2)];
    }
}
