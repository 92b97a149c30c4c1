using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Days.Work;

/// <summary>A stretch of a piece's way: what is done in one go.</summary>
/// <param name="Parts">In order.</param>
/// <param name="Celsius">What the press is set to, °C; null where it needs none.</param>
/// <param name="Turned">The dial was turned since the stretch before.</param>
internal sealed record CourseBlock(IReadOnlyList<WorkPart> Parts, double? Celsius, bool Turned);

/// <summary>The way of a piece through a press, from the first mark to the last look.</summary>
internal sealed class PieceCourse
{
    private readonly Dictionary<int, PlannedPress> _presses;
    private readonly HandPace _pace;
    private readonly double _lift;
    private readonly double _stay;
    private readonly bool _held;
    private readonly List<CourseBlock> _blocks = [];
    private List<WorkPart> _now = [];
    private double? _celsius;
    private bool _turned;

    private PieceCourse(PlanAtPress at, HandlingFigures figures, HandPace pace)
    {
        _presses = at.Plan.Presses.ToDictionary(p => p.Order);
        (_pace, _lift, _stay) = (pace, figures.LiftSeconds.Value, figures.StayUnderSeconds.Value);
        _held = at.Source.HeldByHand || at.Source.HotAirWm2K is not null;
        _celsius = at.Plan.Presses.First(p => p.Purpose != PressPurpose.Patch).Celsius;
    }

    /// <summary>The way of the first piece, or of one once what lies underneath is warm.</summary>
    /// <param name="at">The plan.</param>
    /// <param name="script">The plan as the bench has it.</param>
    /// <param name="inRow">How many pieces were pressed just before.</param>
    /// <param name="figures">How long hands take.</param>
    /// <param name="pace">How long these hands take.</param>
    public static IReadOnlyList<CourseBlock> Of(PlanAtPress at, StationScript script, int inRow, HandlingFigures figures, HandPace pace)
    {
        var course = new PieceCourse(at, figures, pace);
        foreach (var step in inRow + 1 >= script.SteadyFrom ? script.SteadySteps : script.Steps)
            course.Take(step);
        course.LeaveThePress();
        course.EndBlock();
        return course._blocks;
    }

    private void Take(BenchStep step)
    {
        var press = step.PressOrder is { } order ? _presses.GetValueOrDefault(order) : null;
        switch (step.Kind)
        {
            case StepKind.Hold:
                var hands = _held || step.Seconds < _stay ? 1 : 0;
                _now.Add(new WorkPart(KindOf(press), HandPace.Whole(step.Seconds), hands, WorkPlace.Press, _celsius));
                break;
            case StepKind.Wait:
                Wait(step);
                break;
            case StepKind.Inspect:
                LeaveThePress();
                EndBlock();
                AtTheTable(DayTaskKind.Inspect, step.Seconds);
                EndBlock();
                break;
            default:
                Do(step, press);
                break;
        }
    }

    private void Do(BenchStep step, PlannedPress? press)
    {
        if (press is null)
        {
            LeaveThePress();
            EndBlock();
            AtTheTable(DayTaskKind.Prepare, step.Seconds);
            EndBlock();
        }
        else if (step.Stage == WorkStage.Prepare && press.Purpose != PressPurpose.Preheat)
        {
            TurnTheDial(step, press);
        }
        else if (step.Stage == WorkStage.Peel)
        {
            Peel(step);
        }
        else
        {
            if (_now is [.., { Place: not WorkPlace.Press }])
                EndBlock();
            _now.Add(AtThePress(DayTaskKind.Lay, step.Seconds));
        }
    }

    /// <summary>Another temperature begins another sitting; another pressure is a turn of the hand.</summary>
    private void TurnTheDial(BenchStep step, PlannedPress press)
    {
        if (press.Celsius == _celsius)
        {
            if (_now is [.., { Place: not WorkPlace.Press }])
                EndBlock();
            _now.Add(AtThePress(DayTaskKind.Prepare, step.Seconds));
            return;
        }

        LeaveThePress();
        EndBlock();
        (_celsius, _turned) = (press.Celsius, true);
    }

    private void Wait(BenchStep step)
    {
        var seconds = HandPace.Whole(step.Seconds);
        if (step.KeepsPlace)
        {
            _now.Add(new WorkPart(DayTaskKind.Cool, seconds, 0, WorkPlace.Press, _celsius));
            return;
        }

        // It cools from the moment the press opens, also while it is carried.
        var lifting = LeaveThePress();
        if (seconds > lifting)
            _now.Add(new WorkPart(DayTaskKind.Cool, seconds - lifting, 0, WorkPlace.Bench));
    }

    private void Peel(BenchStep step)
    {
        if (_now is [.., { Place: WorkPlace.Press, Kind: var before }])
        {
            var slack = before == DayTaskKind.Cool && step.WithinSeconds is { } within ? (int)within : 0;
            _now.Add(AtThePress(DayTaskKind.Peel, step.Seconds) with { SlackSeconds = slack });
            return;
        }

        if (step.WithinSeconds is null)
            EndBlock();
        _now.Add(new WorkPart(DayTaskKind.Peel, _pace.Of(DayTaskKind.Peel, step.Seconds), 1, WorkPlace.Bench, null,
            _now.Count == 0 ? 0 : (int)step.WithinSeconds!.Value));
    }

    /// <summary>Somebody opens the press and carries the piece to the table.</summary>
    /// <returns>How long that takes, s; 0 where it lies there already.</returns>
    private int LeaveThePress()
    {
        if (_now is not [.., { Place: WorkPlace.Press, Kind: not (DayTaskKind.Peel or DayTaskKind.Lay) }])
            return 0;
        var lift = AtThePress(DayTaskKind.Cool, _lift);
        _now.Add(lift);
        return lift.Seconds;
    }

    private WorkPart AtThePress(DayTaskKind kind, double seconds) => new(kind, _pace.Of(kind, seconds), 1, WorkPlace.Press, _celsius);

    private void AtTheTable(DayTaskKind kind, double seconds) => _now.Add(new WorkPart(kind, _pace.Of(kind, seconds), 1, WorkPlace.Bench));

    private void EndBlock()
    {
        if (_now.Count == 0)
            return;
        var pressed = _now.Exists(p => p.Place == WorkPlace.Press);
        _blocks.Add(new CourseBlock(_now, pressed ? _celsius : null, pressed && _turned));
        _turned &= !pressed;
        _now = [];
    }

    private static DayTaskKind KindOf(PlannedPress? press) => press?.Purpose switch
    {
        PressPurpose.Preheat => DayTaskKind.Preheat,
        PressPurpose.Tack => DayTaskKind.Tack,
        PressPurpose.Finish => DayTaskKind.Finish,
        _ => DayTaskKind.Press,
    };
}
