using Juxtherm.Core.Items;
using Juxtherm.Core.Runs;

namespace Juxtherm.App.Bench;

/// <summary>Something said to the bench.</summary>
/// <param name="CommandId">Chosen by the caller; saying the same one twice counts once.</param>
/// <param name="Station">The press that speaks, from 1.</param>
/// <param name="Piece">The piece that is meant, from 1; 0 for none.</param>
/// <param name="Move">The piece's move that the caller saw; null to say it wherever the piece is.</param>
/// <param name="Action">What.</param>
/// <param name="Outcomes">What was seen; with see, record, ruin and rescue.</param>
/// <param name="Note">A remark, up to 500 characters.</param>
/// <param name="Item">The thing of the preparation; with check and skip.</param>
/// <param name="Seconds">A time, s; with hold-was.</param>
/// <param name="Knowingly">It is done although the bench advised against it.</param>
/// <param name="Wanted">The garment; with change and add.</param>
/// <param name="Units">Units of the texts, metric or us; with rescue.</param>
/// <param name="Face">On which side it was seen; with see. Null for the one pressed last.</param>
/// <param name="AgoSeconds">How long ago it was said, s, 0 to 3600, by a page that could not be heard then; null for just now.</param>
/// <param name="Layer">On which layer it was seen; with see. Null where there is but one vinyl, or nobody could tell.</param>
public sealed record BenchCommand(
    Guid CommandId, int Station, int Piece, int? Move, BenchAction Action, IReadOnlyList<Outcome>? Outcomes, string? Note, string? Item,
    double? Seconds, bool? Knowingly, WantedPiece? Wanted, string? Units, Face? Face = null, double? AgoSeconds = null,
    string? Layer = null);

/// <summary>A further press.</summary>
/// <param name="CommandId">Chosen by the caller; asking twice counts once.</param>
/// <param name="Name">What it is called; the kind's own name when empty.</param>
/// <param name="HeatSource">Its kind or its id on the shelf; null for one like the first.</param>
public sealed record StationJoin(Guid CommandId, string? Name, string? HeatSource);
