using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning.Ways;

/// <summary>Whether a small patch is pressed before the first piece.</summary>
public sealed class FirstTry : IWay
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
    public int Place => 90;

    /// <inheritdoc/>
    public IReadOnlyList<WayOption> Options(WayContext about) => [new(Patch, "press a patch"), new(Straight, "straight on")];

    /// <inheritdoc/>
    public IReadOnlyList<string> Accepts => [Patch, Straight];

    /// <inheritdoc/>
    public WayAdvice? Advise(WayContext about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about.Found is not { } found)
            return null;
        var (material, blank) = (about.Work.Material, about.Job.Blank);
        if (found.Outcome != SettingOutcome.Safe)
            return new WayAdvice(Patch, "There is little room here, and a patch tells more than the model.");
        if (material.Uncertain is not null)
            return new WayAdvice(Patch, $"What the {material.Name.ToLowerInvariant()} will bear is not certain.");
        return blank.Costly
            ? new WayAdvice(Patch, "The blank is hard to replace.")
            : new WayAdvice(Straight, "There is plenty of room either way, even with everything off to one side.");
    }
}
