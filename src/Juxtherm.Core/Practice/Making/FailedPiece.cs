using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Practice.Judging;
using Juxtherm.Core.Practice.Players;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Practice.Making;

/// <summary>A piece that failed, to be pressed again differently: on presses that would have failed like it.</summary>
/// <param name="maker">Draws what may be hidden.</param>
/// <param name="room">The catalogue.</param>
internal sealed class FailedPiece(CaseMaker maker, PracticeRoom room)
{
    private const int MostDraws = 240;

    // What failed by a plan that seldom fails is further off than most (ours).
    private const double Wider = 1.7;

    private const int EnoughAlike = 12;

    // Cold enough by then on a cold bench, and hard goods cool enough to take hold of (common practice).
    private const double UntilColdSeconds = 180;
    private const double UntilHeldSeconds = 20;
    private const double PreheatSeconds = 5;

    /// <summary>A case of it.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="entry">The piece.</param>
    /// <param name="seed">A number, from 0.</param>
    /// <returns>Null where nothing failed that heat explains, the catalogue has other things by now, or no press that was drawn would have
    /// failed so.</returns>
    public HiddenCase? Of(string id, LogEntry entry, int seed)
    {
        if (Failed(entry) is not { } failed || maker.JobOf(entry.Title, entry.Item.Form, entry.Item.Material,
            entry.Item.Vinyl.Split(',', StringSplitOptions.RemoveEmptyEntries), entry.Under.HeatSource) is not { } job)
            return null;
        var met = new PracticeCase(id, new Phrase("case.failed", ("title", entry.Title)), new Phrase("case.failed-story",
            ("celsius", Thing.Celsius(entry.Pressed.Celsius)), ("seconds", Thing.Seconds(entry.Pressed.Seconds)),
            ("pressure", entry.Pressed.Pressure)), job, []);
        var (chance, moves) = (new Random(seed), Done(entry, job));
        var alike = new List<HiddenTruth>();
        for (var draw = 0; draw < MostDraws && alike.Count < EnoughAlike; draw++)
        {
            var hidden = new HiddenCase(met, CaseMaker.TruthFor(job, chance, Wider));
            try
            {
                if (failed(CameOut.Of(PracticeBench.Play(hidden, moves, room))))
                    alike.Add(hidden.Truth);
            }
            catch (MoveRefusedException)
            {
                return null;
            }
        }

        return alike.Find(t => Player.Knowing(new HiddenCase(met, t), room) is not null) is { } truth
            ? new HiddenCase(met, truth) { Alike = alike } : null;
    }

    /// <summary>How one knows that it failed like that; null where heat does not explain it.</summary>
    private static Predicate<CameOut>? Failed(LogEntry entry) => Showings.Of(entry.Outcomes, entry.Washes) switch
    {
        Showing.Short => came => came.Lifts.Count > 0,
        Showing.TooMuch => came => came.Mistakes.Any(m => m.Number is 18 or 22),
        _ => entry.Outcomes.Any(o => o is Outcome.Marked or Outcome.Scorched or Outcome.ColourShifted or Outcome.PuffFlat)
            ? came => came.Spoiled.Count > 0 : null,
    };

    /// <summary>What was done with it, as far as the logbook tells.</summary>
    private static List<Move> Done(LogEntry entry, Job job)
    {
        var (pressed, moves) = (entry.Pressed, new List<Move>());
        moves.Add(new Move(MoveKind.Pressure) { Pressure = pressed.Pressure });
        moves.Add(PlanMoves.DialTo(job.Tools.Source, pressed.Celsius));
        if (job.Blank.Material.PreheatSeconds.Value > 0)
            moves.Add(new Move(MoveKind.Close) { Seconds = PreheatSeconds });
        moves.AddRange(job.Layers.Select(l => new Move(MoveKind.Lay) { Layers = [l.Id] }));
        moves.Add(new Move(MoveKind.Close) { Seconds = pressed.Seconds + entry.PressedAgainSeconds });
        if (job.Layers.Any(l => l.Vinyl.Chart.Peel.Value == PeelMethod.Cold))
            moves.Add(new Move(MoveKind.ToBench) { Seconds = UntilColdSeconds });
        else if (job.Blank.Material.Kind == MaterialKind.Hard)
            moves.Add(new Move(MoveKind.Wait) { Seconds = UntilHeldSeconds });
        moves.Add(new Move(MoveKind.Peel));
        moves.Add(new Move(MoveKind.HandOver));
        return moves;
    }
}
