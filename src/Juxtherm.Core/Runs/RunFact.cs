namespace Juxtherm.Core.Runs;

/// <summary>What came of something said: that is kept, so that a run stands where it stood whatever rules come later.</summary>
/// <param name="Status">The run's condition from then on.</param>
/// <param name="Pieces">The garments that it changed, as they were from then on.</param>
/// <param name="Stations">The presses that it changed, as they were from then on.</param>
/// <param name="Remarks">Remarks made with it.</param>
public sealed record RunFact(RunStatus Status, IReadOnlyList<Piece> Pieces, IReadOnlyList<Station> Stations, IReadOnlyList<Remark> Remarks)
{
    /// <summary>What changed between two states of a run.</summary>
    /// <param name="before">Before something was said.</param>
    /// <param name="after">After it.</param>
    public static RunFact Between(RunState before, RunState after)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(after);
        return new RunFact(
            after.Status,
            [.. after.Pieces.Where(p => !ReferenceEquals(p, before.PieceOf(p.Number)))],
            [.. after.Stations.Where(s => s.Number > before.Stations.Count || !ReferenceEquals(s, before.Stations[s.Number - 1]))],
            [.. after.Remarks.Skip(before.Remarks.Count)]);
    }

    /// <summary>The run afterwards. No rule is asked.</summary>
    /// <param name="before">Where it stood.</param>
    public RunState On(RunState before)
    {
        ArgumentNullException.ThrowIfNull(before);
        return new RunState(
            Status, Changed(before.Pieces, Pieces, p => p.Number), Changed(before.Stations, Stations, s => s.Number),
            [.. before.Remarks, .. Remarks], before.Sequence + 1);
    }

    private static List<T> Changed<T>(IReadOnlyList<T> before, IReadOnlyList<T> changed, Func<T, int> number)
    {
        var byNumber = changed.ToDictionary(number);
        return [.. before.Select(b => byNumber.GetValueOrDefault(number(b), b)), .. changed.Where(c => number(c) > before.Count)
            .OrderBy(number)];
    }
}
