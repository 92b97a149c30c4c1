using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Practice.Bench;

/// <summary>What can be done at a practice bench.</summary>
public enum MoveKind
{
    /// <summary>A prop is put another way.</summary>
    Touch,

    /// <summary>The dial is turned, and waited for.</summary>
    Dial,

    /// <summary>The pressure is set.</summary>
    Pressure,

    /// <summary>The plate's face is measured with a strip.</summary>
    Measure,

    /// <summary>Layers are laid.</summary>
    Lay,

    /// <summary>The plate is closed, and opened after a time.</summary>
    Close,

    /// <summary>It lies where it is for a time.</summary>
    Wait,

    /// <summary>It is carried to the cold bench, and lies there for a time.</summary>
    ToBench,

    /// <summary>The carriers are peeled.</summary>
    Peel,

    /// <summary>It is turned over.</summary>
    Turn,

    /// <summary>The care label is read.</summary>
    ReadLabel,

    /// <summary>A scrap of the vinyl is pressed on a hem, with the press as it stands, and looked at when it is cold.</summary>
    Patch,

    /// <summary>Another cover sheet is taken.</summary>
    Cover,

    /// <summary>Something else is laid underneath.</summary>
    Underlay,

    /// <summary>Another roll of vinyl is taken.</summary>
    Vinyl,

    /// <summary>It is handed over.</summary>
    HandOver,
}

/// <summary>Something done at a practice bench.</summary>
/// <param name="Kind">What.</param>
public sealed record Move(MoveKind Kind)
{
    /// <summary>Which prop is touched.</summary>
    public string Prop { get; init; } = "";

    /// <summary>How it stands then.</summary>
    public string State { get; init; } = "";

    /// <summary>What the dial is turned to, °C.</summary>
    public double Celsius { get; init; }

    /// <summary>How hard the press is set.</summary>
    public PressureLevel Pressure { get; init; }

    /// <summary>How long, s.</summary>
    public double Seconds { get; init; }

    /// <summary>Layers that are laid.</summary>
    public IReadOnlyList<string> Layers { get; init; } = [];

    /// <summary>What is taken: id of a cover, an underlay or a vinyl.</summary>
    public string Supply { get; init; } = "";

    /// <summary>On which part of a print that is wider than the plate, from 1; 0 for all of them, and for the first where the plate is
    /// closed.</summary>
    public int Part { get; init; }
}

/// <summary>A move that cannot be made.</summary>
/// <param name="at">Which move, from 0.</param>
/// <param name="code">Why: one of those below.</param>
public sealed class MoveRefusedException(int at, string code)
    : RefusedException(code, new Phrase("practice.refused", ("number", at + 1), ("why", Whys[code])))
{
    private static readonly Dictionary<string, Phrase> Whys = new(StringComparer.Ordinal)
    {
        ["no-such-prop"] = new Phrase("practice.no-such-prop"),
        ["out-of-range"] = new Phrase("practice.out-of-range"),
        ["no-such-layer"] = new Phrase("practice.no-such-layer"),
        ["no-such-part"] = new Phrase("practice.no-such-part"),
        ["already-laid"] = new Phrase("practice.already-laid"),
        ["nothing-laid"] = new Phrase("practice.nothing-laid"),
        ["wrong-face"] = new Phrase("practice.wrong-face"),
        ["no-label"] = new Phrase("practice.no-label"),
        ["no-such-supply"] = new Phrase("practice.no-such-supply"),
        ["too-late"] = new Phrase("practice.too-late"),
        ["over"] = new Phrase("practice.over"),
    };
}
