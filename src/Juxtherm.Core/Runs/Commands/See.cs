namespace Juxtherm.Core.Runs.Commands;

/// <summary>What is seen on the piece in hand.</summary>
internal sealed class See : ICommand
{
    public BenchAction Action => BenchAction.See;

    public RunState Take(Scene scene)
    {
        var piece = Sight.ToLookAt(scene);
        if (Sight.Signs(scene) is not { Count: > 0 } seen)
            throw new BenchRefusedException("nothing-seen", scene.Words.Say("refused.nothing-seen"));
        return scene.State.With(
            piece with
            {
                Sightings = [.. piece.Sightings,
                    new Sighting(scene.Said.At, piece.Step, seen, Notes.Clean(scene.Said.Note))
                    { Face = scene.Said.Face, Layer = scene.Said.Layer }]
            });
    }
}
