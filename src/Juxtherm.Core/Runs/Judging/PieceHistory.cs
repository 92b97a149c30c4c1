using Juxtherm.Core.Items;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>What was done with a piece.</summary>
/// <param name="Holds">How long the plate was really closed, in order.</param>
public sealed record PieceHistory(IReadOnlyList<HoldDone> Holds)
{
    /// <summary>How many pieces were pressed just before it.</summary>
    public int InRow => Holds.Select(h => h.InRow).FirstOrDefault();

    /// <summary>What of the preparation was left out.</summary>
    public IReadOnlySet<string> Skipped { get; init; } = new HashSet<string>(StringComparer.Ordinal);

    /// <summary>Its carrier came off before its time.</summary>
    public bool PeeledEarly { get; init; }

    /// <summary>The side that is looked at; null for the one pressed last.</summary>
    public Face? Face { get; init; }

    /// <summary>It has gone cold since.</summary>
    public bool Cold { get; init; }
}
