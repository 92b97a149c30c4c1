using Juxtherm.Core.Certainty;

namespace Juxtherm.Core.Tests.Certainty;

/// <summary>What test patches make believe.</summary>
public class PatchBeliefTests
{
    private const double PatchSpread = 0.2;
    private const double LittleBelow = 0.35;

    private static PatchBelief Before => PatchBelief.Before(0.35);

    [Fact]
    public void The_worse_it_came_out_the_more_is_wanted_and_a_little_lifted_tells_most()
    {
        var (held, little, off) = (Before.After(0, Pulled.Holds), Before.After(0, Pulled.LiftsALittle), Before.After(0, Pulled.ComesOff));
        Assert.True(held.Mean < 0 && little.Mean > 0 && off.Mean > little.Mean, $"{held.Mean} {little.Mean} {off.Mean}");
        Assert.True(little.Spread < held.Spread && little.Spread < off.Spread);
    }

    [Theory]
    [InlineData(-1.0)]
    [InlineData(0.0)]
    [InlineData(0.6)]
    public void One_more_patch_never_adds_doubt_on_the_whole(double lnMargin) =>
        Assert.InRange(Before.LeftAfter(lnMargin), lnMargin == 0 ? 0.4 : 0.5, 1.0001);

    [Fact]
    public void Nothing_is_ever_ruled_out()
    {
        var belief = Before;
        for (var i = 0; i < 3; i++)
            belief = belief.After(0.8, Pulled.ComesOff);
        // Three slips of the hand: then ten that hold say so.
        for (var i = 0; i < 10; i++)
            belief = belief.After(0, Pulled.Holds);
        Assert.True(belief.Middle < 1.2, $"{belief.Middle}");
    }

    [Fact]
    public void A_patch_at_the_same_pressure_tells_nothing_of_what_pressure_does_and_one_at_another_does()
    {
        var same = Before.After(0, Pulled.LiftsALittle);
        Assert.Equal(Before.SpreadOfPower, same.SpreadOfPower, 9);
        var ln = Math.Log(4);
        var other = same.After(0, Pulled.Holds, ln);
        Assert.True(other.SpreadOfPower < same.SpreadOfPower);
        double Width(PatchBelief b) => Math.Log(b.QuantileAt(0.95, ln) / b.QuantileAt(0.05, ln));
        Assert.True(Width(other) < Width(same));
        Assert.Equal(same.Quantile(0.8), same.QuantileAt(0.8, 0), 6);
    }

    /// <summary>A thousand faces, each with its own demand and its own luck at the patches: what comes out is drawn, not
    /// weighed.</summary>
    [Theory]
    [InlineData(0.3)]
    [InlineData(0.45)]
    public void Nine_in_ten_lie_where_nine_in_ten_are_believed_to_lie(double spread)
    {
        var random = new Random(20);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        var (inside, narrowed, faces) = (0, 0.0, 1000);
        for (var n = 0; n < faces; n++)
        {
            var wants = Normal() * spread * (random.NextDouble() < 0.1 ? 2.5 : 1);
            var belief = PatchBelief.Before(spread);
            var margin = Math.Log(0.72) + spread;
            for (var patch = 0; patch < 3; patch++)
            {
                var over = margin - wants + Normal() * PatchSpread;
                var pulled = over >= 0 ? Pulled.Holds : over >= -LittleBelow ? Pulled.LiftsALittle : Pulled.ComesOff;
                belief = belief.After(margin, random.NextDouble() < 0.04 ? (Pulled)random.Next(3) : pulled);
                margin = Math.Log(belief.Middle);
            }

            inside += Math.Exp(wants) >= belief.Quantile(0.05) && Math.Exp(wants) <= belief.Quantile(0.95) ? 1 : 0;
            narrowed += belief.Spread / spread / faces;
        }

        Assert.InRange(inside / (double)faces, 0.87, 0.93);
        Assert.InRange(narrowed, 0.3, 0.65);
    }
}
