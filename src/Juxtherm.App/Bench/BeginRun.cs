using Juxtherm.Core.Notices;
using Juxtherm.Core.Runs;

namespace Juxtherm.App.Bench;

/// <summary>Begins runs, and lets further presses join them.</summary>
/// <param name="bench">Runs.</param>
/// <param name="presses">What presses say.</param>
public sealed class BeginRun(BenchService bench, PressBench presses)
{
    /// <summary>Begins a run of a kept job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="units">Units of its texts.</param>
    /// <param name="practice">It is only practice, and teaches nothing.</param>
    /// <param name="command">Chosen by whoever asks; asking twice begins one.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<RunAnswer>> BeginAsync(Guid job, UnitSystem units, bool practice, Guid? command, CancellationToken cancel) =>
        await bench.StartAsync(job, units, practice, cancel, command) switch
        {
            { Run: { } run } => presses.Answer(run),
            { Stop: { } why } => new Refused("stop", why),
            _ => new Missing("job"),
        };

    /// <summary>Lets a further press join a run.</summary>
    /// <param name="id">The run.</param>
    /// <param name="ask">The press.</param>
    /// <param name="units">Units of its texts.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<RunAnswer>> JoinAsync(Guid id, StationJoin ask, UnitSystem units, CancellationToken cancel)
    {
        try
        {
            var (run, refused) = await bench.JoinAsync(id, ask, units, cancel);
            return run is not null ? presses.Answer(run) : refused is not null ? new Refused("stop", refused) : new Missing("run");
        }
        catch (BenchRefusedException refused)
        {
            return new Refused(refused.Code, refused.Message);
        }
    }
}
