using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Juxtherm.Testing;
using SkiaSharp;

namespace Juxtherm.Benchmarks;

/// <summary>The figures of docs/reliability.md: three hundred kills, and a workshop as large as any, with times and memory of the real
/// process.</summary>
internal static class ReliabilityReport
{
    private const int Kills = 300;
    private const int Jobs = 5_000;
    private const int Photos = 3_000;
    private const int ReadIn = 200_000;
    private const int Asked = 15;
    private const int IdleSeconds = 20;
    private static readonly string Dll = Path.Combine(AppContext.BaseDirectory, "Juxtherm.Web.dll");

    /// <summary>Both tables, or with <c>kills</c> or <c>workshop</c> among the arguments that one.</summary>
    public static async IAsyncEnumerable<string> LinesAsync(IReadOnlyCollection<string> args)
    {
        if (!args.Contains("workshop", StringComparer.Ordinal))
            yield return await KilledAsync();
        if (args.Contains("kills", StringComparer.Ordinal))
            yield break;
        yield return "";
        await foreach (var line in LargeAsync())
            yield return line;
    }

    private static async Task<string> KilledAsync()
    {
        var folder = Directory.CreateTempSubdirectory("juxtherm-kills-").FullName;
        try
        {
            using var kills = new Kills(Dll, folder, seed: 20260501);
            var r = await kills.RunAsync(Kills, CancellationToken.None);
            return string.Create(CultureInfo.InvariantCulture, $"""
                | killed | times | of these |
                |---|---:|---|
                | at work | {r.AtWork} | {r.Acknowledged} things acknowledged in all, {r.Lost} lost, {r.Doubled} doubled |
                | in a start with a migration to do | {r.InStart} | {r.Stuck} starts stuck afterwards |
                | in an exchange | {r.InExchange} | {r.Exchanged} had happened by then, {r.Half} half; {r.Overwritten} backups overwritten |
                | left about afterwards | | {r.LeftAbout} files |
                """);
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    private static async IAsyncEnumerable<string> LargeAsync()
    {
        var folder = Directory.CreateTempSubdirectory("juxtherm-large-").FullName;
        using (var data = DataFolder.Open(folder, DateTimeOffset.UtcNow))
        {
            await LogbookReport.FillAsync(data);
            await JobsAsync(data);
            await PhotosAsync(data);
        }

        using var service = new Service(Dll, folder);
        string Row(string what, double milliseconds, string note = "") =>
            string.Create(CultureInfo.InvariantCulture,
                $"| {what} | {milliseconds:0} | {service.Memory().Now:0} | {service.Memory().Most:0} | {note} |");
        async Task<double> OnceAsync(Func<Task> work)
        {
            var took = Stopwatch.StartNew();
            await work();
            return took.Elapsed.TotalMilliseconds;
        }

        async Task<byte[]> GetAsync(string path) => await service.Client.GetByteArrayAsync(new Uri(service.Address + path));
        async Task<(double Median, double Worst)> OftenAsync(string path)
        {
            var times = new List<double>();
            for (var i = 0; i < Asked; i++)
                times.Add(await OnceAsync(() => GetAsync(path)));
            times.Sort();
            return (times[Asked / 2], times[^1]);
        }

        yield return $"| {Jobs} jobs, 100000 entries, {Photos} photos | ms | MB now | MB at most | |";
        yield return "|---|---:|---:|---:|---|";
        service.Client.Timeout = TimeSpan.FromMinutes(20);
        yield return Row("start until it is ready", await OnceAsync(() => service.StartAsync(CancellationToken.None)));
        var tee = JsonNode.Parse(Job(0))!;
        var previews = await OnceAsync(() => Task.WhenAll(Enumerable.Range(0, 10).Select(async i =>
        {
            var job = tee.DeepClone();
            job["label"] = new JsonObject { ["celsius"] = 145 + i };
            using var answer = await service.Client.PostAsJsonAsync(new Uri(service.Address + "/api/plans/preview"), job);
            answer.EnsureSuccessStatusCode();
        })));
        yield return Row("ten previews at once, while it learns", previews);
        yield return Row("first page of the jobs, its cards not reckoned yet", await OnceAsync(() => GetAsync("/api/jobs?take=50")));
        var reckoned = await OnceAsync(async () =>
        {
            while (Encoding.UTF8.GetString(await GetAsync("/api/jobs?take=200&skip=4800"))
                .Contains("\"pending\":true", StringComparison.Ordinal))
                await Task.Delay(1000);
        });
        yield return Row("all cards reckoned, in the background", reckoned, "once after a change of the catalogue or the model");
        foreach (var (what, path) in new[] { ("first page of the jobs", "/api/jobs?take=50"),
            ("a job by its title", "/api/jobs?take=50&search=Order%204321"), ("newest fifty entries", "/api/log?take=50"),
            ("a word in the logbook", "/api/log?take=50&text=lantern") })
        {
            var (median, worst) = await OftenAsync(path);
            yield return Row(what, median, string.Create(CultureInfo.InvariantCulture, $"worst of {Asked}: {worst:0} ms"));
        }

        yield return Row("logbook as JSON", await OnceAsync(() => DrainAsync(service, "/api/log/logbook.json")));
        yield return Row("logbook as a table", await OnceAsync(() => DrainAsync(service, "/api/log/logbook.csv")));
        var archive = Path.Combine(folder, "..", Path.GetRandomFileName());
        yield return Row("whole workshop out", await OnceAsync(() => DrainAsync(service, "/api/keeping/archive", archive)),
            $"{new FileInfo(archive).Length / 1_000_000} MB");
        yield return Row("whole workshop in", await OnceAsync(async () =>
        {
            await using var file = File.OpenRead(archive);
            using var answer = await service.Client.PostAsync(new Uri(service.Address + "/api/keeping/archive"),
                new StreamContent(file) { Headers = { { "Content-Type", "application/octet-stream" } } });
            if (!answer.IsSuccessStatusCode)
                throw new InvalidOperationException(await answer.Content.ReadAsStringAsync());
        }));
        File.Delete(archive);
        var lines = Lines();
        yield return Row($"{ReadIn} entries read in", await OnceAsync(() => ReadInAsync(service, lines)), "in the background");
        var before = service.ProcessorSeconds();
        await Task.Delay(TimeSpan.FromSeconds(IdleSeconds));
        before = (service.ProcessorSeconds() - before) / IdleSeconds;
        yield return Row("idle", 0, string.Create(CultureInfo.InvariantCulture, $"{before * 100:0.00} % of a core"));
        service.Kill();
        Directory.Delete(folder, recursive: true);
    }

    private static async Task DrainAsync(Service service, string path, string? to = null)
    {
        await using var from = await service.Client.GetStreamAsync(new Uri(service.Address + path));
        await using Stream file = to is null ? Stream.Null : File.Create(to);
        await from.CopyToAsync(file);
    }

    private static async Task ReadInAsync(Service service, byte[] lines)
    {
        using var body = new ByteArrayContent(lines) { Headers = { { "Content-Type", "application/octet-stream" } } };
        var answer = await service.Client.PostAsync(new Uri(service.Address + "/api/log/read-in"), body);
        while (answer.StatusCode == System.Net.HttpStatusCode.Accepted)
        {
            var id = (string)JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["id"]!;
            answer.Dispose();
            answer = await service.Client.GetAsync(new Uri($"{service.Address}/api/log/read-in/{id}"));
        }

        answer.EnsureSuccessStatusCode();
        answer.Dispose();
    }

    private static string Job(int i) => $$"""
        { "format": "juxtherm.job", "version": 1, "title": "Order {{i}}", "quantity": {{1 + i % 12}}, "blank": { "form": "tee", "material": "cotton" },
          "tools": { "heatSource": "swing-platen" }, "layers": [ { "id": "sky", "vinyl": "smooth", "colour": "#1b2a49", "shape": "M0 60L30 10L45 30L60 0L100 60ZM50 40L60 20L70 40Z", "xMm": 80, "yMm": 160, "widthMm": {{60 + i % 90}}, "heightMm": 90 } ] }
        """;

    private static async Task JobsAsync(DataFolder data)
    {
        await using var db = new WorkshopContext(data.Options);
        var begin = DateTimeOffset.UtcNow.AddDays(-Jobs);
        for (var i = 0; i < Jobs; i++)
            db.Add(new JobRow
            {
                Id = Guid.CreateVersion7(begin.AddDays(i)),
                Title = $"Order {i}",
                Json = Job(i),
                Version = 1,
                CreatedUtc = begin.AddDays(i),
                UpdatedUtc = begin.AddDays(i),
                LearnedJson = ""
            });
        await db.SaveChangesAsync();
    }

    private static async Task PhotosAsync(DataFolder data)
    {
        var chance = new Random(7);
        byte[] Picture(int width, int height)
        {
            using var surface = SKSurface.Create(new SKImageInfo(width, height));
            using var paint = new SKPaint();
            for (var i = 0; i < 400; i++)
            {
                paint.Color = new SKColor((uint)chance.NextInt64(uint.MaxValue) | 0xFF000000);
                surface.Canvas.DrawCircle(chance.Next(width), chance.Next(height), chance.Next(width / 8), paint);
            }

            using var image = surface.Snapshot();
            using var jpeg = image.Encode(SKEncodedImageFormat.Jpeg, 85);
            return jpeg.ToArray();
        }

        var large = Enumerable.Range(0, 20).Select(_ => Picture(1600, 1200)).ToList();
        var small = Enumerable.Range(0, 20).Select(_ => Picture(320, 240)).ToList();
        for (var part = 0; part < Photos; part += 100)
        {
            await using var db = new WorkshopContext(data.Options);
            for (var i = part; i < part + 100; i++)
                db.Add(new LogPhotoRow
                {
                    Id = Guid.NewGuid(),
                    LogId = i + 1,
                    AtUtc = DateTimeOffset.UtcNow,
                    Width = 1600,
                    Height = 1200,
                    Jpeg = large[i % 20],
                    Small = small[i % 20]
                });
            await db.SaveChangesAsync();
        }
    }

    private static byte[] Lines()
    {
        var text = new StringBuilder("at,vinyl,material,heat source,set celsius,pressed seconds,outcomes,title\n");
        var begin = new DateTimeOffset(2015, 1, 1, 0, 0, 0, TimeSpan.Zero);
        for (var i = 0; i < ReadIn; i++)
            text.Append(CultureInfo.InvariantCulture,
                $"{begin.AddMinutes(i * 10):yyyy-MM-ddTHH:mm:ssZ},smooth,cotton,swing-platen," +
                $"{145 + i % 9},{10 + i % 7},stuck,Older {i / 12}\n");
        return Encoding.UTF8.GetBytes(text.ToString());
    }
}
