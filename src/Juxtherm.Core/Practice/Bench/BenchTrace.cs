using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Practice.Bench;

/// <summary>Writes down what the stack goes through at a practice bench, phase by phase.</summary>
/// <param name="about">The job.</param>
internal sealed class BenchTrace(ChartedJob about)
{
    private readonly List<TracePhase> _phases = [];

    /// <summary>What was written down.</summary>
    public IReadOnlyList<TracePhase> Phases => _phases;

    /// <summary>Carries out a phase and writes it down.</summary>
    /// <param name="part">Where.</param>
    /// <param name="kind">What happens.</param>
    /// <param name="closing">Which closing it is, from 1; null while open.</param>
    /// <param name="start">When it begins, s.</param>
    /// <param name="run">Carries it out, seen by an observer.</param>
    public void Watch(PiecePart part, PhaseKind kind, int? closing, double start, Action<ISessionObserver> run)
    {
        var recorder = new PhaseRecorder(
            () => part.Laid.Count == 0 ? 0 : part.Laid.Min(id => part.Bond(id, 0) / about.Layer(id).WantedBond),
            about.Layers.Max(l => l.Work.Vinyl.Bond.HoldsFrom.Value));
        run(recorder);
        _phases.Add(recorder.Finish(part.Session, kind, closing, start, sheet => SheetNames.Of(sheet, about)));
    }
}
