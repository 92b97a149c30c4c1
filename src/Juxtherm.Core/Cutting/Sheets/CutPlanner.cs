using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Nesting;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>How far laying out has come.</summary>
/// <param name="Share">Share of the work, 0 to 1.</param>
/// <param name="LengthMm">Length of what is being laid out, as short as it is so far, mm.</param>
public sealed record CutProgress(double Share, double LengthMm);

/// <summary>Lays a job out on sheets, both ways, from what is on hand.</summary>
/// <param name="catalogue">The catalogue.</param>
public sealed class CutPlanner(CatalogueSnapshot catalogue)
{
    // More than this is laid out in batches, one after the other.
    private const int MostTogether = 100;
    private const int FewPieces = 25;
    private const double BoxEffortShare = 0.05;

    // Few pieces have few orders to try.
    private const long EffortPerPiece = 600_000;

    /// <summary>Lays a job out.</summary>
    /// <param name="job">The job.</param>
    /// <param name="stock">What is on hand, with the length that is free.</param>
    /// <param name="presets">The workshop's own presets by vinyl id for this job's cutter.</param>
    /// <param name="words">Writes figures in the reader's units.</param>
    /// <param name="told">Hears how far it is; returns false to stop with the best so far.</param>
    /// <param name="matches">Which colours on the shelf somebody has said are, or are not, those that artwork asks for.</param>
    public CutPlan Plan(Job job, IReadOnlyList<VinylStock> stock, IReadOnlyDictionary<string, CutPreset> presets, IWords words,
        Func<CutProgress, bool>? told = null, IReadOnlyList<ColourMatch>? matches = null)
    {
        ArgumentNullException.ThrowIfNull(job);
        var figures = catalogue.Work.Cutting;
        var (setup, margin) = (SetupOf(job), MarginOf(job));
        var bench = new LayingOut(job, setup, catalogue.Work, stock, presets, margin, told
            ?? (_ => true), new StockColours(stock, matches ?? []));
        var inPlace = bench.Lay(SheetLayout.InPlace, 0, BoxEffortShare);
        var nested = bench.Lay(SheetLayout.Nested, BoxEffortShare, 1);
        var saved = inPlace.UsedMm2 > 0 ? Math.Max(0, 100 * (1 - nested.UsedMm2 / inPlace.UsedMm2)) : 0;
        var above = job.Cut.NestAbovePercent ?? figures.NestAbovePercent.Value;
        var minutes = Math.Max(0, nested.HandSeconds - inPlace.HandSeconds);
        var free = minutes <= 0 && saved >= 1;
        var advised = saved >= above || free ? SheetLayout.Nested : SheetLayout.InPlace;
        var less = words.Say(Thing.Mm(Math.Max(0, inPlace.LengthMm - nested.LengthMm)));
        var reason = (advised, free, saved < 1) switch
        {
            (SheetLayout.Nested, true, _) => words.Say("cut-planner.plan-reason.else", ("saved", saved), ("less", less)),
            (SheetLayout.Nested, _, _) =>
                words.Say("cut-planner.plan-reason.else-2", ("saved", saved), ("less", less), ("minutes", Thing.Seconds(minutes)),
                    ("above", above)),
            (_, _, true) => words.Say("cut-planner.plan-reason.true", ("above", above)),
            _ => words.Say("cut-planner.plan-reason.else-3", ("saved", saved), ("minutes", Thing.Seconds(minutes)), ("above", above)),
        };
        var layout = job.Cut.Layout ?? advised;
        var chosen = layout == SheetLayout.Nested ? nested : inPlace;
        return new CutPlan(
            layout, advised, reason, Math.Round(saved, 1), [inPlace, nested], setup.Cutter.Name, setup.WidthMm, setup.LengthMm,
            setup.Matless, margin,
            CutNotices.Of(job, setup, figures, chosen, bench.NotCut, words));
    }

    /// <summary>Lays a job out as its artwork lies, without a search: how many mats there are, and how long they take.</summary>
    /// <param name="job">The job.</param>
    /// <param name="stock">What is on hand, with the length that is free.</param>
    public CutLayout InPlace(Job job, IReadOnlyList<VinylStock> stock)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(stock);
        // From nothing on hand it is asked for by the ticket, the price and the day: laid out once.
        return stock.Count == 0 ? job.Memory.Of(job, InPlaceKey.Only, () => LaidInPlace(job, stock)) : LaidInPlace(job, stock);
    }

    private CutLayout LaidInPlace(Job job, IReadOnlyList<VinylStock> stock)
    {
        var setup = SetupOf(job);
        var presets = new Dictionary<string, CutPreset>(StringComparer.Ordinal);
        var bench = new LayingOut(job, setup, catalogue.Work, stock, presets, MarginOf(job), _ => true, new StockColours(stock, []));
        return bench.Lay(SheetLayout.InPlace, 0, 1);
    }

    private CutterSetup SetupOf(Job job) => job.Tools.Cutter
        ?? CutterSetup.Of(catalogue.Cutters[ReferencePractice.Cutter], null, null, matless: false, said: false, catalogue.Work.Cutting);

    private double MarginOf(Job job) => job.Cut.MarginMm ?? catalogue.Work.Cutting.MarginMm.Value;

    private sealed record InPlaceKey
    {
        public static InPlaceKey Only { get; } = new();
    }

    /// <summary>One job on one cutter, laid out one way after the other.</summary>
    private sealed class LayingOut(
        Job job, CutterSetup setup, WorkFigures work, IReadOnlyList<VinylStock> stock, IReadOnlyDictionary<string, CutPreset> presets,
        double margin, Func<CutProgress, bool> told, StockColours colours)
    {
        private readonly CuttingFigures _figures = work.Cutting;
        private readonly CutUnits _units = new(job, setup, work.Cutting, margin);
        private bool _stopped;
        private readonly HashSet<string> _notPlaced = new(StringComparer.Ordinal);
        private int _unitsInAll = 1;

        public IReadOnlyList<string> NotCut => _units.NotCut;

        public CutLayout Lay(SheetLayout layout, double from, double to)
        {
            var lists = _units.Of(layout);
            var all = lists.Sum(l => l.Units.Count);
            _unitsInAll = Math.Max(1, all);
            _notPlaced.Clear();
            var done = 0;
            var laid = new List<CutList>();
            foreach (var list in lists)
            {
                var (start, end) = (from + (to - from) * done / all, from + (to - from) * (done + list.Units.Count) / all);
                laid.Add(Lay(list, layout, start, end));
                done += list.Units.Count;
            }

            var artwork = lists.SelectMany(l => l.Units).Count(u => u.Kind == CutUnitKind.Artwork);
            // One piece of each vinyl is laid anyway; every further one has to be found its place by hand.
            var loose = Math.Max(0,
                artwork - lists.Sum(l => l.Units.Where(u => u.Kind == CutUnitKind.Artwork).Select(u => u.Garment).Distinct().Count()));
            var sheets = laid.SelectMany(l => l.Sheets).ToList();
            var used = laid.Sum(l => l.Sheets.Sum(s => s.UsedLengthMm * s.WidthMm));
            var vinyl = sheets.Sum(s => s.VinylMm2);
            return new CutLayout(
                layout, laid, Math.Round(sheets.Sum(s => s.UsedLengthMm), 1), Math.Round(vinyl), Math.Round(used), used > 0
                ? Math.Round(100 * (1 - vinyl / used), 1) : 0, sheets.Count, sheets.Sum(s => s.CutSeconds),
                Math.Round(sheets.Count * _figures.LoadMatSeconds.Value + loose * _figures.AlignSeconds.Value), loose, Cost(laid))
            { NotPlaced = [.. _notPlaced.Order(StringComparer.Ordinal)] };
        }

        private CutList Lay(UnitList list, SheetLayout layout, double from, double to)
        {
            var vinyl = list.Vinyl;
            var mirrored = vinyl.Cut.Mirrored.Value;
            var preset = presets.TryGetValue(vinyl.Id, out var own) ? own : CutPreset.Of(vinyl, setup.Cutter);
            var fitting = Fitting(list).ToList();
            var supply = new SheetSupply(fitting, setup, _figures, vinyl.Cut.Directional.Value);
            var shapes = SheetBuilder.Shapes(list.Units);
            var sheets = new List<CutSheet>();
            var (uses, back) = (new List<StockUse>(), new List<ComesBack>());
            var cut = new List<(CutSheet Sheet, LoadableSheet Source)>();
            var missing = 0.0;
            var batches = list.Units.Chunk(MostTogether).ToList();
            for (var b = 0; b < batches.Count; b++)
            {
                var (start, end) = (from + (to - from) * b / batches.Count, from + (to - from) * (b + 1) / batches.Count);
                foreach (var (sheet, source) in Batch(batches[b], supply, layout, vinyl, mirrored, start, end))
                {
                    var finished = Timed(sheet with { Number = sheets.Count + 1 }, shapes, preset, vinyl);
                    sheets.Add(finished);
                    if (source.From is not { } stocked)
                    {
                        missing += finished.UsedLengthMm;
                        continue;
                    }

                    cut.Add((finished, source));
                    // A roll is cut off as needed; a sheet or offcut is taken whole, once.
                    if (stocked.Kind == StockKind.Roll)
                        Take(uses, stocked, finished.UsedLengthMm);
                    else if (uses.TrueForAll(u => u.StockId != stocked.Id))
                        Take(uses, stocked, stock.First(s => s.Id == stocked.Id).LengthMm);
                }
            }

            back.AddRange(cut.GroupBy(c => c.Source.From!.Id, StringComparer.Ordinal)
                .SelectMany(of => Leftovers([.. of]).Select(left => new ComesBack(of.Key, left))));

            var length = sheets.Sum(s => s.UsedLengthMm);
            var free = fitting.Where(s => s.Kind == StockKind.Roll).Sum(s => s.LengthMm) - uses.Where(u => u.Kind == StockKind.Roll)
                .Sum(u => u.LengthMm);
            return new CutList(
                list.Id, vinyl.Id, vinyl.Name, list.Colour, mirrored, vinyl.Cut.Directional.Value, preset, shapes, sheets, uses, back,
                Math.Round(missing, 1),
                fitting.Count == 0 || length <= 0 ? null : (int)Math.Floor(Math.Max(0, free) / length), OnHand(vinyl, sheets))
            {
                ColourName = colours.NameOf(vinyl.Id, list.Colour),
                Ask = job.Cut.Stock.ContainsKey(list.Id) ? null : colours.Ask(vinyl.Id, list.Colour),
            };
        }

        private IEnumerable<VinylStock> Fitting(UnitList list) => job.Cut.Stock.TryGetValue(list.Id, out var ids)
            ? stock.Where(s => s.Vinyl == list.Vinyl.Id && ids.Contains(s.Id, StringComparer.Ordinal))
            : stock.Where(s => s.Vinyl == list.Vinyl.Id && s.LengthMm > 0 && colours.IsSame(list.Vinyl.Id, list.Colour, s.Colour));

        private IEnumerable<(CutSheet Sheet, LoadableSheet Source)> Batch(
            CutUnit[] units, SheetSupply supply, SheetLayout layout, Vinyl vinyl, bool mirrored, double from, double to)
        {
            var pieces = units.Select(u => new NestPart(u.Key, SheetBuilder.Over(u.Kept, mirrored), layout == SheetLayout.InPlace))
                .ToList();
            var sheets = supply.Sheets(units.Length, pieces.Select(p => p.Ground.EnvelopeInternal)
                .Max(b => vinyl.Cut.Directional.Value ? b.Width : Math.Min(b.Width, b.Height)));
            var turns = vinyl.Cut.Directional.Value
                ? NestRules.Upright : units.Length <= FewPieces && layout == SheetLayout.Nested ? NestRules.Eighths : NestRules.Quarters;
            var rules = new NestRules(margin, EdgeFor(pieces, sheets, vinyl.Cut.Directional.Value), turns);
            var found = Nest.Find(pieces, [.. sheets.Select(s => s.Sheet)], rules, p =>
            {
                _stopped |= !told(new CutProgress(Math.Round(from + (to - from) * p.Share, 3), Math.Round(p.Best.SheetLengthsMm.Sum(), 1)));
                return !_stopped;
            }, _stopped ? 0 : Math.Min(EffortPerPiece * units.Length, Nest.UsualEffort / _unitsInAll * units.Length));
            foreach (var left in found.LeftOver)
                _notPlaced.UnionWith(units[left].Layers);
            for (var s = 0; s < sheets.Count; s++)
            {
                var used = found.SheetLengthsMm[s];
                if (used <= 0)
                    continue;
                supply.Use(sheets[s], used);
                var sheet = sheets[s].Sheet;
                yield return (new CutSheet(
                    0, sheets[s].From?.Id, sheet.WidthMm, sheet.LengthMm, sheet.CornerWidthMm, sheet.CornerLengthMm, sheets[s].Turned,
                    Math.Round(used, 2),
                    SheetBuilder.Laid(units, found.Places.Where(p => p.Sheet == s), mirrored), 0, 0, 0, 0), sheets[s]);
            }
        }

        /// <summary>What is left free along the edges: nothing where a piece is as wide or as long as the sheet, which is then laid to the
        /// mark.</summary>
        private double EdgeFor(List<NestPart> pieces, List<LoadableSheet> sheets, bool directional)
        {
            var edge = _figures.EdgeMm.Value;
            bool Lies(Envelope piece, NestSheet on, double free) =>
                Splitting.Fits(piece.Width, piece.Height,
                    new SplitRules(on.WidthMm - 2 * free, on.LengthMm - 2 * free, !directional, 0, 0));
            var whole = sheets.Where(s => s.From?.Kind != StockKind.Offcut).Select(s => s.Sheet).ToList();
            return pieces.Select(p => p.Ground.EnvelopeInternal).Any(p => whole.Exists(on => Lies(p, on, 0) && !Lies(p, on, edge)))
                ? 0 : edge;
        }

        private CutSheet Timed(CutSheet sheet, IReadOnlyDictionary<string, UnitShape> shapes, CutPreset preset, Vinyl vinyl)
        {
            var (length, seconds) = CutTime.Of(sheet.Strokes(shapes), preset, setup.Cutter);
            var on = sheet.Units.Select(u => shapes[u.Shape]).ToList();
            var weed = Weeding.SecondsOf(vinyl, work.Weeding, on.Sum(s => s.Centres.Count), on.Sum(s => s.Pieces),
                on.Sum(s => s.PerimeterMm), on.Sum(s => s.Delicate.Count));
            return sheet
                with
            {
                VinylMm2 = Math.Round(on.Sum(s => s.AreaMm2), 1),
                PathMm = Math.Round(length, 1),
                CutSeconds = Math.Round(seconds),
                WeedSeconds = weed
            };
        }

        /// <summary>What is worth keeping of one roll, sheet or offcut, after all that was cut from it.</summary>
        private IEnumerable<Remainder> Leftovers(List<(CutSheet Sheet, LoadableSheet Source)> cut)
        {
            var from = cut[0].Source.From!;
            if (from.Kind == StockKind.Roll || cut.Count == 1)
                return cut.Select(c => Left(c.Sheet, c.Source)).OfType<Remainder>();
            var used = cut.Sum(c => c.Sheet.UsedLengthMm);
            return Remainder.Of(from.WidthMm, stock.First(s => s.Id == from.Id).LengthMm, new Box(0, 0, from.WidthMm, used), 0, 0,
                _figures.SmallestOffcutMm.Value) is { } rest ? [rest] : [];
        }

        private Remainder? Left(CutSheet sheet, LoadableSheet source)
        {
            var edge = _figures.EdgeMm.Value;
            var right = Math.Min(source.WidthMm, sheet.Units.Max(u => u.Box.XMm + u.Box.WidthMm) + edge);
            var roll = source.From!.Kind == StockKind.Roll;
            var length = roll ? sheet.UsedLengthMm : source.Turned ? source.From.WidthMm : source.From.LengthMm;
            return Remainder.Of(source.WidthMm, length, new Box(0, 0, right, sheet.UsedLengthMm), sheet.CornerWidthMm, sheet.CornerLengthMm,
                _figures.SmallestOffcutMm.Value);
        }

        private static void Take(List<StockUse> uses, VinylStock from, double mm)
        {
            var at = uses.FindIndex(u => u.StockId == from.Id);
            if (at < 0)
                uses.Add(new StockUse(from.Id, from.Label, from.Kind, Math.Round(mm, 2)));
            else
                uses[at] = uses[at] with { LengthMm = Math.Round(uses[at].LengthMm + mm, 2) };
        }

        private double? Cost(List<CutList> lists)
        {
            var sum = 0.0;
            foreach (var sheet in lists.SelectMany(l => l.Sheets))
            {
                if (stock.FirstOrDefault(s => s.Id == sheet.StockId)?.PriceOf(sheet.UsedLengthMm * sheet.WidthMm) is not { } price)
                    return null;
                sum += price;
            }

            return Math.Round(sum, 2);
        }

        private IReadOnlyList<ColourOnHand> OnHand(Vinyl vinyl, List<CutSheet> sheets)
        {
            var (length, width) = (sheets.Sum(s => s.UsedLengthMm), sheets.Select(s => s.WidthMm).DefaultIfEmpty(0).Max());
            var widest = sheets.SelectMany(s => s.Units).Select(u => u.Box.WidthMm).DefaultIfEmpty(0).Max();
            return
            [
                .. stock.Where(s => s.Vinyl == vinyl.Id && s.LengthMm > 0).GroupBy(s => s.Colour.ToLowerInvariant(), StringComparer.Ordinal)
                    .Select(g => new ColourOnHand(
                        g.Key, g.Select(s => s.ColourName).FirstOrDefault(n => n.Length > 0) ?? "", Math.Round(g.Sum(s => s.LengthMm), 1),
                        g.Any(s => s.WidthMm >= widest && s.LengthMm * Math.Min(s.WidthMm, width) >= length * width)))
                    .OrderByDescending(c => c.Enough).ThenByDescending(c => c.LengthMm),
            ];
        }
    }
}
