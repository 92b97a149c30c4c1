using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>One answer to a question on which crafters differ.</summary>
/// <param name="Id">Its id in the job file.</param>
/// <param name="Name">For the reader.</param>
public sealed record OptionChoice(string Id, string Name)
{
    /// <summary>What choosing it changes in the job file; what is advised anyway is not written down, so that the advice may
    /// change.</summary>
    public IReadOnlyList<JobEdit> Edits { get; init; } = [];
}
