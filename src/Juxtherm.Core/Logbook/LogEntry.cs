using Juxtherm.Core.Bench;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Planning;

namespace Juxtherm.Core.Logbook;

/// <summary>One piece in the logbook: what was planned, what was done, what came out. Raw figures only, in °C, s and kPa.</summary>
/// <param name="At">When it was looked at, UTC.</param>
/// <param name="Title">The job's title.</param>
/// <param name="Piece">Which piece of the run, from 1.</param>
/// <param name="Pieces">Of how many.</param>
/// <param name="Vinyl">Vinyl ids, separated by commas, in the order of the layers.</param>
/// <param name="Material">Material id.</param>
/// <param name="Form">Form id.</param>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="Cover">Cover id.</param>
/// <param name="Underlay">Underlay id.</param>
/// <param name="Celsius">Plate set to, °C.</param>
/// <param name="PlannedSeconds">Press time planned, s.</param>
/// <param name="PressedSeconds">Press time done, s; the last try when there were several.</param>
/// <param name="Pressure">Pressure level.</param>
/// <param name="PressureKPa">Pressure, kPa.</param>
/// <param name="PredictedBond">Bond that the model expected, share; the least of all layers.</param>
/// <param name="Outcomes">What was seen.</param>
/// <param name="Note">A remark.</param>
public sealed record LogEntry(
    DateTimeOffset At, string Title, int Piece, int Pieces, string Vinyl, string Material, string Form, string HeatSource, string Cover, string Underlay,
    double Celsius, double PlannedSeconds, double PressedSeconds, PressureLevel Pressure, double PressureKPa, double PredictedBond, IReadOnlyList<Outcome> Outcomes, string Note)
{
    /// <summary>The entry for a piece of a run.</summary>
    /// <param name="job">The frozen job.</param>
    /// <param name="plan">The frozen plan.</param>
    /// <param name="state">Where the run stands, the piece already looked at.</param>
    /// <param name="outcome">What came out of the piece.</param>
    public static LogEntry Of(Job job, Plan plan, RunState state, PieceOutcome outcome)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(state);
        ArgumentNullException.ThrowIfNull(outcome);
        var press = plan.BondingPress;
        var pressed = state.Holds.LastOrDefault(h => h.Piece == outcome.Piece && h.PressOrder == press.Order)?.Seconds ?? 0;
        return new LogEntry(
            outcome.At, job.Title, outcome.Piece, job.Quantity, string.Join(',', job.Layers.Select(l => l.Vinyl.Id).Distinct(StringComparer.Ordinal)), job.Blank.Material.Id, job.Blank.Form.Id, job.Tools.Source.Id, job.Tools.Cover.Id, job.Tools.Underlay.Id,
            press.Celsius, press.Seconds, pressed, press.Pressure, press.PressureKPa, press.Predicted.Bond.Values.DefaultIfEmpty().Min(), outcome.Outcomes, Words(state, outcome));
    }

    /// <summary>What was remarked while the piece was in hand (before the first piece: while preparing), then what was said of it at the end.</summary>
    private static string Words(RunState state, PieceOutcome outcome)
    {
        var remarks = state.Remarks.Where(r => r.Piece == outcome.Piece || (r.Piece == 0 && outcome.Piece == 1)).Select(r => r.Note);
        return string.Join(' ', remarks.Append(outcome.Note).Where(n => n.Length > 0));
    }
}
