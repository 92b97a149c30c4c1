using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Practice.Cases;

/// <summary>Everything that may lie on a practice table: each is one of the trade's mistakes as it tempts.</summary>
public static class Props
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Prop> All { get; } =
    [
        new("cut-file", PropPlace.Cutting, 1, new Phrase("prop.cut-file"), new("as-drawn", new Phrase("prop.cut-file-wrong")),
            new("mirrored", new Phrase("prop.cut-file-right")), Consequence.ClothLost, new Phrase("prop.cut-file-happens")),
        new("mat", PropPlace.Cutting, 2, new Phrase("prop.mat"), new("shine-up", new Phrase("prop.mat-wrong")),
            new("carrier-down", new Phrase("prop.mat-right")), Consequence.VinylLost, new Phrase("prop.mat-happens")),
        new("preset", PropPlace.Cutting, 3, new Phrase("prop.preset"), new("first", new Phrase("prop.preset-wrong")),
            new("own", new Phrase("prop.preset-right")), Consequence.VinylLost, new Phrase("prop.preset-happens")),
        new("computer", PropPlace.Cutting, 4, new Phrase("prop.computer"), new("sleeps", new Phrase("prop.computer-wrong")),
            new("awake", new Phrase("prop.computer-right")), Consequence.TimeLost, new Phrase("prop.computer-happens")),
        new("test-cut", PropPlace.Cutting, 5, new Phrase("prop.test-cut"), new("skipped", new Phrase("prop.test-cut-wrong")),
            new("done", new Phrase("prop.test-cut-right")), Consequence.VinylLost, new Phrase("prop.test-cut-happens")) { Seconds = 60 },
        new("centers", PropPlace.Cutting, 6, new Phrase("prop.centers"), new("left-in", new Phrase("prop.centers-wrong")),
            new("picked", new Phrase("prop.centers-right")), Consequence.LooksWrong, new Phrase("prop.centers-happens")),
        new("island", PropPlace.Cutting, 7, new Phrase("prop.island"), new("loose", new Phrase("prop.island-wrong")),
            new("pinned", new Phrase("prop.island-right")), Consequence.LooksWrong, new Phrase("prop.island-happens")),
        new(PropIds.Steam, PropPlace.Press, 9, new Phrase("prop.steam"), new(PropIds.SteamOn, new Phrase("prop.steam-wrong")),
            new("off", new Phrase("prop.steam-right")), Consequence.Lifts, new Phrase("prop.steam-happens")),
        new("paper", PropPlace.Press, 10, new Phrase("prop.paper"), new("waxed", new Phrase("prop.paper-wrong")),
            new("parchment", new Phrase("prop.paper-right")), Consequence.ClothLost, new Phrase("prop.paper-happens")),
        new("hand", PropPlace.Press, 11, new Phrase("prop.hand"), new("slides", new Phrase("prop.hand-wrong")),
            new("set-down", new Phrase("prop.hand-right")), Consequence.LooksWrong, new Phrase("prop.hand-happens")) { Seconds = 0 },
        new(PropIds.Cover, PropPlace.Press, 12, new Phrase("prop.cover"), new(PropIds.NoCover, new Phrase("prop.cover-wrong")),
            new("covered", new Phrase("prop.cover-right")), Consequence.ClothLost, new Phrase("prop.cover-happens")),
        new(PropIds.Clock, PropPlace.Press, 13, new Phrase("prop.clock"), new(PropIds.ByFeel, new Phrase("prop.clock-wrong")),
            new("watched", new Phrase("prop.clock-right")), Consequence.Luck, new Phrase("prop.clock-happens")) { Seconds = 0 },
        new("neighbor", PropPlace.Press, 15, new Phrase("prop.neighbor"), new("overlaps", new Phrase("prop.neighbor-wrong")),
            new("trimmed", new Phrase("prop.neighbor-right")), Consequence.Lifts, new Phrase("prop.neighbor-happens")),
        new("collar", PropPlace.Press, 16, new Phrase("prop.collar"), new("under", new Phrase("prop.collar-wrong")),
            new("off", new Phrase("prop.collar-right")), Consequence.Lifts, new Phrase("prop.collar-happens")),
        new("glitter", PropPlace.Press, 17, new Phrase("prop.glitter"), new("under", new Phrase("prop.glitter-wrong")),
            new("beside", new Phrase("prop.glitter-right")), Consequence.Lifts, new Phrase("prop.glitter-happens")),
        new("filling", PropPlace.Press, 20, new Phrase("prop.filling"), new("towel", new Phrase("prop.filling-wrong")),
            new("board", new Phrase("prop.filling-right")), Consequence.Lifts, new Phrase("prop.filling-happens")),
        new("hinge", PropPlace.Press, 21, new Phrase("prop.hinge"), new("clamshell", new Phrase("prop.hinge-wrong")),
            new("swing", new Phrase("prop.hinge-right")), Consequence.ClothLost, new Phrase("prop.hinge-happens")),
        new(PropIds.Strips, PropPlace.Press, 23, new Phrase("prop.strips"), new("not-tried", new Phrase("prop.strips-wrong")),
            new(PropIds.Levelled, new Phrase("prop.strips-right")), Consequence.Luck, new Phrase("prop.strips-happens")) { Seconds = 90 },
        new("upper", PropPlace.Press, 24, new Phrase("prop.upper"), new("whole", new Phrase("prop.upper-wrong")),
            new("by-piece", new Phrase("prop.upper-right")), Consequence.LooksWrong, new Phrase("prop.upper-happens")) { Seconds = 40 },
        new("height", PropPlace.Press, 25, new Phrase("prop.height"), new("by-eye", new Phrase("prop.height-wrong")),
            new("measured", new Phrase("prop.height-right")), Consequence.LooksWrong, new Phrase("prop.height-happens")) { Seconds = 30 },
        new("wire", PropPlace.Press, 26, new Phrase("prop.wire"), new("left-in", new Phrase("prop.wire-wrong")),
            new("out", new Phrase("prop.wire-right")), Consequence.Hurt, new Phrase("prop.wire-happens")),
        new("wash", PropPlace.After, 28, new Phrase("prop.wash"), new("tonight", new Phrase("prop.wash-wrong")),
            new("tomorrow", new Phrase("prop.wash-right")), Consequence.Lifts, new Phrase("prop.wash-happens")) { Seconds = 0 },
        new("dishes", PropPlace.After, 29, new Phrase("prop.dishes"), new("machine", new Phrase("prop.dishes-wrong")),
            new("by-hand", new Phrase("prop.dishes-right")), Consequence.Lifts, new Phrase("prop.dishes-happens")) { Seconds = 0 },
    ];

    /// <summary>One of them.</summary>
    /// <param name="id">Its id.</param>
    public static Prop Of(string id) => All.First(p => p.Id == id);
}
