using Juxtherm.Core.Learning;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Tests.Logbook;

/// <summary>What was learned counts once it has moved by half a step of the dial, and not before.</summary>
public sealed class SettledTests
{
    private static WorkshopCorrection Plate(double offsetK, double errorK = 6) =>
        new([new PlateCorrection("swing-platen", offsetK, errorK, "")], []);

    private static WorkshopCorrection Demand(double factor) => new([], [new DemandCorrection("smooth", "cotton", factor, "")]);

    private static WorkshopCorrection Of(WorkshopCorrection before, WorkshopCorrection learned) =>
        Settled.Of(before, learned, Shipped.Catalogue.HeatSources);

    // The dial of this press goes by 5 °F: half of that is 1.39 K.
    [Theory]
    [InlineData(0, 1.3, 0)]
    [InlineData(0, 1.5, 1.5)]
    [InlineData(1.5, 0.2, 1.5)]
    [InlineData(1.5, 2.8, 1.5)]
    [InlineData(1.5, 3.0, 3.0)]
    [InlineData(1.5, 0, 0)]
    [InlineData(-3, -3.9, -3)]
    public void A_plate_moves_by_half_a_step_or_not_at_all(double before, double learned, double counts)
    {
        var error = Shipped.Catalogue.HeatSources["swing-platen"].Dial.ErrorK.Value;
        Assert.Equal(counts,
            Of(before == 0 ? WorkshopCorrection.None : Plate(before, error), Plate(learned, error)).Plates.SingleOrDefault()?.OffsetK ?? 0);
    }

    [Theory]
    [InlineData(1, 1.05, 1)]
    [InlineData(1, 1.09, 1.09)]
    [InlineData(1.2, 1.15, 1.2)]
    [InlineData(1.2, 1.1, 1.1)]
    [InlineData(1, 0.9, 0.9)]
    public void A_need_moves_by_what_half_a_step_is_worth(double before, double learned, double counts) =>
        Assert.Equal(counts, Of(before == 1 ? WorkshopCorrection.None : Demand(before), Demand(learned)).Demands.SingleOrDefault()?.Factor
            ?? 1);

    [Fact]
    public void What_wanders_around_one_place_moves_nothing_and_what_is_taken_back_goes()
    {
        var held = Demand(1.2);
        foreach (var factor in new[] { 1.18, 1.22, 1.16, 1.24, 1.2 })
            Assert.Same(held, Of(held, Demand(factor)));
        Assert.True(Of(held, WorkshopCorrection.None).IsNone);
    }
}
