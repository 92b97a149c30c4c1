using System.Diagnostics;
using System.Globalization;
using Juxtherm.App;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Plans;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Juxtherm.Words;

namespace Juxtherm.Benchmarks;

/// <summary>A logbook of a hundred thousand pieces, asked over the service's own addresses.</summary>
internal static class LogbookReport
{
    private const int Pieces = 100_000;
    private const int Asked = 21;
    private const int Seed = 20260501;
    private static readonly string[] Vinyls = ["smooth", "smooth", "smooth", "glitter", "foil", "puff", "smooth,glitter", "stretch",
        "glow"];
    private static readonly string[] Materials = ["cotton", "cotton", "polyester", "cotton-poly", "canvas", "fleece", "wool-felt",
        "ceramic"];
    private static readonly string[] Sources = ["swing-platen", "swing-platen", "clamshell-platen", "handheld-press", "household-iron",
        "mug-press"];
    private static readonly string[] Outcomes = ["stuck", "stuck", "stuck", "stuck", "stuck", "stuck", "edges-lifted", "wrinkled", "marked",
        "edges-lifted,marked", ""];

    public static async IAsyncEnumerable<string> LinesAsync()
    {
        var folder = Directory.CreateTempSubdirectory("juxtherm-log-").FullName;
        using (var data = DataFolder.Open(folder, DateTimeOffset.UtcNow))
            await FillAsync(data);
        await using var service = await RunningService.StartAsync(folder);
        var client = service.Client;
        yield return $"Logbook of {Pieces} pieces: an answer of the service, ms (goal: search and marks under 100)";
        yield return "asked                                                             median      worst";
        foreach (var (name, path) in new[]
        {
            ("the newest fifty", "/api/log?take=50"),
            ("one vinyl, blank and press, edges lifted",
                "/api/log?take=50&vinyl=smooth&material=cotton&heatSource=swing-platen&outcome=edges-lifted"),
            ("a word that stands in a few remarks", "/api/log?take=50&text=lantern"),
            ("a word that stands nowhere", "/api/log?take=50&text=nowhere+at+all"),
            ("a bad lot", "/api/log?take=50&lot=L-0417"),
            ("one person", "/api/log?take=50&person=Name+77"),
            ("a month", "/api/log?take=50&from=2025-03-01&until=2025-04-01"),
            ("the marks on the picture of how much room", "/api/log/marks?vinyl=smooth&material=cotton&heatSource=swing-platen"),
            ("what can be chosen from", "/api/log/choices"),
        })
        {
            using (await client.GetAsync(new Uri(path, UriKind.Relative)))
            {
            }

            var times = new List<double>();
            for (var i = 0; i < Asked; i++)
            {
                var took = Stopwatch.StartNew();
                using var answer = await client.GetAsync(new Uri(path, UriKind.Relative));
                await answer.Content.ReadAsByteArrayAsync();
                answer.EnsureSuccessStatusCode();
                times.Add(took.Elapsed.TotalMilliseconds);
            }

            times.Sort();
            yield return string.Create(CultureInfo.InvariantCulture, $"{name,-60} {times[Asked / 2],10:0.0} {times[^1],10:0.0}");
        }

        var learned = Stopwatch.StartNew();
        using (await client.GetAsync(new Uri("/api/learned", UriKind.Relative)))
            yield return string.Create(CultureInfo.InvariantCulture,
                $"{"learned from, once after it changed",-60} {learned.Elapsed.TotalMilliseconds,10:0.0}");
        await service.DisposeAsync();
        Directory.Delete(folder, recursive: true);
    }

    /// <summary>Fills a data folder's logbook.</summary>
    public static async Task FillAsync(DataFolder data)
    {
        var chance = new Random(Seed);
        T One<T>(IReadOnlyList<T> of) => of[chance.Next(of.Count)];
        // As a workshop has it that has learned before: nothing has to be reckoned anew.
        var heatBy = new HeatReckoner(new Planner(CatalogueFolder.Read(Path.Combine(AppContext.BaseDirectory, "catalogue")),
            Language.English)).By;
        await using var db = new WorkshopContext(data.Options);
        db.ChangeTracker.AutoDetectChangesEnabled = false;
        var begin = new DateTimeOffset(2022, 1, 1, 0, 0, 0, TimeSpan.Zero);
        for (var i = 0; i < Pieces; i++)
        {
            var outcomes = One(Outcomes);
            var vinyl = One(Vinyls);
            var row = new LogRow
            {
                AtUtc = begin.AddMinutes(i * 20),
                Title = $"Order {i / 12}",
                Piece = i % 12 + 1,
                Pieces = 12,
                Material = One(Materials),
                Form = "tee",
                HeatSource = One(Sources),
                Cover = "ptfe",
                Underlay = "pad",
                Celsius = 145 + chance.Next(6) * 2.8,
                PlannedSeconds = 14,
                PressedSeconds = 10 + chance.Next(10),
                Pressure = "medium",
                PressureKPa = 20,
                PredictedBond = 1,
                Note = chance.Next(3000) == 0 ? "The lantern's left edge." : chance.Next(4) == 0 ? "Weave shows all over." : "",
                Name = chance.Next(2) == 0 ? $"Name {chance.Next(400)}" : "",
                EndedWell = true,
                LnRoom = vinyl.Contains(',', StringComparison.Ordinal) ? null : 0.3 + chance.NextDouble() * 0.4,
                BondPerK = 0.045,
                LnBurden = -1.5 + chance.NextDouble() * 0.4,
                BurdenPerK = 0.06,
                HeatOffsetK = 0,
                HeatBy = heatBy,
            };
            row.Say(LogWordRow.Vinyl, vinyl.Split(','));
            row.Say(LogWordRow.Outcome, outcomes.Split(',', StringSplitOptions.RemoveEmptyEntries));
            row.Say(LogWordRow.Lot, chance.Next(3) == 0 ? [] : [$"L-{chance.Next(500):0000}"]);
            db.Add(row);
            if (i % 5000 == 4999)
            {
                await db.SaveChangesAsync();
                db.ChangeTracker.Clear();
            }
        }
    }
}
