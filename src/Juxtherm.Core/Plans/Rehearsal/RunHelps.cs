using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>What evens out a run of many or keeps it within its limit, tried in the model.</summary>
/// <param name="Kind">What.</param>
/// <param name="Seconds">How long the empty press is closed, or is waited between pieces, s; the press time at a lower dial.</param>
/// <param name="Dial">The lower dial; null for other helps.</param>
/// <param name="Then">The last piece with it; with a warmed pad the first.</param>
internal sealed record RunHelp(BatchHelpKind Kind, double Seconds, DialPosition? Dial, PieceInRun Then);

/// <summary>Tries what helps a run.</summary>
internal static class RunHelps
{
    private static readonly double[] WarmingSeconds = [30, 60, 120];
    private static readonly double[] PauseSeconds = [30, 60, 120, 240];

    // Nobody warms a pad for less, nor carries pads about for a shorter wait (ours).
    private const double WorthSeconds = 2;
    private const double WorthWaitingSeconds = 30;
    private const double RoundingK = 0.5;
    private const double NearlyAlikeSeconds = 0.5;
    private const int FewestPieces = 3;

    // So far down a dial is tried.
    private const int LowerDials = 3;

    /// <summary>What helps.</summary>
    /// <param name="about">The job.</param>
    /// <param name="first">Its first piece, carried out.</param>
    /// <param name="run">Its pieces as they come.</param>
    /// <param name="pieces">How many there are.</param>
    /// <param name="catalogue">The catalogue.</param>
    public static IReadOnlyList<RunHelp> Of(SetJob about, RehearsedPresses first, IReadOnlyList<PieceInRun> run, int pieces,
        CatalogueSnapshot catalogue)
    {
        if (pieces < FewestPieces || run.Count < 2 || !about.Work.Form.Supported || about.Work.Underlay.Thermal is null)
            return [];
        var (begins, steady, sequence) = (run[0], run[^1], RunOfMany.Sequence(first));
        // The limit that the run crosses as it warms up, where there is one: dye moves before cloth shines.
        var limits = about.Work.Material.Limit;
        double[] all = [limits.DyeMigrationCelsius?.Value ?? limits.Celsius.Value, limits.Celsius.Value + RoundingK];
        var crossed = all.Where(l => begins.BareCelsius <= l && steady.BareCelsius > l).Select(l => (double?)l).FirstOrDefault();
        var (limit, tooHot) = (crossed ?? double.PositiveInfinity, crossed is not null);
        PieceInRun Last(IReadOnlyList<SequencePress> presses, double pause, int pads) =>
            RunOfMany.Of(about, presses, pieces, catalogue, pause, pads)[^1];
        var found = new List<RunHelp>();
        if (!tooHot && begins.SecondsForFirst - steady.SecondsForFirst >= WorthSeconds && Warmed() is { } warmed)
            found.Add(warmed);
        if (tooHot && Paused() is { } paused)
            found.Add(paused);
        if ((tooHot || steady.PeelWaitSeconds - begins.PeelWaitSeconds >= WorthWaitingSeconds) && Last(sequence, 0, 2) is var second
            && (tooHot ? second.BareCelsius <= limit : second.PeelWaitSeconds + WorthWaitingSeconds / 2 <= steady.PeelWaitSeconds))
            found.Add(new RunHelp(BatchHelpKind.SecondPad, 0, null, second));
        if (tooHot && Lower() is { } lower)
            found.Add(lower);
        return found;

        RunHelp? Warmed() => WarmingSeconds
            .Select(s => new RunHelp(BatchHelpKind.WarmFirst, s, null,
                Rehearser.After(about, sequence, catalogue, null, warmedSeconds: s).AsPiece(begins.Bond)))
            .FirstOrDefault(h => h.Then.SecondsForFirst <= steady.SecondsForFirst + NearlyAlikeSeconds && h.Then.BareCelsius <= all.Min());

        RunHelp? Paused() => PauseSeconds.Select(s => new RunHelp(BatchHelpKind.Pause, s, null, Last(sequence, s, 1)))
            .FirstOrDefault(h => h.Then.BareCelsius <= limit);

        RunHelp? Lower() => about.Found.Window.Dial.Where(d => d.SurfaceCelsius < about.Found.Dial.SurfaceCelsius).Reverse()
            .Take(LowerDials).Select(At).FirstOrDefault(h => h.Then.BareCelsius <= limit);

        RunHelp At(DialPosition dial)
        {
            var there = about.Found.Set(dial.Celsius, null, SettingFrom.Search);
            var presses = sequence.Select(p => p with
            {
                Set = p.Set with { Found = there },
                Seconds = p.Purpose == PressPurpose.Press ? there.Seconds : p.Seconds,
            }).ToList();
            return new RunHelp(BatchHelpKind.LowerDial, there.Seconds, dial, Last(presses, 0, 1));
        }
    }
}
