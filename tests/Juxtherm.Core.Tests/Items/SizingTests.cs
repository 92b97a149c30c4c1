using Juxtherm.Core.Items;

namespace Juxtherm.Core.Tests.Items;

/// <summary>Arithmetic of sizes.</summary>
public class SizingTests
{
    [Theory]
    // A share of a measure, proportions kept: plain arithmetic.
    [InlineData(500, 0.6, 2, 300, 150)]
    [InlineData(333, 0.5, 1, 166.5, 166.5)]
    [InlineData(100, 1.2, 0.5, 120, 240)]
    public void Artwork_is_sized_to_a_share_of_a_measure(double measure, double share, double aspect, double width, double height) =>
        Assert.Equal(new ArtSize(width, height), Sizing.ToMeasure(measure, share, aspect));
}
