namespace Juxtherm.Core.Tests.Practice;

/// <summary>Settings that crafters have used, with what came of them: common practice throughout, no single source.</summary>
internal static class PracticeTable
{
    /// <summary>The rows.</summary>
    public static IReadOnlyList<PracticeRow> Rows { get; } =
    [
        new("tee, handheld, light", "smooth", "tee", "cotton", "handheld-press", 157, 30, CameOut.Held) { Pressure = "light",
            BackSeconds = 15, Cover = "carrier", Binds = "contact at low pressure" },
        new("tee, handheld, four times", "smooth", "tee", "cotton", "handheld-press", 157, 120, CameOut.Held) { Pressure = "light",
            Cover = "carrier", Binds = "heat that smooth takes alone" },
        new("sweatshirt, handheld", "smooth", "sweatshirt", "fleece", "handheld-press", 177, 30, CameOut.Held) { Pressure = "light",
            BackSeconds = 15, Binds = "limit of cotton-faced fleece; heat that smooth takes alone" },
        new("letters on a backing, sweatshirt", "smooth,smooth", "sweatshirt", "fleece", "handheld-press", 177, 30,
            CameOut.Held) { Pressure = "light", BackSeconds = 0, Size = (180, 120), Binds = "heat that smooth takes in a stack" },
        new("jute, handheld", "smooth", "tote", "jute", "handheld-press", 152, 30, CameOut.Held) { Pressure = "firm", BackSeconds = 15,
            Binds = "pressure for open weaves" },
        new("canvas on a frame, three times", "smooth", "stretched-canvas", "primed-canvas", "handheld-press", 166, 60,
            CameOut.Held) { Pressure = "firm", Underlay = "board", KeptAside = true },
        new("tee, iron at cotton", "smooth", "tee", "cotton", "household-iron", 200, 25, CameOut.Held) { BackSeconds = 25,
            Cover = "parchment", Binds = "heat that smooth takes alone" },
        new("foil tee, iron at wool", "foil", "tee", "cotton", "household-iron", 150, 25, CameOut.Held) { BackSeconds = 25,
            Cover = "parchment", Binds = "heat that foil takes" },
        new("glitter tee, iron at cotton", "glitter", "tee", "cotton", "household-iron", 200, 25, CameOut.Held) { BackSeconds = 25,
            Cover = "parchment", Binds = "heat that glitter takes" },
        new("neckerchief, small iron", "smooth", "neckerchief", "cotton", "hand-iron", 165, 25, CameOut.Held) { BackSeconds = 25,
            KeptAside = true },
        new("two on a tee, handheld", "smooth,smooth", "tee", "cotton", "handheld-press", 152, 12,
            CameOut.Held) { Binds = "share of a tack" },
        new("tee, hot and short", "smooth", "tee", "cotton", "swing-platen", 166, 15, CameOut.Held),
        new("tee, hot, two goes", "smooth", "tee", "cotton", "swing-platen", 166, 35,
            CameOut.Held) { Binds = "heat that smooth takes alone" },
        new("puff jersey", "puff", "tee", "cotton", "swing-platen", 160, 16, CameOut.Held) { Underlay = "none",
            Binds = "heat that puff takes" },
        new("puff jersey, both faces", "puff", "tee", "cotton", "swing-platen", 160, 16, CameOut.Held) { Underlay = "none",
            BothFaces = true, Binds = "heat that puff takes again" },
        new("glitter beside glitter", "glitter,+glitter", "tee", "cotton", "swing-platen", 163, 30, CameOut.Held) { BackSeconds = 15,
            KeptAside = true },
        new("mug, wrap", "smooth", "mug", "ceramic", "mug-press", 166, 30, CameOut.Held) { Binds = "demand of glazed ceramic" },
        new("mug, gun", "smooth", "mug", "ceramic", "heat-gun", 450, 40, CameOut.Held) { Binds = "air of a heat gun" },
        new("cushion cover", "smooth", "cushion", "cotton", "swing-platen", 150, 14, CameOut.Held) { KeptAside = true },
        new("felt, as a tee", "smooth", "pennant", "poly-felt", "swing-platen", 149, 20, CameOut.Lifted) { Pressure = "medium",
            Binds = "demand of felt, from below" },
        new("felt, longer", "smooth", "pennant", "poly-felt", "swing-platen", 149, 40, CameOut.Held) { Pressure = "medium",
            Binds = "demand of felt, from above" },
        new("felt in three layers", "smooth,smooth,smooth", "pennant", "poly-felt", "swing-platen", 149, 20,
            CameOut.Wrinkled) { Pressure = "medium", Binds = "heat that smooth takes in a stack on felt" },
    ];
}
