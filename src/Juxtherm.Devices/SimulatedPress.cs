using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Notices;

namespace Juxtherm.Devices;

/// <summary>
/// A press made of nothing: it heats up with the power of its kind, sags when it closes on cold cloth and recovers, stands a little off its
/// dial,
/// and is cooler near its edges. Its plate is the same lump that plans are computed with. What it has done follows from the clock
/// alone, so it needs no thread.
/// </summary>
public sealed class SimulatedPress : IPressDevice
{
    // No longer than this at a time, so that an idle press is worked out quickly after a long while, s.
    private const double LongestStep = 0.25;

    // A pause so long brings it to rest, s: twenty times what any of these plates needs.
    private const double LongestPause = 7200;

    // From the middle to the edge, as a share of what the plate is hotter than the room (from memory: some 5 to 8 K at 150 °C).
    private const double EdgeShare = 0.045;

    private readonly Lock _one = new();
    private readonly HeatSource _source;
    private readonly TimeProvider _clock;
    private readonly Func<IReadOnlyList<SheetField>> _load;
    private readonly double _offsetK;
    private readonly double _pressureKPa;
    private HeatColumn _column;
    private DateTimeOffset _at;
    private double _set;
    private int _closings;
    private DateTimeOffset? _closedAt;
    private DateTimeOffset? _openedAt;
    private double? _asItClosed;
    private double? _opensAfter;

    /// <summary>Switches a press on, at room temperature.</summary>
    /// <param name="source">Its kind.</param>
    /// <param name="load">What it closes on, fresh each time, top to bottom.</param>
    /// <param name="clock">Its time.</param>
    /// <param name="offsetK">How much hotter its face is than its display says beyond what its kind always is, K.</param>
    public SimulatedPress(HeatSource source, Func<IReadOnlyList<SheetField>> load, TimeProvider clock, double offsetK = 0)
    {
        ArgumentNullException.ThrowIfNull(source);
        ArgumentNullException.ThrowIfNull(load);
        ArgumentNullException.ThrowIfNull(clock);
        (_source, _load, _clock, _offsetK) = (source, load, clock, offsetK);
        _pressureKPa = source.Pressure.KPa[PressureLevel.Medium].Value;
        _at = clock.GetUtcNow();
        _set = source.Dial.Celsius.Value.Low;
        _column = Bare(Surroundings.RoomCelsius);
    }

    /// <summary>Where its controller holds its face, °C.</summary>
    private double Face => _source.SurfaceAt(_set) + _offsetK;

    private bool Closed => _closedAt is not null && _openedAt is null;

    /// <inheritdoc/>
    public void TurnTo(double celsius)
    {
        lock (_one)
        {
            var range = _source.Dial.Celsius.Value;
            if (celsius < range.Low || celsius > range.High)
                throw new PressRefusedException(new Phrase("press.dial-range", ("low", range.Low), ("high", range.High)));
            Advance();
            _set = celsius;
        }
    }

    /// <summary>Brings it to its dial at once, as if it had been on for a while.</summary>
    public void WarmUp()
    {
        lock (_one)
        {
            Advance();
            _column.SetPlate(_source.Plate.Heat.Value, LaneMath.All(Face));
        }
    }

    /// <inheritdoc/>
    public void Close(double? opensAfterSeconds)
    {
        lock (_one)
        {
            Advance();
            if (Closed)
                throw new PressRefusedException(new Phrase("press.closed-already"));
            var plate = _column.PlateCelsius;
            (_closedAt, _openedAt, _asItClosed, _opensAfter) = (_at, null, plate[0], opensAfterSeconds);
            _closings++;
            _column = new HeatColumn(_load());
            _column.SetPlate(_source.Plate.Heat.Value, plate);
        }
    }

    /// <inheritdoc/>
    public void Open()
    {
        lock (_one)
        {
            Advance();
            if (!Closed)
                throw new PressRefusedException(new Phrase("press.open-already"));
            Opened(_at);
        }
    }

    /// <inheritdoc/>
    public PressStatus Status()
    {
        lock (_one)
        {
            Advance();
            var middle = _column.PlateCelsius[0];
            var edge = middle - EdgeShare * Math.Max(0, middle - Surroundings.RoomCelsius);
            return new PressStatus(_set, Math.Round(middle - (Face - _set), 1), Math.Round(middle, 1), Math.Round(edge, 1), Closed,
                _closings, _closedAt, _openedAt, _asItClosed is { } c ? Math.Round(c, 1) : null, _opensAfter);
        }
    }

    private void Opened(DateTimeOffset at)
    {
        var plate = _column.PlateCelsius;
        (_openedAt, _column) = (at, Bare(plate[0]));
    }

    /// <summary>The plate by itself, over something that takes nothing from it.</summary>
    private HeatColumn Bare(double plateCelsius)
    {
        var column = new HeatColumn(_load());
        column.SetPlate(_source.Plate.Heat.Value, LaneMath.All(plateCelsius));
        return column;
    }

    private void Advance()
    {
        var now = _clock.GetUtcNow();
        if (Closed && _opensAfter is { } after && _closedAt!.Value.AddSeconds(after) is var opens && opens <= now)
        {
            Run((opens - _at).TotalSeconds);
            _at = opens;
            Opened(opens);
        }

        Run((now - _at).TotalSeconds);
        _at = now;
    }

    private void Run(double seconds)
    {
        TopFace top = Closed ? new TopFace.UnderPlate(LaneMath.All(Surroundings.PlateContactWm2K(_pressureKPa))) : new TopFace.Open();
        var bottom = new BottomFace(Surroundings.BelowUnderlayWm2K, Surroundings.RoomCelsius);
        for (var left = Math.Min(seconds, LongestPause); left > 1e-6;)
        {
            var step = Math.Min(left, LongestStep);
            _column.Advance(top, bottom, LaneMath.All(Face), step);
            left -= step;
        }
    }
}
