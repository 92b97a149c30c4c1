using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Layering;
using Juxtherm.Core.Planning.Ways;

namespace Juxtherm.Core.Planning;

/// <summary>One closing of the press, before it has been tried in the model.</summary>
/// <param name="Purpose">What it is for.</param>
/// <param name="Laid">Layers laid just before it.</param>
/// <param name="Layers">Layers it presses.</param>
/// <param name="Seconds">How long, s; for a press that closes until everything is bonded, at least.</param>
/// <param name="UntilBonded">It stays closed until every layer has its bond.</param>
/// <param name="Peel">The peel after it; none where nothing is peeled.</param>
internal sealed record SequencePress(PressPurpose Purpose, IReadOnlyList<string> Laid, IReadOnlyList<string> Layers, double Seconds, bool UntilBonded, PeelMethod Peel);

/// <summary>Writes the presses of a job in order: those of the layers as they were found, and those around them as the ways of doing it say.</summary>
internal static class PressSequence
{
    // A press shorter than this cannot be held to.
    private const double ShortestLastPress = 5;

    /// <summary>The presses in order.</summary>
    /// <param name="about">The job, with its setting found.</param>
    /// <param name="laid">The presses of the layers.</param>
    /// <param name="preheatSeconds">Preheat, s; 0 for none.</param>
    /// <param name="back">Whether there is a press from the back, and when; null for none.</param>
    public static IReadOnlyList<SequencePress> Of(WayContext about, LaidSequence laid, double preheatSeconds, string? back)
    {
        var found = about.Found ?? throw new ArgumentException("The setting has to be found first.", nameof(about));
        var presses = new List<SequencePress>();
        if (preheatSeconds > 0)
            presses.Add(new SequencePress(PressPurpose.Preheat, [], [], preheatSeconds, false, PeelMethod.None));
        foreach (var face in laid.Faces)
            AddFace(presses, about, face);

        List<string> last = [.. laid.Faces[^1].SelectMany(p => p.Layers)];
        if (about.Choose(new TotalHeat()) == TotalHeat.OnceMore)
            presses.Add(new SequencePress(PressPurpose.Press, [], last, found.Seconds, false, PeelMethod.None));
        if (back is not null)
            presses.Add(new SequencePress(PressPurpose.Back, [], last, about.Work.Source.BackPressSeconds.Value, false, PeelMethod.None));
        if (about.Choose(new FinishPress()) == FinishPress.Finish)
            presses.Add(new SequencePress(PressPurpose.Finish, [], last, FinishPress.SecondsOf(about.Work.Vinyl), false, PeelMethod.None));
        return back == BackPressWhen.Before ? BeforeThePeel(presses) : presses;
    }

    private static void AddFace(List<SequencePress> presses, WayContext about, IReadOnlyList<LaidPress> face)
    {
        var found = about.Found!;
        var laid = new List<string>();
        var owed = false;
        foreach (var press in face)
        {
            laid.AddRange(press.Layers);
            var peel = press.Layers.Count == 0 ? PeelMethod.None : about.Layer(press.Layers[0]).Chart.Peel.Value;
            presses.Add(press.Kind switch
            {
                LaidPressKind.Tack => new SequencePress(PressPurpose.Tack, press.Layers, press.Layers, TackSeconds(about, press), false, peel),
                LaidPressKind.Last => new SequencePress(PressPurpose.Press, [], [.. laid], ShortestLastPress, true, PeelMethod.None),
                // What was tacked before is bonded along with it.
                _ => new SequencePress(PressPurpose.Press, press.Layers, owed ? [.. laid] : press.Layers, found.Seconds, owed, peel),
            });
            owed = press.Kind == LaidPressKind.Tack;
        }
    }

    /// <summary>The press from the back moves to before the peel: the peel now follows it.</summary>
    private static List<SequencePress> BeforeThePeel(List<SequencePress> presses)
    {
        var back = presses.FindIndex(p => p.Purpose == PressPurpose.Back);
        var peel = presses[back - 1].Peel;
        presses[back - 1] = presses[back - 1] with { Peel = PeelMethod.None };
        presses[back] = presses[back] with { Peel = peel };
        return presses;
    }

    private static double TackSeconds(WayContext about, LaidPress press) => press.Layers.Max(id => about.Layer(id).Work.Vinyl.TackSeconds.Value);
}
