using System.Xml.Linq;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>Walks through a drawing in the order in which it is painted and gathers ground by colour.</summary>
internal sealed class SvgPainter
{
    private const double FinestToleranceMm = 0.0005;
    private const double CoarsestToleranceMm = 0.01;
    private const double PageParts = 20_000;

    private readonly XElement _root;
    private readonly int _all;
    private readonly WorkLimit _budget;
    private readonly StyleSheet _sheet;
    private readonly Dictionary<string, XElement> _byId = new(StringComparer.Ordinal);
    private readonly List<PaintedShape> _painted = [];
    private readonly LeftOut _leftOut = new();
    private readonly SvgPaints _paints;
    private SvgOutlines _outlines = null!;
    private int _walked;
    private Ground _page = Plane.Nothing;

    public SvgPainter(XElement root, WorkLimit budget)
    {
        _root = root;
        _all = 1 + root.Descendants().Count();
        _budget = budget;
        foreach (var element in root.DescendantsAndSelf())
        {
            if ((string?)element.Attribute("id") is { } id)
                _byId.TryAdd(id, element);
        }

        _paints = new SvgPaints(_byId, _leftOut);
        _sheet = new StyleSheet(root.Descendants().Where(e => e.Name.LocalName == "style").Select(e => e.Value));
    }

    public Drawing Paint()
    {
        var (width, height, box) = Page();
        var toMm = AffineTransformation.ScaleInstance(SvgNumbers.PixelMm, SvgNumbers.PixelMm);
        var place = SvgTransforms.Then(SvgTransforms.Fit(box, 0, 0, width, height, (string?)_root.Attribute("preserveAspectRatio")), toMm);
        var (widthMm, heightMm) = (width * SvgNumbers.PixelMm, height * SvgNumbers.PixelMm);
        var tolerance = Math.Clamp(Math.Max(widthMm, heightMm) / PageParts, FinestToleranceMm, CoarsestToleranceMm);
        _outlines = new SvgOutlines(_budget, tolerance, box[2], box[3]);
        _page = Plane.Factory.ToGeometry(new Envelope(0, widthMm, 0, heightMm));
        var style = new SvgStyle().Inside(_root, _sheet);
        if (style.Shown)
            Children(_root, new Place(style, place, _page, 1, 0));

        if (_painted.Count == 0)
            throw new RefusedDrawing(new Phrase("svg-painter.nothing-to-cut", ("inShort", _leftOut.InShort())), "nothing-to-cut");
        // What comes next compares shapes with each other: they too must not be tangled beyond measure.
        _budget.Crossings(_painted.SelectMany(p => Plane.Parts(p.Ground)).SelectMany(p => p.InteriorRings.Prepend(p.ExteriorRing))
            .Select(r => r.Coordinates));
        return new Drawing(widthMm, heightMm, _painted, _leftOut) { SaysReversed = SaidReversed.In(_root) };
    }

    /// <summary>Where and how an element is painted.</summary>
    private sealed record Place(SvgStyle Style, AffineTransformation ToMm, Ground Clip, double Opacity, int Depth);

    private (double Width, double Height, IReadOnlyList<double> Box) Page()
    {
        var box = SvgNumbers.List((string?)_root.Attribute("viewBox"), "viewBox");
        if (box.Count is not (0 or 4) || (box.Count == 4 && (box[2] <= 0 || box[3] <= 0)))
            throw new RefusedDrawing(new Phrase("svg-painter.wrong-type"), "wrong-type");
        double? Side(string name) =>
            (string?)_root.Attribute(name) is { } text && !text.Trim().EndsWith('%')
            ? SvgNumbers.Length(text, 100, $"{name} of the drawing") : null;
        var (w, h) = (Side("width"), Side("height"));
        if (w is <= 0 || h is <= 0)
            throw new RefusedDrawing(new Phrase("svg-painter.out-of-range"), "out-of-range");
        if (box.Count == 4)
            return (w ?? (h is { } high ? high * box[2] / box[3] : box[2]), h ?? (w is { } wide ? wide * box[3] / box[2] : box[3]), box);
        // The usual size of a drawing that says nothing (CSS 2.1, replaced elements).
        var (width, height) = (w ?? 300, h ?? 150);
        return (width, height, [0, 0, width, height]);
    }

    private void Children(XElement parent, Place place)
    {
        foreach (var child in parent.Elements())
            Element(child, place);
    }

    private void Element(XElement element, Place outer)
    {
        _budget.Element();
        Patience.Tell(++_walked, _all);
        if (outer.Depth > SvgReader.Deepest)
            throw new RefusedDrawing(new Phrase("svg-painter.too-large", ("deepest", SvgReader.Deepest)), "too-large");
        var name = element.Name.LocalName;
        if (Passed(name))
            return;
        var style = outer.Style.Inside(element, _sheet);
        if (!style.Shown || style.Opacity * outer.Opacity < SvgPaints.Invisible)
            return;
        var inner = outer with { Style = style, Opacity = outer.Opacity * style.Opacity, Depth = outer.Depth + 1 };
        if (style.Transform is { } transform)
            inner = inner with { ToMm = SvgTransforms.Then(SvgTransforms.Read(transform, $"transform of <{name}>"), outer.ToMm) };
        if (style.Clip is { } clip)
            inner = inner with { Clip = Plane.Intersection(outer.Clip, ClipOf(clip, inner) ?? outer.Clip) };
        if (style.Mask is not null)
            _leftOut.Add("mask-left-out");
        if (style.Filter is not null)
            _leftOut.Add("filter-left-out");

        switch (name)
        {
            case "g" or "a":
                Children(element, inner);
                break;
            case "switch":
                if (element.Elements().FirstOrDefault(e => !Passed(e.Name.LocalName)) is { } first)
                    Element(first, inner);
                break;
            case "svg":
                Framed(element, inner, null, null);
                break;
            case "use":
                Used(element, inner);
                break;
            default:
                if (_outlines.Of(element) is { } path)
                    Shape(element, path, inner);
                break;
        }
    }

    /// <summary>Elements that paint nothing where they stand; what would be missed is said.</summary>
    private bool Passed(string name)
    {
        switch (name)
        {
            case "text": _leftOut.Add("text-left-out"); return true;
            case "image": _leftOut.Add("picture-left-out"); return true;
            case "foreignObject": _leftOut.Add("foreign-left-out"); return true;
            case "script": _leftOut.Add("script-left-out"); return true;
            default:
                return name is "defs" or "symbol" or "clipPath" or "mask" or "marker" or "pattern" or "linearGradient"
            or "radialGradient" or "filter" or "style" or "title" or "desc" or "metadata";
        }
    }

    /// <summary>A drawing within the drawing, or a symbol: it has a view box of its own and shows nothing outside.</summary>
    private void Framed(XElement element, Place place, double? widthOr, double? heightOr)
    {
        double Length(string name, double whole, double otherwise) =>
            SvgNumbers.Length((string?)element.Attribute(name), whole, $"{name} of <{element.Name.LocalName}>") ?? otherwise;
        var symbol = element.Name.LocalName == "symbol";
        var (pageWidth, pageHeight) = (_outlines.PageWidth, _outlines.PageHeight);
        var (x, y) = symbol ? (0, 0) : (Length("x", pageWidth, 0), Length("y", pageHeight, 0));
        var (width, height) = (widthOr ?? Length("width", pageWidth, pageWidth), heightOr ?? Length("height", pageHeight, pageHeight));
        if (width <= 0 || height <= 0)
            return;
        var frame = place.ToMm.Transform(Plane.Factory.ToGeometry(new Envelope(x, x + width, y, y + height)));
        var box = SvgNumbers.List((string?)element.Attribute("viewBox"), "viewBox");
        var fit = box.Count == 4 && box[2] > 0 && box[3] > 0
            ? SvgTransforms.Fit(box, x, y, width, height, (string?)element.Attribute("preserveAspectRatio"))
            : AffineTransformation.TranslationInstance(x, y);
        var shows = (string?)element.Attribute("overflow") is "visible" or "auto" ? place.Clip : Plane.Intersection(place.Clip, frame);
        Children(element, place with { ToMm = SvgTransforms.Then(fit, place.ToMm), Clip = shows });
    }

    private void Used(XElement use, Place place)
    {
        var reference = SvgLinks.Href(use);
        if (!reference.StartsWith('#'))
        {
            _leftOut.Add("outside-reference");
            return;
        }

        if (!_byId.TryGetValue(reference[1..], out var target))
            return;
        if (use.AncestorsAndSelf().Contains(target))
            throw new RefusedDrawing(new Phrase("svg-painter.circle", ("reference", reference)), "circle");
        double? Length(string name, double whole) => SvgNumbers.Length((string?)use.Attribute(name), whole, $"{name} of <use>");
        var moved = AffineTransformation.TranslationInstance(Length("x", _outlines.PageWidth) ?? 0, Length("y", _outlines.PageHeight) ?? 0);
        var there = place with { ToMm = SvgTransforms.Then(moved, place.ToMm) };
        if (target.Name.LocalName is "symbol" or "svg")
        {
            _budget.Element();
            var style = there.Style.Inside(target, _sheet);
            if (style.Shown)
                Framed(target, there with { Style = style, Depth = there.Depth + 1 }, Length("width", _outlines.PageWidth),
                    Length("height", _outlines.PageHeight));
        }
        else
        {
            Element(target, there);
        }
    }

    private void Shape(XElement element, SkiaSharp.SKPath path, Place place)
    {
        using (path)
        {
            var style = place.Style;
            if (!style.Visible)
                return;
            if (element.Attribute("marker-start") is not null || element.Attribute("marker-mid") is not null
                || element.Attribute("marker-end") is not null)
                _leftOut.Add("marker-left-out");
            var trails = _outlines.Trails(path, place.ToMm);
            void Fill()
            {
                if (_paints.ColourOf(style.Fill, style.FillOpacity * place.Opacity, style) is { } colour)
                    Paint(colour, _outlines.Filled(trails, place.ToMm, style.FillEvenOdd), place.Clip);
            }

            void Stroke()
            {
                if (_paints.ColourOf(style.Stroke, style.StrokeOpacity * place.Opacity, style) is { } colour)
                    Paint(colour, _outlines.Stroked(trails, place.ToMm, style), place.Clip);
            }

            if (style.StrokeFirst)
                Stroke();
            Fill();
            if (!style.StrokeFirst)
                Stroke();
        }
    }

    private void Paint(string colour, Ground ground, Ground clip)
    {
        // What a clip path takes away is meant to be away; only the page cuts unasked.
        if (ReferenceEquals(clip, _page) && !clip.EnvelopeInternal.Contains(ground.EnvelopeInternal))
            _leftOut.Add(LeftOut.Outside);
        var seen = clip.IsRectangle && clip.EnvelopeInternal.Contains(ground.EnvelopeInternal) ? ground : Plane.Intersection(ground, clip);
        if (!seen.IsEmpty)
            _painted.Add(new PaintedShape(colour, seen));
    }

    /// <summary>The ground that a clip path leaves; null when it cannot be worked out.</summary>
    private Ground? ClipOf(string reference, Place place)
    {
        if (SvgLinks.Url(reference) is not ({ } id, _) || !id.StartsWith('#'))
        {
            _leftOut.Add(SvgLinks.Url(reference) is null ? "clip-left-out" : "outside-reference");
            return null;
        }

        if (!_byId.TryGetValue(id[1..], out var clip) || clip.Name.LocalName != "clipPath")
            return null;
        if ((string?)clip.Attribute("clipPathUnits") == "objectBoundingBox" || place.Depth > SvgReader.Deepest)
        {
            _leftOut.Add("clip-left-out");
            return null;
        }

        _budget.Element();
        var style = new SvgStyle().Inside(clip, _sheet);
        var toMm = style.Transform is { } t ? SvgTransforms.Then(SvgTransforms.Read(t, "transform of <clipPath>"), place.ToMm) : place.ToMm;
        var ground = Plane.Union(clip.Elements().Select(child => ClippingChild(child, style, toMm)));
        return style.Clip is { } further
            ? Plane.Intersection(ground, ClipOf(further, place with { Depth = place.Depth + 1 }) ?? ground) : ground;
    }

    private Ground ClippingChild(XElement child, SvgStyle outer, AffineTransformation toMm)
    {
        _budget.Element();
        var style = outer.Inside(child, _sheet);
        if (!style.Shown)
            return Plane.Nothing;
        if (style.Transform is { } t)
            toMm = SvgTransforms.Then(SvgTransforms.Read(t, "transform in <clipPath>"), toMm);
        if (child.Name.LocalName == "use")
        {
            var reference = SvgLinks.Href(child);
            if (!reference.StartsWith('#') || !_byId.TryGetValue(reference[1..], out var target) || target.Name.LocalName == "use")
                return Plane.Nothing;
            var moved = AffineTransformation.TranslationInstance(
                SvgNumbers.Length((string?)child.Attribute("x"), _outlines.PageWidth, "x of <use>")
                ?? 0, SvgNumbers.Length((string?)child.Attribute("y"), _outlines.PageHeight, "y of <use>") ?? 0);
            return ClippingChild(target, style, SvgTransforms.Then(moved, toMm));
        }

        if (_outlines.Of(child) is not { } path)
            return Plane.Nothing;
        using (path)
            return _outlines.Filled(_outlines.Trails(path, toMm), toMm, style.ClipEvenOdd);
    }
}
