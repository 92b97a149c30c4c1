using NetTopologySuite.Geometries;
using NetTopologySuite.Index.HPRtree;

namespace Juxtherm.Core.Geometry;

/// <summary>Sorts what lies on a plane into what can have to do with each other: boxes around it touch, directly or by way of
/// others.</summary>
internal static class Neighbourhoods
{
    /// <summary>Places of a list, sorted into neighbourhoods.</summary>
    /// <param name="boxes">The boxes around what lies there.</param>
    public static IEnumerable<IReadOnlyList<int>> Of(IReadOnlyList<Envelope> boxes)
    {
        var tree = new HPRtree<int>();
        for (var i = 0; i < boxes.Count; i++)
            tree.Insert(boxes[i], i);
        var seen = new bool[boxes.Count];
        for (var first = 0; first < boxes.Count; first++)
        {
            if (seen[first])
                continue;
            seen[first] = true;
            var near = new List<int> { first };
            for (var next = 0; next < near.Count; next++)
            {
                foreach (var other in tree.Query(boxes[near[next]]).Where(o => !seen[o]))
                {
                    seen[other] = true;
                    near.Add(other);
                }
            }

            near.Sort();
            yield return near;
        }
    }
}
