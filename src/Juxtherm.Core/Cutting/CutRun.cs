using Juxtherm.Core.Notices;
namespace Juxtherm.Core.Cutting;

/// <summary>Where a mat is on its way through the cutter.</summary>
public enum MatStatus
{
    /// <summary>Not loaded yet.</summary>
    Waiting,

    /// <summary>In the cutter, preset checked.</summary>
    Loaded,

    /// <summary>The blade moves.</summary>
    Cutting,

    /// <summary>The cutter stopped before the end.</summary>
    Stopped,

    /// <summary>Cut, still in the cutter.</summary>
    Cut,

    /// <summary>Taken out.</summary>
    Unloaded,
}

/// <summary>A mat of a cut.</summary>
/// <param name="Number">From 1, in the order of cutting.</param>
/// <param name="ListId">Its cut list.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Name">Vinyl, for the reader.</param>
/// <param name="Colour">As <c>#rrggbb</c>; null when not said.</param>
/// <param name="Sheet">Number of its sheet in that list.</param>
/// <param name="Units">Which units of the sheet are cut; all of them, or what an earlier mat left.</param>
/// <param name="Preset">How it is cut.</param>
/// <param name="LengthMm">Length that it takes, mm.</param>
/// <param name="ShiftMm">How far everything is moved toward the beginning of the sheet, mm: what is cut again begins at the top.</param>
/// <param name="EstimatedSeconds">About how long it takes, s.</param>
/// <param name="Status">Where it is.</param>
/// <param name="Trouble">Why it stopped; null while it did not.</param>
/// <param name="MeasuredSeconds">How long it really took, s; null before.</param>
/// <param name="UnitsDone">Units that are cut whole.</param>
public sealed record CutMat(
    int Number, string ListId, string Vinyl, string Name, string? Colour, int Sheet, IReadOnlyList<int> Units, CutPreset Preset,
    double LengthMm, double ShiftMm, double EstimatedSeconds,
    MatStatus Status, string? Trouble, double? MeasuredSeconds, IReadOnlyList<int> UnitsDone);

/// <summary>The cutter is asked for something that does not go. The message says why and what would.</summary>
/// <param name="code">A stable word.</param>
/// <param name="says">For the reader.</param>
public sealed class CutRefusedException(string code, Phrase says) : RefusedException(code, says);

/// <summary>The mats of a cut, and what may happen to them next.</summary>
/// <param name="Mats">In the order of cutting.</param>
public sealed record CutRun(IReadOnlyList<CutMat> Mats)
{
    /// <summary>The mat that is in hand; null when all are out.</summary>
    public CutMat? Current => Mats.FirstOrDefault(m => m.Status != MatStatus.Unloaded);

    /// <summary>The mat before it; null for the first.</summary>
    public CutMat? Before => Current is { } current ? Mats.LastOrDefault(m => m.Number < current.Number) : null;

    /// <summary>Its preset has to be checked, because it is the first, or differs from the one before.</summary>
    public bool AsksForPreset =>
        Current is { } current && (Before is not { } before || before.Vinyl != current.Vinyl || !before.Preset.Alike(current.Preset));

    /// <summary>Lays a mat in.</summary>
    /// <param name="presetChecked">Vinyl id whose preset was set and checked; needed where the vinyl differs from the mat before.</param>
    /// <exception cref="CutRefusedException">The preset was not checked, or a mat is in already.</exception>
    public CutRun Load(string? presetChecked)
    {
        var mat = Expect(MatStatus.Waiting);
        if (AsksForPreset && presetChecked != mat.Vinyl)
            throw new CutRefusedException("cut-preset",
                new Phrase("cut-refused.preset", ("mat", mat.Name), ("before", Before?.Name), ("preset", mat.Preset.InWords())));
        return With(mat with { Status = MatStatus.Loaded });
    }

    /// <summary>Lets it cut, or go on after the computer slept.</summary>
    /// <exception cref="CutRefusedException">Nothing is loaded.</exception>
    public CutRun Go() => With(Expect(MatStatus.Loaded, MatStatus.Stopped) with { Status = MatStatus.Cutting, Trouble = null });

    /// <summary>The cutter says that it is done.</summary>
    /// <param name="seconds">How long it took, s.</param>
    public CutRun Finished(double seconds)
    {
        var mat = Expect(MatStatus.Cutting);
        return With(mat with { Status = MatStatus.Cut, MeasuredSeconds = seconds, UnitsDone = mat.Units });
    }

    /// <summary>The cutter stopped before the end.</summary>
    /// <param name="trouble">Why.</param>
    /// <param name="unitsDone">Units that are cut whole.</param>
    public CutRun Stopped(string trouble, IReadOnlyList<int> unitsDone) =>
        With(Expect(MatStatus.Cutting) with { Status = MatStatus.Stopped, Trouble = trouble, UnitsDone = unitsDone });

    /// <summary>Takes a mat out. What it left uncut comes onto another mat.</summary>
    /// <param name="rest">What is left: its length, how far it moves up, about how long it takes.</param>
    /// <exception cref="CutRefusedException">The blade is down.</exception>
    public CutRun Unload(Func<IReadOnlyList<int>, (double LengthMm, double ShiftMm, double Seconds)> rest)
    {
        ArgumentNullException.ThrowIfNull(rest);
        var mat = Expect(MatStatus.Loaded, MatStatus.Stopped, MatStatus.Cut);
        if (mat.Status == MatStatus.Loaded)
            return With(mat with { Status = MatStatus.Waiting });
        var left = mat.Units.Except(mat.UnitsDone).ToList();
        var outside = With(mat with { Status = MatStatus.Unloaded });
        if (left.Count == 0)
            return outside;
        var (length, shift, seconds) = rest(left);
        var again = mat
            with
        {
            Units = left,
            LengthMm = length,
            ShiftMm = shift,
            EstimatedSeconds = seconds,
            Status = MatStatus.Waiting,
            Trouble = null,
            MeasuredSeconds = null,
            UnitsDone = []
        };
        return new CutRun(
            [.. outside.Mats.TakeWhile(m => m.Number <= mat.Number), again, .. outside.Mats.SkipWhile(m => m.Number <= mat.Number)])
            .Numbered();
    }

    /// <summary>Every mat was cut, on the workshop's own cutter: none is left to lead through.</summary>
    /// <exception cref="CutRefusedException">The blade is down, a mat is in that was not cut to its end, or all are out
    /// already.</exception>
    public CutRun AllCut()
    {
        Expect(MatStatus.Waiting, MatStatus.Loaded, MatStatus.Cut);
        return new(
        [
            .. Mats.Select(m => m.Status == MatStatus.Unloaded
                ? m : m with { Status = MatStatus.Unloaded, Trouble = null, UnitsDone = m.Units }),
        ]);
    }

    /// <summary>After a test cut: the preset of every mat of a vinyl that is not in the cutter yet.</summary>
    /// <param name="vinyl">Vinyl id.</param>
    /// <param name="preset">How it is cut from now on.</param>
    public CutRun WithPreset(string vinyl, CutPreset preset) =>
        new([.. Mats.Select(m => m.Vinyl == vinyl && m.Status == MatStatus.Waiting ? m with { Preset = preset } : m)]);

    private CutRun Numbered() => new([.. Mats.Select((m, i) => m with { Number = i + 1 })]);

    private CutRun With(CutMat mat) => new([.. Mats.Select(m => m.Number == mat.Number ? mat : m)]);

    private CutMat Expect(params MatStatus[] statuses)
    {
        if (Current is not { } mat)
            throw new CutRefusedException("out-of-step", new Phrase("cut-refused.all-out"));
        return statuses.Contains(mat.Status)
            ? mat : throw new CutRefusedException("out-of-step",
                new Phrase("cut-refused.not-now", ("number", mat.Number), ("status", mat.Status)));
    }
}
