using Juxtherm.Core.Placement;

namespace Juxtherm.Core.Planning.Ways;

/// <summary>How the middle line is found on the real thing.</summary>
public sealed class Centring : IWay
{
    /// <summary>Crease on crease.</summary>
    public const string Crease = "crease";

    /// <summary>Measured from the edges.</summary>
    public const string Measure = "measure";

    /// <inheritdoc/>
    public string Id => "centring";

    /// <inheritdoc/>
    public string Question => "How is the middle found?";

    /// <inheritdoc/>
    public int Place => 6;

    /// <inheritdoc/>
    public IReadOnlyList<WayOption> Options(WayContext about) => [new(Crease, "crease on crease"), new(Measure, "measured from the edges")];

    /// <inheritdoc/>
    public IReadOnlyList<string> Accepts => [Crease, Measure];

    /// <inheritdoc/>
    public WayAdvice? Advise(WayContext about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return MayBeCreased(about.Job.Blank)
            ? new WayAdvice(Crease, "Folded edge to edge, the cloth finds its own middle, even where it is cut askew; a crease of 3 s presses out again.")
            : new WayAdvice(Measure, $"{about.Work.Material.Name} must not be creased, or cannot be folded.");
    }

    /// <summary>What the job follows.</summary>
    /// <param name="job">The job.</param>
    public static bool IsCreased(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return job.Choices.GetValueOrDefault("centring") is { } said ? said == Crease : MayBeCreased(job.Blank);
    }

    private static bool MayBeCreased(Blank blank) => PlacementQuestion.MayBeCreased(blank.Form, blank.Material);
}
