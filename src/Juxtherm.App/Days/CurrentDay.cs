using System.Text.Json.Nodes;
using Juxtherm.Core.Days;
using Juxtherm.Core.Days.Changes;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Days.Work;
using Juxtherm.Core.Notices;

namespace Juxtherm.App.Days;

/// <summary>The day that is planned, as it stands.</summary>
public sealed record CurrentDay : DayPlan
{
    public CurrentDay(DayPlan plan)
        : base(plan)
    {
    }

    /// <summary>What was wished of it.</summary>
    public required JsonNode Wish { get; init; }

    /// <summary>Counts changes; a change that was made from an older one is refused.</summary>
    public required int Version { get; init; }

    /// <summary>The service's time, UTC.</summary>
    public required DateTimeOffset Now { get; init; }

    /// <summary>What each pair of hands does.</summary>
    public required IReadOnlyList<DayRow> Hands { get; init; }

    /// <summary>What each press does.</summary>
    public required IReadOnlyList<DayRow> Presses { get; init; }

    /// <summary>A better plan is being looked for: how far that is; null where it is not.</summary>
    public ImprovingDay? Improving { get; init; }

    /// <summary>How many things have another time or place than before the last change.</summary>
    public int Moved { get; init; }

    /// <summary>How long this workshop's hands take, as a share of what is typical; what is not in it takes what is typical.</summary>
    public required IReadOnlyList<HandShare> Pace { get; init; }
}

/// <summary>How long this workshop's hands take for something.</summary>
/// <param name="Kind">For what.</param>
/// <param name="Share">As a share of what is typical.</param>
public sealed record HandShare(DayTaskKind Kind, double Share);

/// <summary>A better plan is being looked for.</summary>
/// <param name="Share">Share of the work, 0 to 1.</param>
/// <param name="Finish">When all is done by the best so far, UTC.</param>
/// <param name="Bound">Sooner than this all is never done, UTC.</param>
public sealed record ImprovingDay(double Share, DateTimeOffset Finish, DateTimeOffset Bound);

/// <summary>The day as it is kept.</summary>
/// <param name="Wish">What was wished of it.</param>
/// <param name="Plan">The plan, in metric units.</param>
/// <param name="UsJobs">Its jobs in US units.</param>
/// <param name="UsWhy">Why, in US units.</param>
/// <param name="Said">Ids of what was said in its course.</param>
/// <param name="PressNames">What its presses are called.</param>
/// <param name="Moved">How many things have another time or place than before the last change.</param>
internal sealed record KeptDay(JsonNode Wish, DayPlan Plan, IReadOnlyList<DayJobPlan> UsJobs, IReadOnlyList<string> UsWhy,
    IReadOnlyList<Guid> Said, IReadOnlyDictionary<string, string> PressNames, int Moved)
{
    /// <summary>When hands were heard last.</summary>
    public IReadOnlyList<HandsHeard> Heard { get; init; } = [];

    /// <summary>How fast hands are taken to be in the plan.</summary>
    public HandPace Pace { get; init; } = HandPace.Typical;

    /// <summary>The plan for a reader.</summary>
    public DayPlan In(UnitSystem units) => units == UnitSystem.Us ? Plan with { Jobs = UsJobs, Why = UsWhy } : Plan;
}

/// <summary>Something else that could be done.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="BeginSeconds">So much later than now planned the work begins, s; earlier where below 0.</param>
/// <param name="People">So many more pairs of hands; fewer where below 0.</param>
/// <param name="Presses">So many more presses like the first.</param>
/// <param name="Without">A job that is left out, from 0; null for none.</param>
public sealed record WhatIf(string Name, double BeginSeconds, int People, int Presses, int? Without);

/// <summary>What would come of it.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="From">When the work begins, UTC.</param>
/// <param name="Finish">When all is done, UTC.</param>
/// <param name="LateSeconds">By how much jobs are late, all together, s.</param>
/// <param name="Jobs">When each job is ready, UTC.</param>
/// <param name="HeatChanges">How often a press changes its temperature.</param>
public sealed record WhatIfAnswer(string Name, DateTimeOffset From, DateTimeOffset Finish, long LateSeconds,
    IReadOnlyList<DateTimeOffset> Jobs,
    int HeatChanges);
