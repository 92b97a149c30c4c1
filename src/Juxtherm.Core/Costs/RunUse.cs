using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Days.Work;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Costs;

/// <summary>What a run takes, before any price.</summary>
/// <param name="Pieces">How many pieces.</param>
/// <param name="VinylMm2">Vinyl by its id, waste included and offcuts that go back left out, mm².</param>
/// <param name="HandSeconds">Hands, set-up and all, s.</param>
/// <param name="KWh">Electricity of the press, kWh.</param>
public sealed record RunUse(int Pieces, IReadOnlyDictionary<string, double> VinylMm2, double HandSeconds, double KWh)
{
    private const double JoulePerKWh = 3_600_000;
    private const double Mm2PerM2 = 1_000_000;

    /// <summary>What a run of a job takes.</summary>
    /// <param name="job">The job, with as many pieces as the run has.</param>
    /// <param name="at">Its plan.</param>
    /// <param name="cut">How its vinyl is cut.</param>
    /// <param name="figures">Figures of the work.</param>
    /// <param name="pace">How fast these hands are.</param>
    public static RunUse Of(Job job, PlanAtPress at, CutLayout cut, WorkFigures figures, HandPace pace)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(at);
        ArgumentNullException.ThrowIfNull(cut);
        ArgumentNullException.ThrowIfNull(figures);
        var work = WorkOfAJob.Of(job, [at], cut, figures, null);
        var (hands, press) = work.Takes(figures.Handling, pace);
        // Pieces that have to be found their place by hand.
        var vinyl = cut.Lists.GroupBy(l => l.Vinyl, StringComparer.Ordinal)
            .ToDictionary(g => g.Key, g => g.Sum(l => l.Sheets.Sum(s => Taken(s, figures.Cutting))), StringComparer.Ordinal);
        return new RunUse(work.Pieces, vinyl, hands + cut.Loose * figures.Cutting.AlignSeconds.Value, Electricity(job, at, press));
    }

    /// <summary>What a sheet takes: all that is used up of it, without a strip beside it that is worth keeping, mm².</summary>
    private static double Taken(CutSheet sheet, CuttingFigures figures)
    {
        var right = sheet.Units.Count == 0 ? 0 : sheet.Units.Max(u => u.Box.XMm + u.Box.WidthMm) + figures.EdgeMm.Value;
        var side = Math.Max(0, sheet.WidthMm - right);
        return sheet.UsedLengthMm * (side >= figures.SmallestOffcutMm.Value ? sheet.WidthMm - side : sheet.WidthMm);
    }

    /// <summary>To heat the plate from the room, and to make up for what it loses while it stands and presses, kWh.</summary>
    private static double Electricity(Job job, PlanAtPress at, double pressSeconds)
    {
        var plate = at.Source.Plate.Heat.Value;
        var area = job.Tools.PlateWidthMm * job.Tools.PlateHeightMm / Mm2PerM2;
        var rise = at.Source.SurfaceAt(at.Plan.BondingPress.Celsius) - Surroundings.RoomCelsius;
        var store = plate.HeatCapacityJm2K * rise * area;
        var loss = (plate.IdleLossWm2K + Surroundings.OpenAirWm2K) * rise * area * pressSeconds;
        return (store + loss) / JoulePerKWh;
    }
}
