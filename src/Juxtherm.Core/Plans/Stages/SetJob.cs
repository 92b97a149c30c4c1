using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>The second stage of a plan: what the presses are set to is found.</summary>
public record SetJob : ChartedJob
{
    /// <summary>A charted job with its settings.</summary>
    /// <param name="charted">The job so far.</param>
    public SetJob(ChartedJob charted)
        : base(charted)
    {
    }

    /// <summary>The setting of the leading layer's press.</summary>
    public required FoundSetting Found { get; init; }

    /// <summary>What each layer's full press is set to, by its id; one for all where one serves them.</summary>
    public required IReadOnlyDictionary<string, PressSet> Sets { get; init; }

    /// <summary>Layers are set differently, so that the dial is turned between presses.</summary>
    public bool SetApart => Sets.Values.Distinct().Count() > 1;

    /// <summary>The settings of the job, the least certain first.</summary>
    public IReadOnlyList<FoundSetting> Settings => [.. Sets.Values.Select(s => s.Found).Distinct().OrderByDescending(f => f.Outcome)];

    /// <summary>What presses of some layers are set to: the leading one's where they differ.</summary>
    /// <param name="layers">Their ids; none for the leading layer's.</param>
    public PressSet SetOf(IReadOnlyList<string> layers)
    {
        ArgumentNullException.ThrowIfNull(layers);
        return Sets[layers.Count == 0 ? Lead.Id : layers.MaxBy(id => Layer(id).Chart.Celsius.Value)!];
    }
}
