using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Files;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Devices;

/// <summary>
/// A cutter made of nothing: it reads HPGL, moves at the speed of its kind, and gets into the troubles of real ones. What it has done
/// follows from the clock alone, so it needs no thread. Troubles can be called for, to practise them.
/// </summary>
/// <param name="cutter">Its kind.</param>
/// <param name="clock">Its time.</param>
public sealed class SimulatedCutter(Cutter cutter, TimeProvider clock) : ICutterDevice
{
    // So much a cutter commonly holds in its memory when the computer falls silent, s (ours).
    private const double BufferSeconds = 4;
    private readonly Lock _one = new();
    private Plot? _plot;
    private double _cutBefore;
    private DateTimeOffset? _since;
    private CutterTrouble? _trouble;
    private double _stopsAt = double.PositiveInfinity;
    private CutterTrouble _coming;

    /// <inheritdoc/>
    public static bool Simulated => true;

    /// <inheritdoc/>
    public void Load(string hpgl, double sheetLengthMm)
    {
        lock (_one)
        {
            if (StatusNow().State == CutterState.Cutting)
                throw new CutterRefusedException(new Phrase("cutter.cutting"));
            var problems = new Problems();
            var plot = HpglPlot.Read(hpgl, problems)
                ?? throw new CutterRefusedException(new Phrase("cutter.unreadable", ("says", problems.Found[0].Says)));
            _plot = new Plot(plot.Strokes, cutter);
            (_cutBefore, _since, _trouble) = (0, null, null);
            (_stopsAt, _coming) = (_plot.RunsOutAt(sheetLengthMm), CutterTrouble.OutOfVinyl);
        }
    }

    /// <inheritdoc/>
    public void Go()
    {
        lock (_one)
        {
            var status = StatusNow();
            if (_plot is null)
                throw new CutterRefusedException(new Phrase("cutter.nothing-loaded"));
            if (status.State == CutterState.Cutting || status.State == CutterState.Done)
                return;
            if (_trouble is CutterTrouble.OutOfVinyl or CutterTrouble.LostMat)
                throw new CutterRefusedException(_trouble == CutterTrouble.OutOfVinyl
                    ? new Phrase("cutter.out-of-vinyl")
                    : new Phrase("cutter.mat-moved"));
            if (_trouble is not null)
                (_stopsAt, _coming) = (_plot.RunsOutAt(_plot.SheetLengthMm), CutterTrouble.OutOfVinyl);
            (_trouble, _since) = (null, clock.GetUtcNow());
        }
    }

    /// <inheritdoc/>
    public void Unload()
    {
        lock (_one)
        {
            if (StatusNow().State == CutterState.Cutting)
                throw new CutterRefusedException(new Phrase("cutter.blade-down"));
            (_plot, _cutBefore, _since, _trouble) = (null, 0, null, null);
        }
    }

    /// <inheritdoc/>
    public CutterStatus Status()
    {
        lock (_one)
            return StatusNow();
    }

    /// <summary>Lets something go wrong from now on.</summary>
    /// <param name="trouble">What: the vinyl ends where the blade is, the mat slips at once, or the computer falls silent.</param>
    public void Cause(CutterTrouble trouble)
    {
        lock (_one)
        {
            if (StatusNow() is not { State: CutterState.Cutting } now)
                throw new CutterRefusedException(new Phrase("cutter.idle"));
            (_stopsAt, _coming) = (now.Seconds + (trouble == CutterTrouble.ComputerSlept ? BufferSeconds : 0), trouble);
        }
    }

    private CutterStatus StatusNow()
    {
        if (_plot is not { } plot)
            return new CutterStatus(CutterState.Idle, null, 0, 0, 0, new Spot(0, 0), 0, 0);
        if (_since is { } since)
        {
            var run = _cutBefore + Math.Max(0, (clock.GetUtcNow() - since).TotalSeconds);
            var end = Math.Min(plot.Seconds, _stopsAt);
            if (run >= end)
            {
                (_cutBefore, _since) = (end, null);
                _trouble = end < plot.Seconds ? _coming : null;
            }
        }

        var at = _since is { } s ? _cutBefore + Math.Max(0, (clock.GetUtcNow() - s).TotalSeconds) : _cutBefore;
        var state = _since is not null
            ? CutterState.Cutting : _trouble is not null ? CutterState.Stopped : at >= plot.Seconds ? CutterState.Done : CutterState.Idle;
        var (done, blade) = plot.At(at);
        return new CutterStatus(state, _trouble, plot.Seconds > 0
            ? Math.Min(1, at / plot.Seconds) : 1, done, plot.Strokes, blade, Math.Round(at, 2), Math.Round(plot.Seconds, 2));
    }

    /// <summary>A plot with the time at which everything happens.</summary>
    private sealed class Plot
    {
        private readonly List<(double From, double To, Spot A, Spot B)> _moves = [];
        private readonly List<double> _ends = [];

        public Plot(IReadOnlyList<IReadOnlyList<Spot>> strokes, Cutter cutter)
        {
            var (at, time) = (new Spot(0, 0), 0.0);
            void Move(Spot to, double speed)
            {
                var end = time + Math.Sqrt(Math.Pow(to.X - at.X, 2) + Math.Pow(to.Y - at.Y, 2)) / speed;
                _moves.Add((time, end, at, to));
                (at, time) = (to, end);
            }

            foreach (var stroke in strokes)
            {
                Move(stroke[0], cutter.TravelMmPerSecond.Value);
                time += cutter.LiftSeconds.Value;
                foreach (var corner in stroke.Skip(1))
                    Move(corner, cutter.CutMmPerSecond.Value);
                time += cutter.LiftSeconds.Value;
                _ends.Add(time);
            }

            Seconds = time;
        }

        public double Seconds { get; }

        public int Strokes => _ends.Count;

        public double SheetLengthMm { get; private set; }

        /// <summary>When the blade first wants to go beyond the end of the vinyl, s; never where it does not.</summary>
        public double RunsOutAt(double sheetLengthMm)
        {
            SheetLengthMm = sheetLengthMm;
            foreach (var (from, to, a, b) in _moves)
            {
                if (b.Y > sheetLengthMm)
                    return a.Y >= sheetLengthMm ? from : from + (to - from) * (sheetLengthMm - a.Y) / (b.Y - a.Y);
            }

            return double.PositiveInfinity;
        }

        public (int Done, Spot Blade) At(double seconds)
        {
            var done = _ends.BinarySearch(seconds);
            var strokes = done >= 0 ? done + 1 : ~done;
            if (_moves.Count == 0)
                return (strokes, new Spot(0, 0));
            var (low, high) = (0, _moves.Count - 1);
            while (low < high)
            {
                var middle = (low + high) / 2;
                if (_moves[middle].To < seconds)
                    low = middle + 1;
                else
                    high = middle;
            }

            var (from, to, a, b) = _moves[low];
            var share = to > from ? Math.Clamp((seconds - from) / (to - from), 0, 1) : 1;
            return (strokes, new Spot(a.X + (b.X - a.X) * share, a.Y + (b.Y - a.Y) * share));
        }
    }
}
