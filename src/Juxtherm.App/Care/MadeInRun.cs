using Juxtherm.Core.Jobs;

namespace Juxtherm.App.Care;

/// <summary>What came out well of a run.</summary>
/// <param name="Title">What was made.</param>
/// <param name="Job">The job as it was planned.</param>
/// <param name="Pieces">Its good pieces in order.</param>
public sealed record MadeInRun(string Title, Job Job, IReadOnlyList<MadePiece> Pieces)
{
    /// <summary>Whose they are; a single empty name where pieces are all alike.</summary>
    public IReadOnlyList<string> NamesOrNone => Pieces.Any(p => p.Name.Length > 0) ? [.. Pieces.Select(p => p.Name)] : [""];

    /// <summary>From when all of it may be washed: the last piece's time, which is early for none.</summary>
    /// <param name="cureHours">How long glue sets, h; 0 where nothing is washed.</param>
    /// <returns>Null where nothing is washed.</returns>
    public DateTimeOffset? WashFrom(double cureHours) =>
        cureHours > 0 && Pieces.Count > 0 ? Pieces.Max(p => p.PressedUtc).AddHours(cureHours) : null;
}

/// <summary>A piece that came out well.</summary>
/// <param name="Name">Whose it is; empty where pieces are all alike.</param>
/// <param name="PressedUtc">When it was pressed.</param>
public sealed record MadePiece(string Name, DateTimeOffset PressedUtc);
