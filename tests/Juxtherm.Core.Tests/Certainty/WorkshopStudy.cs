using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Settings;

namespace Juxtherm.Testing;

/// <summary>A kind of work that is tried.</summary>
/// <param name="Name">For the table.</param>
/// <param name="Group">Which bound it has to keep.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Form">Form id.</param>
/// <param name="Material">Material id.</param>
/// <param name="Source">Heat source id.</param>
public sealed record TriedWork(string Name, string Group, string Vinyl, string Form, string Material, string Source);

/// <summary>What came of first pieces in workshops of which everything is known.</summary>
/// <param name="Work">The kind of work.</param>
/// <param name="Celsius">What the plan sets, °C.</param>
/// <param name="Seconds">For how long, s.</param>
/// <param name="Said">What the plan says of its chances.</param>
/// <param name="Short">Share that came out short.</param>
/// <param name="Harm">Share that was harmed.</param>
/// <param name="Bare">Share that would have come out short with the time that the model asks where it is taken to be right.</param>
/// <param name="SpreadBefore">Spread of ln of the bond really wanted, before any patch.</param>
/// <param name="SpreadAfter">Spread that was left after three patches, in the mean.</param>
/// <param name="ShortAfter">Share that came out short after three patches.</param>
public sealed record TriedRow(TriedWork Work, double Celsius, double Seconds, PlanCertainty Said, double Short, double Harm, double Bare,
    double SpreadBefore, double SpreadAfter, double ShortAfter);

/// <summary>
/// Workshops with a truth of their own: plate, pressure and its power, sheet, cloth, damp, place under the plate, z-value, what the vinyl
/// wants and what it takes. Each presses a first piece by the plan, which knows none of that; the whole model carries it out.
/// </summary>
/// <param name="planner">Plans.</param>
/// <param name="wider">How many times wider truth is than the plan takes it to be.</param>
public sealed class WorkshopStudy(Planner planner, double wider)
{
    /// <summary>What is tried.</summary>
    public static readonly IReadOnlyList<TriedWork> Kinds =
    [
        new("smooth, cotton tee", "plate", "smooth", "tee", "cotton", "swing-platen"),
        new("glitter, cotton tee", "plate", "glitter", "tee", "cotton", "clamshell-platen"),
        new("foil, mixed tee", "plate", "foil", "tee", "cotton-poly", "swing-platen"),
        new("low-temperature, polyester jersey", "plate", "low-temp", "tee", "polyester", "swing-platen"),
        new("smooth, fleece", "plate", "smooth", "sweatshirt", "fleece", "swing-platen"),
        new("smooth, felt pennant", "plate", "smooth", "pennant", "poly-felt", "swing-platen"),
        new("smooth, canvas bag", "plate", "smooth", "tote", "canvas", "auto-platen"),
        new("smooth, slate", "hard", "smooth", "coaster", "slate", "swing-platen"),
        new("smooth, wood", "hard", "smooth", "plaque", "wood", "swing-platen"),
        new("smooth, mug", "hard", "smooth", "mug", "ceramic", "mug-press"),
        new("smooth, cotton tee", "handheld", "smooth", "tee", "cotton", "handheld-press"),
        new("smooth, sweatshirt", "handheld", "smooth", "sweatshirt", "fleece", "handheld-press"),
        new("smooth, canvas bag", "handheld", "smooth", "tote", "canvas", "handheld-press"),
        new("smooth, cotton tee", "iron", "smooth", "tee", "cotton", "household-iron"),
        new("low-temperature, polyester jersey", "iron", "low-temp", "tee", "polyester", "household-iron"),
    ];

    private const double ExponentSpread = 0.1;
    private const double SheetSpread = 0.2;
    private const double ThicknessSpread = 0.2;
    private const double ConductivitySpread = 0.15;
    private const double ZSpread = 0.08;
    private const double CoolPlaceK = 1.5;
    private const double DemandSpread = 0.3;
    private const double TakesSpread = 0.15;
    private const double DampSpread = 0.3;

    // From one piece to the next of the same workshop.
    private const double PieceSpread = 0.2;

    // Nearer than this to what is wanted it lifts but a little, as ln.
    private const double LittleBelow = 0.35;

    /// <summary>Tries a kind of work.</summary>
    /// <param name="work">Which.</param>
    /// <param name="workshops">How many workshops.</param>
    /// <param name="patches">Each presses three patches as well.</param>
    public TriedRow Try(TriedWork work, int workshops, bool patches = true)
    {
        var job = JobOf(work);
        var plan = planner.Plan(job, UnitSystem.Metric).Plan;
        var study = planner.StudyOf(job);
        var seen = new (bool Short, bool Harm, bool After, double Spread)[workshops];
        Parallel.For(0, workshops, seed =>
        {
            var truth = new Truth(planner.Catalogue, job, seed, wider);
            var first = truth.Press(plan);
            seen[seed] = (first.Short, first.Harm, false, 1);
            if (!patches)
                return;
            List<PatchResult> results = [];
            for (var i = 0; i < 3; i++)
            {
                var (dial, seconds) = study.Next(results);
                var patch = truth.Patch(plan, dial, seconds);
                results.Add(new PatchResult(dial.Celsius, seconds, patch.Harm ? PatchOutcome.Marked
                    : patch.LnOver >= 0 ? PatchOutcome.Holds
                    : patch.LnOver >= -LittleBelow ? PatchOutcome.LiftsALittle : PatchOutcome.Lifts));
            }

            var told = planner.Plan(job with { Patches = results }, UnitSystem.Metric).Plan;
            seen[seed] = (first.Short, first.Harm, truth.Press(told).Short, study.SpreadLeft(results));
        });
        double Bare()
        {
            var window = planner.Plan(job, UnitSystem.Metric).Window;
            var dial = window.Dial.MinBy(d => Math.Abs(d.Celsius - plan.BondingPress.Celsius))!;
            return window.At(dial).TargetSeconds is { } target ? ShareShort(work, dial, target, workshops) : 0;
        }

        double Share(Func<(bool Short, bool Harm, bool After, double Spread), bool> of) => seen.Count(of) / (double)workshops;
        return new TriedRow(work, plan.BondingPress.Celsius, plan.BondingPress.Seconds, plan.Certainty!, Share(s => s.Short),
            Share(s => s.Harm), Bare(), study.Before.Spread, study.Before.Spread * seen.Average(s => s.Spread), Share(s => s.After));
    }

    /// <summary>The share of workshops in which a setting comes out short, by the whole model.</summary>
    /// <param name="work">The kind of work.</param>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s.</param>
    /// <param name="workshops">How many workshops.</param>
    public double ShareShort(TriedWork work, DialPosition dial, double seconds, int workshops)
    {
        var job = JobOf(work);
        var plan = planner.Plan(job, UnitSystem.Metric).Plan;
        var cameShort = new bool[workshops];
        Parallel.For(0, workshops,
            seed => cameShort[seed] = new Truth(planner.Catalogue, job, seed, wider).IsShort(plan, dial, seconds));
        return cameShort.Count(s => s) / (double)workshops;
    }

    /// <summary>The job of a kind of work.</summary>
    public Job JobOf(TriedWork work)
    {
        ArgumentNullException.ThrowIfNull(work);
        var json = new JsonObject
        {
            ["format"] = JobReader.Format,
            ["version"] = JobReader.Version,
            ["blank"] = new JsonObject { ["form"] = work.Form, ["material"] = work.Material },
            ["tools"] = new JsonObject { ["heatSource"] = work.Source },
            ["layers"] = new JsonArray(new JsonObject { ["id"] = "a", ["vinyl"] = work.Vinyl }),
        };
        var problems = new Problems();
        return JobReader.Read(json.ToJsonString(), planner.Catalogue, problems)
            ?? throw new InvalidOperationException(string.Join("; ", problems.Found.Select(p => p.Pointer)));
    }

    /// <summary>Words for rows.</summary>
    public static string Table(IEnumerable<TriedRow> rows)
    {
        var text = new StringBuilder(
            "| work | press | set to | said: short, harm | short | harm | short by the bare model | spread, then after three patches " +
                "| short then |\n")
            .Append("| --- | --- | --- | --- | ---: | ---: | ---: | --- | ---: |\n");
        foreach (var r in rows)
            text.Append(CultureInfo.InvariantCulture, $"| {r.Work.Name} | {r.Work.Source} | {r.Celsius:0} °C {r.Seconds:0} s ")
                .Append(CultureInfo.InvariantCulture, $"| {r.Said.Short * 100:0.0} %, {r.Said.Harm * 100:0.0} % | {r.Short * 100:0.0} % ")
                .Append(CultureInfo.InvariantCulture, $"| {r.Harm * 100:0.0} % | {r.Bare * 100:0.0} % ")
                .Append(CultureInfo.InvariantCulture, $"| {r.SpreadBefore:0.00}, {r.SpreadAfter:0.00} ")
                .Append(CultureInfo.InvariantCulture, $"| {r.ShortAfter * 100:0.0} % |\n");
        return text.ToString();
    }

    /// <summary>A workshop as it really is.</summary>
    private sealed class Truth
    {
        private readonly Random _chance;
        private readonly CatalogueSnapshot _catalogue;
        private readonly Job _job;
        private readonly Workpiece _work;
        private readonly double _offsetK;
        private readonly double _pressure;
        private readonly double _damp;
        private readonly double _wants;
        private readonly double _takes;
        private readonly ReferenceDoses _references;

        public Truth(CatalogueSnapshot catalogue, Job job, int seed, double wider)
        {
            _chance = new Random(seed);
            double Draw(double spread) => Normal() * spread * wider;
            double Times(double spread) => Math.Exp(Draw(spread));
            Sourced<double> Off(Sourced<double> figure, double times) => new(figure.Value * times, figure.From);
            ThermalFigures Sheet(ThermalFigures sheet) => sheet with { ThicknessMm = Off(sheet.ThicknessMm, Times(SheetSpread)) };
            var (figures, source) = (catalogue.Work, job.Tools.Source);
            _offsetK = Draw(source.Dial.ErrorK.Value / Odds.SpreadsInError) - Math.Abs(Draw(CoolPlaceK));
            _pressure = Times(Math.Log(source.Pressure.ErrorFactor.Value) / Odds.SpreadsInError);
            _damp = Math.Max(0, 1 + Draw(DampSpread));
            (_wants, _takes) = (Times(DemandSpread), Times(TakesSpread));
            _catalogue = catalogue with
            {
                Work = figures with
                {
                    PressureExponent = new(figures.PressureExponent.Value + Draw(ExponentSpread), figures.PressureExponent.From),
                    DoseZKelvin = Off(figures.DoseZKelvin, Times(ZSpread)),
                },
            };
            _references = new ReferenceDoses(_catalogue);
            var thermal = job.Blank.Material.Thermal;
            var material = job.Blank.Material with
            {
                Thermal = thermal with
                {
                    ThicknessMm = Off(thermal.ThicknessMm, Times(ThicknessSpread)),
                    ConductivityWmK = Off(thermal.ConductivityWmK, Times(ConductivitySpread)),
                },
            };
            var cover = job.Tools.Cover.Thermal is { } lies ? job.Tools.Cover with { Thermal = Sheet(lies) } : job.Tools.Cover;
            (_job, _work) = (job, new Workpiece(job.Layers[0].Vinyl, material, job.Blank.Form, source, cover, job.Tools.Underlay));
        }

        public (bool Short, bool Harm) Press(Plan plan)
        {
            var (over, harm) = Come(plan, plan.BondingPress.SurfaceCelsius(_work.Source), plan.BondingPress.Seconds, Back(plan), 0);
            return (over < 0, harm);
        }

        public bool IsShort(Plan plan, DialPosition dial, double seconds) =>
            Come(plan, dial.SurfaceCelsius, seconds, Back(plan), 0).LnOver < 0;

        public (double LnOver, bool Harm) Patch(Plan plan, DialPosition dial, double seconds) =>
            Come(plan, dial.SurfaceCelsius, seconds, 0, Normal() * PieceSpread);

        private static double Back(Plan plan) => plan.Presses.Where(p => p.Purpose == PressPurpose.Back).Sum(p => p.Seconds);

        private (double LnOver, bool Harm) Come(Plan plan, double face, double seconds, double back, double ln)
        {
            var pressure = plan.BondingPress.PressureKPa * _pressure;
            var preheat = plan.Presses.Where(p => p.Purpose == PressPurpose.Preheat).Sum(p => p.Seconds);
            var session = new PressSession(_work, _catalogue, _damp);
            var setting = PressSetting.Single(face + _offsetK, pressure, seconds);
            session.PreheatAndLay(setting with { Seconds = preheat }, _catalogue.Work);
            session.Press(setting);
            if (back > 0)
            {
                session.Open(CoolingPlace.OnUnderlay, _catalogue.Work.TurnSeconds.Value, setting.PlateCelsius);
                session.TurnOver();
                session.Press(setting with { Seconds = back });
            }

            var chart = Chart.Of(_work.Vinyl, null);
            var reference = _references.Of(_work.Vinyl, chart);
            var bond = session.Bond() / reference.BondSeconds / _job.Blank.Material.Demand.Value / _work.Vinyl.Bond.HoldsFrom.Value;
            return (Math.Log(bond) + ln - Math.Log(_wants),
                session.HeatDose() / reference.HeatDoseSeconds > _work.Vinyl.Bond.MostHeatDose.Value * _takes
                || session.HottestBare() > _work.Material.Limit.Celsius.Value);
        }

        private double Normal() => Math.Sqrt(-2 * Math.Log(1 - _chance.NextDouble())) * Math.Cos(2 * Math.PI * _chance.NextDouble());
    }
}
