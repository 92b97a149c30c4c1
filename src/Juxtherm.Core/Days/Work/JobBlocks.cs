using System.Globalization;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Days.Work;

/// <summary>Takes a job apart into blocks of work.</summary>
/// <param name="number">Which of the day's jobs, from 0.</param>
/// <param name="work">What it asks for.</param>
/// <param name="figures">How long hands take.</param>
/// <param name="pace">How long these hands take.</param>
internal sealed class JobBlocks(int number, WorkOfAJob work, HandlingFigures figures, HandPace pace)
{
    // A scrap is laid by eye and pulled at once it is cold; nobody is bound to the minute (from memory).
    private const double LayScrapSeconds = 15;
    private const double LookSeconds = 20;
    private const int LookWithinSeconds = 3600;

    // Longer than this at a press is worth sharing among presses (ours).
    private const int ShareAboveSeconds = 1200;

    private readonly List<WorkBlock> _blocks = [];
    private readonly List<string> _last = [];
    private readonly List<Way> _ways = [.. work.At.GroupBy(a => a.Plan, ReferenceEqualityComparer.Instance).Select((g, i) =>
        new Way([.. g.Select(a => a.Press)], g.First(), StationScript.Of(g.First().Plan), i == 0 ? "" : $"~{i}"))];

    /// <summary>The job on presses that are alike.</summary>
    private sealed record Way(IReadOnlyList<int> Presses, PlanAtPress At, StationScript Script, string Mark);

    /// <summary>A stay at the press.</summary>
    private sealed record Visit(WorkBlock Block, int Row, int Number);

    /// <summary>What does not depend on the press.</summary>
    public IReadOnlyList<WorkBlock> Blocks => _blocks;

    /// <summary>Makes them.</summary>
    /// <param name="begun">By piece: the press at which it was begun; pieces that are not in it are shared among the presses.</param>
    public IReadOnlyList<WorkBatch> Make(IReadOnlyDictionary<int, int> begun)
    {
        if (work.Pieces == 0)
            return [];
        Cut();
        Weed();
        Ready();
        var rows = begun.GroupBy(b => b.Value, b => b.Key).Select(g => (IReadOnlyList<int>)[.. g.Order()])
            .Concat(Shared([.. Enumerable.Range(1, work.Pieces).Where(p => !begun.ContainsKey(p))]));
        var batches = rows.Select(r => new WorkBatch(Id($"from {r[0]}"), number, [.. _ways.Select(w => Mode(w, r))])).ToList();
        var packing = pace.Of(DayTaskKind.Pack, figures.PackSeconds.Value + work.Pieces * figures.PackSecondsPerPiece.Value);
        _blocks.Add(new WorkBlock(Id("pack"), number, null, [new WorkPart(DayTaskKind.Pack, packing, 1, WorkPlace.Bench)], _last));
        return batches;
    }

    private void Cut()
    {
        foreach (var mat in work.Mats)
            _blocks.Add(new WorkBlock(Id(mat.Id), number, mat.Pieces.Count == 1 ? mat.Pieces.Single() : null,
                [
                    new WorkPart(DayTaskKind.Cut, pace.Of(DayTaskKind.Cut, mat.LoadSeconds), 1, WorkPlace.Cutter),
                    new WorkPart(DayTaskKind.Cut, HandPace.Whole(mat.CutSeconds), 0, WorkPlace.Cutter),
                ], []));
    }

    private void Weed()
    {
        for (var piece = 1; piece <= work.Pieces; piece++)
            if (work.WeedSeconds[piece - 1] > 0)
                _blocks.Add(new WorkBlock(Id(piece, "weed"), number, piece,
                    [new WorkPart(DayTaskKind.Weed, pace.Of(DayTaskKind.Weed, work.WeedSeconds[piece - 1]), 1, WorkPlace.Bench)],
                    [.. MatsOf(piece)]));
    }

    private IEnumerable<string> MatsOf(int piece) => work.Mats.Where(m => m.Pieces.Contains(piece)).Select(m => Id(m.Id));

    /// <summary>What is seen to once, the heat and the patch apart.</summary>
    private void Ready()
    {
        var seconds = work.At[0].Plan.Steps.Where(s => s is { OncePerRun: true, Kind: not StepKind.Know }
            && s.Check is not (Preparation.Heat or Preparation.Patch or Preparation.PatchLook)).Sum(s => s.Seconds);
        if (seconds > 0)
            _blocks.Add(new WorkBlock(Id("ready"), number, null,
                [new WorkPart(DayTaskKind.Prepare, pace.Of(DayTaskKind.Prepare, seconds), 1, WorkPlace.Bench)], []));
    }

    private IReadOnlyList<IReadOnlyList<int>> Shared(IReadOnlyList<int> pieces)
    {
        if (pieces.Count == 0)
            return [];
        var one = PieceCourse.Of(_ways[0].At, _ways[0].Script, 0, figures, pace)
            .Sum(b => b.Parts.Where(p => p.Place == WorkPlace.Press).Sum(p => p.Seconds));
        var rows = Math.Clamp((int)Math.Ceiling((double)one * pieces.Count / ShareAboveSeconds), 1, Math.Min(work.At.Count, pieces.Count));
        return [.. pieces.Select((p, i) => (Piece: p, Row: i * rows / pieces.Count)).GroupBy(p => p.Row, p => p.Piece)
            .Select(g => (IReadOnlyList<int>)[.. g])];
    }

    private WorkMode Mode(Way way, IReadOnlyList<int> pieces)
    {
        var blocks = new List<WorkBlock>();
        var sittings = new List<(double Celsius, List<Visit> Visits)>();
        for (var row = 0; row < pieces.Count; row++)
            Piece(way, pieces[row], row, blocks, sittings);
        List<Sitting> made = [.. sittings.Select(s => new Sitting(s.Celsius, InTurn(s.Visits)))];
        if (pieces[0] == 1 && Patch(way) is { } patch)
        {
            blocks.Insert(0, patch);
            made.Insert(0, new Sitting(patch.Parts[0].Celsius!.Value, [patch.Id]));
        }

        return new WorkMode(way.Presses, made, blocks);
    }

    private void Piece(Way way, int piece, int row, List<WorkBlock> blocks, List<(double Celsius, List<Visit> Visits)> sittings)
    {
        var (at, visit, laid) = (0, 0, false);
        string? before = null;
        var course = PieceCourse.Of(way.At, way.Script, row, figures, pace);
        for (var i = 0; i < course.Count; i++)
        {
            List<string> after = before is null ? [] : [before];
            // What a piece is marked with at the table needs no vinyl yet.
            if (course[i].Celsius is not null && !laid)
                after.AddRange(Needs(piece));
            var block = new WorkBlock(Id(piece, (i + 1).ToString(CultureInfo.InvariantCulture)) + way.Mark, number, piece, course[i].Parts,
                after);
            blocks.Add(block);
            before = block.Id;
            if (course[i].Celsius is not { } celsius)
                continue;
            (at, visit) = course[i].Turned ? (at + 1, 0) : (at, laid ? visit + 1 : 0);
            laid = true;
            while (sittings.Count <= at)
                sittings.Add((celsius, []));
            sittings[at].Visits.Add(new Visit(block, row, visit));
        }

        _last.Add(before!);
    }

    private IEnumerable<string> Needs(int piece)
    {
        foreach (var block in _blocks)
            if (block.Id == Id("ready") || block.Id == Id(piece, "weed"))
                yield return block.Id;
        if (work.WeedSeconds[piece - 1] <= 0)
            foreach (var mat in MatsOf(piece))
                yield return mat;
        foreach (var patch in _ways.Select(Patch).OfType<WorkBlock>())
            yield return patch.Id;
    }

    /// <summary>A small trial at the press before the first piece; null where none is planned.</summary>
    private WorkBlock? Patch(Way way)
    {
        if (way.At.Plan.Presses.FirstOrDefault(p => p.Purpose == PressPurpose.Patch) is not { } press)
            return null;
        var cool = HandPace.Whole(Math.Max(1, press.Peel.FromSeconds));
        return new WorkBlock(Id("patch") + way.Mark, number, null,
            [
                new WorkPart(DayTaskKind.Lay, pace.Of(DayTaskKind.Lay, LayScrapSeconds), 1, WorkPlace.Press, press.Celsius),
                new WorkPart(DayTaskKind.Press, HandPace.Whole(press.Seconds), 0, WorkPlace.Press, press.Celsius),
                new WorkPart(DayTaskKind.Cool, pace.Of(DayTaskKind.Cool, figures.LiftSeconds.Value), 1, WorkPlace.Press, press.Celsius),
                new WorkPart(DayTaskKind.Cool, cool, 0, WorkPlace.Bench),
                new WorkPart(DayTaskKind.Inspect, pace.Of(DayTaskKind.Inspect, LookSeconds), 1, WorkPlace.Bench, null, LookWithinSeconds),
            ], _blocks.Exists(b => b.Id == Id("ready")) ? [Id("ready")] : []);
    }

    /// <summary>Stretch one piece cools between two presses, others take its place: as many as there is time for.</summary>
    private static IReadOnlyList<string> InTurn(List<Visit> visits)
    {
        if (visits.Count == 0)
            return [];
        var first = visits[0].Block;
        var between = (int)Math.Ceiling((double)(first.Seconds - first.PressSeconds) / Math.Max(1, first.PressSeconds));
        return [.. visits.OrderBy(v => v.Row + v.Number * between).ThenByDescending(v => v.Number).ThenBy(v => v.Row)
            .Select(v => v.Block.Id)];
    }

    private string Id(string what) => string.Create(CultureInfo.InvariantCulture, $"{number + 1}/{what}");

    private string Id(int piece, string what) => string.Create(CultureInfo.InvariantCulture, $"{number + 1}/{piece}/{what}");
}
