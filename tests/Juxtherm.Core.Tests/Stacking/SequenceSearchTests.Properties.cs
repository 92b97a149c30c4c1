using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Tests.Stacking;

public partial class SequenceSearchTests
{
    /// <summary>Random layers and relations: the search agrees with trying every way to group and order them.</summary>
    [Property(MaxTest = 250)]
    public Property No_order_is_better() => Prop.ForAll(Random(6).ToArbitrary(), question =>
    {
        var best = SequenceSearch.Best(question, 1)[0];
        var tried = EveryOrder(question);
        var least = tried.Min();
        Assert.Equal(least.Excess, best.Excess, 1e-5);
        Assert.Equal(least.Presses, best.Presses.Count);
        Assert.Equal(least.Seconds, best.Seconds, 1e-3);
        Assert.Equal(best.Excess, ExcessOf(question, best.Presses), 1e-5);
    });

    /// <summary>Each layer is laid once, after all it lies on, and only with what it may go with.</summary>
    [Property(MaxTest = 120)]
    public Property Every_order_is_sound() => Prop.ForAll(Random(9).ToArbitrary(), question =>
    {
        foreach (var found in SequenceSearch.Best(question, 4))
        {
            var before = new HashSet<string>(StringComparer.Ordinal);
            foreach (var press in found.Presses)
            {
                Assert.All(press.Layers,
                    id => Assert.All(question.Layers.Where(l => question.Lies(id, l.Id)), lower => Assert.Contains(lower.Id, before)));
                Assert.All(press.Layers,
                    id => Assert.All(press.Layers.Where(o => o != id), other => Assert.True(question.Together(id, other))));
                before.UnionWith(press.Layers);
            }

            Assert.Equal(question.Layers.Count, before.Count);
            Assert.Equal(question.Layers.Count, found.Presses.Sum(p => p.Layers.Count));
        }
    });

    private static Gen<SequenceQuestion> Random(int most) =>
        from count in Gen.Choose(1, most)
        from seed in Gen.Choose(0, int.MaxValue - 1)
        select Made(count, seed);

    private static SequenceQuestion Made(int count, int seed)
    {
        var random = new System.Random(seed);
        double Between(double a, double b) => Math.Round(a + (b - a) * random.NextDouble(), 2);
        var layers = Enumerable.Range(0, count).Select(i =>
        {
            var foam = random.Next(8) == 0;
            var tack = Between(0.05, 0.4);
            return new SequenceLayer($"l{i}", random.Next(1, 5) * 100, foam, random.Next(4) == 0, foam
                ? 1.6 : Between(1, 4), new LayerHeats(tack, Between(0.8, 1.3), tack * 0.9, Between(0.7, 1.2), Between(0.5, 1)),
                Between(0, 20), Between(5, 30), Between(15, 90));
        }).ToList();
        // Later ones may lie on earlier ones: no circles.
        var on = new bool[count, count];
        var together = new bool[count, count];
        for (var i = 0; i < count; i++)
        {
            for (var j = 0; j < i; j++)
            {
                on[i, j] = random.Next(5) == 0;
                for (var k = 0; k < j; k++)
                    on[i, k] |= on[i, j] && on[j, k];
            }
        }

        for (var i = 0; i < count; i++)
        {
            for (var j = 0; j < i; j++)
                together[i, j] = together[j, i] = !on[i, j] && random.Next(2) == 0 && layers[i].HeatsOnce == layers[j].HeatsOnce
                    && layers[i].FullOnly == layers[j].FullOnly;
        }

        int At(string id) => int.Parse(id.AsSpan(1), System.Globalization.CultureInfo.InvariantCulture);
        return new SequenceQuestion(layers, (a, b) => on[At(a), At(b)], (a, b) => together[At(a), At(b)], random.Next(3) == 0
            ? LayerMethod.Full : LayerMethod.Tack, random.Next(3) == 0, Between(8, 20), random.Next(4) == 0 ? 1 : 0, LaySeconds);
    }

    /// <summary>Heat beyond what layers take in an order, press by press.</summary>
    private static double ExcessOf(SequenceQuestion q, IReadOnlyList<LaidPress> presses) =>
        presses.Index().Sum(p => q.Layers.Where(l => p.Item.Layers.Contains(l.Id, StringComparer.Ordinal)).Sum(l =>
    {
        var heat = p.Item.Kind == LaidPressKind.Tack ? l.Heats.OwnTack : l.Heats.OwnFull;
        heat += presses.Skip(p.Index + 1)
            .Sum(later =>
                later.Kind switch
                {
                    LaidPressKind.Tack => l.Heats.LaterTack,
                    LaidPressKind.Full => l.Heats.LaterFull,
                    _ =>
                    l.Heats.LaterLast
                });
        return Math.Max(0, heat + q.FullsAfter * l.Heats.LaterFull - l.MostHeatDose);
    }));

    /// <summary>What every way to group and order the layers comes to, worked out without any of the search's own means.</summary>
    private static List<(double Excess, int Presses, double Seconds)> EveryOrder(SequenceQuestion q)
    {
        var all = new List<(double, int, double)>();
        bool Foams(SequenceLayer l) => l.HeatsOnce || q.Layers.Any(f => f.HeatsOnce && q.Lies(l.Id, f.Id));
        void Go(List<List<SequenceLayer>> groups, List<SequenceLayer> left)
        {
            if (left.Count == 0)
            {
                all.Add(Cost(groups));
                return;
            }

            for (var bits = 1; bits < 1 << left.Count; bits++)
            {
                var group = left.Where((_, i) => (bits & (1 << i)) != 0).ToList();
                var rest = left.Except(group).ToList();
                if (group.Exists(a => group.Exists(b => a != b && !q.Together(a.Id, b.Id)))
                    || group.Exists(a => left.Exists(b => b != a && q.Lies(a.Id, b.Id))))
                    continue;
                // Foam, and what lies on it, only when all else is laid.
                if (group.Exists(Foams) && left.Exists(l => !Foams(l)))
                    continue;
                Go([.. groups, group], rest);
            }
        }

        (double, int, double) Cost(List<List<SequenceLayer>> groups)
        {
            var presses = new List<(char Kind, List<SequenceLayer> Layers)>();
            var owed = false;
            for (var g = 0; g < groups.Count; g++)
            {
                var group = groups[g];
                var ends = groups.Skip(g + 1).All(later => later.TrueForAll(Foams));
                if (q.Method == LayerMethod.Full || group.Exists(l => l.FullOnly) || group.Exists(Foams)
                    || (ends && (q.CarrierLast || !owed)))
                {
                    presses.Add(('F', group));
                    owed = false;
                    continue;
                }

                presses.Add(('T', group));
                owed = true;
                if (ends)
                {
                    presses.Add(('L', []));
                    owed = false;
                }
            }

            double excess = 0, seconds = 0;
            for (var p = 0; p < presses.Count; p++)
            {
                var (kind, layers) = presses[p];
                seconds += kind == 'L'
                    ? q.LastSeconds
                    : q.LaySeconds + layers.Sum(l => l.ExtraSeconds) + layers.Max(l => kind == 'T' ? l.TackSeconds : l.FullSeconds);
                foreach (var l in layers)
                {
                    var heat = kind == 'T' ? l.Heats.OwnTack : l.Heats.OwnFull;
                    foreach (var later in presses.Skip(p + 1))
                        heat += later.Kind switch { 'T' => l.Heats.LaterTack, 'F' => l.Heats.LaterFull, _ => l.Heats.LaterLast };
                    excess += Math.Max(0, heat + q.FullsAfter * l.Heats.LaterFull - l.MostHeatDose);
                }
            }

            // Sums of the same figures in another order differ in their last bits.
            return (Math.Round(excess, 6), presses.Count, Math.Round(seconds, 6));
        }

        Go([], [.. q.Layers]);
        return all;
    }
}
