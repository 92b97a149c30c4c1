using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>All questions that ship.</summary>
public static class AllOptions
{
    /// <summary>In the order of the work.</summary>
    public static IReadOnlyList<IOption> List { get; } =
    [
        new DropCounting(), new Centring(), new Prewash(), new PreheatFirst(), new CoverSheet(), new Underneath(), new LayingOut(),
        new LayersMethod(), new UpperLayers(), new LastPress(), new TotalHeat(), new PuffTime(), new FirstTry(), new UnknownBlankStart(),
        new BackPress(), new BackPressWhen(), new PeelCheck(), new FinishPress(), new HouseholdIron(),
    ];

    /// <summary>The questions that arise in a plan, with the answers it follows.</summary>
    /// <param name="about">The finished plan's context.</param>
    public static IReadOnlyList<PlannedOption> In(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return [.. List.Select(way => way.Advise(about) is { } advice ? new PlannedOption(way.Id, way.Question(about.Words), about.Choose(way)!, advice.Option, advice.Reason, way.Pointer, way.Choices(about)) : null).OfType<PlannedOption>()];
    }
}
