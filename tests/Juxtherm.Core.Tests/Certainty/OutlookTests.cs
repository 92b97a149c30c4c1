using Juxtherm.Core.Certainty;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Testing;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Certainty;

/// <summary>Chances read from tables against workshops drawn at random, each carried out by the whole model.</summary>
public class OutlookTests
{
    private const int Workshops = 240;
    private static readonly Planner Planner = new(Shipped.Catalogue, Language.English);

    [Theory]
    [InlineData("plate")]
    [InlineData("hard")]
    [InlineData("handheld")]
    public void The_chance_of_coming_out_short_is_what_drawn_workshops_show(string group)
    {
        var work = WorkshopStudy.Kinds.First(k => k.Group == group);
        var study = new WorkshopStudy(Planner, 1);
        var job = study.JobOf(work);
        var found = Planner.Plan(job, UnitSystem.Metric);
        var dial = found.Window.Dial.MinBy(d => Math.Abs(d.Celsius - found.Plan.BondingPress.Celsius))!;
        foreach (var share in new[] { 0.7, 0.85 })
        {
            var seconds = Math.Round(found.Plan.BondingPress.Seconds * share);
            var (said, drawn) = (found.Window.OutlookOf(dial, seconds).Short, study.ShareShort(work, dial, seconds, Workshops));
            // Drawn shares are themselves off by 3 in 100; drawn pieces lie in cool places of the plate, and the tables reckon one in ten
            // stranger than its kind.
            Assert.True(Math.Abs(said - drawn) < 0.12, $"{work.Name}, {seconds} s: said {said:0.00}, drawn {drawn:0.00}");
        }
    }

    [Fact]
    public void Where_the_tables_are_read_they_are_the_normal_law()
    {
        // Abramowitz and Stegun, Handbook of Mathematical Functions, table 26.1.
        foreach (var (x, below) in new[] { (0.0, 0.5), (0.5, 0.6914624613), (1, 0.8413447461), (1.96, 0.9750021049), (-3, 0.0013498980) })
            Assert.Equal(below, Odds.Below(x), 5);
    }
}
