namespace Juxtherm.Core.Sections;

/// <summary>Where vinyl may be parted for the plate: in gaps, as far as the plate reaches from either end, past what is thick, and evenly
/// between.</summary>
internal static class Joints
{
    // Joints tried evenly between those that mean something.
    private const int MostEven = 40;

    /// <summary>Where something of so many steps may be parted, both ends with it.</summary>
    /// <param name="count">How many steps there are.</param>
    /// <param name="isEmpty">Whether a step holds no vinyl.</param>
    /// <param name="farthest">How far the plate reaches from a step on.</param>
    /// <param name="most">How many steps go under the plate at most.</param>
    /// <param name="thick">Where it would just clear what is thick, in steps.</param>
    public static List<int> Of(int count, Func<int, bool> isEmpty, Func<int, int> farthest, int most, IEnumerable<double> thick)
    {
        var joints = new SortedSet<int> { 0, count };
        for (var i = 1; i < count; i++)
        {
            if (isEmpty(i) != isEmpty(i - 1))
                joints.Add(i);
        }

        for (var i = 1; i < MostEven; i++)
            joints.Add(count * i / MostEven);
        foreach (var at in thick.Where(at => at > 0 && at < count))
            joints.UnionWith([(int)Math.Floor(at), (int)Math.Ceiling(at)]);
        // As far as the plate reaches from either end, and so on from there.
        for (var at = 0; at < count;)
        {
            while (at < count && isEmpty(at))
                at++;
            var end = at < count ? farthest(at) : count;
            joints.Add(at);
            joints.Add(end);
            at = Math.Max(end, at + 1);
        }

        for (var at = count; at > 0;)
        {
            while (at > 0 && isEmpty(at - 1))
                at--;
            joints.Add(at);
            at = Math.Max(0, at - Math.Max(1, most));
            joints.Add(at);
        }

        return [.. joints];
    }
}
