using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Whether the bare blank is pressed before the vinyl is laid.</summary>
public sealed class PreheatFirst : IOption
{
    /// <summary>Preheat.</summary>
    public const string Yes = "yes";

    /// <summary>Straight on.</summary>
    public const string No = "no";

    /// <inheritdoc/>
    public string Id => "preheat";

    /// <inheritdoc/>
    public string Question => "Preheat the bare blank?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Yes, "preheat"), new(No, "straight on")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (SettingSearch.PreheatSeconds(about.Work) == 0)
            return null;
        var moment = "It flattens the cloth and is the moment to set the pressure.";
        if (about is not RehearsedJob { Measured: { BondWithPreheat: { } with, BondWithout: { } without } measured })
            return new OptionAdvice(Yes, moment);
        var worth = with > without
            ? $"Without it the same press reaches {Wording.Bond(without)} instead of {Wording.Bond(with)}; it drives out {measured.WaterDriven:P0} of the water in the face."
            : "For the bond it makes no difference here.";
        return new OptionAdvice(Yes, $"{worth} {moment}");
    }
}
