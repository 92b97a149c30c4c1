using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Says how sure a plan is.</summary>
internal static class CertaintyWriter
{
    // Beyond so many in 100 nobody counts singly.
    private const double CountedSingly = 10;
    private const double Steps = 5;

    /// <summary>Of a job that was carried out in the model: whether it holds as it is peeled, and what all its presses may harm.</summary>
    /// <param name="about">The job.</param>
    /// <param name="rehearsal">What was carried out.</param>
    /// <param name="budget">How each layer's heat adds up.</param>
    public static PlanCertainty Of(SetJob about, RehearsedPresses rehearsal, HeatLedger budget)
    {
        var (last, peel) = (rehearsal.Presses[^1], rehearsal.AtPeel);
        var outlook = about.Layers.Select(layer =>
        {
            var found = about.Sets[layer.Id].Found;
            return found.Window.GivenInAll(layer.Work, found.Dial, found.Seconds, peel.Heat[layer.Id].Bond, budget.Total(layer.Id),
                last.HottestBareCelsius).Outlook(layer.Layer.Belief);
        }).Aggregate((a, b) => a.Or(b));
        var (from, why) = From(about);
        return new PlanCertainty(Math.Round(outlook.Short, 3), Math.Round(outlook.Harm, 3), from, PerHundred(outlook, about.Words),
            why);
    }

    /// <summary>How a setting may come out, in a sentence.</summary>
    /// <param name="outlook">The chances.</param>
    /// <param name="words">Says it.</param>
    public static string PerHundred(Outlook outlook, IWords words)
    {
        var (lift, harm) = (Count(outlook.Short), Count(outlook.Harm));
        return words.Say("certainty.per-hundred",
            ("short", lift == 0 ? words.Say("certainty.lift.none") : words.Say("certainty.lift.some", ("count", lift))),
            ("harm", harm == 0 ? words.Say("certainty.harm.none") : words.Say("certainty.harm.some", ("count", harm))));
    }

    private static double Count(double chance)
    {
        var count = Math.Round(100 * chance);
        return count <= CountedSingly ? count : Math.Round(count / Steps) * Steps;
    }

    private static (Knowledge From, string Why) From(SetJob about)
    {
        var (belief, source, words) = (about.Lead.Layer.Belief.From, about.Work.Source, about.Words);
        if (belief == Knowledge.Patches)
            return (belief, words.Say("certainty.from.patches"));
        if (belief == Knowledge.Logbook || source.Dial.ErrorK.From.Kind == ProvenanceKind.Logbook)
            return (Knowledge.Logbook, words.Say("certainty.from.logbook"));
        return source.Dial.ErrorK.From.Kind == ProvenanceKind.Owner || source.Pressure.ErrorFactor.From.Kind == ProvenanceKind.Owner
            ? (Knowledge.Measured, words.Say("certainty.from.measured")) : (Knowledge.Typical, words.Say("certainty.from.typical"));
    }
}
