using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Layering;

namespace Juxtherm.Core.Tests.Layering;

/// <summary>The order of laying against common practice: larger before smaller, what lies below first, foam last, apart together.</summary>
public class LayingOrderTests
{
    private static LayerPiece Piece(string id, string vinyl, Box? box = null, double? area = null, PeelMethod peel = PeelMethod.Warm, params string[] over) =>
        new(id, Shipped.Catalogue.Vinyls[vinyl], peel, box, area ?? box?.WidthMm * box?.HeightMm, 6, over);

    private static string Order(LayerMethod method, params LayerPiece[] pieces) =>
        string.Join(" | ", LayingOrder.Of(new Lying(pieces), method).Select(g => string.Join("+", g.Layers) + (g.Tacked ? "~" : "")));

    [Fact]
    public void The_larger_lies_below_the_smaller() =>
        Assert.Equal("hill~ | moon~ | star~", Order(LayerMethod.Tack, Piece("star", "smooth", new(60, 60, 20, 20)), Piece("moon", "smooth", new(40, 40, 60, 60)), Piece("hill", "smooth", new(0, 0, 200, 150))));

    [Fact]
    public void What_lies_apart_goes_together() =>
        Assert.Equal("left+right~", Order(LayerMethod.Tack, Piece("left", "smooth", new(0, 0, 50, 50)), Piece("right", "glow", new(80, 0, 40, 40))));

    [Fact]
    public void Carriers_that_meet_keep_pieces_apart() =>
        Assert.Equal("left~ | right~", Order(LayerMethod.Tack, Piece("left", "smooth", new(0, 0, 50, 50)), Piece("right", "smooth", new(58, 0, 40, 40))));

    [Fact]
    public void Pieces_that_peel_otherwise_go_apart() =>
        Assert.Equal("left~ | right", Order(LayerMethod.Tack, Piece("left", "smooth", new(0, 0, 50, 50)), Piece("right", "foil", new(80, 0, 40, 40), peel: PeelMethod.Cold)));

    [Fact]
    public void Foam_comes_last_however_large() =>
        Assert.Equal("star~ | cloud", Order(LayerMethod.Tack, Piece("cloud", "puff", new(0, 0, 200, 200), peel: PeelMethod.Warm), Piece("star", "smooth", new(300, 0, 20, 20))));

    [Fact]
    public void Where_nobody_knows_the_place_each_goes_by_itself() =>
        Assert.Equal("big~ | small~", Order(LayerMethod.Tack, Piece("small", "smooth", area: 10), Piece("big", "smooth", area: 100)));

    [Fact]
    public void What_the_job_says_outweighs_size() =>
        Assert.Equal("small~ | big~", Order(LayerMethod.Tack, Piece("small", "smooth", area: 10), Piece("big", "smooth", area: 100, over: "small")));

    [Fact]
    public void Full_presses_are_no_tacks() => Assert.Equal("big | small", Order(LayerMethod.Full, Piece("small", "smooth", area: 10), Piece("big", "smooth", area: 100)));

    [Fact]
    public void At_once_is_one_press() => Assert.Equal("small+big", Order(LayerMethod.AtOnce, Piece("small", "smooth", area: 10), Piece("big", "smooth", area: 100)));

    [Fact]
    public void A_circle_is_found()
    {
        static IReadOnlyDictionary<string, IReadOnlyList<string>> Over(params (string Id, string[] On)[] pairs) => pairs.ToDictionary(p => p.Id, p => (IReadOnlyList<string>)p.On, StringComparer.Ordinal);
        Assert.Equal(["b", "c"], Lying.Circle(Over(("a", ["b"]), ("b", ["c"]), ("c", ["b"]))).Order());
        Assert.Empty(Lying.Circle(Over(("a", ["b", "c"]), ("b", ["c"]), ("c", []))));
    }

    /// <summary>Random layouts: each layer is laid once, after all it lies on, and never beside a carrier it would meet.</summary>
    [Property(MaxTest = 300)]
    public Property Every_layout_is_laid_soundly()
    {
        var vinyls = Shipped.Catalogue.Vinyls.Values.ToList();
        var piece = from x in Gen.Choose(0, 255)
                    from y in Gen.Choose(0, 255)
                    from w in Gen.Choose(5, 260)
                    from h in Gen.Choose(5, 260)
                    from vinyl in Gen.Elements(vinyls.AsEnumerable())
                    from peel in Gen.Elements(PeelMethod.Hot, PeelMethod.Warm, PeelMethod.Cold)
                    select new LayerPiece("", vinyl, peel, new Box(x, y, w, h), w * h, 6, []);
        var pieces = Gen.Choose(1, 8).SelectMany(n => piece.ListOf(n)).Select(some => some.Select((p, i) => p with { Id = $"l{i}" }).ToList());
        return Prop.ForAll(pieces.ToArbitrary(), list =>
        {
            var lying = new Lying(list);
            var groups = LayingOrder.Of(lying, LayerMethod.Tack);
            var laid = groups.SelectMany(g => g.Layers).ToList();
            Assert.Equal(list.Select(p => p.Id).Order(StringComparer.Ordinal), laid.Order(StringComparer.Ordinal));
            for (var g = 0; g < groups.Count; g++)
            {
                var before = groups.Take(g).SelectMany(x => x.Layers).ToHashSet(StringComparer.Ordinal);
                foreach (var id in groups[g].Layers)
                {
                    Assert.Subset(before, lying.Under(id).ToHashSet(StringComparer.Ordinal));
                    Assert.DoesNotContain(groups[g].Layers, other => other != id && lying.CarriersMeet(id, other));
                }
            }
        });
    }
}
