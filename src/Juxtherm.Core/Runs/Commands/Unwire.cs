namespace Juxtherm.Core.Runs.Commands;

/// <summary>The press is run by hand.</summary>
internal sealed class Unwire : ICommand
{
    public BenchAction Action => BenchAction.Unwire;

    public RunState Take(Scene scene) => scene.State.With(scene.Speaker() with { Wired = false });
}
