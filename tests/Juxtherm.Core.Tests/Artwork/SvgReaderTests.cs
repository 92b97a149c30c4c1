using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Areas and bounds by formula, and what a drawing may say in which way (SVG 2 and CSS as published).</summary>
public sealed class SvgReaderTests
{
    private const double Px = 25.4 / 96;

    private static string Page(string body, string root = "width=\"100mm\" height=\"100mm\" viewBox=\"0 0 100 100\"") =>
        $"<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" {root}>{body}</svg>";

    private static Drawing Read(string svg)
    {
        var problems = new Problems();
        var drawing = SvgReader.Read(svg, problems, CancellationToken.None);
        Assert.True(drawing is not null, string.Join(' ', problems.Found.Select(p => p.Said())));
        return drawing;
    }

    private static IReadOnlyList<ColourLayer> Layers(string svg, Separation separation = Separation.Seen) =>
        ColourLayers.Of(Read(svg), separation, CancellationToken.None);

    private static ColourLayer Only(string body) => Assert.Single(Layers(Page(body)));

    public static TheoryData<string, double, double, double, double, double> Shapes => new()
    {
        // area, then x, y, width, height of the bounds, mm
        { "<rect x='10' y='20' width='30' height='40'/>", 1200, 10, 20, 30, 40 },
        { "<rect x='10' y='10' width='60' height='40' rx='10'/>", 2400 - (4 - Math.PI) * 100, 10, 10, 60, 40 },
        { "<rect x='10' y='10' width='60' height='40' rx='10' ry='20'/>", 2400 - (4 - Math.PI) * 200, 10, 10, 60, 40 },
        { "<circle cx='50' cy='50' r='30'/>", Math.PI * 900, 20, 20, 60, 60 },
        { "<ellipse cx='50' cy='50' rx='40' ry='10'/>", Math.PI * 400, 10, 40, 80, 20 },
        { "<polygon points='0,0 60,0 0,80'/>", 2400, 0, 0, 60, 80 },
        { "<polyline points='0 0 60 0 60 60'/>", 1800, 0, 0, 60, 60 },
        { "<path d='M50 10A40 40 0 0 1 50 90Z'/>", Math.PI * 800, 50, 10, 40, 80 },
        // A parabola's segment is two thirds of its box.
        { "<path d='M0 50Q50 -50 100 50Z'/>", 100 * 50 * 2 / 3.0, 0, 0, 100, 50 },
        // Cubic with handles straight up: three quarters of the box that its handles reach.
        { "<path d='M10 90C10 10 90 10 90 90Z'/>", 80 * 80 * 0.6, 10, 30, 80, 60 },
        { "<line x1='10' y1='50' x2='90' y2='50' stroke='#000' stroke-width='4'/>", 320, 10, 48, 80, 4 },
        { "<line x1='10' y1='50' x2='90' y2='50' stroke='#000' stroke-width='4' stroke-linecap='square'/>", 336, 8, 48, 84, 4 },
        { "<line x1='10' y1='50' x2='90' y2='50' stroke='#000' stroke-width='4' stroke-linecap='round'/>", 320 + Math.PI * 4, 8, 48, 84,
            4 },
        { "<circle cx='50' cy='50' r='30' fill='none' stroke='#000' stroke-width='6'/>", Math.PI * (33 * 33 - 27 * 27), 17, 17, 66, 66 },
        { "<rect x='20' y='20' width='40' height='40' fill='none' stroke='#000' stroke-width='10'/>", 50 * 50 - 30 * 30, 15, 15, 50, 50 },
        { "<rect x='20' y='20' width='40' height='40' fill='none' stroke='#000' stroke-width='10' stroke-linejoin='round'/>",
            50 * 50 - 30 * 30 - (4 - Math.PI) * 25, 15, 15, 50, 50 },
        { "<rect x='20' y='20' width='40' height='40' fill='none' stroke='#000' stroke-width='10' stroke-linejoin='bevel'/>",
            50 * 50 - 30 * 30 - 4 * 12.5, 15, 15, 50, 50 },
        { "<line x1='10' y1='50' x2='90' y2='50' stroke='#000' stroke-width='4' stroke-dasharray='10 10'/>", 160, 10, 48, 70, 4 },
        { "<g transform='translate(10 20) scale(2)'><rect width='10' height='5'/></g>", 200, 10, 20, 20, 10 },
        { "<rect width='20' height='10' transform='rotate(90 50 50)'/>", 200, 90, 0, 10, 20 },
        { "<rect width='20' height='20' transform='skewX(45)'/>", 400, 0, 0, 40, 20 },
        { "<rect width='10' height='10' transform='matrix(3 0 0 2 5 6)'/>", 600, 5, 6, 30, 20 },
        { "<defs><rect id='r' width='10' height='10'/></defs><use href='#r' x='30' y='40'/>", 100, 30, 40, 10, 10 },
        { "<symbol id='s' viewBox='0 0 10 10'><rect width='10' height='10'/></symbol><use xlink:href='#s' x='10' y='10' width='50' " +
            "height='50'/>", 2500, 10, 10, 50, 50 },
        { "<svg x='20' y='20' width='40' height='20' viewBox='0 0 10 10'><rect width='10' height='10'/></svg>", 400, 30, 20, 20, 20 },
        { "<clipPath id='c'><circle cx='50' cy='50' r='20'/></clipPath><rect width='100' height='100' clip-path='url(#c)'/>", Math.PI * 400,
            30, 30, 40, 40 },
        { "<rect x='-50' y='-50' width='100' height='100'/>", 2500, 0, 0, 50, 50 },
        // A square wound once inside another wound the same way: filled by one rule, a hole by the other.
        { "<path d='M0 0H60V60H0ZM20 20H40V40H20Z'/>", 3600, 0, 0, 60, 60 },
        { "<path fill-rule='evenodd' d='M0 0H60V60H0ZM20 20H40V40H20Z'/>", 3200, 0, 0, 60, 60 },
        { "<path d='M0 0H60V60H0ZM20 20V40H40V20Z'/>", 3200, 0, 0, 60, 60 },
        // A pentagram: five points and, by the non-zero rule, its middle.
        { "<path d='M50 0L80.9017 95.1057L0 36.3271H100L19.0983 95.1057Z'/>", Pentagram(1) + Pentagram(0), 0, 0, 100, 95.1057 },
        { "<path fill-rule='evenodd' d='M50 0L80.9017 95.1057L0 36.3271H100L19.0983 95.1057Z'/>", Pentagram(1), 0, 0, 100, 95.1057 },
    };

    /// <summary>The five points, or the pentagon in the middle, of a pentagram in a circle through (50, 0) and (100, 36.3271).</summary>
    private static double Pentagram(int points)
    {
        // Mathematical handbooks: the inner pentagon is the outer one shrunk by the square of the golden ratio; R is the circle's radius.
        var r = 50 / Math.Sin(72 * Math.PI / 180);
        var golden = (1 + Math.Sqrt(5)) / 2;
        var inner = 5 / 2.0 * Math.Pow(r / (golden * golden), 2) * Math.Sin(72 * Math.PI / 180);
        var side = 2 * r / (golden * golden) * Math.Sin(36 * Math.PI / 180);
        return points == 0 ? inner : 5 * side * side / 4 * Math.Tan(72 * Math.PI / 180);
    }

    [Theory]
    [MemberData(nameof(Shapes))]
    public void Areas_and_bounds_are_those_of_the_formulas(string body, double area, double x, double y, double width, double height)
    {
        var layer = Only(body);
        Assert.Equal(area, layer.AreaMm2, area * 0.0015);
        Assert.Equal(x, layer.Bounds.XMm, 0.05);
        Assert.Equal(y, layer.Bounds.YMm, 0.05);
        Assert.Equal(width, layer.Bounds.WidthMm, 0.05);
        Assert.Equal(height, layer.Bounds.HeightMm, 0.05);
    }

    public static TheoryData<string, double> Pages => new()
    {
        { "width='100mm' height='50mm' viewBox='0 0 200 100'", 0.5 },
        { "width='10cm' viewBox='0 0 100 100'", 1 },
        { "width='2in' height='2in' viewBox='0 0 100 100'", 0.508 },
        { "width='72pt' height='72pt' viewBox='0 0 100 100'", 0.254 },
        { "width='6pc' height='6pc' viewBox='0 0 100 100'", 0.254 },
        { "width='100px' height='100px' viewBox='0 0 100 100'", Px },
        { "viewBox='0 0 100 100'", Px },
        { "width='100%' height='100%' viewBox='0 0 100 100'", Px },
        { "width='500' height='300'", Px },
        { "", Px },
        { "width='200mm' height='100mm' viewBox='0 0 100 100'", 1 },
        { "width='200mm' height='100mm' viewBox='0 0 100 100' preserveAspectRatio='xMinYMin slice'", 2 },
        { "width='400Q' height='400Q' viewBox='0 0 100 100'", 1 },
    };

    [Theory]
    [MemberData(nameof(Pages))]
    public void A_unit_is_as_long_as_the_page_says(string root, double mmPerUnit)
    {
        var layer = Assert.Single(Layers(Page("<rect x='10' y='10' width='20' height='20'/>", root)));
        Assert.Equal(20 * mmPerUnit, layer.Bounds.WidthMm, 1e-3);
        Assert.Equal(20 * mmPerUnit, layer.Bounds.HeightMm, 1e-3);
    }

    public static TheoryData<string, string> Colours => new()
    {
        { "fill='#0f6468'", "#0f6468" },
        { "fill='#ABC'", "#aabbcc" },
        { "fill='#0f6468ff'", "#0f6468" },
        { "fill='rebeccapurple'", "#663399" },
        { "fill='rgb(15, 100, 104)'", "#0f6468" },
        { "fill='rgb(0% 50% 100%)'", "#0080ff" },
        { "fill='hsl(120, 100%, 25%)'", "#008000" },
        { "style='fill: gold; stroke: none'", "#ffd700" },
        { "fill='red' style='fill:gold'", "#ffd700" },
        { "class='a' fill='red'", "#008080" },
        { "id='one'", "#000080" },
        { "class='b' id='one'", "#000080" },
        { "color='teal' fill='currentColor'", "#008080" },
        { "", "#000000" },
    };

    [Theory]
    [MemberData(nameof(Colours))]
    public void A_fill_is_found_by_attribute_style_and_class(string attributes, string colour) =>
        Assert.Equal(colour,
            Only($"<style>/* ours */ .a {{ fill: teal }} g .b {{ fill: olive }} #one {{ fill: navy }} @media print {{ .a {{ fill: red " +
                $"}} }}</style><rect {attributes} width='10' height='10'/>").Colour);

    [Fact]
    public void What_cannot_be_seen_is_not_cut()
    {
        var layer = Only("""
            <rect width='10' height='10' display='none'/><g visibility='hidden'><rect width='10' height='10'/></g><rect width='10' height='10' opacity='0'/>
            <rect width='10' height='10' fill='none'/><rect width='10' height='10' fill='transparent'/><rect x='50' width='10' height='10' fill='navy'/>
            """);
        Assert.Equal(("#000080", 100), (layer.Colour, Math.Round(layer.AreaMm2, 6)));
    }

    private const string Face =
        "<rect width='100' height='100' fill='#1b2a49'/><circle cx='50' cy='50' r='30' fill='#d9a441'/><circle cx='50' cy='50' r='10' " +
            "fill='#1b2a49'/>";

    [Fact]
    public void As_seen_no_vinyl_lies_on_vinyl()
    {
        var layers = Layers(Page(Face));
        Assert.Equal(["#d9a441", "#1b2a49"], layers.Select(l => l.Colour));
        Assert.Equal(Math.PI * (900 - 100), layers[0].AreaMm2, 3.0);
        Assert.Equal(10_000, layers.Sum(l => l.AreaMm2), 1e-3);
        Assert.Equal((1, 1), (layers[0].Shape.Measures.Holes, layers[1].Shape.Measures.Holes));
    }

    [Fact]
    public void Stacked_lower_colours_run_on_and_the_picture_stays_the_same()
    {
        // Navy is painted last, so it lies on top; only what gold must show is kept free.
        var layers = Layers(Page(Face), Separation.Stacked);
        Assert.Equal(["#d9a441", "#1b2a49"], layers.Select(l => l.Colour));
        Assert.Equal(Math.PI * 900, layers[0].AreaMm2, 3.0);
        var plain = Layers(Page("<rect width='100' height='100' fill='#1b2a49'/><circle cx='50' cy='50' r='30' fill='#d9a441'/>"),
            Separation.Stacked);
        Assert.Equal(10_000, plain[0].AreaMm2, 1e-6);
    }

    public static TheoryData<string, string> LeftOut => new()
    {
        { "<text x='1' y='9'>hello</text>", "text-left-out" },
        { "<image href='a.png' width='9' height='9'/>", "picture-left-out" },
        { "<linearGradient id='g'><stop stop-color='#123456'/><stop offset='1'/></linearGradient><rect width='10' height='10' " +
            "fill='url(#g)'/>", "gradient-flattened" },
        { "<pattern id='p'/><rect width='10' height='10' fill='url(#p)'/>", "pattern-left-out" },
        { "<script>alert(1)</script>", "script-left-out" },
        { "<use href='http://example.invalid/a.svg#b'/>", "outside-reference" },
        { "<rect width='10' height='10' fill='navy' opacity='0.5'/>", "see-through" },
        { "<mask id='m'/><rect width='10' height='10' mask='url(#m)'/>", "mask-left-out" },
        { "<rect x='-10' width='30' height='10'/>", "outside-the-page" },
    };

    [Theory]
    [MemberData(nameof(LeftOut))]
    public void What_is_left_out_is_said_and_the_rest_works(string body, string code)
    {
        var drawing = Read(Page(body + "<rect x='60' y='60' width='10' height='10' fill='red'/>"));
        Assert.Contains(drawing.Notices(Juxtherm.Words.Language.English.WordsFor(Core.Notices.UnitSystem.Metric)), n => n.Code == code);
        Assert.Contains(ColourLayers.Of(drawing, Separation.Seen, CancellationToken.None), l => l.Colour == "#ff0000"
            && Math.Abs(l.AreaMm2 - 100) < 1e-6);
    }

    [Fact]
    public void What_a_clip_path_takes_away_is_not_said_to_lie_outside_the_page() =>
        Assert.Empty(
            Read(Page("<clipPath id='c'><circle cx='50' cy='50' r='20'/></clipPath><g clip-path='url(#c)'><rect x='-20' width='200' " +
                "height='100'/></g>")).Notices(Juxtherm.Words.Language.English.WordsFor(Core.Notices.UnitSystem.Metric)));

    public static TheoryData<string, string, string> Hostile
    {
        get
        {
            var path = "M0 0" + string.Concat(Enumerable.Range(0, 400_000).Select(i => $"L{i % 97} {i % 89}"));
            var tangle = "M0 0"
                + string.Concat(Enumerable.Range(0, 2500)
                    .Select(i => i % 2 == 0 ? $"L100 {i % 1999 / 20.0}" : $"L0 {(i * 7 + 3) % 1999 / 20.0}"));
            var uses = string.Concat(Enumerable.Range(1, 30)
                .Select(i => $"<g id='u{i}'><use href='#u{i - 1}'/><use href='#u{i - 1}'/></g>"));
            var combs = string.Concat(Enumerable.Range(0, 400)
                .Select(i =>
                    $"<rect x='{i / 4.0}' width='0.1' height='100' fill='red'/><rect y='{i / 4.0}' width='100' height='0.1' " +
                        $"fill='blue'/>"));
            return new()
            {
                { "entities that blow up", "<!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;'>]>" + Page("<text>&b;</text>"),
                    "broken" },
                { "an outside entity", "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]>" + Page("<title>&x;</title>"), "broken" },
                { "10 000 groups in each other",
                    Page(string.Concat(Enumerable.Repeat("<g>", 10_000)) + string.Concat(Enumerable.Repeat("</g>", 10_000))), "too-large" },
                { "more elements than anybody draws", Page(string.Concat(Enumerable.Repeat("<g/>", 30_000))), "too-large" },
                { "a path without end", Page($"<path d='{path}'/>"), "too-large" },
                { "a ball of wool", Page($"<path d='{tangle}'/>"), "too-large" },
                { "two combs across each other", Page(combs), "too-large" },
                { "references that double thirty times", Page("<g id='u0'><rect width='1' height='1'/></g>" + uses + "<use href='#u30'/>"),
                    "too-large" },
                { "a reference to itself", Page("<g id='a'><use href='#a'/></g>"), "circle" },
                { "two references in a ring", Page("<g id='a'><use href='#b'/></g><g id='b'><use href='#a'/></g>"), "too-large" },
                { "no number", Page("<rect width='NaN' height='10'/>"), "wrong-type" },
                { "no number in a path", Page("<path d='M0 0L NaN 10 5 5Z'/>"), "broken" },
                { "a number beyond all measure", Page("<circle cx='1e300' cy='0' r='10'/>"), "out-of-range" },
                { "a path beyond all measure", Page("<path d='M0 0L1e300 0 0 1e300Z'/>"), "out-of-range" },
                { "an infinite one", Page("<rect width='1e999' height='10'/>"), "out-of-range" },
                { "dashes without end", Page("<path d='M0 0H100' stroke='red' stroke-dasharray='0.0001'/>"), "too-large" },
                { "a style sheet of nothing but comments", Page("<style>" + string.Concat(Enumerable.Repeat("/**/", 900_000)) + "</style>"),
                    "nothing-to-cut" },
                { "only scripts", Page("<script>while(true);</script>"), "nothing-to-cut" },
                { "only something outside", Page("<use href='https://example.invalid/x.svg#a'/>"), "nothing-to-cut" },
                { "not a drawing", "<html><body/></html>", "wrong-type" },
                { "not even XML", "hello", "broken" },
                { "nothing", "", "broken" },
                { "an empty page", Page("<rect width='1' height='1'/>", "viewBox='0 0 0 0'"), "wrong-type" },
                { "a transform that is none", Page("<rect width='1' height='1' transform='wobble(3)'/>"), "broken" },
            };
        }
    }

    [Theory]
    [MemberData(nameof(Hostile))]
    public void A_hostile_drawing_is_refused_with_a_reason(string what, string svg, string code)
    {
        using var patience = new CancellationTokenSource(TimeSpan.FromSeconds(60));
        var problems = new Problems();
        var drawing = SvgReader.Read(svg, problems, patience.Token);
        Assert.True(drawing is null, what);
        var problem = Assert.Single(problems.Found);
        Assert.Equal(code, problem.Code);
        Assert.InRange(problem.Said().Length, 20, 400);
    }
}
