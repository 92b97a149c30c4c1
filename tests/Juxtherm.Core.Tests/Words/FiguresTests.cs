using Juxtherm.Core.Notices;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Words;

/// <summary>Figures as the reader sees them.</summary>
public class FiguresTests
{
    private static readonly Figures Metric = new(UnitSystem.Metric);
    private static readonly Figures Us = new(UnitSystem.Us);

    [Theory]
    [InlineData(151.667, "152 °C", "305 °F")]
    [InlineData(0, "0 °C", "32 °F")]
    [InlineData(100, "100 °C", "212 °F")]
    public void Temperatures(double celsius, string metric, string us) =>
    Assert.Equal((metric, us), (Metric.Temperature(celsius), Us.Temperature(celsius)));

    [Theory]
    // An inch is 25.4 mm (ISO 31).
    [InlineData(75, "75 mm", "3 in")]
    [InlineData(25.4, "25 mm", "1 in")]
    [InlineData(19, "19 mm", "0.75 in")]
    [InlineData(240, "240 mm", "9.5 in")]
    public void Lengths(double mm, string metric, string us) => Assert.Equal((metric, us), (Metric.Length(mm), Us.Length(mm)));

    [Theory]
    [InlineData(0.48, "0.5 mm", "0.02 in")]
    [InlineData(2.54, "2.5 mm", "0.10 in")]
    public void Fine_lengths(double mm, string metric, string us) => Assert.Equal((metric, us), (Metric.Fine(mm), Us.Fine(mm)));

    [Theory]
    [InlineData(12, "12 s")]
    [InlineData(90, "90 s")]
    [InlineData(120, "2 min")]
    [InlineData(95, "1 min 35 s")]
    public void Times(double seconds, string said) => Assert.Equal(said, Figures.Time(seconds));

    [Theory]
    [InlineData(1, "1.0")]
    [InlineData(0.873, "0.87")]
    [InlineData(12.5, "12.5")]
    public void Shares(double share, string said) => Assert.Equal(said, Figures.Share(share));
}
