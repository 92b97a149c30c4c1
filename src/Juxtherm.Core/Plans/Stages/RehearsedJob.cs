namespace Juxtherm.Core.Plans.Stages;

/// <summary>A later stage of a plan: it was carried out in the model, which has its say where crafters differ.</summary>
public sealed record RehearsedJob : SetJob
{
    /// <summary>A job that is set, with what its rehearsal told.</summary>
    /// <param name="set">The job so far.</param>
    /// <param name="measured">What the model measured.</param>
    [System.Diagnostics.CodeAnalysis.SetsRequiredMembers]
    public RehearsedJob(SetJob set, Measured measured)
        : base(set) => Measured = measured;

    /// <summary>What the model measured.</summary>
    public Measured Measured { get; }
}
