namespace Juxtherm.Core.Runs.Commands;

/// <summary>The press itself says when it closes and opens.</summary>
internal sealed class Wire : ICommand
{
    public BenchAction Action => BenchAction.Wire;

    public RunState Take(Scene scene) => scene.State.With(scene.Speaker() with { Wired = true });
}
