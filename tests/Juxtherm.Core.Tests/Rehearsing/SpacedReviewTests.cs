using FsCheck.Xunit;
using Juxtherm.Core.Practice.Path;

namespace Juxtherm.Core.Tests.Rehearsing;

/// <summary>Intervals grow with what goes well and begin anew with what does not; figures worked out by hand from the published
/// formula.</summary>
public class SpacedReviewTests
{
    [Theory]
    [InlineData(new[] { 5 }, 1, 2.6)]
    [InlineData(new[] { 5, 5 }, 6, 2.7)]
    [InlineData(new[] { 5, 5, 5 }, 17, 2.8)] // 6 × 2.8 = 16.8
    [InlineData(new[] { 4, 4, 4 }, 15, 2.5)] // 6 × 2.5
    [InlineData(new[] { 3, 3, 3 }, 13, 2.08)] // 6 × 2.08 = 12.48
    [InlineData(new[] { 5, 5, 5, 1 }, 1, 2.26)]
    [InlineData(new[] { 0, 0, 0, 0, 0 }, 1, 1.3)]
    public void It_is_as_published(int[] qualities, int days, double ease)
    {
        var review = qualities.Aggregate(SpacedReview.New, (r, q) => r.After(q));
        Assert.Equal((days, ease), (review.IntervalDays, Math.Round(review.Ease, 4)));
    }

    [Property]
    public bool It_never_becomes_easier_than_it_may_nor_comes_on_the_same_day(byte[] draws)
    {
        var review = SpacedReview.New;
        foreach (var draw in draws ?? [])
        {
            review = review.After(draw % 6);
            if (review.Ease < 1.3 || review.IntervalDays < 1)
                return false;
        }

        return true;
    }

    [Fact]
    public void Who_passed_all_lessons_may_press_alone()
    {
        Assert.Equal(10, Lessons.Path.Count);
        Assert.Equal([], Lessons.Allows(new HashSet<string> { "peel" }));
        Assert.Equal([May.Peel], Lessons.Allows(new HashSet<string> { "peel", "first-shirt" }));
        Assert.Equal([May.Peel, May.Press], Lessons.Allows(Lessons.Path.ToHashSet()));
    }
}
