using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>What happens in a phase of the work at the press.</summary>
public enum PhaseKind
{
    /// <summary>Plate closed on the bare blank.</summary>
    Preheat,

    /// <summary>Open, the artwork being laid.</summary>
    Lay,

    /// <summary>Plate closed for a moment, so that the layer holds still.</summary>
    Tack,

    /// <summary>Plate closed, bonding.</summary>
    Press,

    /// <summary>Open, cooling until the carrier can come off.</summary>
    Cool,

    /// <summary>Open, the carrier coming off.</summary>
    Peel,

    /// <summary>Open, the cover being laid on the bare vinyl.</summary>
    Cover,

    /// <summary>Open, the dial being turned and the plate coming to it.</summary>
    Dial,

    /// <summary>Open, the piece being turned over.</summary>
    Turn,

    /// <summary>Plate closed on the back of the piece.</summary>
    Back,

    /// <summary>Plate closed again after the peel.</summary>
    Finish,

    /// <summary>Open, done.</summary>
    Rest,
}

/// <summary>A sheet in a picture of the stack.</summary>
/// <param name="Id">Sheet id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="ThicknessMm">Thickness, mm.</param>
public sealed record TraceSheet(string Id, string Name, double ThicknessMm);

/// <summary>Temperatures over one phase. Arrays over time run along <see cref="Times"/>; faces run from the top of the stack to its bottom, one more than there are sheets.</summary>
/// <param name="Kind">What happens.</param>
/// <param name="PressOrder">Which press it is; null while open.</param>
/// <param name="StartSeconds">When it begins, counted from the first phase, s.</param>
/// <param name="Seconds">How long it lasts, s.</param>
/// <param name="PlateClosed">The plate is closed.</param>
/// <param name="Sheets">The stack through the print, top to bottom.</param>
/// <param name="Times">Since the phase began, s.</param>
/// <param name="Plate">Plate face, °C.</param>
/// <param name="Faces">Per time, per face of the print column, °C.</param>
/// <param name="Glue">Glue line (the bare face before the vinyl is laid), °C.</param>
/// <param name="BareFace">Bare blank beside the print, °C.</param>
/// <param name="WaterShare">Water left in the blank's face layer, share.</param>
/// <param name="Bond">Share of the wanted bond so far.</param>
public sealed record TracePhase(
    PhaseKind Kind, int? PressOrder, double StartSeconds, double Seconds, bool PlateClosed, IReadOnlyList<TraceSheet> Sheets, IReadOnlyList<double> Times, IReadOnlyList<double> Plate,
    IReadOnlyList<IReadOnlyList<double>> Faces, IReadOnlyList<double> Glue, IReadOnlyList<double> BareFace, IReadOnlyList<double> WaterShare, IReadOnlyList<double> Bond);

/// <summary>Writes down a phase as it runs, close together at first and sparser later.</summary>
internal sealed class PhaseRecorder(Func<double> bondShare) : ISessionObserver
{
    private readonly List<double> _times = [];
    private readonly List<double> _plate = [];
    private readonly List<IReadOnlyList<double>> _faces = [];
    private readonly List<double> _glue = [];
    private readonly List<double> _bare = [];
    private readonly List<double> _water = [];
    private readonly List<double> _bond = [];
    private double _last = double.NegativeInfinity;
    private double _skipped = double.NaN;

    public double Seconds { get; private set; }

    public bool AfterStep(PressSession session, double seconds)
    {
        Seconds = seconds;
        if (seconds - _last >= Math.Clamp(seconds * 0.08, 0.02, 2))
            Note(session, seconds);
        else
            _skipped = seconds;
        return true;
    }

    public TracePhase Finish(PressSession session, PhaseKind kind, int? order, double start, Func<string, string> name)
    {
        if (_skipped > _last)
            Note(session, _skipped);
        return new TracePhase(kind, order, start, Seconds, kind is PhaseKind.Preheat or PhaseKind.Tack or PhaseKind.Press or PhaseKind.Back or PhaseKind.Finish,
            [.. session.PrintSheets.Select(f => new TraceSheet(f.Sheet.Id, name(f.Sheet.Id), f.Sheet.ThicknessMm))], _times, _plate, _faces, _glue, _bare, _water, _bond);
    }

    private void Note(PressSession session, double seconds)
    {
        _last = seconds;
        var column = session.PrintColumn;
        _times.Add(Math.Round(seconds, 2));
        _plate.Add(Tenth(column.PlateCelsius[0]));
        _faces.Add([.. Enumerable.Range(0, column.InterfaceCount).Select(i => Tenth(column.InterfaceCelsius(i)[0]))]);
        _glue.Add(Tenth(session.GlueCelsius[0]));
        _bare.Add(Tenth(session.BareFaceCelsius[0]));
        _water.Add(Math.Round(session.FaceWaterShare, 3));
        _bond.Add(Math.Round(bondShare(), 3));
    }

    private static double Tenth(double value) => Math.Round(value, 1);
}
