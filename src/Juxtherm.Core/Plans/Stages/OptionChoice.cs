namespace Juxtherm.Core.Plans.Stages;

/// <summary>One answer to a question on which crafters differ.</summary>
/// <param name="Id">Its id in the job file.</param>
/// <param name="Name">For the reader.</param>
public sealed record OptionChoice(string Id, string Name);
