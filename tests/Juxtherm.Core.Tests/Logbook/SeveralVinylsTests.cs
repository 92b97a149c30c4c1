using System.Text.Json.Nodes;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Core.Tests.Runs;
using Juxtherm.Words;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Logbook;

/// <summary>A piece with several vinyls teaches of one of them; a repaired press has a plate of its own.</summary>
public class SeveralVinylsTests
{
    private static readonly Planner Planner = new(Shipped.Catalogue, Language.English);
    private static readonly HeatReckoner Reckoner = new(Planner);

    private static JsonObject Two() => SampleJobs.With(j => j["layers"]!.AsArray().Add(
        new JsonObject { ["id"] = "star", ["vinyl"] = "glitter", ["widthMm"] = 40, ["heightMm"] = 40, ["xMm"] = 200, ["yMm"] = 0 }));

    private static LogEntry Entry(RunAtPress run, string? layer, params Outcome[] seen)
    {
        if (seen.Length > 0)
            run.Say(BenchAction.See, with: e => e with { Outcomes = seen, Layer = layer });
        var piece = run.Say(BenchAction.Record, with: e => e with { Outcomes = seen.Length > 0 ? seen : null }).State.Pieces[0];
        return Reckoner.Reckoned(LogEntry.Of(run.Job, run.Plan, run.State, piece), run.Job, run.Plan, piece.Holds);
    }

    private static RunAtPress Pressed() => new RunAtPress(Two()).Prepare().Until(StepKind.Inspect);

    [Fact]
    public async Task What_lifted_is_the_vinyl_that_was_pointed_at()
    {
        var entry = Entry(Pressed(), "star", Outcome.EdgesLifted);
        Assert.Equal(("glitter", Showing.Short), (entry.Teaches, entry.Showed));
        Assert.NotNull(entry.Heat);
        var source = Shipped.Catalogue.HeatSources["swing-platen"];
        Assert.Equal("glitter", Teaching.Of(new Logged(entry, null), source)!.Vinyl);
        // The file carries it.
        using var file = new MemoryStream();
        await LogFile.WriteAsync(new[] { entry }.ToAsyncEnumerable(), file, TestContext.Current.CancellationToken);
        Assert.Equal("glitter", Assert.Single(LogFile.Each(file.ToArray(), new Core.Reading.Problems())).Teaches);
    }

    [Fact]
    public void Where_nobody_can_tell_which_lifted_nothing_is_learned()
    {
        var entry = Entry(Pressed(), null, Outcome.EdgesLifted);
        Assert.Equal((null, null, null), (entry.Teaches, entry.Heat, (object?)entry.Showed));
    }

    [Fact]
    public void Where_all_held_it_tells_of_the_one_that_had_least()
    {
        var run = Pressed();
        var holds = run.State.Pieces[0].Holds;
        var entry = Entry(run, null);
        Assert.Equal(Showing.Held, entry.Showed);
        var other = entry.Teaches == "glitter" ? "smooth" : "glitter";
        var of = Reckoner.Reckoned(entry with { Teaches = other }, run.Job, run.Plan, holds).Heat!;
        Assert.True(entry.Heat!.LnRoom <= of.LnRoom);
    }

    [Fact]
    public void Of_one_vinyl_it_is_as_it_was()
    {
        var run = new RunAtPress(SampleJobs.Tee()).Prepare().Until(StepKind.Inspect);
        var entry = Entry(run, null);
        Assert.Null(entry.Teaches);
        Assert.Equal(Reckoner.Of(run.Job, run.Plan, run.State.Pieces[0].Holds), entry.Heat);
    }

    [Fact]
    public void After_a_repair_what_was_before_tells_of_vinyls_and_not_of_the_plate()
    {
        var repaired = new DateTimeOffset(2026, 5, 10, 0, 0, 0, TimeSpan.Zero);
        var since = new SinceRepair(new Dictionary<string, DateTimeOffset> { ["swing-platen"] = repaired });
        PlateReading Read(int day, double off) => new(since.Plate("swing-platen", repaired.AddDays(day)), off, 1.5);
        Beliefs Learn(params PlateReading[] readings) =>
            SinceRepair.Now(WorkshopLearner.Learn([], readings,
                id => SinceRepair.Press(id) == "swing-platen" ? 8 : throw new KeyNotFoundException(id)));
        Assert.Empty(Learn(Read(-3, -9)).Plates);
        var now = Assert.Single(Learn(Read(-3, -9), Read(2, 1)).Plates);
        Assert.Equal(("swing-platen", 1), (now.HeatSource, now.Readings));
        Assert.InRange(now.OffsetK, 0, 2);
        Assert.Equal("clamshell-platen", since.Plate("clamshell-platen", repaired.AddDays(-99)));
    }
}
