using Juxtherm.App.Helpers;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;

namespace Juxtherm.App.Bench;

/// <summary>Says something at the bench.</summary>
/// <param name="bench">Runs.</param>
/// <param name="presses">What presses say.</param>
/// <param name="language">Says why something is refused.</param>
/// <param name="deeds">Writes down who said it, where that was a helper's device.</param>
public sealed class SayAtBench(BenchService bench, PressBench presses, ILanguage language, DeedLog deeds)
{
    private static Phrase? DeedOf(OpenRun? before, BenchCommand command) => command.Action switch
    {
        _ when before?.State.PieceOf(command.Piece) is not { } => null,
        BenchAction.Done when before.StepOf(before.State.PieceOf(command.Piece)!) is { } step =>
            DeedOf(step.Stage, command.Piece),
        BenchAction.Record => new Phrase("deed.record", ("piece", command.Piece)),
        BenchAction.Back => new Phrase("deed.back", ("piece", command.Piece)),
        _ => null,
    };

    private static Phrase DeedOf(WorkStage stage, int piece) => stage switch
    {
        WorkStage.Peel => new Phrase("deed.peel", ("piece", piece)),
        WorkStage.Press => new Phrase("deed.press", ("piece", piece)),
        WorkStage.Inspect => new Phrase("deed.inspect", ("piece", piece)),
        _ => new Phrase("deed.step", ("piece", piece)),
    };

    private IWords Words => language.WordsFor(UnitSystem.Metric);

    /// <summary>Says what was done or seen.</summary>
    /// <param name="id">The run.</param>
    /// <param name="command">What.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<RunAnswer>> SayAsync(Guid id, BenchCommand command, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(command);
        if (command.Action is BenchAction.Join or BenchAction.Wire or BenchAction.Unwire or BenchAction.Away)
            return new Refused("not-here", Words.Say("refused.not-here"));
        try
        {
            var before = await bench.FindAsync(id, cancel);
            if (before is not null && presses.NotYet(before, command) is { } why)
                return new Refused("not-hot-enough", why, presses.Answer(before));
            var said = await bench.SayAsync(id, command, cancel);
            if (said is { Run: not null, OutOfStep: false } && DeedOf(before, command) is { } deed)
                deeds.Say(deed);
            return said switch
            {
                { Run: null } => new Missing("run"),
                { OutOfStep: true, Run: { } run } =>
                    new Refused("out-of-step", Words.Say("refused.out-of-step"), presses.Answer(run)),
                { Run: { } run } => presses.Answer(run),
            };
        }
        catch (BenchRefusedException refused)
        {
            return new Refused(refused.Code, refused.Message,
                await bench.FindAsync(id, cancel) is { } run ? presses.Answer(run) : null);
        }
    }
}
