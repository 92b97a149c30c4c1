using Juxtherm.Core.Notices;
using Juxtherm.Core.Runs;
using Juxtherm.Devices;

namespace Juxtherm.App.Bench;

/// <summary>Asks something of a press that is connected to a run.</summary>
/// <param name="bench">Runs.</param>
/// <param name="presses">Presses.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class AskPress(BenchService bench, PressBench presses, ILanguage language)
{
    private IWords Words => language.WordsFor(UnitSystem.Metric);

    /// <summary>Asks it.</summary>
    /// <param name="id">The run.</param>
    /// <param name="station">Which press, from 1.</param>
    /// <param name="ask">What.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<RunAnswer>> AskAsync(Guid id, int station, PressAsk ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        try
        {
            return ask.Action is PressAction.Connect or PressAction.ConnectCold or PressAction.Disconnect
                ? await ConnectAsync(id, station, ask.Action, cancel) : await MoveAsync(id, station, ask, cancel);
        }
        catch (PressRefusedException refused)
        {
            return Refused.Of(refused, Words);
        }
        catch (BenchRefusedException refused)
        {
            return new Refused(refused.Code, refused.Message);
        }
    }

    private async Task<Result<RunAnswer>> ConnectAsync(Guid id, int station, PressAction action, CancellationToken cancel)
    {
        if (action != PressAction.Disconnect && await bench.FindAsync(id, cancel) is { Row.Practice: false })
            return new Refused("practice-only", Words.Say("refused.practice-only"));
        var said = action == PressAction.Disconnect
            ? await presses.DisconnectAsync(id, station, cancel)
            : await presses.ConnectAsync(id, station, action == PressAction.ConnectCold, cancel);
        return said is { Run: { } connected, OutOfStep: false } ? presses.Answer(connected) : new Missing("press");
    }

    private async Task<Result<RunAnswer>> MoveAsync(Guid id, int station, PressAsk ask, CancellationToken cancel)
    {
        if (await bench.FindAsync(id, cancel) is not { } before)
            return new Missing("run");
        if (ask is { Action: PressAction.Set, Celsius: null })
            return new Refused("no-temperature", Words.Say("refused.no-temperature"));
        // It times what it has before it.
        var time = before.Focus(station) is { } piece ? RunFlow.After(before.Frozen.Script, piece)?.Seconds : null;
        var moved = await presses.MoveAsync(id, station, device =>
        {
            if (ask.Action == PressAction.Open)
                device.Open();
            else if (ask.Action == PressAction.Set)
                device.TurnTo(ask.Celsius!.Value);
            else
                device.Close(ask.Action == PressAction.CloseAndOpen ? time : null);
        }, cancel);
        return moved ? presses.Answer((await bench.FindAsync(id, cancel))!) : new Missing("connected press");
    }
}
