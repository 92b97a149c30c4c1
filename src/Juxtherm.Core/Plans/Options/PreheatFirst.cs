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
    public string Question(IWords words) => words.Say("preheat-first.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Yes, "preheat"), new(No, about.Words.Say("preheat-first.no"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (SettingSearch.PreheatSeconds(about.Work) == 0)
            return null;
        var moment = about.Words.Say("preheat-first.moment");
        if (about is not RehearsedJob { Measured: { BondWithPreheat: { } with, BondWithout: { } without } measured })
            return new OptionAdvice(Yes, moment);
        var worth = with > without
            ? about.Words.Say("preheat-first.worth", ("without", without), ("with", with), ("waterDriven", measured.WaterDriven))
            : about.Words.Say("preheat-first.worth-2");
        return new OptionAdvice(Yes, $"{worth} {moment}");
    }
}
