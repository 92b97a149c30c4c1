using Juxtherm.App;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Devices;
using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

/// <summary>The press that ships: heats up, sags, recovers, stands off its dial, cooler at its edge.</summary>
public sealed class SimulatedPressTests
{
    private static readonly CatalogueSnapshot Catalogue = CatalogueFolder.Read(Path.Combine(AppContext.BaseDirectory, "catalogue"));
    private readonly TestClock _clock = new();

    private SimulatedPress Press(string source = "swing-platen", double offset = 0) => new(
        Catalogue.HeatSources[source],
        () => [SheetField.At(Catalogue.Materials["cotton"].Thermal.Sheet("cloth"), Surroundings.RoomCelsius),
            SheetField.At(Catalogue.Underlays["pad"].Thermal!.Sheet("pad"), Surroundings.RoomCelsius)],
        _clock, offset);

    [Fact]
    public void It_heats_up_in_minutes_and_holds_its_dial()
    {
        var press = Press();
        press.TurnTo(150);
        Assert.Equal(Surroundings.RoomCelsius, press.Status().MiddleCelsius, 0.5);
        _clock.Advance(60);
        var after = press.Status().MiddleCelsius;
        // Common practice: a platen takes some five to fifteen minutes; after one it is on its way.
        Assert.InRange(after, 30, 100);
        _clock.Advance(1200);
        var hot = press.Status();
        Assert.Equal(150, hot.MiddleCelsius, 2.0);
        Assert.InRange(hot.MiddleCelsius - hot.EdgeCelsius, 3, 9);
    }

    [Fact]
    public void It_sags_as_it_closes_on_cold_cloth_and_comes_back()
    {
        var press = Press("hand-iron");
        press.TurnTo(press.Status().SetCelsius);
        press.WarmUp();
        var before = press.Status().MiddleCelsius;
        press.Close(null);
        _clock.Advance(8);
        var closed = press.Status();
        Assert.True(closed.Closed);
        Assert.True(before - closed.MiddleCelsius > 3, $"{before} {closed.MiddleCelsius}");
        press.Open();
        _clock.Advance(300);
        Assert.Equal(before, press.Status().MiddleCelsius, 2.0);
        // A platen hardly sags.
        var platen = Press();
        platen.TurnTo(150);
        platen.WarmUp();
        platen.Close(null);
        _clock.Advance(8);
        Assert.InRange(150 - platen.Status().MiddleCelsius, 0.1, before - closed.MiddleCelsius);
    }

    [Fact]
    public void It_opens_by_itself_exactly_on_time_however_late_anybody_looks()
    {
        var press = Press();
        press.TurnTo(150);
        press.WarmUp();
        press.Close(12);
        var closed = _clock.GetUtcNow();
        _clock.Advance(500);
        var status = press.Status();
        Assert.Equal((false, closed, closed.AddSeconds(12), 1),
            (status.Closed, status.ClosedAt!.Value, status.OpenedAt!.Value, status.Closings));
        Assert.Equal(150, status.MiddleAsItClosed!.Value, 0.5);
        Assert.Contains("open already", Assert.Throws<PressRefusedException>(press.Open).Said(), StringComparison.Ordinal);
        press.Close(null);
        Assert.Contains("closed already", Assert.Throws<PressRefusedException>(() => press.Close(null)).Said(), StringComparison.Ordinal);
    }

    [Fact]
    public void Its_face_stands_off_its_dial_and_its_dial_has_ends()
    {
        var press = Press(offset: -6);
        press.TurnTo(150);
        press.WarmUp();
        var status = press.Status();
        Assert.Equal((150.0, 144.0), (status.ShownCelsius, status.MiddleCelsius));
        Assert.Contains("from 80 to 220", Assert.Throws<PressRefusedException>(() => press.TurnTo(300)).Said(), StringComparison.Ordinal);
    }
}
