using Juxtherm.Core.Certainty;
using Juxtherm.Core.Logbook;

namespace Juxtherm.Core.Learning;

/// <summary>What is believed of a plate: how much hotter its face is than the catalogue has it.</summary>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="OffsetK">The mean, K.</param>
/// <param name="LowK">One chance in twenty that it is below, K.</param>
/// <param name="HighK">One chance in twenty that it is above, K.</param>
/// <param name="SpreadK">Standard deviation, K.</param>
/// <param name="Learned">How much was learned, 0 to 1: from the information (Kullback and Leibler's, in nats) that the belief has over that
/// from before.</param>
/// <param name="PriorErrorK">What the catalogue says that it may be off, K.</param>
/// <param name="Pieces">Pieces that were looked at.</param>
/// <param name="Readings">Times it was measured.</param>
public sealed record PlateBelief(string HeatSource, double OffsetK, double LowK, double HighK, double SpreadK, double Learned,
    double PriorErrorK, int Pieces, int Readings);

/// <summary>What is believed of a vinyl on a blank: how many times the catalogue's bond it wants.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Material">Material id.</param>
/// <param name="Factor">The middle of it.</param>
/// <param name="Low">One chance in twenty that it is below.</param>
/// <param name="High">One chance in twenty that it is above.</param>
/// <param name="Learned">How much was learned, 0 to 1.</param>
/// <param name="Held">Pieces that held.</param>
/// <param name="Short">Pieces that had too little.</param>
/// <param name="TooMuch">Pieces that had too much.</param>
public sealed record DemandBelief(string Vinyl, string Material, double Factor, double Low, double High, double Learned, int Held,
    int Short, int TooMuch);

/// <summary>What a workshop's logbook makes believe.</summary>
/// <param name="Plates">By press.</param>
/// <param name="Demands">By vinyl and blank.</param>
public sealed record Beliefs(IReadOnlyList<PlateBelief> Plates, IReadOnlyList<DemandBelief> Demands);

/// <summary>
/// Bayesian, on grids: each press has an offset, each vinyl on a blank a demand, and each pressed piece says something of the sum
/// of the two only; a measured plate says something of the offset alone, which is what keeps them apart. Beliefs are passed to
/// and fro between offsets and demands until they rest (sum-product; exact where presses and vinyls form no ring).
/// </summary>
public static class WorkshopLearner
{
    private const int Rounds = 8;
    private const double OffsetStepK = 1;
    private const double MostOffsetK = 45;
    private const double DemandStep = 0.07;
    private const double MostDemand = 1.4;
    // Held, short, too much.
    private const double Kinds = 3;

    // A work says that a plate is off where by itself it makes believe as much, K.
    private const double LeastSaidK = 1;
    private const double FineRoom = 0.04;
    private const double Sinking = 1e-60;
    private const double FineSlope = 0.002;
    private static readonly double[] Offsets = Grid(MostOffsetK, OffsetStepK);
    private static readonly double[] LnDemands = Grid(MostDemand, DemandStep);

    /// <summary>Learns.</summary>
    /// <param name="pieces">Pressed pieces, newest first.</param>
    /// <param name="readings">Measured plates.</param>
    /// <param name="errorOf">The catalogue's dial error by heat source id, K.</param>
    /// <param name="memory">What was reckoned before, where much is learned again; null to reckon all of it.</param>
    public static Beliefs Learn(IReadOnlyList<Evidence> pieces, IReadOnlyList<PlateReading> readings, Func<string, double> errorOf,
        LearningMemory? memory = null)
    {
        ArgumentNullException.ThrowIfNull(pieces);
        ArgumentNullException.ThrowIfNull(readings);
        ArgumentNullException.ThrowIfNull(errorOf);
        var pairs = pieces.GroupBy(p => (p.HeatSource, p.Vinyl, p.Material)).AsParallel().AsOrdered()
            .Select(g => Said(g.Key.HeatSource, (g.Key.Vinyl, g.Key.Material), [.. g.Take(LearningFigures.MostLookedAt)], memory)).ToList();
        var plates = pieces.Select(p => p.HeatSource).Concat(readings.Select(r => r.HeatSource)).Distinct(StringComparer.Ordinal)
            .Order(StringComparer.Ordinal).ToList();
        var demands = pairs.Select(p => p.Wants).Distinct().Order().ToList();
        var plateAlone = plates.ToDictionary(p => p, p => Scaled(OffsetPrior(errorOf(p)).Zip(Measured(p, readings), (a, b) => a * b)),
            StringComparer.Ordinal);
        var demandAlone = demands.ToDictionary(d => d, _ => Scaled(DemandPrior()));
        // What a reined plate cannot have been is then looked for in the vinyl and the cloth.
        var reined = plates.Where(p => SinceRepair.Press(p) == p && readings.All(r => r.HeatSource != p)
            && !UnlikeWorksAgree([.. pairs.Where(x => x.Plate == p)], errorOf(p))).ToHashSet(StringComparer.Ordinal);
        foreach (var plate in reined)
            plateAlone[plate] = Reined(plateAlone[plate]);
        foreach (var _ in Enumerable.Range(0, Rounds))
        {
            foreach (var pair in pairs)
                pair.ToDemand = pair.Spread(Without(pair, pairs.Where(p => p.Plate == pair.Plate), plateAlone[pair.Plate], p => p.ToPlate),
                    alongOffsets: true);
            foreach (var pair in pairs)
                pair.ToPlate = pair.Spread(Without(pair, pairs.Where(p => p.Wants == pair.Wants), demandAlone[pair.Wants], p => p.ToDemand),
                    alongOffsets: false);
        }

        double[] Of(IEnumerable<Pair> about, double[] alone, Func<Pair, double[]> says) =>
            about.Aggregate(alone, (all, p) => Scaled(all.Zip(says(p), (a, b) => a * b)));
        return new Beliefs(
            [.. plates.Select(p =>
            {
                var belief = Of(pairs.Where(x => x.Plate == p), plateAlone[p], x => x.ToPlate);
                var count = pairs.Where(x => x.Plate == p).Sum(x => x.Count);
                return reined.Contains(p) ? ReinedPlate(p, belief, errorOf(p), count)
                    : Plate(p, belief, errorOf(p), count, readings.Count(r => r.HeatSource == p));
            })],
            [.. demands.Select(d =>
                Demand(d, Of(pairs.Where(x => x.Wants == d), demandAlone[d], x => x.ToDemand), [.. pairs.Where(x => x.Wants == d)]))]);
    }

    /// <summary>Whether works with neither vinyl nor cloth in common each say by themselves that the plate is off, and to the same
    /// side.</summary>
    private static bool UnlikeWorksAgree(List<Pair> pairs, double error)
    {
        var prior = Scaled(OffsetPrior(error));
        var said = pairs.ConvertAll(p => (p.Wants,
            Mean: Mean(Offsets, Scaled(prior.Zip(p.Spread(Scaled(DemandPrior()), alongOffsets: false), (a, b) => a * b)))));
        return said.Exists(one => said.Exists(other => one.Wants.Vinyl != other.Wants.Vinyl && one.Wants.Material != other.Wants.Material
            && Math.Min(Math.Abs(one.Mean), Math.Abs(other.Mean)) >= LeastSaidK && Math.Sign(one.Mean) == Math.Sign(other.Mean)));
    }

    private static double[] Reined(double[] belief) =>
        Scaled(belief.Select((b, i) => Math.Abs(Offsets[i]) <= LearningFigures.MostUnmeasuredK ? b : 0));

    /// <summary>Where it may lean is little; how far it may still be off stays as wide as before.</summary>
    private static PlateBelief ReinedPlate(string id, double[] belief, double error, int pieces)
    {
        var (mean, before) = (Mean(Offsets, belief), Scaled(OffsetPrior(error)));
        return new PlateBelief(id, mean, mean + Quantile(Offsets, before, LearningFigures.ShownTail),
            mean + Quantile(Offsets, before, 1 - LearningFigures.ShownTail), error / LearningFigures.SpreadsInError,
            Learned(belief, Reined(before)), error, pieces, 0);
    }

    private static Pair Said(string plate, (string Vinyl, string Material) wants, List<Evidence> pieces, LearningMemory? memory)
    {
        var said = memory?.Recall(plate, wants, pieces) ?? Weigh(pieces);
        memory?.Remember(plate, wants, pieces, said);
        return new Pair(plate, wants, said, pieces.GroupBy(p => p.Showed).ToDictionary(g => g.Key, g => g.Count()));
    }

    /// <summary>How likely what all these pieces showed is, under every offset and every demand.</summary>
    private static double[,] Weigh(List<Evidence> pieces)
    {
        var weights = new double[Offsets.Length, LnDemands.Length];
        Fill(weights, (_, _) => 1);
        var perRun = pieces.GroupBy(p => p.Run, StringComparer.Ordinal)
            .ToDictionary(g => g.Key, g => Math.Min(1, LearningFigures.MostPerRun / g.Count()), StringComparer.Ordinal);
        // Alike pieces say the same: they are reckoned once and counted.
        foreach (var alike in pieces.GroupBy(p =>
            (Math.Round(p.Heat.LnRoom / FineRoom), Math.Round(p.Heat.BondPerK / FineSlope), Math.Round(p.Heat.LnHeatDose / FineRoom),
                Math.Round(p.Heat.HeatDosePerK / FineSlope), p.Showed)))
        {
            var (one, count) = (alike.First(), alike.Sum(p => perRun[p.Run] * p.Weight));
            var tooMuch = Array.ConvertAll(Offsets,
                o => Odds.Below((one.Heat.LnHeatDose + one.Heat.HeatDosePerK * o) / LearningFigures.HeatDoseSpread));
            var top = 0.0;
            Fill(weights, (i, j) =>
            {
                var held = Odds.Below((one.Heat.LnRoom + one.Heat.BondPerK * Offsets[i] - LnDemands[j]) / LearningFigures.PieceSpread);
                var plainly = one.Showed switch { Showing.Held => held * (1 - tooMuch[i]), Showing.Short => 1 - held, _ => tooMuch[i] };
                var chance = (1 - LearningFigures.WrongShare) * plainly + LearningFigures.WrongShare / Kinds;
                var weight = weights[i, j] * (count == 1 ? chance : Math.Pow(chance, count));
                top = Math.Max(top, weight);
                return weight;
            });
            // So that many pieces do not sink below what a number can hold.
            if (top < Sinking)
                Fill(weights, (i, j) => weights[i, j] / top);
        }

        return weights;
    }

    private static void Fill(double[,] weights, Func<int, int, double> with)
    {
        for (var i = 0; i < Offsets.Length; i++)
        {
            for (var j = 0; j < LnDemands.Length; j++)
                weights[i, j] = with(i, j);
        }
    }

    private static double[] Without(Pair pair, IEnumerable<Pair> about, double[] alone, Func<Pair, double[]> says) =>
        about.Where(p => p != pair).Aggregate(alone, (all, p) => Scaled(all.Zip(says(p), (a, b) => a * b)));

    private static PlateBelief Plate(string id, double[] belief, double error, int pieces, int readings)
    {
        var mean = Mean(Offsets, belief);
        var spread = Spread(Offsets, belief);
        return new PlateBelief(id, mean, Quantile(Offsets, belief, LearningFigures.ShownTail),
            Quantile(Offsets, belief, 1 - LearningFigures.ShownTail), spread,
            Learned(belief, Scaled(OffsetPrior(error))), error, pieces, readings);
    }

    private static DemandBelief Demand((string Vinyl, string Material) of, double[] belief, List<Pair> pairs) => new(
        of.Vinyl, of.Material, Math.Exp(Mean(LnDemands, belief)), Math.Exp(Quantile(LnDemands, belief, LearningFigures.ShownTail)),
        Math.Exp(Quantile(LnDemands, belief, 1 - LearningFigures.ShownTail)), Learned(belief, Scaled(DemandPrior())),
        pairs.Sum(p => p.Of(Showing.Held)), pairs.Sum(p => p.Of(Showing.Short)), pairs.Sum(p => p.Of(Showing.TooMuch)));

    private static double Spread(double[] grid, double[] belief)
    {
        var mean = Mean(grid, belief);
        return Math.Sqrt(grid.Select((g, i) => (g - mean) * (g - mean) * belief[i]).Sum());
    }

    private static double Learned(double[] belief, double[] before) =>
        1 - Math.Exp(-2 * Math.Max(0, belief.Zip(before, (now, then) => now > 0 ? now * Math.Log(now / then) : 0).Sum()));

    private static IEnumerable<double> DemandPrior() => LnDemands.Select(d => Normal(d, LearningFigures.DemandSpread));

    private static IEnumerable<double> OffsetPrior(double error)
    {
        var spread = error / LearningFigures.SpreadsInError;
        return Offsets.Select(o =>
            (1 - LearningFigures.StrangeShare) * Normal(o, spread) + LearningFigures.StrangeShare
            * Normal(o, spread * LearningFigures.StrangeFactor));
    }

    /// <summary>A reading may be plain wrong; then it says nothing of the plate.</summary>
    private static IEnumerable<double> Measured(string plate, IReadOnlyList<PlateReading> readings)
    {
        var of = readings.Where(r => r.HeatSource == plate).ToList();
        // Summed as logarithms: hundreds of readings multiply to less than a number can hold.
        var ln = Array.ConvertAll(Offsets,
            o => of.Sum(r =>
                Math.Log((1 - LearningFigures.WrongShare) * Normal(o - r.DeviationK, r.SpreadK)
                    + LearningFigures.WrongShare / (2 * MostOffsetK))));
        return ln.Select(l => Math.Exp(l - ln.Max()));
    }

    private static double Mean(double[] grid, double[] belief) => grid.Select((g, i) => g * belief[i]).Sum();

    private static double Quantile(double[] grid, double[] belief, double share)
    {
        var sum = 0.0;
        for (var i = 0; i < grid.Length; i++)
        {
            if (sum + belief[i] >= share)
                return grid[i] + ((share - sum) / belief[i] - 0.5) * (grid[1] - grid[0]);
            sum += belief[i];
        }

        return grid[^1];
    }

    private static double[] Grid(double most, double step) =>
        [.. Enumerable.Range(0, (int)Math.Round(2 * most / step) + 1).Select(i => -most + i * step)];

    private static double[] Scaled(IEnumerable<double> weights)
    {
        var all = weights.ToArray();
        var sum = all.Sum();
        for (var i = 0; i < all.Length; i++)
            all[i] = sum > 0 ? all[i] / sum : 1.0 / all.Length;
        return all;
    }

    private static double Normal(double x, double spread) => Math.Exp(-x * x / (2 * spread * spread)) / (spread * Math.Sqrt(2 * Math.PI));

    /// <summary>What all pieces of a vinyl on a blank under a press say together.</summary>
    private sealed class Pair
    {
        private readonly double[,] _weights;
        private readonly IReadOnlyDictionary<Showing, int> _counts;

        public Pair(string plate, (string, string) wants, double[,] weights, IReadOnlyDictionary<Showing, int> counts)
        {
            (Plate, Wants, _weights, _counts) = (plate, wants, weights, counts);
            (ToPlate, ToDemand) = (Scaled(Offsets.Select(_ => 1.0)), Scaled(LnDemands.Select(_ => 1.0)));
        }

        public string Plate { get; }

        public (string Vinyl, string Material) Wants { get; }

        public int Count => _counts.Values.Sum();

        public double[] ToPlate { get; set; }

        public double[] ToDemand { get; set; }

        public int Of(Showing showed) => _counts.GetValueOrDefault(showed);

        /// <summary>What is believed of the one, carried over to the other.</summary>
        public double[] Spread(double[] belief, bool alongOffsets)
        {
            var (from, to) = alongOffsets ? (Offsets.Length, LnDemands.Length) : (LnDemands.Length, Offsets.Length);
            var other = new double[to];
            for (var i = 0; i < from; i++)
            {
                for (var j = 0; j < to; j++)
                    other[j] += belief[i] * (alongOffsets ? _weights[i, j] : _weights[j, i]);
            }

            return Scaled(other);
        }
    }
}
