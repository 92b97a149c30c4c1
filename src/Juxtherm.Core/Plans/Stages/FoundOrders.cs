using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>The presses of all faces, in order, as the search found them.</summary>
/// <param name="Faces">Face by face.</param>
/// <param name="Excess">Heat beyond what layers take, by the sums.</param>
/// <param name="Seconds">Laying, pressing and waiting, s.</param>
public sealed record LaidSequence(IReadOnlyList<IReadOnlyList<LaidPress>> Faces, double Excess, double Seconds)
{
    /// <summary>How often the plate closes on vinyl.</summary>
    public int Presses => Faces.Sum(f => f.Count);
}

/// <summary>What the search found.</summary>
/// <param name="Ranked">Orders, best first; at least one.</param>
/// <param name="Free">The best order without the crafter's own wish; null when there is no wish.</param>
/// <param name="WishForbidden">The crafter's own order cannot be: these two cannot come in that order, and what the first would be heated
/// by then, as a share of its chart's.</param>
/// <param name="Trimmed">What trimming carriers would save; null when nothing.</param>
internal sealed record FoundOrders(IReadOnlyList<LaidSequence> Ranked, LaidSequence? Free, ForbiddenWish? WishForbidden,
    TrimSaving? Trimmed);

/// <summary>Two layers that cannot be laid in the order wished for.</summary>
/// <param name="First">Wished to be laid first.</param>
/// <param name="Second">Wished to be laid later.</param>
/// <param name="Heat">What the first would be heated if they were, as a share of its chart's.</param>
/// <param name="Turns">The piece would have to be turned over and back for it.</param>
internal sealed record ForbiddenWish(string First, string Second, double Heat, bool Turns = false);

/// <summary>Fewer presses with carriers trimmed along the contour.</summary>
/// <param name="Presses">How many fewer.</param>
/// <param name="MarginsMm">How far each carrier then reaches beyond its artwork, mm, by layer.</param>
internal sealed record TrimSaving(int Presses, IReadOnlyDictionary<string, double> MarginsMm);
