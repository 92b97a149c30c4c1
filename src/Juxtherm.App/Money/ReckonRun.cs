using Juxtherm.App.Bench;
using Juxtherm.App.Days;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Runs;

namespace Juxtherm.App.Money;

/// <summary>Reckons what a run was to cost, what it did, and what made the difference.</summary>
/// <param name="reckon">Reckons pieces.</param>
/// <param name="bench">Runs.</param>
/// <param name="pace">How long hands took.</param>
/// <param name="language">Says why.</param>
public sealed class ReckonRun(ReckonCost reckon, BenchService bench, WorkshopPace pace, ILanguage language)
{
    // A shorter difference is none, s.
    private const double WorthSayingSeconds = 30;
    private const int SecondsPerHour = 3600;

    private IWords Words => language.WordsFor(UnitSystem.Metric);

    /// <summary>Reckons it.</summary>
    /// <param name="id">The run.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<RunCost>> OfRunAsync(Guid id, CancellationToken cancel)
    {
        if (await bench.FindAsync(id, cancel) is not { } run)
            return new Missing("run");
        if (await reckon.OfFrozenAsync(run.Row.JobJson, run.Frozen.Stations[0].Job, cancel) is not var (one, prices))
            return new Refused("job", Words.Say("money.job"));
        var done = run.State.Pieces.Count(p => p.Status == PieceStatus.Done);
        var lost = run.State.Pieces.Count(p => p.Status == PieceStatus.Ruined);
        var hands = await pace.TimesAsync(id, run.Frozen.Script, cancel);
        var (typical, real) = (hands.Sum(t => t.Typical), hands.Sum(t => t.Seconds));
        var planned = one.PerPiece.Cost * done;
        var slower = Math.Round((decimal)(real - typical) / SecondsPerHour * prices.Hourly, 2, MidpointRounding.AwayFromZero);
        var again = (one.PerPiece.Vinyl + one.PerPiece.Blank) * lost;
        string Amount(decimal money) => prices.Currency + CostAnswer.Text(money);
        var why = new List<string>();
        if (Math.Abs(real - typical) >= WorthSayingSeconds)
            why.Add(Words.Say("money.hands", ("more", real > typical), ("time", Thing.Seconds(Math.Abs(real - typical))),
                ("amount", Amount(Math.Abs(slower)))));
        if (lost > 0)
            why.Add(Words.Say("money.lost", ("lost", lost), ("amount", Amount(again))));
        if (why.Count == 0)
            why.Add(Words.Say("money.as-planned"));
        return new RunCost(prices.Currency, done, CostAnswer.Text(planned), CostAnswer.Text(planned + slower + again), Math.Round(typical),
            Math.Round(real), lost, why);
    }
}
