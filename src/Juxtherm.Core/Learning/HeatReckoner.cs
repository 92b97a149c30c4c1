using System.Text.Json.Nodes;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Judging;

namespace Juxtherm.Core.Learning;

/// <summary>Reckons the heat that pressed pieces had, by the catalogue alone: what a logbook teaches must not rest on what it taught
/// before.</summary>
/// <param name="planner">Knows layers and catalogue.</param>
public sealed class HeatReckoner(Planner planner)
{
    // Wide enough that the steps of the solver do not show, narrow enough that ln of the bond is straight, K.
    private const double ReachK = 4;

    // Less than this is no press, s.
    private const double ShortestSeconds = 1;

    /// <summary>Which model and catalogue it reckons by: figures of another are not to be compared with its own.</summary>
    public string By { get; } = $"{Planner.ModelVersion} {planner.Catalogue.Version}";

    /// <summary>Carries out again what was done with a piece before it was first looked at.</summary>
    /// <param name="job">Its job, as its file says it.</param>
    /// <param name="plan">Its plan, of which the settings are used.</param>
    /// <param name="holds">How long the plate was really closed.</param>
    /// <returns>Null where it tells nothing of one vinyl: nothing was pressed, or several vinyls were.</returns>
    public HeatHad? Of(Job job, Plan plan, IReadOnlyList<HoldDone> holds)
    {
        ArgumentNullException.ThrowIfNull(job);
        return job.Layers.Select(l => l.Vinyl.Id).Distinct(StringComparer.Ordinal).Count() > 1 ? null : Of(job, plan, holds, null);
    }

    /// <summary>An entry with the heat of the vinyl that it teaches of: of several the one on which something was seen; where all held, the
    /// one that had least.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="job">Its job, as its file says it.</param>
    /// <param name="plan">Its plan, of which the settings are used.</param>
    /// <param name="holds">How long the plate was really closed.</param>
    public LogEntry Reckoned(LogEntry entry, Job job, Plan plan, IReadOnlyList<HoldDone> holds)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(job);
        var vinyls = job.Layers.Select(l => l.Vinyl.Id).Distinct(StringComparer.Ordinal).ToList();
        if (vinyls.Count == 1)
            return entry with { Heat = Of(job, plan, holds, null), Teaches = null };
        if (entry.Teaches is { } one)
            return entry with { Heat = Of(job, plan, holds, one) };
        if (Showings.Of(entry.Outcomes, entry.Washes) != Showing.Held)
            return entry;
        var (vinyl, heat) = vinyls.Select(v => (Vinyl: v, Heat: Of(job, plan, holds, v))).Where(v => v.Heat is not null)
            .OrderBy(v => v.Heat!.LnRoom).FirstOrDefault();
        return entry with { Heat = heat, Teaches = vinyl };
    }

    private HeatHad? Of(Job job, Plan plan, IReadOnlyList<HoldDone> holds, string? vinyl)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(holds);
        // Where the plate was measured, that is evidence of its own; here it stands as the catalogue has it.
        var first = holds.Where(h => !h.IsAgain).Select(h => h with { PlateCelsius = null }).ToList();
        if (first.Exists(h => h.Seconds <= 0) || With(job, plan, first, 0, vinyl) is not { } at
            || With(job, plan, first, -ReachK, vinyl) is not { } below || With(job, plan, first, ReachK, vinyl) is not { } above)
            return null;
        return new HeatHad(at.LnRoom, (above.LnRoom - below.LnRoom) / (2 * ReachK), at.LnHeatDose,
            (above.LnHeatDose - below.LnHeatDose) / (2 * ReachK), job.Tools.Source.Dial.OffsetK.Value);
    }

    /// <summary>The heat of a piece of which only what the logbook says is known.</summary>
    /// <param name="entry">What it says.</param>
    /// <param name="own">What is on the shelf, as a job file carries it.</param>
    /// <returns>Null where it tells nothing of one vinyl, or the catalogue does not know the piece any more.</returns>
    public HeatHad? Of(LogEntry entry, JsonObject own)
    {
        ArgumentNullException.ThrowIfNull(entry);
        if (entry.Item.Vinyl.Contains(',', StringComparison.Ordinal) || entry.Pressed.Seconds < ShortestSeconds
            || JobReader.Read(JobFromLog.Plain(entry with { Pieces = 1 }, own).ToJsonString(), planner.Catalogue, new Problems())
            is not { } job)
            return null;
        var plan = planner.Plan(job, UnitSystem.Metric).Plan;
        var pressure = entry.Pressed.PressureKPa > 0
            ? entry.Pressed.PressureKPa : job.Tools.Source.Pressure.KPa[entry.Pressed.Pressure].Value;
        var bonding = plan.BondingPress with { Celsius = entry.Pressed.Celsius, Seconds = entry.Pressed.Seconds, PressureKPa = pressure };
        // Of what is done part by part, one part stands for all.
        var presses = plan.Whole.Select(w => w.OnParts[0])
            .Where(p => p.Purpose is PressPurpose.Preheat or PressPurpose.Press or PressPurpose.Finish
                || (p.Purpose == PressPurpose.Back && entry.BackSeconds > 0))
            .Select(p => p.Order == bonding.Order
                ? bonding : p
                with
                { Celsius = entry.Pressed.Celsius, Seconds = p.Purpose == PressPurpose.Back ? entry.BackSeconds : p.Seconds })
                .ToList();
        var inRow = Math.Max(0, entry.Piece - 1);
        return Of(job, plan with { Presses = presses }, [.. presses.SelectMany(HoldDone.AsPlanned).Select(h => h with { InRow = inRow })]);
    }

    private (double LnRoom, double LnHeatDose)? With(Job job, Plan plan, IReadOnlyList<HoldDone> holds, double moreK,
        string? vinyl)
    {
        var source = job.Tools.Source;
        var moved = job
            with
        {
            Tools = job.Tools
                with
            {
                Source = source
                with
                { Dial = source.Dial with { OffsetK = source.Dial.OffsetK with { Value = source.Dial.OffsetK.Value + moreK } } }
            }
        };
        var about = planner.About(moved, planner.Language.WordsFor(UnitSystem.Metric));
        if (PieceInTheModel.Of(about, plan, holds, planner.Catalogue) is not { } piece)
            return null;
        var its = piece.Laid.Where(id => vinyl is null || about.Layer(id).Work.Vinyl.Id == vinyl).ToList();
        if (its.Count == 0 || its.Min(piece.BondOf) is not (> 0 and var bond))
            return null;
        return (Math.Log(bond / about.Layer(its[0]).Work.Vinyl.Bond.HoldsFrom.Value),
            Math.Log(its.Max(id => piece.HeatDose(id) / about.Layer(id).MostHeatDose)));
    }
}
