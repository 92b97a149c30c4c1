using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Settings;

/// <summary>Notes when each lane crosses a line; times between steps are interpolated.</summary>
internal sealed class Crossings : ISessionObserver
{
    // Less than this share of what is wanted or borne is none; so many times what holds, nobody asks further.
    public const double LeastShare = 1e-4;
    private const double SurelyHolds = 4;
    private const double SurelyHarms = 2;

    private readonly int _lanes;
    private readonly double[] _levels;
    private readonly double[,] _at;
    private readonly double[,] _last = new double[3, LaneMath.Count];
    private readonly double[] _bondWithin = new double[LaneMath.Count];
    private readonly List<double> _times = [0];
    private readonly List<double>[] _bare = [[], [], [], []];
    private readonly List<double>[] _lnBond = [[], [], [], []];
    private readonly List<double>[] _lnHeatDose = [[], [], [], []];
    private double _lastTime;

    public Crossings(PressSession start, int lanes, double holds, double target, double mostHeatDose, double limitCelsius,
        double dyeCelsius = double.PositiveInfinity)
    {
        _lanes = lanes;
        _levels = [holds, target, mostHeatDose, limitCelsius, dyeCelsius];
        _at = new double[_levels.Length, LaneMath.Count];
        for (var lane = 0; lane < LaneMath.Count; lane++)
        {
            for (var line = 0; line < _levels.Length; line++)
                _at[line, lane] = double.PositiveInfinity;
            _last[2, lane] = start.HottestBare(lane);
            _bare[lane].Add(start.HottestBare(lane));
            _lnBond[lane].Add(Math.Log(LeastShare));
            _lnHeatDose[lane].Add(Math.Log(LeastShare));
        }
    }

    public double Holds(int lane) => _at[0, lane];

    public double Target(int lane) => _at[1, lane];

    public double VinylEnds(int lane) => _at[2, lane];

    public double BlankEnds(int lane) => _at[3, lane];

    public double DyeMoves(int lane) => _at[4, lane];

    /// <summary>Ends of the steps, beginning with 0, s.</summary>
    public double[] Times => [.. _times];

    /// <summary>Hottest bare face by then, °C.</summary>
    public double[] Bare(int lane) => [.. _bare[lane]];

    /// <summary>What is asked: a phase goes on until it is known.</summary>
    public SweptFor Asked { get; init; }

    /// <summary>ln of the bond by then over that from which it holds.</summary>
    public double[] LnBond(int lane) => [.. _lnBond[lane]];

    /// <summary>ln of the heat by then over what the vinyl takes.</summary>
    public double[] LnHeatDose(int lane) => [.. _lnHeatDose[lane]];

    public double BondWithinLimits(int lane) => _bondWithin[lane];

    public bool AfterStep(PressSession session, double seconds)
    {
        var open = false;
        for (var lane = 0; lane < _lanes; lane++)
        {
            var (bond, dose, bare) = (session.Bond(lane), session.HeatDose(lane), session.HottestBare(lane));
            Note(0, lane, _last[0, lane], bond, seconds);
            Note(1, lane, _last[0, lane], bond, seconds);
            Note(2, lane, _last[1, lane], dose, seconds);
            Note(3, lane, _last[2, lane], bare, seconds);
            Note(4, lane, _last[2, lane], bare, seconds);
            var ended = Math.Min(_at[2, lane], _at[3, lane]) <= seconds;
            if (!ended)
                _bondWithin[lane] = bond;
            // Also past the blank's limit: the plates in between read the vinyl's limit from their neighbours.
            var bonds = double.IsInfinity(_at[1, lane]) || bond < SurelyHolds * _levels[0];
            var bears = !ended || double.IsInfinity(_at[2, lane]) || dose < SurelyHarms * _levels[2];
            open |= Asked switch { SweptFor.Bond => bonds, SweptFor.Harm => bears, _ => bonds || bears };
            (_last[0, lane], _last[1, lane], _last[2, lane]) = (bond, dose, bare);
            _bare[lane].Add(bare);
            _lnBond[lane].Add(Math.Log(Math.Max(LeastShare, bond / _levels[0])));
            _lnHeatDose[lane].Add(Math.Log(Math.Max(LeastShare, dose / _levels[2])));
        }

        _times.Add(seconds);
        _lastTime = seconds;
        return open;
    }

    private void Note(int line, int lane, double before, double now, double seconds)
    {
        var level = _levels[line];
        if (!double.IsInfinity(_at[line, lane]) || now < level)
            return;
        var share = now > before ? Math.Clamp((level - before) / (now - before), 0, 1) : 0;
        _at[line, lane] = _lastTime + (seconds - _lastTime) * share;
    }
}
