using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>How well vinyl is stuck, in a word.</summary>
public class BondGradeTests
{
    [Theory]
    [InlineData(0, "does not stick yet")]
    [InlineData(0.14, "does not stick yet")]
    [InlineData(0.15, "is only tacked")]
    [InlineData(0.6, "holds")]
    [InlineData(0.99, "holds")]
    [InlineData(1, "holds well")]
    public void A_share_is_said_as_a_hand_would_say_it(double share, string says) =>
        Assert.Equal(says, BondGrades.Of(share, 0.6).InWords(Shipped.Words));

    [Fact]
    public void A_plans_trace_begins_unstuck_and_ends_holding()
    {
        var phases = SampleJobs.Plan(SampleJobs.With(_ => { })).Trace;
        Assert.All(phases, p => Assert.Equal(p.Bond.Count, p.Grades.Count));
        Assert.Equal(BondGrade.NotYet, phases[0].Grades[0]);
        Assert.True(phases[^1].Grades[^1] >= BondGrade.Holds);
    }
}
