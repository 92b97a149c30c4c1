using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>Writes down a phase as it runs, close together at first and sparser later.</summary>
internal sealed class PhaseRecorder(Func<double> bondShare, double holdsFrom) : ISessionObserver
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
        return new TracePhase(kind, order, start, Seconds, kind is PhaseKind.Preheat or PhaseKind.Tack or PhaseKind.Press or PhaseKind.Back
            or PhaseKind.Finish,
            [.. session.PrintSheets.Select(f => new TraceSheet(f.Sheet.Id, name(f.Sheet.Id), f.Sheet.ThicknessMm))], _times, _plate, _faces,
            _glue, _bare, _water, _bond)
        {
            Grades = _bond.ConvertAll(b => BondGrades.Of(b, holdsFrom)),
        };
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
