using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Artwork whose letters read backward: it may have been reversed for cutting already.</summary>
public sealed class ReadsBackwards : IPlanRule
{
    // So many letters have to say so, and so many times more of them than say the contrary.
    private const int FewestLetters = 3;
    private const int TimesMore = 3;

    /// <inheritdoc/>
    public string Code => "reads-backwards";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        // What is set here reads as it is typed, and what is said to be reversed is known.
        var drawn = plan.Job.Layers.Where(l => l is { Shape: not null, Words: null, Reversed: false }).ToList();
        var votes = drawn.ConvertAll(l => l.Shape!.LetterVotes);
        var (forward, backward) = (votes.Sum(v => v.Forward), votes.Sum(v => v.Backward));
        if (backward < FewestLetters || backward < TimesMore * forward)
            return null;
        return this.Say(plan, NoticeLevel.Caution, plan.Words.Say("reads-backwards.caution", ("letters", backward)),
            plan.Words.Say("reads-backwards.caution-why"), ("letters", backward, "1")) with
        {
            Remedies = [new Remedy(plan.Words.Say("reads-backwards.reversed"), [.. drawn.SelectMany(l => new[]
                { JobEdit.To($"/layers/{l.At}/reversed", true), JobEdit.To($"/layers/{l.At}/mirrored", null) })])],
        };
    }
}
