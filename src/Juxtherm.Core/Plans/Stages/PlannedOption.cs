using System.Text.Json.Serialization;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>A way of doing it, as a plan shows it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Question">The question.</param>
/// <param name="Chosen">Option that the plan follows.</param>
/// <param name="Advised">Option that is advised.</param>
/// <param name="Reason">Why that.</param>
/// <param name="Pointer">Where in the job file the answer is kept.</param>
/// <param name="Choices">The answers to choose from.</param>
public sealed record PlannedOption(string Id, string Question, string Chosen, string Advised, string Reason, string Pointer,
    [property: JsonPropertyName("options")] IReadOnlyList<OptionChoice> Choices);
