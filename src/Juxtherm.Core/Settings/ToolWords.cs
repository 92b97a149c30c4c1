using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Settings;

/// <summary>Words that fit the tool at hand and what is pressed: a plate swings away, an iron is set aside, a wrap is opened, a gun is
/// switched off.</summary>
/// <param name="work">The piece of work.</param>
/// <param name="words">Says it.</param>
internal sealed class ToolWords(Workpiece work, IWords words)
{
    private bool Gun => work.Source.HotAirWm2K is not null;

    private bool Wrap => !Gun && work.Form.Shape == FaceShape.Curved;

    /// <summary>It is put down by hand.</summary>
    public bool HeldByHand => work.Source.HeldByHand;

    /// <summary>What is hot: plate, iron, wrap or gun.</summary>
    public string Hot => Gun ? "gun" : Wrap ? "wrap" : work.Source.Dial.Marks.Count > 0 ? "iron" : "plate";

    /// <summary>Turning it on.</summary>
    /// <param name="set">Where its dial or mark is to stand.</param>
    public string HeatUp(string set) =>
        Gun ? words.Say("tool-words.heat-up", ("set", set))
        : work.Source.Dial.Marks.Count > 0
        ? words.Say("tool-words.heat-up-2", ("set", set)) : words.Say("tool-words.heat-up-3", ("set", set));

    /// <summary>How it is kept out of the way while hands are at the piece.</summary>
    public string OutOfTheWay => Gun ? words.Say("tool-words.out-of-the-way")
        : HeldByHand ? words.Say("tool-words.out-of-the-way-2", ("marks", work.Source.Dial.Marks.Count))
        : Wrap ? words.Say("tool-words.out-of-the-way-3")
        : work.Source.Hinged ? words.Say("tool-words.out-of-the-way-4") : words.Say("tool-words.out-of-the-way-5");

    /// <summary>How even pressure is seen to.</summary>
    /// <param name="pressure">How hard.</param>
    public string EvenPressure(string pressure) => Gun ? words.Say("tool-words.even-pressure", ("pressure", pressure))
        : HeldByHand ? words.Say("tool-words.even-pressure-2", ("pressure", pressure))
        : Wrap ? words.Say("tool-words.even-pressure-3", ("pressure", pressure), ("form", work.Form.Name))
        : words.Say("tool-words.even-pressure-4", ("pressure", pressure));

    /// <summary>Where a test patch goes.</summary>
    public string ForAPatch => work.Material.Kind switch
    {
        MaterialKind.Cloth => words.Say("tool-words.for-apatch.cloth"),
        MaterialKind.Hide => words.Say("tool-words.for-apatch.hide"),
        _ => words.Say("tool-words.for-apatch.else"),
    };

    /// <summary>What lies beside the print, bare.</summary>
    public string Beside =>
        work.Material.Kind == MaterialKind.Cloth
        ? words.Say("tool-words.beside") : words.Say("tool-words.beside-2", ("form", work.Form.Name));
}
