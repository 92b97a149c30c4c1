using System.Text.Json;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Setting;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Core.Settings;
using Juxtherm.Store;

namespace Juxtherm.App.Bench;

/// <summary>A press of a run as it was frozen.</summary>
/// <param name="Name">What it is called in the run.</param>
/// <param name="Job">The run's job at this press.</param>
/// <param name="Plan">The plan for it.</param>
/// <param name="Bare">The job as its file says it, nothing learned or measured.</param>
public sealed record FrozenStation(string Name, Job Job, Plan Plan, Job Bare);

/// <summary>A run as it was frozen, opened up.</summary>
/// <param name="Script">What is done in it.</param>
/// <param name="Stations">Its presses.</param>
public sealed record FrozenRun(BenchScript Script, IReadOnlyList<FrozenStation> Stations)
{
    // Since these rules a plate opened early is to be closed again for what is missing.
    private const int NamesShortHolds = 3;

    public static FrozenRun Of(RunRow row, Planner planner) => Of(row.Rules >= NamesShortHolds, planner,
        [Station(row.StationName, row.JobJson, row.PlanJson, row.CorrectionJson, planner),
            .. row.Stations.Select(s => Station(s.Name, s.JobJson, s.PlanJson, s.CorrectionJson, planner))]);

    /// <summary>With a press that joins.</summary>
    public FrozenRun With(RunStationRow joins, Planner planner) =>
        Of(Script.NamesShortHolds, planner,
            [.. Stations, Station(joins.Name, joins.JobJson, joins.PlanJson, joins.CorrectionJson, planner)]);

    private static FrozenRun Of(bool namesShortHolds, Planner planner, IReadOnlyList<FrozenStation> stations)
    {
        var (pieces, named) = BenchScript.Wanted(stations[0].Job);
        return new FrozenRun(
            new BenchScript(pieces, named, [.. stations.Select(s => StationScript.Of(s.Plan))])
            {
                NamesShortHolds = namesShortHolds,
                Words = planner.Language.WordsFor(UnitSystem.Metric)
            }, stations);
    }

    private static FrozenStation Station(string name, string json, string plan, string correction, Planner planner)
    {
        var bare = JobReader.Read(json, planner.Catalogue, new Problems())
            ?? throw new InvalidOperationException($"The job frozen for {name} cannot be read.");
        var learned = correction.Length == 0
            ? WorkshopCorrection.None : JsonSerializer.Deserialize<WorkshopCorrection>(correction, CoreJson.Options)!;
        // The plan was made with what the logbook and patches showed of the plate; what is judged against it goes by the same.
        return new FrozenStation(name, planner.Told(bare.In(learned)), JsonSerializer.Deserialize<Plan>(plan, CoreJson.Options)!, bare);
    }
}

/// <summary>A run as it stands.</summary>
/// <param name="Row">As it is kept.</param>
/// <param name="Frozen">As it was frozen.</param>
/// <param name="State">Where it stood after the last thing said.</param>
public sealed record OpenRun(RunRow Row, FrozenRun Frozen, RunState State)
{
    /// <summary>Where it stands by now.</summary>
    public OpenRun At(DateTimeOffset now) => this with { State = RunFlow.Advance(Frozen.Script, State, now) };

    public Piece? Focus(int station) => station <= State.Stations.Count ? RunFlow.Focus(Frozen.Script, State, station) : null;

    public BenchStep? StepOf(Piece piece) => RunFlow.StepOf(Frozen.Script, piece);

    /// <summary>What a press is set to for what the piece in hand comes to next: presses of a job may be set differently.</summary>
    /// <param name="station">Which press, from 1.</param>
    public PlannedPress PressAhead(int station)
    {
        var plan = Frozen.Stations[station - 1].Plan;
        var steps = Frozen.Script.Stations[station - 1].Steps;
        var next = Focus(station) is { } piece
            ? steps.Skip(piece.Step).FirstOrDefault(s => s.Kind == StepKind.Hold)?.PressOrder
            : steps.FirstOrDefault(s => s.Kind == StepKind.Hold)?.PressOrder;
        var ahead = plan.Presses.FirstOrDefault(p => p.Order == next);
        // Where all is pressed alike it is the press that bonds.
        return ahead is null || ahead.Celsius == plan.BondingPress.Celsius ? plan.BondingPress : ahead;
    }

    /// <summary>As it is answered.</summary>
    /// <param name="now">The time.</param>
    /// <param name="device">What a press that is wired says; null for one that is not.</param>
    public RunAnswer Answer(DateTimeOffset now, Func<int, PressAnswer?> device)
    {
        var script = Frozen.Script;
        HandAnswer Hand(Piece piece)
        {
            var step = StepOf(piece)!;
            var total = script.Stations[piece.Station - 1].Steps.Count;
            return new HandAnswer(
                piece.Number, piece.Moves, step, piece.Step, total, piece.EnteredAt, RunFlow.DueAt(script, piece),
                RunFlow.LatestAt(script, piece), RunFlow.After(script, piece)?.Text, piece.Status == PieceStatus.Asking, piece.InRescue,
                RunFlow.CanBeSeen(script, piece), RunFlow.ClosesNext(script, piece), RunFlow.After(script, piece),
                piece.Holds.Count(h => h.PressOrder == step.PressOrder),
                // The plan's own curves are the first piece's.
                piece.InRow + 1 < script.Stations[piece.Station - 1].SteadyFrom
                && Judge.IsByPlan(Frozen.Stations[piece.Station - 1].Plan, piece, step.MakesUp ? null : step.PressOrder),
                [.. Laid(piece).Select(l => l.Face).Distinct()], Several(Laid(piece)), PlaceOn(piece, step));
        }

        // In its own size where the plan knows it.
        Placing? PlaceOn(Piece piece, BenchStep step)
        {
            var places = Frozen.Stations[piece.Station - 1].Plan.Placing.Where(p => p.Face == step.Laying).ToList();
            return places.Find(p => p.Size == piece.Wanted.Size) ?? (places.Count > 0 ? places[0] : null);
        }

        // What lies on it by now, in the order in which it was pressed.
        IReadOnlyList<JobLayer> Laid(Piece piece)
        {
            var (_, job, plan, _) = Frozen.Stations[piece.Station - 1];
            return [.. plan.Presses.Where(p => piece.Holds.Any(h => h.PressOrder == p.Order)).SelectMany(p => p.Laid)
                .Distinct(StringComparer.Ordinal).Select(id => job.Layers.First(l => l.Id == id))];
        }

        static IReadOnlyList<LaidLayer> Several(IReadOnlyList<JobLayer> laid) =>
            laid.Select(l => l.Vinyl.Id).Distinct(StringComparer.Ordinal).Count() < 2
            ? [] : [.. laid.Select(l => new LaidLayer(l.Id, $"{l.Id}, {l.Vinyl.Name}", l.Colour))];

        StationAnswer Station(Station station)
        {
            var frozen = Frozen.Stations[station.Number - 1];
            var focus = Focus(station.Number);
            return new StationAnswer(
                station.Number, frozen.Name, frozen.Job.Tools.Source.Name,
                [.. script.Stations[station.Number - 1].Checks.Select(c =>
                    new CheckAnswer(c.Id, c.Text, station.Ticked.Contains(c.Id), station.Skipped.Contains(c.Id), c.TimedSeconds))],
                RunFlow.Prepared(script, station), station.HasLeft, station.Wired, device(station.Number), PressAhead(station.Number),
                focus is null ? null : Hand(focus),
                [.. State.At(station.Number).Where(p => p.Number != focus?.Number)
                    .OrderBy(p => RunFlow.DueAt(script, p) ?? DateTimeOffset.MaxValue).Select(Hand)]);
        }

        PieceAnswer Piece(Piece p)
        {
            var job = Frozen.Stations[0].Job;
            // A piece's own colour is that of its name.
            var carrier = (script.Named ? job.NameLayer : null) ?? job.Layer;
            return new PieceAnswer(
                p.Number, p.Wanted.Name, p.Wanted.Size, ColourChip.Of(p.Wanted.Colour ?? carrier.Colour),
                ColourChip.Of(p.Wanted.GarmentColour ?? job.Blank.Colour), p.Status, p.Station, p.Outcomes, p.LastSeen, p.Note, p.InsteadOf,
                p.PressedAgainSeconds, p.Holds.Count > 0 ? p.Holds[^1].Seconds : null);
        }

        // The next in line, and where it will go cannot be known before a press is free.
        var next = State.NextInLine?.Number;
        return new RunAnswer(
            Row.Id, Row.JobId, Row.Title, Frozen.Stations[0].Job.Layer.Colour, script.Named, State.Status, State.Sequence, now, next,
            [.. State.Pieces.Select(Piece)],
            [.. State.Stations.Select(Station)], State.Remarks, Row.Practice);
    }
}
