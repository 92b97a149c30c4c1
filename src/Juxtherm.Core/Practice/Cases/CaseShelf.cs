using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Practice.Cases;

/// <summary>A case as it is written down.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What it is called.</param>
/// <param name="Story">What one is told.</param>
/// <param name="Form">Kind of item.</param>
/// <param name="Material">Its material.</param>
/// <param name="Vinyls">Vinyl, lowest layer first.</param>
/// <param name="Press">The press.</param>
/// <param name="Props">What lies on the table.</param>
internal sealed record WrittenCase(string Id, Phrase Title, Phrase Story, string Form, string Material, IReadOnlyList<string> Vinyls,
    string Press, IReadOnlyList<string> Props)
{
    /// <summary>What is hidden in it.</summary>
    public HiddenTruth Truth { get; init; } = HiddenTruth.Usual;

    /// <summary>How its layers lie.</summary>
    public PieceLayout Layout { get; init; }

    /// <summary>Rolls of vinyl to choose from.</summary>
    public IReadOnlyList<string> Shelf { get; init; } = [];

    /// <summary>What a vinyl without a wrapper really is; null where it has one.</summary>
    public string? VinylInTruth { get; init; }

    /// <summary>What an item without a label is really made of; null where that is known.</summary>
    public string? MaterialInTruth { get; init; }
}

/// <summary>Cases that are written down: the work of a stargazers' club, each with a mistake or two that tempts.</summary>
internal static class CaseShelf
{
    /// <summary>All of them, in the order in which they are learned.</summary>
    public static IReadOnlyList<WrittenCase> All { get; } =
    [
        new("first-shirt", new Phrase("case.first-shirt"), new Phrase("case.first-shirt-story"), "tee", "cotton", ["smooth"],
            "swing-platen",
            ["cut-file", "wash"]) { Truth = HiddenTruth.Usual with { PlateOffsetK = -2 } },
        new("peel", new Phrase("case.peel"), new Phrase("case.peel-story"), "tee", "cotton", ["foil"], "swing-platen", ["test-cut"]),
        new("layers", new Phrase("case.layers"), new Phrase("case.layers-story"), "tee", "cotton", ["smooth", "glow"], "swing-platen",
            ["upper", "neighbor"]),
        new("iron-foil", new Phrase("case.iron-foil"), new Phrase("case.iron-foil-story"), "tee", "cotton", ["foil"], "household-iron",
            ["steam", "hand", "paper"]) { Truth = HiddenTruth.Usual with { WanderK = 4, Takes = 1.25 } },
        new("felt", new Phrase("case.felt"), new Phrase("case.felt-story"), "pennant", "poly-felt", ["smooth"], "swing-platen",
            ["computer"]) { Truth = HiddenTruth.Usual with { Demand = 1.1 } },
        new("mug", new Phrase("case.mug"), new Phrase("case.mug-story"), "mug", "ceramic", ["smooth"], "mug-press", ["dishes"]),
        new("small-plate", new Phrase("case.small-plate"), new Phrase("case.small-plate-story"), "tee", "cotton", ["smooth"],
            "handheld-press", ["collar"]) { Truth = HiddenTruth.Usual with { PressureShare = 0.8 }, Layout = PieceLayout.Wide },
        new("lifted-corner", new Phrase("case.lifted-corner"), new Phrase("case.lifted-corner-story"), "tee", "cotton", ["smooth"],
            "clamshell-platen", ["strips"]) { Truth = HiddenTruth.Usual with { CornerShare = 0.12, CornerCoolerK = 8 } },
        new("helper", new Phrase("case.helper"), new Phrase("case.helper-story"), "tee", "cotton", ["smooth"], "swing-platen",
            ["clock", "centers"]) { Truth = HiddenTruth.Usual with { OpensAfterShare = 0.45 } },
        new("wet-sweatshirt", new Phrase("case.wet-sweatshirt"), new Phrase("case.wet-sweatshirt-story"), "sweatshirt", "fleece",
            ["smooth"],
            "handheld-press", ["cover"]) { Truth = HiddenTruth.Usual with { Moisture = 2, PressureShare = 0.9 } },
        new("vest", new Phrase("case.vest"), new Phrase("case.vest-story"), "jersey", "polyester", ["reflective"], "swing-platen",
            ["mat"]) { Truth = HiddenTruth.Usual with { PlateOffsetK = -1 } },
        new("puff", new Phrase("case.puff"), new Phrase("case.puff-story"), "jersey", "cotton", ["puff"], "swing-platen", ["strips"])
        { Truth = HiddenTruth.Usual with { CornerShare = 0.4 } },
        new("canvas", new Phrase("case.canvas"), new Phrase("case.canvas-story"), "stretched-canvas", "primed-canvas", ["smooth"],
            "handheld-press", ["filling", "hinge"]),
        new("names", new Phrase("case.names"), new Phrase("case.names-story"), "tee", "cotton", ["smooth"], "swing-platen",
            ["centers", "island", "height"]),
        new("glitter", new Phrase("case.glitter"), new Phrase("case.glitter-story"), "tee", "cotton", ["glitter"], "swing-platen",
            ["glitter", "preset"]),
        new("apron", new Phrase("case.apron"), new Phrase("case.apron-story"), "apron", "denim", ["smooth"], "swing-platen",
            ["wire", "cover"]),
        new("slate", new Phrase("case.slate"), new Phrase("case.slate-story"), "coaster", "slate", ["smooth"], "swing-platen", []),
        new("jute", new Phrase("case.jute"), new Phrase("case.jute-story"), "tote", "jute", ["smooth"], "handheld-press", ["wash"]),
        new("leather", new Phrase("case.leather"), new Phrase("case.leather-story"), "flat", "leather-veg", ["smooth"], "swing-platen",
            ["height"]) { Truth = HiddenTruth.Usual with { PlateOffsetK = 4 }, Shelf = ["smooth", "low-temp"] },
        new("deep-stack", new Phrase("case.deep-stack"), new Phrase("case.deep-stack-story"), "sweatshirt", "fleece",
            ["smooth", "smooth", "smooth"], "swing-platen", ["upper"]),
        new("found-roll", new Phrase("case.found-roll"), new Phrase("case.found-roll-story"), "tee", "cotton-poly", ["smooth"],
            "swing-platen", ["test-cut"]) { VinylInTruth = "low-temp", Truth = HiddenTruth.Usual with { Takes = 0.16 } },
        new("no-label", new Phrase("case.no-label"), new Phrase("case.no-label-story"), "tee", "unknown", ["smooth"], "swing-platen",
            ["height"]) { MaterialInTruth = "polyester" },
        new("two-faces", new Phrase("case.two-faces"), new Phrase("case.two-faces-story"), "tee", "cotton", ["smooth", "smooth"],
            "swing-platen", ["collar"]) { Layout = PieceLayout.BothFaces },
        new("five-on-felt", new Phrase("case.five-on-felt"), new Phrase("case.five-on-felt-story"), "stocking", "poly-felt",
            ["low-temp", "low-temp", "low-temp", "low-temp", "low-temp"], "household-iron", ["steam", "hand"])
            { Layout = PieceLayout.SideBySide },
    ];
}
