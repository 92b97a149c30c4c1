using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Remedies;
using Juxtherm.Core.Plans.Sequencing;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Vinyl would lie on another piece's carrier, or a carrier's edge on finished vinyl.</summary>
public sealed class CarrierOverlap : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "carrier-overlap";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var trims = plan.Sequence is { } laid
            ? CarrierTrims.Needed(plan.About, laid) : new Dictionary<string, double>(StringComparer.Ordinal);
        Notice With(Notice notice, LayerInPlan one, LayerInPlan two)
        {
            var mine = trims.Where(t => t.Key == one.Id || t.Key == two.Id).ToDictionary(StringComparer.Ordinal);
            var atOnce = plan.Job.Choices.GetValueOrDefault(new LayersMethod().Id) == LayersMethod.AtOnce;
            return notice with
            {
                Layers = [one.Id, two.Id],
                Remedies = [.. new[] { mine.Count == 0
                    ? null : LayerRemedies.Trim(plan.About, mine), atOnce
                    ? new Remedy(plan.Words.Say("carrier-overlap.with"), [JobEdit.To($"/choices/{new LayersMethod().Id}", null)])
                    : null }.OfType<Remedy>()],
            };
        }

        var earlier = new List<LayerInPlan>();
        foreach (var press in plan.Presses)
        {
            var together = press.Laid.Select(id => plan.About.Layer(id)).ToList();
            foreach (var upper in together)
            {
                if (together.Find(other => other != upper
                    && (plan.Stack.Reaches(upper.Id, other.Id) || Carriers.VinylOn(plan.Stack[upper.Id], plan.Stack[other.Id])))
                    is { } under)
                {
                    return With(this.Say(plan, NoticeLevel.Stop,
                        plan.Words.Say("carrier-overlap.stop", ("upper", plan.Named(upper)), ("under", plan.Named(under))),
                        plan.Words.Say("carrier-overlap.stop-why")), upper, under);
                }

                // A tack is too short and light to leave a mark; a full press is not.
                if (press.Purpose == PressPurpose.Press
                    && earlier.Find(lower => Carriers.EdgeOn(plan.Stack[upper.Id], plan.Stack[lower.Id])) is { } finished)
                {
                    var how = trims.TryGetValue(upper.Id, out var to)
                        ? plan.Words.Say("carrier-overlap.how", ("to", Thing.FineMm(to)))
                        : plan.Words.Say("carrier-overlap.how-2", ("finished", plan.Named(finished)));
                    return With(this.Say(plan, NoticeLevel.Caution,
                        plan.Words.Say("carrier-overlap.caution", ("upper", plan.Named(upper)), ("finished", plan.Named(finished)),
                            ("how", how)), plan.Words.Say("carrier-overlap.caution-why")), upper, finished);
                }
            }

            earlier.AddRange(together);
        }

        return null;
    }
}
