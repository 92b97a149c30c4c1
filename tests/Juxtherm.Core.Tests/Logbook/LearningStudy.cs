using System.Globalization;
using System.Text;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Words;

namespace Juxtherm.Testing;

/// <summary>What came of workshops of which everything is known.</summary>
/// <param name="Presses">After so many pressed pieces.</param>
/// <param name="Uncorrected">Mean loss of plans without what was learned, °C equivalent.</param>
/// <param name="Corrected">Mean loss with it.</param>
/// <param name="WorseShare">Share of workshops whose loss is more than 2 °C greater with it.</param>
/// <param name="SpoiledUncorrected">Share of pieces that come out short or harmed by plans without what was learned.</param>
/// <param name="SpoiledCorrected">Share of them with it.</param>
/// <param name="Covered">Share of demands and plates that lie within what is shown as nine in ten.</param>
public sealed record LearningRow(int Presses, double Uncorrected, double Corrected, double WorseShare, double SpoiledUncorrected,
    double SpoiledCorrected, double Covered);

/// <summary>A study's result.</summary>
/// <param name="Rows">After so many pieces each.</param>
/// <param name="MedianUntilClose">Half the workshops are within 3 °C, and stay there, from so many pieces on; null where fewer than half
/// ever are.</param>
/// <param name="CloseInTheEnd">Share within 3 °C in the end.</param>
/// <param name="CloseUncorrected">Share within 3 °C without anything learned.</param>
/// <param name="MostUntilPlateClose">Eight in ten know their plate to 3 °C, and keep knowing it, from so many pieces on; null where fewer
/// ever do.</param>
/// <param name="WorseOnTheWhole">Share of workshops whose loss over all their pieces is more than 2 °C greater with what was
/// learned.</param>
public sealed record LearningResult(IReadOnlyList<LearningRow> Rows, int? MedianUntilClose, double CloseInTheEnd, double CloseUncorrected,
    int? MostUntilPlateClose, double WorseOnTheWhole);

/// <summary>
/// Workshops with a plate, vinyls and blanks of which the truth is known, pressing pieces by the plan as it stands, and looking at
/// them. How heat moves with the plate is as the heat model has it; how a plan answers to what was learned is reckoned in
/// logarithms, which is what the correction is made of. Loss: by how many kelvin the plate would have to be moved for a piece to
/// have the bond that its plan means it to have.
/// </summary>
/// <param name="slopes">What the heat model says of kinds of work.</param>
public sealed class LearningStudy(IReadOnlyList<LearningStudy.Work> slopes)
{
    private const double WorseByK = 2;
    private const double CloseK = 3;
    private const int Pieces = 40;
    private const double WrongTaps = 0.05;
    private static readonly int[] Shown = [0, 1, 2, 3, 5, 10, 20, 40];

    /// <summary>A kind of work as the heat model has it.</summary>
    /// <param name="HeatSource">Heat source id.</param>
    /// <param name="Vinyl">Vinyl id.</param>
    /// <param name="Material">Material id.</param>
    /// <param name="ErrorK">What its dial may be off, K.</param>
    /// <param name="Heat">Heat of a piece pressed by its plan.</param>
    public sealed record Work(string HeatSource, string Vinyl, string Material, double ErrorK, HeatHad Heat);

    /// <summary>Runs so many workshops.</summary>
    /// <param name="workshops">How many.</param>
    /// <param name="probe">Each measures its plate once, after its first piece.</param>
    /// <param name="strange">Truth is drawn wider and flatter than the model takes it to be.</param>
    public LearningResult Run(int workshops, bool probe, bool strange = false)
    {
        var all = new Told[workshops];
        Parallel.For(0, workshops, seed => all[seed] = One(seed, probe, strange));
        var rows = Shown.Select(n =>
            new LearningRow(n, all.Average(w => w.Without[n]), all.Average(w => w.With[n]),
                all.Count(w => w.With[n] > w.Without[n] + WorseByK) / (double)workshops, all.Average(w => w.SpoiledWithout[n]),
                all.Average(w => w.SpoiledWith[n]), all.Average(w => w.Covered[n]))).ToList();
        int? Until(double share, Func<Told, double[]> which) =>
            all.Select(w => Array.FindLastIndex(which(w), l => l > CloseK) + 1).Order().ElementAt((int)(workshops * share)) is var pieces
            && pieces <= Pieces ? pieces : null;
        return new LearningResult(rows, Until(0.5, w => w.With), all.Count(w => w.With[^1] <= CloseK) / (double)workshops,
            all.Count(w => w.Without[^1] <= CloseK) / (double)workshops, Until(0.8, w => w.Plate),
            all.Count(w => w.With.Average() > w.Without.Average() + WorseByK) / (double)workshops);
    }

    /// <summary>Words for a result.</summary>
    public static string Table(LearningResult result)
    {
        var text = new StringBuilder(
            "| pieces | spoiled without | spoiled with | within nine in ten | without, mean °C off | with, mean °C off | worse by " +
                "more than 2 °C |\n")
            .Append("| ---: | ---: | ---: | ---: | ---: | ---: | ---: |\n");
        foreach (var row in result.Rows)
            text.Append(CultureInfo.InvariantCulture,
                $"| {row.Presses} | {row.SpoiledUncorrected * 100:0.0} % | {row.SpoiledCorrected * 100:0.0} % | {row.Covered * 100:0} % ")
                .Append(CultureInfo.InvariantCulture,
                    $"| {row.Uncorrected:0.00} | {row.Corrected:0.00} | {row.WorseShare * 100:0.0} % |\n");
        text.Append(CultureInfo.InvariantCulture,
            $"\nWithin 3 °C in the end: {result.CloseInTheEnd * 100:0} % (without anything learned {result.CloseUncorrected * 100:0} " +
                $"%). Half the workshops are within 3 °C, and stay " +
                    $"there, {(result.MedianUntilClose is { } n ? $"from {n} pieces on" : "after more than 40 pieces")}. Eight in ten " +
                        $"know their plate alone to 3 °C {(result.MostUntilPlateClose is { } m ? $"from {m} pieces on" : "after more " +
                            "than 40 pieces")}. Over all their pieces worse by more than 2 °C: {result.WorseOnTheWhole * 100:0.0} %.\n");
        return text.ToString();
    }

    /// <summary>What one workshop came to after each number of pieces.</summary>
    private sealed record Told(double[] With, double[] Without, double[] Plate, double[] SpoiledWith, double[] SpoiledWithout,
        double[] Covered)
    {
        public static Told Nothing => new(Row, Row, Row, Row, Row, Row);

        private static double[] Row => new double[Pieces + 1];
    }

    private Told One(int seed, bool probe, bool strange)
    {
        var chance = new Random(seed);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble());
        var first = slopes[chance.Next(slopes.Count)];
        // One press, two kinds of work on it where there are two.
        var works = slopes.Where(s => s.HeatSource == first.HeatSource).OrderBy(_ => chance.Next()).Take(2).ToList();
        var spread = first.ErrorK / LearningFigures.SpreadsInError;
        var offset = strange
            ? (chance.NextDouble() * 2 - 1) * 1.5 * first.ErrorK
            : Normal() * spread * (chance.NextDouble() < LearningFigures.StrangeShare ? LearningFigures.StrangeFactor : 1);
        var demands = works.ConvertAll(_ => strange ? (chance.NextDouble() * 2 - 1) * 0.6 : Normal() * LearningFigures.DemandSpread);
        var (pieces, readings) = (new List<Evidence>(), new List<PlateReading>());
        var told = Told.Nothing;
        var (with, without, plate) = (told.With, told.Without, told.Plate);
        for (var n = 0; n <= Pieces; n++)
        {
            var beliefs = WorkshopLearner.Learn(pieces, readings, _ => first.ErrorK);
            var correction = new Lessons(id => id, new HashSet<string>(StringComparer.Ordinal),
                Language.English.WordsFor(UnitSystem.Metric)).Correction(beliefs);
            var shift = correction.Plates is [var own, ..] ? own.OffsetK : 0;
            plate[n] = Math.Abs(offset - shift);
            double Wants(Work w) =>
                Math.Log(correction.Demands.FirstOrDefault(d => d.Vinyl == w.Vinyl && d.Material == w.Material)?.Factor ?? 1);
            double Loss(int i, double believedOffset, double believedWants) =>
                Math.Abs(works[i].Heat.BondPerK * (offset - believedOffset) - (demands[i] - believedWants)) / works[i].Heat.BondPerK;
            // A plan gives as much more than what holds as it is unsure; what is better known is pressed that much shorter.
            double Surer(Work w, bool corrected)
            {
                double Press(double errorK) => w.Heat.BondPerK * errorK / LearningFigures.SpreadsInError;
                var belief = corrected
                    ? correction.Demands.FirstOrDefault(d => d.Vinyl == w.Vinyl && d.Material == w.Material)?.Belief : null;
                return Odds.SpreadsUntilSure * ((belief ?? Belief.Typical).With(Press(corrected && correction.Plates is [var p, ..]
                    ? p.ErrorK : first.ErrorK)) - Belief.Typical.With(Press(first.ErrorK)));
            }

            double Spoiled(int i, bool corrected)
            {
                var (w, moved) = (works[i], Surer(works[i], corrected)
                    + (corrected ? Wants(works[i]) - works[i].Heat.BondPerK * shift : 0));
                var isShort = w.Heat.LnRoom + moved + w.Heat.BondPerK * offset < demands[i];
                return isShort || w.Heat.LnHeatDose + moved + w.Heat.HeatDosePerK * offset > 0 ? 1 : 0;
            }

            told.Covered[n] = beliefs.Plates.Select(p => offset >= p.LowK && offset <= p.HighK).Concat(beliefs.Demands.Select(d =>
                works.FindIndex(w => w.Vinyl == d.Vinyl && w.Material == d.Material) is var at && at >= 0
                && demands[at] >= Math.Log(d.Low) && demands[at] <= Math.Log(d.High))).DefaultIfEmpty(true).Average(c => c ? 1.0 : 0);
            for (var i = 0; i < works.Count; i++)
            {
                told.SpoiledWith[n] += Spoiled(i, corrected: true) / works.Count;
                told.SpoiledWithout[n] += Spoiled(i, corrected: false) / works.Count;
                with[n] += Loss(i, shift, Wants(works[i])) / works.Count;
                without[n] += Loss(i, 0, 0) / works.Count;
            }

            if (n == 0 && probe)
                readings.Add(
                    new PlateReading(first.HeatSource, offset + Normal() * LearningFigures.ProbeSpreadK, LearningFigures.ProbeSpreadK));
            // By the plan as it stands, a little off because dials and timers have steps.
            var at = chance.Next(works.Count);
            var work = works[at];
            var moved = Wants(work) - work.Heat.BondPerK * shift + Normal() * 0.05;
            var heat = work.Heat
                with
            {
                LnRoom = work.Heat.LnRoom + moved,
                LnHeatDose = work.Heat.LnHeatDose + moved * work.Heat.HeatDosePerK / work.Heat.BondPerK
            };
            var holds = heat.LnRoom + work.Heat.BondPerK * offset - demands[at] + Normal() * LearningFigures.PieceSpread > 0;
            var tooMuch = heat.LnHeatDose + work.Heat.HeatDosePerK * offset + Normal() * LearningFigures.HeatDoseSpread > 0;
            var showed = tooMuch ? Showing.TooMuch : holds ? Showing.Held : Showing.Short;
            if (chance.NextDouble() < WrongTaps)
                showed = (Showing)chance.Next(3);
            pieces.Insert(0, new Evidence($"{n}", work.HeatSource, work.Vinyl, work.Material, heat, showed));
        }

        return told;
    }
}
