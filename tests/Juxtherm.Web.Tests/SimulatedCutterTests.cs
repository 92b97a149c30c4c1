using Juxtherm.Core.Catalogue;
using Juxtherm.Devices;
using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

/// <summary>The simulated cutter by itself: speed, progress, and its troubles.</summary>
public sealed class SimulatedCutterTests
{
    // Two squares of 50 mm, one behind the other along the feed.
    private const string TwoSquares =
        "IN;SP1;FS90;PU400,400;PD2400,400,2400,2400,400,2400,400,400;PU4400,400;PD6400,400,6400,2400,4400,2400,4400,400;PU0,0;SP0;";
    private readonly TestClock _clock = new();
    private readonly SimulatedCutter _cutter;

    public SimulatedCutterTests() => _cutter = new SimulatedCutter(Kind(), _clock);

    private static Cutter Kind()
    {
        static Sourced<double> Of(double value) => new(value, new Provenance(ProvenanceKind.FromMemory, "a round figure for this test"));
        return new Cutter("test", "Test", Of(300), Of(300), Of(1000), Of(330), Of(200), Of(5), Of(100), Of(200), Of(0.1));
    }

    private CutterStatus After(double seconds)
    {
        _clock.Advance(seconds);
        return _cutter.Status();
    }

    [Fact]
    public void It_moves_at_its_speed_and_says_how_far_it_is()
    {
        _cutter.Load(TwoSquares, 300);
        Assert.Equal(CutterState.Idle, _cutter.Status().State);
        _cutter.Go();
        // To (10, 10) with the blade up, down, 200 mm, up; then 100 mm on, down, 200 mm, up.
        var there = Math.Sqrt(200) / 200;
        var total = there + 0.2 + 2 + 0.5 + 0.2 + 2;
        Assert.Equal(total, _cutter.Status().TotalSeconds, 2);
        var half = After(there + 0.1 + 0.25);
        Assert.Equal((CutterState.Cutting, 0, 2), (half.State, half.StrokesDone, half.Strokes));
        Assert.Equal((10, 35), (Math.Round(half.Blade.X, 2), Math.Round(half.Blade.Y, 2)));
        Assert.Equal(half.Seconds / total, half.Progress, 2);
        Assert.Equal(1, After(2.2).StrokesDone);
        var done = After(60);
        Assert.Equal((CutterState.Done, 2, 1.0, Math.Round(total, 2)), (done.State, done.StrokesDone, done.Progress, done.Seconds));
        _cutter.Unload();
        Assert.Throws<CutterRefusedException>(_cutter.Go);
    }

    [Fact]
    public void It_stops_where_the_vinyl_ends()
    {
        _cutter.Load(TwoSquares, 135);
        _cutter.Go();
        var stopped = After(60);
        Assert.Equal((CutterState.Stopped, CutterTrouble.OutOfVinyl, 1), (stopped.State, stopped.Trouble, stopped.StrokesDone));
        Assert.Equal(135, stopped.Blade.Y, 1);
        Assert.Throws<CutterRefusedException>(_cutter.Go);
    }

    [Fact]
    public void What_was_sent_before_the_computer_slept_is_still_cut_and_it_goes_on_from_there()
    {
        _cutter.Load(TwoSquares + TwoSquares + TwoSquares, 300);
        _cutter.Go();
        After(1);
        _cutter.Cause(CutterTrouble.ComputerSlept);
        var slept = After(60);
        Assert.Equal((CutterState.Stopped, CutterTrouble.ComputerSlept, 5), (slept.State, slept.Trouble, slept.Seconds));
        _cutter.Go();
        Assert.Equal(7, After(2).Seconds, 2);
        Assert.Equal(CutterState.Done, After(60).State);
    }

    [Fact]
    public void A_mat_that_slipped_is_lost_at_once_and_nothing_is_taken_out_under_the_blade()
    {
        Assert.Throws<CutterRefusedException>(() => _cutter.Cause(CutterTrouble.LostMat));
        _cutter.Load(TwoSquares, 300);
        _cutter.Go();
        After(1);
        Assert.Throws<CutterRefusedException>(_cutter.Unload);
        Assert.Throws<CutterRefusedException>(() => _cutter.Load(TwoSquares, 300));
        _cutter.Cause(CutterTrouble.LostMat);
        Assert.Equal((CutterState.Stopped, CutterTrouble.LostMat), (_cutter.Status().State, _cutter.Status().Trouble));
        Assert.Throws<CutterRefusedException>(_cutter.Go);
        _cutter.Unload();
        Assert.Equal(CutterState.Idle, _cutter.Status().State);
    }

    [Fact]
    public void What_it_cannot_read_it_refuses()
    {
        Assert.Contains("cannot read", Assert.Throws<CutterRefusedException>(() => _cutter.Load("G1 X10", 300)).Said(),
            StringComparison.Ordinal);
        Assert.Equal(CutterState.Idle, _cutter.Status().State);
    }
}
