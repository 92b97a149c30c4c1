using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Says how a run of many goes on.</summary>
internal static class BatchWriter
{
    private const double NotWorthK = 1;
    private const double NotWorthSeconds = 5;

    /// <summary>Of a run; null for a single piece.</summary>
    /// <param name="about">The job.</param>
    /// <param name="pieces">Its pieces in the model, until they are alike.</param>
    /// <param name="bonding">How long the bonding press is by the plan, s.</param>
    public static PlanBatch? Of(ChartedJob about, IReadOnlyList<PieceInRun> pieces, double bonding)
    {
        if (pieces.Count < 2)
            return null;
        var shortest = about.Figures.ShortestPressSeconds.Value;
        BatchPiece Piece(PieceInRun piece, double seconds) =>
            new(seconds, Math.Round(piece.Bond, 3), Math.Round(piece.BareCelsius, 1), piece.PeelWaitSeconds is { } wait
                ? Math.Round(wait) : null);
        var last = pieces[^1];
        // Never longer than the first; a warm pad shortens it.
        var steady = Math.Clamp(Math.Ceiling(last.SecondsForFirst - 0.25), Math.Min(shortest, bonding), bonding);
        var from = Enumerable.Range(1, pieces.Count).First(n => n == pieces.Count
            || Math.Ceiling(pieces[n - 1].SecondsForFirst - 0.25) <= steady
            && Math.Abs(pieces[n - 1].BareCelsius - last.BareCelsius) < NotWorthK);
        var batch = new PlanBatch(Piece(pieces[0], bonding), Piece(last, steady), from, "");
        return batch with { Text = Text(about, batch) };
    }

    /// <summary>The same with the steps that its later pieces have otherwise.</summary>
    /// <param name="about">The job.</param>
    /// <param name="batch">The run.</param>
    /// <param name="presses">The presses of the plan.</param>
    /// <param name="steps">Its steps.</param>
    public static PlanBatch WithSteps(SetJob about, PlanBatch batch, IReadOnlyList<PlannedPress> presses, IReadOnlyList<PlanStep> steps)
    {
        var (bonding, peeled) = (presses.Last(p => p.Purpose == PressPurpose.Press),
            presses.LastOrDefault(p => p.Peel.Method != Catalogue.PeelMethod.None));
        var shorter = batch.Steady.Seconds - batch.First.Seconds;
        var longer = Math.Round((batch.Steady.PeelWaitSeconds ?? 0) - (batch.First.PeelWaitSeconds ?? 0));
        PlannedPress Steady(PlannedPress press)
        {
            // All parts of a parted print alike.
            if (press.Purpose == PressPurpose.Press && press.Stage == bonding.Stage)
                press = press with { Seconds = press.Seconds + shorter };
            return press.Stage == peeled?.Stage && press.Peel.WaitSeconds is [{ } from, var to] && longer > 0
                ? press with { Peel = press.Peel with { WaitSeconds = [from + longer, to + longer] } } : press;
        }

        var then = new StepWriter(about, [.. presses.Select(Steady)]).Write();
        return then.Count != steps.Count
            ? batch : batch
            with
            {
                SteadySteps = [.. then.Select((step, i) => (Step: step, Index: i))
                    .Where(s => !s.Step.OncePerRun && s.Step != steps[s.Index])
                    .Select(s => new SteadyStep(s.Index, s.Step.Seconds, s.Step.Text))],
            };
    }

    /// <summary>What helps a run, in words.</summary>
    /// <param name="about">The job.</param>
    /// <param name="helps">What was found in the model.</param>
    public static IReadOnlyList<BatchHelp> Helps(ChartedJob about, IReadOnlyList<RunHelp> helps)
    {
        var words = about.Words;
        string Said(RunHelp help) => help.Kind switch
        {
            BatchHelpKind.WarmFirst => words.Say("batch.help.warm-first", ("warm", Thing.Seconds(help.Seconds)),
                ("held", about.Work.Source.HeldByHand)),
            BatchHelpKind.Pause => words.Say("batch.help.pause", ("pause", Thing.Seconds(help.Seconds)),
                ("bare", Thing.Celsius(help.Then.BareCelsius))),
            BatchHelpKind.SecondPad => words.Say("batch.help.second-pad", ("bare", Thing.Celsius(help.Then.BareCelsius)),
                ("peel", help.Then.PeelWaitSeconds is { } wait ? Thing.Seconds(wait) : default)),
            _ => words.Say("batch.help.lower-dial", ("celsius", Thing.Celsius(help.Dial!.Celsius)), ("mark", help.Dial.Mark),
                ("seconds", Thing.Seconds(help.Seconds)), ("bare", Thing.Celsius(help.Then.BareCelsius))),
        };
        return [.. helps.Select(h => new BatchHelp(h.Kind, Said(h)))];
    }

    private static string Text(ChartedJob about, PlanBatch batch)
    {
        var (first, steady, words) = (batch.First, batch.Steady, about.Words);
        List<string> said = [];
        if (steady.Seconds < first.Seconds)
            said.Add(words.Say("batch.seconds", ("from", batch.FromPiece), ("seconds", Thing.Seconds(steady.Seconds))));
        if (steady.PeelWaitSeconds - first.PeelWaitSeconds > NotWorthSeconds)
            said.Add(words.Say("batch.peel", ("from", Thing.Seconds(first.PeelWaitSeconds!.Value)),
                ("to", Thing.Seconds(steady.PeelWaitSeconds!.Value))));
        if (steady.BareCelsius - first.BareCelsius > NotWorthK)
            said.Add(words.Say("batch.bare", ("from", Thing.Celsius(first.BareCelsius)), ("to", Thing.Celsius(steady.BareCelsius))));
        return said.Count == 0 ? words.Say("batch.alike") : string.Join(' ', said);
    }
}
