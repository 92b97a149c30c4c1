namespace Juxtherm.Core.Cutting.Nesting;

/// <summary>
/// Looks for a short layout: first by boxes, then by true shapes, in several orders, then by changing the best order a little again
/// and again. The same pieces give the same layout everywhere: the search is bounded by work done, not by time, and its chances are seeded.
/// </summary>
public static class Nest
{
    /// <summary>Looks at cells or steps before the search ends by itself.</summary>
    public const long UsualEffort = 120_000_000;

    private const int Seed = 20_117;
    // Boxes are quick: this share of the effort goes to them where there are true shapes to place too.
    private const double BoxShare = 0.04;
    private const double BoxyFrom = 0.98;

    /// <summary>Finds a layout.</summary>
    /// <param name="pieces">What is placed.</param>
    /// <param name="sheets">On what, in the order in which they are used up.</param>
    /// <param name="rules">How.</param>
    /// <param name="told">Hears of each better layout, and now and then of the same; returns false to stop with the best so far.</param>
    /// <param name="effort">Work after which the search ends.</param>
    public static NestLayout Find(IReadOnlyList<NestPart> pieces, IReadOnlyList<NestSheet> sheets, NestRules rules,
        Func<NestProgress, bool>? told = null, long effort = UsualEffort)
    {
        ArgumentNullException.ThrowIfNull(pieces);
        ArgumentNullException.ThrowIfNull(sheets);
        ArgumentNullException.ThrowIfNull(rules);
        if (pieces.Count == 0)
            return new NestLayout([], [], [.. sheets.Select(_ => 0.0)], 0);
        var search = new Search(told ?? (_ => true), effort);
        var boxes = new BoxPacking(pieces, sheets, rules);
        var orders = Orders(pieces);
        var allBoxes = pieces.All(p => p.Boxed || p.Ground.Area > BoxyFrom * p.Ground.EnvelopeInternal.Area);
        search.Run(boxes, orders, (long)(effort * (allBoxes ? 1 : BoxShare)));
        if (!search.Stopped && !allBoxes)
        {
            var best = search.Best!;
            // A sheet need not be looked at beyond the length that boxes need, unless some found no room.
            var longest = best.LeftOver.Count > 0 ? sheets.Max(s => s.LengthMm) : best.SheetLengthsMm.Max() + 1;
            // Nor is a sheet that boxes leave empty.
            var few = best.LeftOver.Count > 0 ? sheets : [.. sheets.Take(best.SheetLengthsMm.ToList().FindLastIndex(l => l > 0) + 1)];
            search.Run(new ShapePacking(pieces, few, rules, longest), [search.BestOrder!, .. orders], effort);
        }

        var found = search.Best!;
        return found.SheetLengthsMm.Count == sheets.Count ? found : found with
        {
            SheetLengthsMm = [.. found.SheetLengthsMm, .. Enumerable.Repeat(0.0, sheets.Count - found.SheetLengthsMm.Count)],
        };
    }

    /// <summary>Boxes in shelves, the highest first and the way they come: what a patient hand would do. Something to compare
    /// with.</summary>
    /// <param name="pieces">What is placed.</param>
    /// <param name="widthMm">Width of the sheet, mm.</param>
    /// <param name="rules">Margins; nothing is turned.</param>
    public static double ShelfLengthMm(IReadOnlyList<NestPart> pieces, double widthMm, NestRules rules)
    {
        ArgumentNullException.ThrowIfNull(pieces);
        ArgumentNullException.ThrowIfNull(rules);
        var slack = rules.EdgeMm - rules.MarginMm / 2;
        var (x, shelf, length) = (0.0, 0.0, 0.0);
        foreach (var box in pieces.Select(p => p.Ground.EnvelopeInternal).OrderByDescending(b => b.Height))
        {
            var (w, h) = (box.Width + rules.MarginMm, box.Height + rules.MarginMm);
            if (x + w > widthMm - 2 * slack && x > 0)
                (x, length, shelf) = (0, length + shelf, 0);
            (x, shelf) = (x + w, Math.Max(shelf, h));
        }

        return length + shelf + 2 * slack;
    }

    private static List<int[]> Orders(IReadOnlyList<NestPart> pieces)
    {
        int[] By(Func<NestPart, double> size) =>
            [.. Enumerable.Range(0, pieces.Count).OrderByDescending(i => size(pieces[i])).ThenBy(i => i)];
        return
        [
            By(p => Math.Max(p.Ground.EnvelopeInternal.Width, p.Ground.EnvelopeInternal.Height)),
            By(p => p.Ground.EnvelopeInternal.Area),
            By(p => p.Ground.Area),
            By(p => p.Ground.EnvelopeInternal.Height),
            By(p => p.Ground.EnvelopeInternal.Width),
            By(p => p.Ground.EnvelopeInternal.Width + p.Ground.EnvelopeInternal.Height),
        ];
    }

    private sealed class Search(Func<NestProgress, bool> told, long effort)
    {
        private readonly Random _chance = new(Seed);
        private long _before;
        private double _told;

        public NestLayout? Best { get; private set; }

        public int[]? BestOrder { get; private set; }

        public bool Stopped { get; private set; }

        public void Run(IPacking packing, IEnumerable<int[]> orders, long until)
        {
            (NestLayout Layout, int[] Order)? here = null;
            void Try(int[] order)
            {
                var layout = packing.Pack(order);
                if (here is not { } h || !h.Layout.IsBetterThan(layout))
                    here = (layout, order);
                if (layout.IsBetterThan(Best))
                    (Best, BestOrder) = (layout, order);
                var share = Math.Min(1, (_before + packing.Effort) / (double)effort);
                if (ReferenceEquals(layout, Best) || share > _told + 0.02)
                {
                    _told = share;
                    Stopped |= !told(new NestProgress(share, Best!));
                }
            }

            foreach (var order in orders)
            {
                if (!Stopped)
                    Try(order);
            }

            while (!Stopped && packing.Effort + _before < until && here!.Value.Order.Length > 1)
                Try(Changed(here.Value.Order));
            _before += packing.Effort;
        }

        /// <summary>Two pieces swapped, or one taken forward.</summary>
        private int[] Changed(int[] order)
        {
            var next = (int[])order.Clone();
            var (a, b) = (_chance.Next(next.Length), _chance.Next(next.Length));
            if (_chance.Next(2) == 0)
            {
                (next[a], next[b]) = (next[b], next[a]);
                return next;
            }

            var (from, to) = (Math.Max(a, b), Math.Min(a, b));
            var piece = next[from];
            Array.Copy(next, to, next, to + 1, from - to);
            next[to] = piece;
            return next;
        }
    }
}
