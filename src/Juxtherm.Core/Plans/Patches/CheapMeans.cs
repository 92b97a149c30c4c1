using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Patches;

/// <summary>What anybody has at hand to make a setting surer.</summary>
public enum PatchMeans
{
    /// <summary>A test patch.</summary>
    Patch,

    /// <summary>A bathroom scale under the press.</summary>
    Scale,

    /// <summary>A probe on the plate.</summary>
    Probe,

    /// <summary>Heat strips on the plate.</summary>
    Strip,
}

/// <summary>How much cheap measurements would tell.</summary>
internal static class CheapMeans
{
    /// <summary>What measuring leaves of the doubt, 0 to 1 each; what there is nothing to measure with is left out.</summary>
    /// <param name="source">The press.</param>
    /// <param name="dial">Where its dial stands.</param>
    /// <param name="given">What the setting gives, and what makes it doubtful.</param>
    /// <param name="spread">All the doubt there is, as ln of the bond.</param>
    public static IEnumerable<(PatchMeans Means, double Leaves)> Of(HeatSource source, DialPosition dial, Given given, double spread)
    {
        var all = spread * spread;
        double Leaves(double part, double ofIt) => Math.Sqrt(Math.Max(0, all - part * part * (1 - ofIt * ofIt)) / all);
        if (source.Pressure.ErrorFactor.Value > OwnPresses.WeighedFactor && source.HotAirWm2K is null)
        {
            yield return (PatchMeans.Scale,
                Leaves(given.BondByPressure, Math.Log(OwnPresses.WeighedFactor) / Math.Log(source.Pressure.ErrorFactor.Value)));
        }

        // An iron's plate goes up and down within its mark whatever it is measured with.
        var plateK = source.Dial.ErrorK.Value / Odds.SpreadsInError;
        if (dial.Mark is not null || plateK <= Measuring.StripSpreadK)
            yield break;
        yield return (PatchMeans.Probe, Leaves(given.BondByPlate, Measuring.ProbeSpreadK / plateK));
        yield return (PatchMeans.Strip, Leaves(given.BondByPlate, Measuring.StripSpreadK / plateK));
    }
}
