namespace Juxtherm.Core.Notices;

/// <summary>A member of the job file and what to set it to.</summary>
/// <param name="Pointer">JSON Pointer of the member.</param>
/// <param name="Value">Its new value as JSON has it; null to take it away.</param>
public sealed record JobEdit(string Pointer, object? Value);

/// <summary>A change to the job that takes a notice away.</summary>
/// <param name="Text">What changes, in words.</param>
/// <param name="Edits">What changes, in the job file.</param>
public sealed record Remedy(string Text, IReadOnlyList<JobEdit> Edits);
