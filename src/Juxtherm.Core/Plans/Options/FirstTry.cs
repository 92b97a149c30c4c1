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
    public string Question => "A test patch first?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Patch, "press a patch"), new(Straight, "straight on")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about is not SetJob set)
            return null;
        return IsNeeded(set) is { } why ? new OptionAdvice(Patch, why) : new OptionAdvice(Straight, "There is plenty of room either way, even with everything off to one side.");
    }

    /// <summary>Why a patch is worth its vinyl; null where the setting found is safe without one.</summary>
    /// <param name="about">The job, with its setting found.</param>
    internal static string? IsNeeded(SetJob about)
    {
        var (material, blank) = (about.Work.Material, about.Job.Blank);
        return about.Settings.Any(f => f is { From: SettingFrom.Search, Outcome: not SettingOutcome.Safe }) ? "There is little room here, and a patch tells more than the model."
            : material.Uncertain is not null ? $"What the {material.Name.ToLowerInvariant()} will bear is not certain."
            : blank.Costly ? "The blank is hard to replace."
            : null;
    }
}
