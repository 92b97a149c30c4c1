using System.Collections.Concurrent;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Settings;
using Juxtherm.Devices;

namespace Juxtherm.App.Bench;

/// <summary>Stands between runs and the presses that can be read: what a press does is said in the run, and a press that is not hot enough
/// holds the go.</summary>
/// <param name="bench">The runs.</param>
/// <param name="catalogue">What a press closes on.</param>
/// <param name="signals">Tells those who watch.</param>
/// <param name="clock">The presses' time.</param>
public sealed class PressBench(BenchService bench, CatalogueSnapshot catalogue, RunSignals signals, TimeProvider clock)
{
    private readonly ConcurrentDictionary<(Guid Run, int Station), Wired> _wired = new();

    /// <summary>A press is connected to a run.</summary>
    public bool Any(Guid run) => _wired.Keys.Any(k => k.Run == run);

    /// <summary>A press is connected to some run.</summary>
    public bool AnyConnected => !_wired.IsEmpty;

    /// <summary>What a press says; null when it is not connected.</summary>
    public PressAnswer? Look(OpenRun run, int station)
    {
        if (!_wired.TryGetValue((run.Row.Id, station), out var wired))
            return null;
        var status = wired.Device.Status();
        var planned = Planned(run, station);
        return new PressAnswer(status, planned, PlateHeat.IsEnough(status.MiddleCelsius, planned));
    }

    /// <summary>Answers a run with what its presses say.</summary>
    public RunAnswer Answer(OpenRun run) => run.Answer(bench.Now, station => Look(run, station));

    /// <summary>Connects the press that ships: hot already, or from cold.</summary>
    public async Task<Said> ConnectAsync(Guid id, int station, bool cold, CancellationToken cancel)
    {
        var said = await bench.SayAsync(id, Guid.NewGuid(), run => station >= 1
            && station <= run.State.Stations.Count, (_, now) => new BenchEvent(now, BenchAction.Wire, station), null, cancel);
        if (said is not { Run: { } run, OutOfStep: false })
            return said;
        var frozen = run.Frozen.Stations[station - 1];
        var source = frozen.Job.Tools.Source;
        var device = new SimulatedPress(source, () => Load(frozen), clock);
        var (low, high) = (source.Dial.Celsius.Value.Low, source.Dial.Celsius.Value.High);
        device.TurnTo(Math.Clamp(frozen.Plan.BondingPress.Celsius, low, high));
        if (!cold)
            device.WarmUp();
        foreach (var old in _wired.Keys)
        {
            if (await bench.FindAsync(old.Run, cancel) is not { State.Status: RunStatus.Running })
                _wired.TryRemove(old, out _);
        }

        _wired[(id, station)] = new Wired(device);
        return said;
    }

    /// <summary>Lets go of a press: it is run by hand again.</summary>
    public async Task<Said> DisconnectAsync(Guid id, int station, CancellationToken cancel)
    {
        _wired.TryRemove((id, station), out _);
        return await bench.SayAsync(id, Guid.NewGuid(), run => station >= 1
            && station <= run.State.Stations.Count, (_, now) => new BenchEvent(now, BenchAction.Unwire, station), null, cancel);
    }

    /// <summary>Moves a press as a hand would, and says in the run what that does.</summary>
    /// <exception cref="PressRefusedException">It does not do that.</exception>
    public async Task<bool> MoveAsync(Guid id, int station, Action<IPressDevice> move, CancellationToken cancel)
    {
        if (!_wired.TryGetValue((id, station), out var wired))
            return false;
        move(wired.Device);
        await HearAsync(id, station, wired, cancel);
        signals.Raise(id);
        return true;
    }

    /// <summary>Why a press must not close yet; null when it may.</summary>
    public string? NotYet(OpenRun run, BenchCommand command)
    {
        if (command.Action != BenchAction.Done || command.Knowingly == true || run.State.PieceOf(command.Piece) is not { } piece
            || !RunFlow.ClosesNext(run.Frozen.Script, piece) || Look(run, command.Station) is not { HotEnough: false } press)
            return null;
        return $"Not hot enough yet: the plate is at {press.Status.MiddleCelsius:0} °C, {press.PlannedCelsius:0} °C are planned. " +
            $"Close all the same? Then say so.";
    }

    /// <summary>Hears what all presses have done since.</summary>
    public async Task HearAllAsync(CancellationToken cancel)
    {
        foreach (var ((run, station), wired) in _wired)
            await HearAsync(run, station, wired, cancel);
    }

    private async Task HearAsync(Guid id, int station, Wired wired, CancellationToken cancel)
    {
        await wired.One.WaitAsync(cancel);
        try
        {
            var status = wired.Device.Status();
            if (status.Closings > wired.HeardClosings)
            {
                await SayAsync(id, (run, now) => run.Focus(station) is { } piece && RunFlow.ClosesNext(run.Frozen.Script, piece)
                    ? new BenchEvent(NoEarlier(run, status.ClosedAt!.Value, now), BenchAction.Done, station,
                        piece.Number)
                    { PlateCelsius = status.MiddleAsItClosed, Knowingly = true }
                    : null, cancel);
                (wired.HeardClosings, wired.HeardOpening) = (status.Closings, false);
            }

            if (status is { Closed: false, OpenedAt: { } opened } && !wired.HeardOpening)
            {
                await SayAsync(id, (run, now) => run.Focus(station) is { } piece && run.StepOf(piece)?.Kind == StepKind.Hold
                    ? new BenchEvent(NoEarlier(run, opened, now), BenchAction.OpenedEarly, station, piece.Number)
                    : null, cancel);
                wired.HeardOpening = true;
            }
        }
        finally
        {
            wired.One.Release();
        }
    }

    /// <summary>Says in the run what a press did. What fails for a moment is said again with the next beat; what the run has no use for is
    /// not.</summary>
    private async Task SayAsync(Guid id, Func<OpenRun, DateTimeOffset, BenchEvent?> what, CancellationToken cancel)
    {
        try
        {
            await bench.SayAsync(id, Guid.NewGuid(), _ => true, what, null, cancel);
        }
        catch (BenchRefusedException)
        {
            // Somebody was there before it, with another word.
        }
    }

    /// <summary>A press is heard a moment after it moved; what has been said meanwhile stays before it.</summary>
    private static DateTimeOffset NoEarlier(OpenRun run, DateTimeOffset moved, DateTimeOffset now)
    {
        var last = run.State.Pieces.Select(p => p.EnteredAt).DefaultIfEmpty(moved).Max();
        return moved < last ? last : moved > now ? now : moved;
    }

    private static double Planned(OpenRun run, int station)
    {
        var frozen = run.Frozen.Stations[station - 1];
        return run.PressAhead(station).SurfaceCelsius(frozen.Job.Tools.Source);
    }

    /// <summary>What lies under it: cover, blank and underlay of its job, fresh and at room temperature.</summary>
    private List<SheetField> Load(FrozenStation station)
    {
        var (blank, tools) = (station.Job.Blank, station.Job.Tools);
        Sheet?[] sheets =
        [
            tools.Cover.Thermal?.Sheet(Workpiece.CoverSheet), .. Enumerable.Range(0, (int)blank.Form.Layers.Value)
            .Select(i => blank.Material.Thermal.Sheet(Workpiece.BlankSheet(i))),
            blank.Form.Supported ? (tools.Underlay.Thermal ?? catalogue.Underlays["pad"].Thermal)?.Sheet(Workpiece.UnderlaySheet) : null,
        ];
        return [.. sheets.Where(s => s is not null).Select(s => SheetField.At(s!, Surroundings.RoomCelsius))];
    }

    private sealed class Wired(IPressDevice device)
    {
        public IPressDevice Device { get; } = device;

        public SemaphoreSlim One { get; } = new(1);

        public int HeardClosings { get; set; }

        public bool HeardOpening { get; set; } = true;
    }
}
