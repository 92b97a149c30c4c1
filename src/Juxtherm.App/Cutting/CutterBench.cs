using System.Text.Json;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Files;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Devices;
using Juxtherm.Store;

namespace Juxtherm.App.Cutting;

/// <summary>A cut as it stands, opened up.</summary>
/// <param name="Row">As it is kept.</param>
/// <param name="Way">Its sheets.</param>
/// <param name="Run">Its mats.</param>
public sealed record OpenCut(CutRow Row, CutLayout Way, CutRun Run)
{
    public static OpenCut Of(CutRow row) =>
        new(row, JsonSerializer.Deserialize<CutLayout>(row.WayJson, CoreJson.Options)!,
            JsonSerializer.Deserialize<CutRun>(row.RunJson, CoreJson.Options)!);

    public CutProgram Program(CutMat mat)
    {
        var list = Way.Lists.First(l => l.Id == mat.ListId);
        return CutProgram.Of(list.Sheets.First(s => s.Number == mat.Sheet), list.Shapes, mat);
    }
}

/// <summary>Stands between cuts and the cutter: loads, lets go, watches, and keeps what became of each mat.</summary>
/// <param name="cuts">Where cuts are kept.</param>
/// <param name="catalogue">Kinds of cutters, and figures of cutting.</param>
/// <param name="clock">The cutter's time.</param>
public sealed class CutterBench(CutStore cuts, CatalogueSnapshot catalogue, TimeProvider clock) : IDisposable
{
    private readonly SemaphoreSlim _one = new(1);
    private SimulatedCutter? _device;
    private (Guid Cut, int Mat)? _loaded;

    /// <summary>The cutter cuts nothing: it only shows what a cutter would do.</summary>
    public static bool Simulated => SimulatedCutter.Simulated;

    /// <summary>Mats of a way, in the order of the layers.</summary>
    public static CutRun MatsOf(CutLayout way) => new(
    [
        .. way.Lists.SelectMany(l => l.Sheets.Select(s => (List: l, Sheet: s)))
            .Select((m, i) =>
                new CutMat(i + 1, m.List.Id, m.List.Vinyl, m.List.ColourName.Length > 0
                    ? $"{m.List.Name}, {m.List.ColourName}"
                    : m.List.Name, m.List.Colour, m.Sheet.Number, [.. m.Sheet.Units.Select(u => u.Index)], m.List.Preset,
                    m.Sheet.UsedLengthMm, 0, m.Sheet.CutSeconds, MatStatus.Waiting, null, null, [])),
    ]);

    /// <summary>A cut as it stands now, with what the cutter says while it holds its mat.</summary>
    /// <returns>Null when there is none.</returns>
    public async Task<(OpenCut Cut, CutterStatus? Device)?> LookAsync(Guid id, CancellationToken cancel)
    {
        await _one.WaitAsync(cancel);
        try
        {
            return await SeenAsync(id, cancel);
        }
        finally
        {
            _one.Release();
        }
    }

    /// <summary>Lays the next mat in.</summary>
    /// <param name="id">The cut.</param>
    /// <param name="commandId">Chosen by whoever asks; asking twice counts once.</param>
    /// <param name="presetChecked">Vinyl whose preset was checked.</param>
    /// <param name="lengthMm">How much vinyl lies on the mat, mm; null for as much as the sheet is long.</param>
    /// <param name="cancel">Gives up.</param>
    public Task<OpenCut?> LoadAsync(Guid id, Guid commandId, string? presetChecked, double? lengthMm, CancellationToken cancel) =>
        StepAsync(id, commandId, (cut, mat) =>
    {
        var run = cut.Run.Load(presetChecked);
        if (_loaded is { } other && other.Cut != id && _device?.Status().State == CutterState.Cutting)
            throw new CutRefusedException("cutter-busy", new Phrase("cut-refused.busy"));
        _device = new SimulatedCutter(CutterOf(cut), clock);
        _device.Load(HpglCutFile.Write(cut.Program(mat).Strokes, mat.Preset, CutterOf(cut)), lengthMm ?? SheetLength(cut, mat));
        _loaded = (id, mat.Number);
        return run;
    }, cancel);

    /// <summary>Lets it cut.</summary>
    /// <exception cref="CutRefusedException">The cut is not at that step.</exception>
    public Task<OpenCut?> GoAsync(Guid id, Guid commandId, CancellationToken cancel) => StepAsync(id, commandId, (cut, mat) =>
    {
        if (_loaded != (id, mat.Number) || _device is null)
            throw new CutRefusedException("out-of-step", new Phrase("cut-refused.lost"));
        var run = cut.Run.Go();
        _device.Go();
        return run;
    }, cancel);

    /// <summary>Takes the mat out; what is not cut comes onto another.</summary>
    public Task<OpenCut?> UnloadAsync(Guid id, Guid commandId, CancellationToken cancel) => StepAsync(id, commandId, (cut, mat) =>
    {
        var list = cut.Way.Lists.First(l => l.Id == mat.ListId);
        var sheet = list.Sheets.First(s => s.Number == mat.Sheet);
        var run = cut.Run.Unload(left =>
            CutProgram.Rest(sheet, list.Shapes, mat, left, CutterOf(cut), catalogue.Work.Cutting.EdgeMm.Value));
        LetGo(id, mat);
        return run;
    }, cancel);

    /// <summary>All mats are cut, on the workshop's own cutter.</summary>
    public Task<OpenCut?> AllCutAsync(Guid id, Guid commandId, CancellationToken cancel) => StepAsync(id, commandId, (cut, mat) =>
    {
        var run = cut.Run.AllCut();
        LetGo(id, mat);
        return run;
    }, cancel);

    /// <summary>After a test cut: how the mats of a vinyl that still wait are cut.</summary>
    public Task SetPresetAsync(Guid id, string vinyl, CutPreset preset, CancellationToken cancel) => cuts.StepAsync(id, Guid.NewGuid(), r =>
    {
        Keep(r, OpenCut.Of(r).Run.WithPreset(vinyl, preset));
        return null;
    }, cancel);

    /// <summary>Lets something go wrong, to practise it.</summary>
    public async Task<bool> CauseAsync(Guid id, CutterTrouble trouble, CancellationToken cancel)
    {
        await _one.WaitAsync(cancel);
        try
        {
            if (_loaded?.Cut != id || _device is null)
                return false;
            _device.Cause(trouble);
            return true;
        }
        finally
        {
            _one.Release();
        }
    }

    public void Dispose() => _one.Dispose();

    private void LetGo(Guid id, CutMat mat)
    {
        if (_loaded != (id, mat.Number))
            return;
        _device!.Unload();
        _loaded = null;
    }

    private async Task<OpenCut?> StepAsync(Guid id, Guid commandId, Func<OpenCut, CutMat, CutRun> step, CancellationToken cancel)
    {
        await _one.WaitAsync(cancel);
        try
        {
            if (await SeenAsync(id, cancel) is null)
                return null;
            var row = await cuts.StepAsync(id, commandId, r =>
            {
                if (r.Status is CutStore.Used or CutStore.GivenUp)
                    throw new CutRefusedException("out-of-step", r.Status == CutStore.Used
                        ? new Phrase("cut-refused.used") : new Phrase("cut-refused.given-up"));
                var cut = OpenCut.Of(r);
                var run = step(cut, cut.Run.Current ?? throw new CutRefusedException("out-of-step", new Phrase("cut-refused.all-out")));
                Keep(r, run);
                return MoreFor(cut, run);
            }, cancel);
            return row is null ? null : OpenCut.Of(row);
        }
        finally
        {
            _one.Release();
        }
    }

    /// <summary>Looks, and keeps what the cutter has done since.</summary>
    private async Task<(OpenCut Cut, CutterStatus? Device)?> SeenAsync(Guid id, CancellationToken cancel)
    {
        if (await cuts.FindAsync(id, cancel) is not { } row)
            return null;
        var cut = OpenCut.Of(row);
        if (cut.Run.Current is not { } mat)
            return (cut, null);
        var device = _loaded == (id, mat.Number) ? _device?.Status() : null;
        if (mat.Status == MatStatus.Cutting && Now(cut, mat, device) is { } now)
        {
            var kept = await cuts.StepAsync(id, Guid.NewGuid(), r =>
            {
                Keep(r, now);
                return null;
            }, cancel);
            return (OpenCut.Of(kept!), device);
        }

        return (cut, device);
    }

    private static CutRun? Now(OpenCut cut, CutMat mat, CutterStatus? device) => device switch
    {
        // The program was started anew while it cut: what the blade did is not known.
        null => cut.Run.Stopped("cutter-lost", []),
        { State: CutterState.Done } => cut.Run.Finished(device.Seconds),
        { State: CutterState.Stopped, Trouble: { } trouble } =>
            cut.Run.Stopped(JsonNamingPolicy.KebabCaseLower.ConvertName(trouble.ToString()), cut.Program(mat)
                .UnitsDone(device.StrokesDone)),
        _ => null,
    };

    /// <summary>A mat that was added takes more of the roll that its list is cut from.</summary>
    private static StockUse? MoreFor(OpenCut before, CutRun after)
    {
        if (after.Mats.Count <= before.Run.Mats.Count || after.Current is not { } again)
            return null;
        return before.Way.Lists.First(l => l.Id == again.ListId).Uses.FirstOrDefault(u => u.Kind == StockKind.Roll) is { } roll
            ? roll with { LengthMm = again.LengthMm } : null;
    }

    private static void Keep(CutRow row, CutRun run)
    {
        row.RunJson = JsonSerializer.Serialize(run, CoreJson.Options);
        if (run.Current is null && row.Status == CutStore.Open)
            row.Status = CutStore.Cut;
    }

    private Cutter CutterOf(OpenCut cut) =>
        catalogue.Cutters.GetValueOrDefault(cut.Row.Cutter, catalogue.Cutters[ReferencePractice.Cutter]);

    private static double SheetLength(OpenCut cut, CutMat mat) =>
        Math.Max(mat.LengthMm, cut.Way.Lists.First(l => l.Id == mat.ListId).Sheets.First(s => s.Number == mat.Sheet).LengthMm);
}
