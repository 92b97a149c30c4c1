using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Settings;

/// <summary>Words that fit the tool at hand and what is pressed: a plate swings away, an iron is set aside, a wrap is opened, a gun is switched off.</summary>
/// <param name="work">The piece of work.</param>
internal sealed class ToolWords(Workpiece work)
{
    private bool Gun => work.Source.HotAirWm2K is not null;

    private bool Wrap => !Gun && work.Form.Shape == FaceShape.Curved;

    /// <summary>It is put down by hand.</summary>
    public bool HeldByHand => work.Source.HeldByHand;

    /// <summary>What is hot: plate, iron, wrap or gun.</summary>
    public string Hot => Gun ? "gun" : Wrap ? "wrap" : work.Source.Marks.Count > 0 ? "iron" : "plate";

    /// <summary>Turning it on.</summary>
    /// <param name="set">Where its dial or mark is to stand.</param>
    public string HeatUp(string set) => Gun ? $"Set the gun to {set}, and plug it in where its cord reaches." : work.Source.Marks.Count > 0 ? $"Turn the iron to {set} and let it heat up." : $"Set the press to {set} and let it heat up.";

    /// <summary>How it is kept out of the way while hands are at the piece.</summary>
    public string OutOfTheWay => Gun ? "with the gun off and on its stand"
        : HeldByHand ? $"with the {(work.Source.Marks.Count > 0 ? "iron" : "press")} on its stand"
        : Wrap ? "with the wrap open"
        : work.Source.Hinged ? "on the table, not under the open plate, and carry it over" : "with the plate swung away";

    /// <summary>How even pressure is seen to.</summary>
    /// <param name="pressure">How hard.</param>
    public string EvenPressure(string pressure) => Gun ? $"Heat-proof glove at hand: it presses, {pressure}, between the passes."
        : HeldByHand ? $"Even, {pressure} pressure: straight down with your weight over the middle, on a table that does not give."
        : Wrap ? $"Even, {pressure} pressure: closed, the wrap holds the {work.Form.Name.ToLowerInvariant()} so that it cannot turn."
        : $"Even, {pressure} pressure: a strip of paper under each corner holds equally fast.";

    /// <summary>Where a test patch goes.</summary>
    public string ForAPatch => work.Material.Kind switch
    {
        MaterialKind.Cloth => "near the hem",
        MaterialKind.Hide => "on a scrap, or where it does not show",
        _ => "on a spare one, or where it does not show",
    };

    /// <summary>What lies beside the print, bare.</summary>
    public string Beside => work.Material.Kind == MaterialKind.Cloth ? "the cloth beside the print" : $"the bare {work.Form.Name.ToLowerInvariant()} beside the print";
}
