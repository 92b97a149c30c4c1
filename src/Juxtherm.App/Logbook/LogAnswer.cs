using Juxtherm.Core.Logbook;

namespace Juxtherm.App.Logbook;

/// <summary>How a piece looked after washing.</summary>
/// <param name="Id">Its id.</param>
/// <param name="AtUtc">When.</param>
/// <param name="Washes">After how many washes.</param>
/// <param name="Look">How it looked.</param>
/// <param name="Note">A remark.</param>
public sealed record WashAnswer(long Id, DateTimeOffset AtUtc, int Washes, WashLook Look, string Note);

/// <summary>A piece in the logbook.</summary>
/// <param name="Id">Its id.</param>
/// <param name="RunId">Its run; null for what was read in.</param>
/// <param name="AtUtc">When it was looked at.</param>
/// <param name="Title">The job's title.</param>
/// <param name="Piece">Which piece.</param>
/// <param name="Pieces">Of how many.</param>
/// <param name="What">Item, material and vinyl in words.</param>
/// <param name="HeatSource">The press in words.</param>
/// <param name="VinylId">Vinyl ids, separated by commas.</param>
/// <param name="MaterialId">Material id.</param>
/// <param name="FormId">Form id.</param>
/// <param name="HeatSourceId">Heat source id.</param>
/// <param name="Celsius">Plate set to, °C.</param>
/// <param name="PlannedSeconds">Press time planned, s.</param>
/// <param name="PressedSeconds">Press time done, s.</param>
/// <param name="Pressure">Pressure level.</param>
/// <param name="PredictedBond">Bond that the model expected, share.</param>
/// <param name="Outcomes">What was seen.</param>
/// <param name="Note">A remark.</param>
/// <param name="Name">Whose it is; empty where pieces are all alike.</param>
/// <param name="PressedAgainSeconds">Pressed again after the first look, s; 0 for not at all.</param>
/// <param name="BackSeconds">Pressed from the back, s; 0 for not at all.</param>
/// <param name="Set">Where its setting came from.</param>
/// <param name="EndedWell">It came right in the end; null where nobody asked.</param>
/// <param name="PlateCelsius">The plate as it closed, °C; null where nobody measured.</param>
/// <param name="Lots">Lots of its vinyl.</param>
/// <param name="By">Helpers' devices from which it was worked on; empty for the machine itself.</param>
/// <param name="Example">It came of a worked example and teaches nothing.</param>
/// <param name="Struck">It does not count, somebody said.</param>
/// <param name="Teaches">It is one of the pieces that the next plans learn from.</param>
/// <param name="Washes">How it looked after washing.</param>
/// <param name="Photos">Ids of its photos.</param>
public sealed record LogAnswer(
    long Id, Guid? RunId, DateTimeOffset AtUtc, string Title, int Piece, int Pieces, string What, string HeatSource, string VinylId,
    string MaterialId, string FormId, string HeatSourceId, double Celsius, double PlannedSeconds, double PressedSeconds, string Pressure,
    double PredictedBond, IReadOnlyList<string> Outcomes, string Note, string Name, double PressedAgainSeconds, double BackSeconds,
    SettingOrigin Set, bool? EndedWell, double? PlateCelsius, IReadOnlyList<string> Lots, IReadOnlyList<string> By, bool Example,
    bool Struck, bool Teaches, IReadOnlyList<WashAnswer> Washes, IReadOnlyList<Guid> Photos);
