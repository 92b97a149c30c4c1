using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Whether a small patch is pressed before the first piece.</summary>
public sealed class FirstTry : IOption
{
    /// <summary>Press a patch.</summary>
    public const string Patch = "patch";

    /// <summary>Straight on.</summary>
    public const string Straight = "straight";

    /// <inheritdoc/>
    public string Id => "firstTry";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("first-try.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Patch, about.Words.Say("first-try.patch")), new(Straight, about.Words.Say("first-try.straight"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about is not SetJob set)
            return null;
        return IsNeeded(set) is { } why
            ? new OptionAdvice(Patch, why) : new OptionAdvice(Straight, set.Words.Say("first-try.straight-why"));
    }

    /// <summary>Why a patch is worth its vinyl; null where the setting found is safe without one.</summary>
    /// <param name="about">The job, with its setting found.</param>
    internal static string? IsNeeded(SetJob about)
    {
        var (material, blank) = (about.Work.Material, about.Job.Blank);
        return about.Settings.Any(f => f is { From: SettingFrom.Search, Outcome: not SettingOutcome.Safe })
            ? about.Words.Say("first-try.is-needed")
            : material.Doubt.Uncertain is not null ? about.Words.Say("first-try.is-needed-2", ("material", material.Name))
            : blank.Costly ? about.Words.Say("first-try.is-needed-3")
            : null;
    }
}
