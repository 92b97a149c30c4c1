using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Practice.Cases;

/// <summary>A situation at a practice bench, as it is met: nothing in it tells what is hidden.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What it is called.</param>
/// <param name="Story">What one is told.</param>
/// <param name="Job">What is to be pressed, with what.</param>
/// <param name="Props">What lies on the table beside it, each as it stands at first.</param>
public sealed record PracticeCase(string Id, Phrase Title, Phrase Story, Job Job, IReadOnlyList<Prop> Props)
{
    /// <summary>It has a care label that can be read; what it is made of is known only then.</summary>
    public bool HasLabel { get; init; }

    /// <summary>Rolls of vinyl to choose from; empty where there is but one.</summary>
    public IReadOnlyList<Vinyl> Shelf { get; init; } = [];

    /// <summary>Nobody knows what the vinyl is: the job holds what it is taken for.</summary>
    public bool Unmarked { get; init; }
}

/// <summary>A case and what is hidden in it.</summary>
/// <param name="Case">As it is met.</param>
/// <param name="Truth">What is hidden.</param>
internal sealed record HiddenCase(PracticeCase Case, HiddenTruth Truth)
{
    /// <summary>The job as it is in truth, where cloth or vinyl are not what they are taken for.</summary>
    public Job? InTruth { get; init; }

    /// <summary>The job as it is in truth.</summary>
    public Job Real => InTruth ?? Case.Job;

    /// <summary>What else may be hidden as well: presses that would have done the same to a piece of the logbook.</summary>
    public IReadOnlyList<HiddenTruth> Alike { get; init; } = [];
}
