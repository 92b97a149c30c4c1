using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Cutting;

/// <summary>How what is too large is split.</summary>
/// <param name="WidthMm">A part is no wider than this, mm.</param>
/// <param name="LengthMm">And no longer than this, mm.</param>
/// <param name="Turnable">A part may be turned by a quarter to fit.</param>
/// <param name="OverlapMm">How far parts of one piece lie over each other, mm; 0 for edge to edge.</param>
/// <param name="MarkMm">Size of the marks to lay it by, mm; 0 for none.</param>
internal sealed record SplitRules(double WidthMm, double LengthMm, bool Turnable, double OverlapMm, double MarkMm);

/// <summary>
/// Splits artwork that the cutter cannot cut at once: between pieces where there are gaps, otherwise along a line through the
/// vinyl that keeps clear of fine places. The parts put together again are the artwork.
/// </summary>
internal static class Splitting
{
    private const double MarkGapMm = 3;
    private const double Hair = 1e-6;
    private const int MostParts = 60;

    /// <summary>How far a seam may lie from where the parts would be alike, share of the greatest width.</summary>
    private const double Sway = 0.15;

    /// <summary>Splits artwork.</summary>
    /// <param name="ground">The artwork, mm.</param>
    /// <param name="rules">How.</param>
    /// <param name="delicate">Places to keep clear of.</param>
    /// <returns>The split; null when it would come to more parts than anybody lays.</returns>
    public static SplitPlan? Of(Ground ground, SplitRules rules, IReadOnlyList<DelicatePlace> delicate)
    {
        var bounds = ground.EnvelopeInternal;
        if (Fits(bounds.Width, bounds.Height, rules))
            return new SplitPlan([new SplitPart(1, ground, [])], []);
        // Marks reach past a seam by half their size; where none is needed across, nothing is kept free for them.
        double Room(double size, double limit) => size <= limit + Hair ? limit : limit - 2 * rules.MarkMm;
        var upright = (W: Room(bounds.Width, rules.WidthMm), L: Room(bounds.Height, rules.LengthMm));
        var lying = (W: Room(bounds.Width, rules.LengthMm), L: Room(bounds.Height, rules.WidthMm));
        if (Math.Min(rules.WidthMm, rules.LengthMm) < 3 * rules.MarkMm)
            return null;
        double Count((double W, double L) room) => Math.Ceiling(bounds.Width / room.W - Hair) * Math.Ceiling(bounds.Height / room.L - Hair);
        var (width, length) = rules.Turnable && Count(lying) < Count(upright) ? lying : upright;
        if (Count((width, length)) > MostParts)
            return null;
        var across = Across(ground, width, rules.OverlapMm, delicate);
        var parts = new List<Ground>();
        var joints = new List<Joint>(across.Joints);
        foreach (var strip in across.Parts)
        {
            if (strip.EnvelopeInternal.Height <= length + Hair)
            {
                parts.Add(strip);
                continue;
            }

            // The same again, lying on its side.
            var rows = Across(Lying(strip), length, rules.OverlapMm, [.. delicate.Select(d => d with { XMm = d.YMm, YMm = d.XMm })]);
            parts.AddRange(rows.Parts.Select(Lying));
            joints.AddRange(rows.Joints.Select(j => j with { Line = [.. j.Line.Select(p => new Spot(p.Y, p.X))] }));
        }

        var marks = rules.MarkMm > 0 ? joints.SelectMany(j => MarksOf(j, rules.MarkMm)).ToList() : [];
        return new SplitPlan([.. parts.Select((p, i) => new SplitPart(i + 1, p, MarksBeside(p, marks, rules)))], joints);
    }

    /// <summary>Whether a box goes through the cutter.</summary>
    public static bool Fits(double widthMm, double heightMm, SplitRules rules) =>
        (widthMm <= rules.WidthMm + Hair && heightMm <= rules.LengthMm + Hair)
        || (rules.Turnable && heightMm <= rules.WidthMm + Hair && widthMm <= rules.LengthMm + Hair);

    /// <summary>Parts from left to right, none wider than a width.</summary>
    private static (List<Ground> Parts, List<Joint> Joints) Across(Ground ground, double width, double overlap,
        IReadOnlyList<DelicatePlace> delicate)
    {
        var joints = new List<Joint>();
        var pieces = new List<Ground>();
        var waiting = new Stack<Ground>(Plane.Parts(ground).OrderByDescending(p => p.EnvelopeInternal.MinX));
        while (waiting.TryPop(out var piece))
        {
            var bounds = piece.EnvelopeInternal;
            if (bounds.Width <= width + Hair)
            {
                pieces.Add(piece);
                continue;
            }

            var (left, right, seam) = Cut(piece, bounds, width, overlap, delicate);
            joints.Add(seam);
            pieces.AddRange(Plane.Parts(left));
            foreach (var rest in Plane.Parts(right))
                waiting.Push(rest);
        }

        // Pieces that lie within one width go together, from the left.
        var parts = new List<(Ground Ground, Envelope Box)>();
        foreach (var piece in pieces.OrderBy(p => p.EnvelopeInternal.MinX).ThenBy(p => p.EnvelopeInternal.MaxX))
        {
            var box = piece.EnvelopeInternal;
            var home = parts.FindIndex(p => Math.Max(p.Box.MaxX, box.MaxX) - Math.Min(p.Box.MinX, box.MinX) <= width + Hair
                && (overlap <= 0
                    || !Plane.Parts(p.Ground)
                    .Any(q => q.EnvelopeInternal.Intersects(box) && q.Intersects(piece) && q.Intersection(piece).Area > Hair)));
            if (home < 0)
                parts.Add((piece, box.Copy()));
            else
                parts[home] = (Plane.Of([.. Plane.Parts(parts[home].Ground), .. Plane.Parts(piece)]), Joined(parts[home].Box, box));
        }

        for (var i = 1; i < parts.Count; i++)
        {
            // Parts that no seam joins meet in a gap.
            var (one, two) = (parts[i - 1], parts[i]);
            if (joints.Exists(j => Touches(j, one.Ground) && Touches(j, two.Ground)))
                continue;
            var x = (one.Box.MaxX + two.Box.MinX) / 2;
            var all = ground.EnvelopeInternal;
            joints.Add(new Joint(JointKind.Gap, [new Spot(x, all.MinY), new Spot(x, all.MaxY)], 0));
        }

        return (parts.ConvertAll(p => p.Ground), joints);
    }

    private static (Ground Left, Ground Right, Joint Seam) Cut(Ground piece, Envelope bounds, double width, double overlap,
        IReadOnlyList<DelicatePlace> delicate)
    {
        // As few parts as can be, about alike; the seam may lie wherever none of them becomes too wide.
        var parts = Math.Ceiling((bounds.Width - overlap) / (width - overlap) - Hair);
        var even = bounds.MinX + bounds.Width / parts;
        var lowest = Math.Max(bounds.MaxX - (parts - 1) * (width - overlap), even - Sway * width);
        var highest = Math.Min(bounds.MinX + width, even + Sway * width);
        var line = SeamPath.Find(piece, lowest, Math.Max(lowest, highest), delicate);
        var beyond = bounds.Width + bounds.Height;
        Ground Left(double shift) => Plane.Factory.CreatePolygon(
        [
            new Coordinate(bounds.MinX - beyond, line[0].Y - beyond), new Coordinate(line[0].X + shift, line[0].Y - beyond),
            .. line.Select(p => new Coordinate(p.X + shift, p.Y)), new Coordinate(line[^1].X + shift, line[^1].Y + beyond),
            new Coordinate(bounds.MinX - beyond, line[^1].Y + beyond),
            new Coordinate(bounds.MinX - beyond, line[0].Y - beyond),
        ]);
        var seam = piece.Intersection(Plane.Factory.CreateLineString([.. line.Select(p => new Coordinate(p.X, p.Y))])).Length;
        return (Plane.Intersection(piece, Left(0)), Plane.Difference(piece, Left(-overlap)),
            new Joint(overlap > 0 ? JointKind.Overlap : JointKind.Butt, line, seam));
    }

    private static bool Touches(Joint joint, Ground part) =>
        joint.SeamMm > 0 && Plane.Factory.CreateLineString([.. joint.Line.Select(p => new Coordinate(p.X, p.Y))]).IsWithinDistance(part, 2);

    private static Envelope Joined(Envelope a, Envelope b)
    {
        var both = a.Copy();
        both.ExpandToInclude(b);
        return both;
    }

    private static Ground Lying(Ground ground) => new AffineTransformation(0, 1, 0, 1, 0, 0).Transform(ground);

    private static IEnumerable<Ground> MarksOf(Joint joint, double size)
    {
        // One beyond each end of the line, in the line's own direction away from the artwork.
        yield return Mark(joint.Line[0], joint.Line[1], size);
        yield return Mark(joint.Line[^1], joint.Line[^2], size);
    }

    private static Ground Mark(Spot end, Spot before, double size)
    {
        var upright = Math.Abs(end.Y - before.Y) >= Math.Abs(end.X - before.X);
        var away = MarkGapMm + size / 2;
        var (x, y) = upright ? (end.X, end.Y + Math.Sign(end.Y - before.Y) * away) : (end.X + Math.Sign(end.X - before.X) * away, end.Y);
        return Plane.Factory.ToGeometry(new Envelope(x - size / 2, x + size / 2, y - size / 2, y + size / 2));
    }

    /// <summary>Marks that a part carries: those next to it, as far as it still goes through the cutter with them and they lie clear of
    /// it.</summary>
    private static List<Ground> MarksBeside(Ground part, List<Ground> marks, SplitRules rules)
    {
        var near = part.EnvelopeInternal.Copy();
        near.ExpandBy(2 * (MarkGapMm + rules.MarkMm));
        var carried = new List<Ground>();
        var box = part.EnvelopeInternal.Copy();
        foreach (var mark in marks.Where(m => near.Contains(m.EnvelopeInternal)))
        {
            var with = Joined(box, mark.EnvelopeInternal);
            if (!Fits(with.Width, with.Height, rules) || mark.IsWithinDistance(part, MarkGapMm / 2))
                continue;
            box = with;
            carried.Add(mark);
        }

        return carried;
    }
}
