using Juxtherm.Core.Planning;

namespace Juxtherm.Core.Bench;

/// <summary>One action at the press.</summary>
/// <param name="Index">Place in the run, from 0.</param>
/// <param name="Piece">Which piece, from 1; 0 for what is done once.</param>
/// <param name="Stage">Which part of the work.</param>
/// <param name="Kind">How it ends.</param>
/// <param name="Text">What to do with the hands.</param>
/// <param name="Seconds">How long it takes or must last, s.</param>
/// <param name="PressOrder">The press it belongs to; null for none.</param>
public sealed record BenchStep(int Index, int Piece, WorkStage Stage, StepKind Kind, string Text, double Seconds, int? PressOrder);

/// <summary>Everything that a run does, in order, taken from a plan and frozen.</summary>
/// <param name="Pieces">How many pieces.</param>
/// <param name="Steps">All steps.</param>
public sealed record BenchScript(int Pieces, IReadOnlyList<BenchStep> Steps)
{
    /// <summary>Unrolls a plan over its pieces.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="pieces">How many pieces, at least 1.</param>
    public static BenchScript Of(Plan plan, int pieces)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentOutOfRangeException.ThrowIfLessThan(pieces, 1);
        var atPress = plan.Steps.Where(s => s.Kind != StepKind.Know).ToList();
        var steps = new List<BenchStep>();
        void Add(PlanStep step, int piece) => steps.Add(new BenchStep(steps.Count, piece, step.Stage, step.Kind, step.Text, step.Seconds, step.PressOrder));
        foreach (var step in atPress.Where(s => s.OncePerRun))
            Add(step, 0);
        for (var piece = 1; piece <= pieces; piece++)
        {
            foreach (var step in atPress.Where(s => !s.OncePerRun))
                Add(step, piece);
        }

        return new BenchScript(pieces, steps);
    }
}
