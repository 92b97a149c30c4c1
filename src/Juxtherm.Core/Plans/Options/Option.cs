using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>What is advised, and why.</summary>
/// <param name="Option">Option id.</param>
/// <param name="Reason">The reason, in the reader's units, with the model's figures where it can settle the question.</param>
public sealed record OptionAdvice(string Option, string Reason);

/// <summary>A question on which crafters differ. A new one is a new class in this folder and a line in <see cref="AllOptions"/>.</summary>
public interface IOption
{
    /// <summary>Its id.</summary>
    string Id { get; }

    /// <summary>The question, for the reader.</summary>
    /// <param name="words">Says it.</param>
    string Question(IWords words);

    /// <summary>Where in the job file the answer is kept, as a JSON Pointer.</summary>
    string Pointer => $"/choices/{Id}";

    /// <summary>The answers to choose from here.</summary>
    /// <param name="about">The job as far as it is planned.</param>
    IReadOnlyList<OptionChoice> Choices(ChartedJob about);

    /// <summary>What is advised.</summary>
    /// <param name="about">The job as far as it is planned.</param>
    /// <returns>Null when the question does not arise.</returns>
    OptionAdvice? Advise(ChartedJob about);

    /// <summary>What the job says; null when it leaves it to the advice.</summary>
    /// <param name="job">The job.</param>
    string? Said(Job job) => job.Choices.GetValueOrDefault(Id);
}
