using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Logbook;

/// <summary>Where the setting of a piece came from.</summary>
public enum SettingOrigin
{
    /// <summary>The plan found it.</summary>
    Found,

    /// <summary>It was looked up for this press.</summary>
    LookedUp,

    /// <summary>It was used before.</summary>
    UsedBefore,
}

/// <summary>What was pressed, by ids: all that is left of it when catalogue or shelf have changed.</summary>
/// <param name="Vinyl">Vinyl ids, separated by commas, in the order of the layers.</param>
/// <param name="Material">Material id.</param>
/// <param name="Form">Form id.</param>
public sealed record LoggedItem(
    string Vinyl, string Material, string Form);

/// <summary>The press and what belonged to it, by ids.</summary>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="Cover">Cover id.</param>
/// <param name="Underlay">Underlay id.</param>
public sealed record LoggedPress(
    string HeatSource, string Cover, string Underlay);

/// <summary>What the press was set to, and what became of it.</summary>
/// <param name="Celsius">Plate set to, °C.</param>
/// <param name="PlannedSeconds">Press time planned, s.</param>
/// <param name="Seconds">Press time done, s, with everything that was repeated; where several goes were needed, of the part that had
/// least.</param>
/// <param name="Pressure">Pressure level.</param>
/// <param name="PressureKPa">Pressure, kPa.</param>
public sealed record LoggedSetting(
    double Celsius, double PlannedSeconds, double Seconds, PressureLevel Pressure, double PressureKPa);

/// <summary>One piece in the logbook: what was planned, what was done, what came out. Raw figures only, in °C, s and kPa.</summary>
/// <param name="At">When it was looked at, UTC.</param>
/// <param name="Title">The job's title.</param>
/// <param name="Piece">Which piece of the run, from 1.</param>
/// <param name="Pieces">Of how many.</param>
/// <param name="Item">What was pressed.</param>
/// <param name="Under">The press.</param>
/// <param name="Pressed">How it was pressed.</param>
/// <param name="PredictedBond">Bond that the model expected, share; the least of all layers.</param>
/// <param name="Outcomes">What was seen, whether or not something could be done about it; empty for a piece that was lost without a
/// word.</param>
/// <param name="Note">A remark.</param>
public sealed record LogEntry(
    DateTimeOffset At, string Title, int Piece, int Pieces, LoggedItem Item, LoggedPress Under, LoggedSetting Pressed, double PredictedBond,
    IReadOnlyList<Outcome> Outcomes, string Note)
{
    /// <summary>Whose it is; empty where pieces are all alike.</summary>
    public string Name { get; init; } = "";

    /// <summary>How long it was pressed again after the first look, s; 0 for not at all.</summary>
    public double PressedAgainSeconds { get; init; }

    /// <summary>How long it was pressed from the back, s; 0 for not at all.</summary>
    public double BackSeconds { get; init; }

    /// <summary>Where its setting came from.</summary>
    public SettingOrigin Set { get; init; }

    /// <summary>It came right in the end.</summary>
    public bool EndedWell { get; init; } = true;

    /// <summary>The plate as it closed, °C, where it was measured.</summary>
    public double? PlateCelsius { get; init; }

    /// <summary>Its name wherever it is taken.</summary>
    public Guid Key { get; init; } = Guid.NewGuid();

    /// <summary>Of several vinyls the one that it teaches of: on which something was seen, or which had least where all held; null where
    /// there is but one, or nobody could tell.</summary>
    public string? Teaches { get; init; }

    /// <summary>Lots of its vinyl.</summary>
    public IReadOnlyList<string> Lots { get; init; } = [];

    /// <summary>Helpers' devices from which it was worked on; empty for the machine itself. Stays in this workshop.</summary>
    public IReadOnlyList<string> By { get; init; } = [];

    /// <summary>How it looked after washing.</summary>
    public IReadOnlyList<Wash> Washes { get; init; } = [];

    /// <summary>It came of a worked example.</summary>
    public bool Example { get; init; }

    /// <summary>It was pressed in another workshop.</summary>
    public bool Elsewhere { get; init; }

    /// <summary>Somebody said that it should not count.</summary>
    public bool Struck { get; init; }

    /// <summary>The heat that it had by the catalogue; null where it tells nothing of one vinyl.</summary>
    public HeatHad? Heat { get; init; }

    /// <summary>What it showed of its heat; null where it teaches nothing: a worked example, struck, or what came out says nothing of one
    /// vinyl's heat.</summary>
    public Showing? Showed => Example || Struck || Heat is null ? null : Showings.Of(Outcomes, Washes);

    /// <summary>It can be given away: it was looked at and came right in the end.</summary>
    public bool CameOutWell => EndedWell && Outcomes.Count > 0;

    /// <summary>The entry for a piece of a run that is finished or lost.</summary>
    /// <param name="job">The frozen job.</param>
    /// <param name="plan">The frozen plan of its press.</param>
    /// <param name="state">Where the run stands.</param>
    /// <param name="piece">The piece.</param>
    /// <exception cref="ArgumentException">The piece is not finished.</exception>
    public static LogEntry Of(Job job, Plan plan, RunState state, Piece piece)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(state);
        ArgumentNullException.ThrowIfNull(piece);
        var press = plan.BondingPress;
        IReadOnlyList<PlannedPress> Alike(PlannedPress of) =>
            plan.Whole.FirstOrDefault(w => w.OnParts.Any(p => p.Order == of.Order))?.OnParts ?? [of];
        // In several goes, or on several parts, the one that had least counts; passes of a gun, and a plate closed again, add up.
        double Least(PlannedPress of) =>
            Alike(of).SelectMany(p => ClosedPlate.Of(piece.Holds, p.Order)).Select(p => p.Seconds).DefaultIfEmpty().Min();
        var holds = piece.Holds.Where(h => Alike(press).Any(p => p.Order == h.PressOrder)).ToList();
        var pressed = Least(press);
        var seen = piece.Sightings.SelectMany(s => s.Seen).Concat(piece.Outcomes).Where(o => o != Outcome.Stuck).Distinct().ToList();
        return new LogEntry(
            piece.EndedAt
            ?? throw new ArgumentException("The piece is not finished.", nameof(piece)), job.Title, piece.Number, state.Pieces.Count,
            new LoggedItem(string.Join(',', job.Layers.Select(l => l.Vinyl.Id).Distinct(StringComparer.Ordinal)), job.Blank.Material.Id,
                job.Blank.Form.Id),
            new LoggedPress(job.Tools.Source.Id, job.Tools.Cover.Id, job.Tools.Underlay.Id),
            new LoggedSetting(press.Celsius, plan.SecondsOf(press, piece.InRow), pressed, press.Pressure, press.PressureKPa),
            press.Predicted.Bond.Values.DefaultIfEmpty().Min(),
            seen.Count > 0 || piece.Status != PieceStatus.Done ? seen : [Outcome.Stuck], Words(state, piece))
        {
            Name = piece.Wanted.Name,
            By = piece.By,
            PressedAgainSeconds = piece.PressedAgainSeconds,
            BackSeconds = plan.Presses.LastOrDefault(p => p.Purpose == PressPurpose.Back) is { } back ? Least(back) : 0,
            Set = job.Used is not null
            ? SettingOrigin.UsedBefore : plan.Chart.For == JobReader.ForThisPress ? SettingOrigin.LookedUp : SettingOrigin.Found,
            EndedWell = piece.Status == PieceStatus.Done && piece.Outcomes.Contains(Outcome.Stuck),
            PlateCelsius = holds.Select(h => h.PlateCelsius).LastOrDefault(c => c is not null),
            Teaches = piece.Sightings.Select(s => s.Layer).LastOrDefault(id => id is not null) is { } layer
            ? job.Layers.FirstOrDefault(l => l.Id == layer)?.Vinyl.Id : null,
        };
    }

    /// <summary>What was remarked while the piece was in hand (before the first piece: while preparing), then what was said of it at the
    /// end.</summary>
    private static string Words(RunState state, Piece piece)
    {
        var remarks = state.Remarks.Where(r => r.Piece == piece.Number || (r.Piece == 0 && piece.Number == 1)).Select(r => r.Note);
        return string.Join(' ', remarks.Concat(piece.Sightings.Select(s => s.Note)).Append(piece.Note).Where(n => n.Length > 0));
    }
}
