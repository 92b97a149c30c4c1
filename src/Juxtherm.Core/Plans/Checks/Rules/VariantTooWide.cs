using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A name of the run that is larger than the sample word, and than plate, cutter or garment.</summary>
public sealed class VariantTooWide : ILayerRule
{
    private const double ToleranceMm = 2;
    private const double SmallestLettersMm = 3;

    /// <inheritdoc/>
    public string Code => "variant-too-wide";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (layer.Layer.Words is not { FromNames: true } words || !plan.Job.Names.Any())
            return null;
        var variants = plan.Job.Names.DistinctBy(n => (n.Name, n.Size, n.WidthMm))
            .Select(n => Variant.Of(n, words, layer.Layer, plan.Job.Memory)).OfType<Variant>().ToList();
        if (variants.Count == 0)
            return null;
        var limits = new Limits(plan, layer.Layer);
        var wrong = variants.Where(limits.Crosses).ToList();
        if (wrong.Count == 0)
            return null;
        // What lies off its garment is worst, then what is widest.
        var worst = wrong.OrderByDescending(limits.Item).ThenByDescending(v => v.Box.WidthMm).First();
        var others = wrong.Count == 1
            ? "" : plan.Words.Say("variant-too-wide.others", ("wrong", wrong.Count - 1), ("variants", variants.Count),
                ("wrong2", wrong.Count));
        var fits = limits.HeightForAll(variants, words.HeightMm);
        var how = fits is { } mm ? plan.Words.Say("variant-too-wide.how", ("mm", Thing.Mm(mm)), ("variants", variants.Count)) : "";
        return this.Say(layer, wrong.Exists(limits.Item)
            ? NoticeLevel.Stop : wrong.TrueForAll(limits.OnlyTheUsualCutter) ? NoticeLevel.Note : NoticeLevel.Caution,
            plan.Words.Say("variant-too-wide.found", ("worst", worst.Name.Name), ("width", Thing.Mm(worst.Box.WidthMm)),
                ("inWords", limits.InWords(worst, layer.Layer)), ("others", others), ("how", how)),
            plan.Words.Say("variant-too-wide.found-why"),
            [("width", worst.Box.WidthMm, "mm"), ("tooLarge", wrong.Count, "1"), .. fits is { } height
                ? [("fits", height, "mm")] : Array.Empty<(string, double, string)>()]) with
        {
            Remedies = fits is { } letters
            ? [new Remedy(plan.Words.Say("variant-too-wide.text", ("letters", Thing.Mm(letters))),
                [JobEdit.To($"/layers/{layer.Layer.At}/word/heightMm", letters), .. Resized(layer.Layer, letters / words.HeightMm)])] : [],
        };
    }

    /// <summary>The sample word shrinks with the letters, its middle and the line it stands on kept.</summary>
    private static IEnumerable<JobEdit> Resized(JobLayer layer, double factor)
    {
        if (layer.WidthMm is not { } w || layer.HeightMm is not { } h)
            yield break;
        yield return JobEdit.To($"/layers/{layer.At}/widthMm", Math.Round(w * factor, 3));
        yield return JobEdit.To($"/layers/{layer.At}/heightMm", Math.Round(h * factor, 3));
        if (layer.XMm is { } x && layer.YMm is { } y)
        {
            yield return JobEdit.To($"/layers/{layer.At}/xMm", Math.Round(x + w * (1 - factor) / 2, 3));
            yield return JobEdit.To($"/layers/{layer.At}/yMm", Math.Round(y + h * (1 - factor), 3));
        }
    }

    /// <summary>A name as it would lie where the sample word lies.</summary>
    private sealed record Variant(PieceEntry Name, Box Box)
    {
        public static Variant? Of(PieceEntry name, Lettering words, JobLayer layer, WorkMemory memory)
        {
            if (LetterShapes.SizeOf(name.In(words, memory), memory) is not { } size)
                return null;
            return new Variant(name, layer.Box is { } b
                ? b.Standing(size.WidthMm, size.HeightMm)
                : new Box(0, 0, size.WidthMm, size.HeightMm));
        }

        /// <summary>With all letters so much larger; a name that has a width of its own keeps it.</summary>
        public Variant Scaled(double factor) => Name.WidthMm is not null ? this : this with
        {
            Box = new Box(Box.XMm + Box.WidthMm * (1 - factor) / 2, Box.YMm + Box.HeightMm * (1 - factor), Box.WidthMm * factor,
                Box.HeightMm * factor),
        };
    }

    /// <summary>What a name has to fit.</summary>
    private sealed class Limits(PlanContext plan, JobLayer layer)
    {
        private readonly Dictionary<string, NetTopologySuite.Geometries.Geometry> _areas = new(StringComparer.Ordinal);
        private readonly Lazy<bool> _sampleIsBeyond = new(() => layer.Box is { } box
            && plan.Job.Blank.Faces.TryGetValue(layer.Face, out var shape) && !Free(shape).Covers(Shapes.Polygon(box)));

        /// <summary>It does not lie under the plate at once, where the sample word does.</summary>
        public bool Press(Variant variant)
        {
            var (tools, form) = (plan.Job.Tools, plan.Work.Form);
            if (form.Shape != FaceShape.Flat || tools.Source.HotAirWm2K is not null)
                return false;
            return !JobSections.PlateOf(tools).Takes(variant.Box.WidthMm, variant.Box.HeightMm);
        }

        /// <summary>It does not go through the cutter at once.</summary>
        public bool Cutter(Variant variant) =>
            plan.Job.Tools.Cutter is { } cutter
            && !Cutting.Splitting.Fits(variant.Box.WidthMm, variant.Box.HeightMm, LayerSplit.RulesOf(layer.Vinyl, cutter));

        /// <summary>It does not lie on its garment.</summary>
        public bool Item(Variant variant) => Beyond(variant, "cloth", shape => shape.Whole(ToleranceMm));

        /// <summary>It reaches beyond where its garment lies flat, which the sample word does not.</summary>
        public bool Flat(Variant variant) => !_sampleIsBeyond.Value && Beyond(variant, "flat", Free);

        /// <summary>It crosses a limit.</summary>
        public bool Crosses(Variant variant) => Press(variant) || Cutter(variant) || Item(variant) || Flat(variant);

        /// <summary>Nothing is wrong but that it is too large for the cutter that is assumed while nobody says which.</summary>
        public bool OnlyTheUsualCutter(Variant variant) =>
            plan.Job.Tools.Cutter is { Said: false } && !Press(variant) && !Item(variant) && !Flat(variant);

        private static NetTopologySuite.Geometries.Geometry Free(BlankShape shape) => Shapes.Polygon(shape.FreeArea).Buffer(ToleranceMm);

        private bool Beyond(Variant variant, string what, Func<BlankShape, NetTopologySuite.Geometries.Geometry> within)
        {
            if (layer.Box is null || Shape(variant) is not { } shape)
                return false;
            var key = $"{what} {shape.Size}";
            var area = _areas.TryGetValue(key, out var known) ? known : _areas[key] = within(shape);
            // On another size it keeps its place by the middle.
            var box = variant.Box with { XMm = variant.Box.XMm + shape.MiddleX - plan.Job.Blank.Faces[layer.Face].MiddleX };
            return !area.Covers(Shapes.Polygon(box));
        }

        /// <summary>What is wrong with one.</summary>
        public string InWords(Variant variant, JobLayer of)
        {
            var said = new List<string>();
            if (Item(variant) || Flat(variant))
                said.Add(plan.Words.Say("limits.in-words", ("form", plan.Work.Form.Name),
                    ("size", variant.Name.Size is { } size ? plan.Words.Say("limits.in-words.size", ("size", size)) : "")));
            if (Press(variant))
                said.Add(Goes(variant, of) is > 1 and var goes
                    ? plan.Words.Say("limits.in-words-2", ("goes", goes)) : plan.Words.Say("limits.in-words-3"));
            if (Cutter(variant))
                said.Add(Parts(variant, of) is > 1 and var parts
                    ? plan.Words.Say("limits.in-words-4", ("parts", parts)) : plan.Words.Say("limits.in-words-5"));
            return string.Join(", ", said);
        }

        /// <summary>The letters' height at which every name fits, in whole mm; null where none does.</summary>
        public double? HeightForAll(List<Variant> variants, double heightMm)
        {
            bool Fit(double mm) => variants.TrueForAll(v => !Crosses(v.Scaled(mm / heightMm)));
            var (low, high) = ((int)SmallestLettersMm, (int)Math.Floor(heightMm));
            if (low >= high || !Fit(low))
                return null;
            while (low < high)
            {
                var middle = (low + high + 1) / 2;
                (low, high) = Fit(middle) ? (middle, high) : (low, middle - 1);
            }

            return low;
        }

        private BlankShape? Shape(Variant variant) =>
            variant.Name.Size is { } size && plan.Job.Blank.InSize.TryGetValue(size, out var faces)
            ? faces[layer.Face] : plan.Job.Blank.Faces.GetValueOrDefault(layer.Face);

        private int? Goes(Variant variant, JobLayer of) => of.Box is null || Set(variant, of) is not { } set ? null
            : JobSections.Of(plan.Job with { Layers = [.. plan.Job.Layers.Select(l => l.Id == of.Id ? set : l)] }, of.Face,
                [of.Id]).Plan?.Sections.Count;

        private int? Parts(Variant variant, JobLayer of) =>
            plan.Job.Tools.Cutter is { } cutter && Set(variant, of) is { } set ? LayerSplit.Of(set, cutter, plan.Job.Memory)?.Parts : null;

        private JobLayer? Set(Variant variant, JobLayer of) =>
            LetterShapes.Set(variant.Name.In(of.Words!, plan.Job.Memory)).Shape is { } shape
            ? of with
            {
                Shape = shape,
                WidthMm = variant.Box.WidthMm,
                HeightMm = variant.Box.HeightMm,
                XMm = variant.Box.XMm,
                YMm = variant.Box.YMm
            }
            : null;
    }
}
