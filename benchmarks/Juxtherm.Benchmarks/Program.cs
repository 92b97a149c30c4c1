using BenchmarkDotNet.Columns;
using BenchmarkDotNet.Configs;
using BenchmarkDotNet.Jobs;
using BenchmarkDotNet.Loggers;
using BenchmarkDotNet.Running;
using BenchmarkDotNet.Toolchains.InProcess.Emit;
using Juxtherm.Benchmarks;

// Measured within this process: each benchmark is a pure function or a request to a service of its own, and the figures are
// ready in about a minute on two cores.
var job = Job.Default.WithToolchain(InProcessEmitToolchain.Instance).WithWarmupCount(3).WithIterationCount(7).WithId("here");
var config = ManualConfig.CreateEmpty()
    .AddJob(job)
    .AddColumnProvider(DefaultColumnProviders.Instance)
    .AddColumn(StatisticColumn.P95)
    .AddExporter(BenchmarkDotNet.Exporters.MarkdownExporter.Console)
    .WithArtifactsPath(Path.Combine(Path.GetTempPath(), "juxtherm-bench"))
    .WithOptions(ConfigOptions.JoinSummary);
if (args.Contains("--verbose"))
    config.AddLogger(ConsoleLogger.Default);

if (args.Contains("--nesting"))
{
    foreach (var line in NestReport.Lines())
        Console.WriteLine(line);
    return 0;
}

if (args.Contains("--devices"))
{
    await foreach (var line in DevicesReport.LinesAsync(args))
        Console.WriteLine(line);
    return 0;
}

if (args.Contains("--day"))
{
    foreach (var line in DayReport.Lines())
        Console.WriteLine(line);
    return 0;
}

if (args.Contains("--layers"))
{
    foreach (var line in LayerReport.Lines().Append("").Concat(PlateReport.Lines()))
        Console.WriteLine(line);
    return 0;
}

if (args.Contains("--learning"))
{
    foreach (var line in LearningReport.Lines())
        Console.WriteLine(line);
    return 0;
}

if (args.Contains("--certainty"))
{
    foreach (var line in CertaintyReport.Lines(patches: !args.Contains("--unpatched")))
        Console.WriteLine(line);
    return 0;
}

if (args.Contains("--logbook"))
{
    await foreach (var line in LogbookReport.LinesAsync())
        Console.WriteLine(line);
    return 0;
}

if (args.Contains("--reliability"))
{
    await foreach (var line in ReliabilityReport.LinesAsync(args))
        Console.WriteLine(line);
    return 0;
}

if (args.Contains("--press"))
{
    await foreach (var line in AtThePress.LinesAsync())
        Console.WriteLine(line);
    return 0;
}

var filters = args.Where(a => !a.StartsWith("--", StringComparison.Ordinal)).ToArray();
var summaries =
    BenchmarkSwitcher.FromTypes(
        [typeof(SolverBenchmarks), typeof(PressBenchmarks), typeof(WindowBenchmarks), typeof(PreviewBenchmarks), typeof(ArtworkBenchmarks)])
    .Run(["--filter", .. filters.Length > 0 ? filters : ["*"]], config);
foreach (var summary in summaries)
    BenchmarkDotNet.Exporters.MarkdownExporter.Console.ExportToLog(summary, ConsoleLogger.Default);

Console.WriteLine();
foreach (var line in Report.Lines(summaries))
    Console.WriteLine(line);
foreach (var line in ArtworkBenchmarks.Hostile())
    Console.WriteLine(line);
foreach (var line in NestReport.Lines())
    Console.WriteLine(line);
foreach (var line in LayerReport.Lines())
    Console.WriteLine(line);
if (filters.Length == 0)
{
    Console.WriteLine(Report.CrossProduct());
    await foreach (var line in AtThePress.LinesAsync())
        Console.WriteLine(line);
}

return 0;
