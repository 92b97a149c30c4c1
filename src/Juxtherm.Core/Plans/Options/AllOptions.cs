using Juxtherm.Core.Notices;
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
        return [.. List.Select(o => o.Advise(about) is { } advice ? Planned(about, o, advice) : null).OfType<PlannedOption>()];
    }

    private static PlannedOption Planned(ChartedJob about, IOption option, OptionAdvice advice)
    {
        var given = about.Job.Given;
        var choices = option.Choices(about)
            .Select(c => c with { Edits = JobEdit.On(given, [JobEdit.To(option.Pointer, c.Id == advice.Option ? null : c.Id)]) });
        return new PlannedOption(option.Id, option.Question(about.Words), about.Choose(option)!, advice.Option, advice.Reason,
            option.Pointer, [.. choices]);
    }
}
