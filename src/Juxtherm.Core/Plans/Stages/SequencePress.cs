using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Items;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>One closing of the press, before it has been tried in the model.</summary>
/// <param name="Purpose">What it is for.</param>
/// <param name="Laid">Layers laid just before it.</param>
/// <param name="Layers">Layers it presses.</param>
/// <param name="Seconds">How long, s; for a press that closes until everything is bonded, at least.</param>
/// <param name="UntilBonded">It stays closed until every layer has its bond.</param>
/// <param name="Peel">The peel after it; none where nothing is peeled.</param>
/// <param name="Set">What the press is set to.</param>
internal sealed record SequencePress(PressPurpose Purpose, IReadOnlyList<string> Laid, IReadOnlyList<string> Layers, double Seconds,
    bool UntilBonded, PeelMethod Peel, PressSet Set)
{
    /// <summary>The side that it presses while nothing lies on it; null where its layers tell.</summary>
    public Face? Face { get; init; }
}
