using Juxtherm.Core.Notices;
using Juxtherm.Core.Runs;

namespace Juxtherm.App.Bench;

/// <summary>Says something at the bench.</summary>
/// <param name="bench">Runs.</param>
/// <param name="presses">What presses say.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class SayAtBench(BenchService bench, PressBench presses, ILanguage language)
{
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
            if (await bench.FindAsync(id, cancel) is { } before && presses.NotYet(before, command) is { } why)
                return new Refused("not-hot-enough", why, presses.Answer(before));
            return await bench.SayAsync(id, command, cancel) switch
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
