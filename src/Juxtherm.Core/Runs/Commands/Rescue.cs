namespace Juxtherm.Core.Runs.Commands;

/// <summary>What is done about something seen: steps that come before anything else.</summary>
internal sealed class Rescue : ICommand
{
    private const int MostRescueSteps = 12;

    public BenchAction Action => BenchAction.Rescue;

    public RunState Take(Scene scene)
    {
        var piece = Sight.ToLookAt(scene);
        if (piece.Sightings.Count == 0)
            throw new BenchRefusedException("nothing-seen", scene.Words.Say("refused.nothing-seen-2"));
        if (scene.Said.Steps is not { Count: > 0 and <= MostRescueSteps } steps)
            throw new BenchRefusedException("no-rescue", scene.Words.Say("refused.no-rescue"));
        return scene.State.With(
            piece with { Rescue = steps, RescueStep = 0, EnteredAt = scene.Said.At, Moves = piece.Moves + 1, InFlow = true });
    }
}
