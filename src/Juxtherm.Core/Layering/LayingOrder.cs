using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Layering;

/// <summary>How several layers are pressed.</summary>
public enum LayerMethod
{
    /// <summary>Each is tacked and peeled, then one full press over all.</summary>
    Tack,

    /// <summary>Each gets its full press.</summary>
    Full,

    /// <summary>All are laid at once and pressed once.</summary>
    AtOnce,
}

/// <summary>Layers that are laid and pressed together.</summary>
/// <param name="Layers">Their ids.</param>
/// <param name="Tacked">A tack is enough here, because a full press comes later.</param>
public sealed record LayerGroup(IReadOnlyList<string> Layers, bool Tacked);

/// <summary>
/// The order by rule of thumb: what lies below comes first, larger before smaller, foam last of all; what lies apart, peels
/// alike and keeps its carriers apart goes together.
/// </summary>
public static class LayingOrder
{
    /// <summary>Groups in the order in which they are laid.</summary>
    /// <param name="lying">What lies on what.</param>
    /// <param name="method">How they are pressed.</param>
    public static IReadOnlyList<LayerGroup> Of(Lying lying, LayerMethod method)
    {
        ArgumentNullException.ThrowIfNull(lying);
        if (method == LayerMethod.AtOnce)
            return [.. lying.Pieces.GroupBy(p => p.Side).OrderBy(side => side.Key).Select(side => new LayerGroup([.. side.Select(p => p.Id)], Tacked: false))];
        var groups = new List<List<LayerPiece>>();
        foreach (var piece in InOrder(lying))
        {
            var first = groups.FindLastIndex(g => g.Exists(other => lying.Reaches(piece.Id, other.Id))) + 1;
            var together = groups.FindIndex(first, g => g.TrueForAll(other =>
                other.Side == piece.Side && other.Peel == piece.Peel && other.Vinyl.HeatsOnce.Value == piece.Vinyl.HeatsOnce.Value && !lying.CarriersMeet(piece.Id, other.Id)));
            if (together >= 0)
                groups[together].Add(piece);
            else
                groups.Add([piece]);
        }

        // What peels cold cannot be tacked and peeled at once; what foams is heated once.
        return groups.ConvertAll(g => new LayerGroup(g.ConvertAll(p => p.Id), method == LayerMethod.Tack && g[0].Peel != PeelMethod.Cold && !g[0].Vinyl.HeatsOnce.Value));
    }

    private static IEnumerable<LayerPiece> InOrder(Lying lying)
    {
        var left = lying.Pieces.ToList();
        while (left.Count > 0)
        {
            var next = left
                .Where(p => !left.Exists(other => other.Id != p.Id && lying.Reaches(p.Id, other.Id)))
                .OrderBy(p => p.Vinyl.HeatsOnce.Value)
                .ThenBy(p => p.Side)
                .ThenByDescending(p => p.AreaMm2 ?? 0)
                .First();
            left.Remove(next);
            yield return next;
        }
    }
}
