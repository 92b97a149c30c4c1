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

/// <summary>Puts the presses of a job in order, as the ways of doing it say.</summary>
internal static class PressSequence
{
    // A press shorter than this cannot be held to.
    private const double ShortestLastPress = 5;

    /// <summary>The presses in order.</summary>
    /// <param name="about">The job, with its setting found.</param>
    /// <param name="preheatSeconds">Preheat, s; 0 for none.</param>
    /// <param name="back">Whether there is a press from the back, and when; null for none.</param>
    public static IReadOnlyList<SequencePress> Of(WayContext about, double preheatSeconds, string? back)
    {
        var found = about.Found ?? throw new ArgumentException("The setting has to be found first.", nameof(about));
        var presses = new List<SequencePress>();
        if (preheatSeconds > 0)
            presses.Add(new SequencePress(PressPurpose.Preheat, [], [], preheatSeconds, false, PeelMethod.None));

        var groups = about.Groups;
        var laid = new List<string>();
        // A face is finished before the piece is turned over.
        foreach (var face in groups.GroupBy(g => about.Layer(g.Layers[0]).Layer.Face))
        {
            laid = [];
            AddFace(presses, laid, about, [.. face]);
        }

        if (about.Choose(new TotalHeat()) == TotalHeat.OnceMore)
            presses.Add(new SequencePress(PressPurpose.Press, [], [.. laid], found.Seconds, false, PeelMethod.None));
        if (back is not null)
            presses.Add(new SequencePress(PressPurpose.Back, [], [.. laid], about.Work.Source.BackPressSeconds.Value, false, PeelMethod.None));
        if (about.Choose(new FinishPress()) == FinishPress.Finish)
            presses.Add(new SequencePress(PressPurpose.Finish, [], [.. laid], FinishPress.SecondsOf(about.Work.Vinyl), false, PeelMethod.None));
        return back == BackPressWhen.Before ? BeforeThePeel(presses) : presses;
    }

    /// <summary>The presses of one face.</summary>
    private static void AddFace(List<SequencePress> presses, List<string> laid, WayContext about, List<LayerGroup> groups)
    {
        var found = about.Found!;
        var carrierLast = about.Choose(new LastPress()) == LastPress.Carrier;
        var owed = false;
        for (var i = 0; i < groups.Count; i++)
        {
            var group = groups[i];
            var peel = about.Layer(group.Layers[0]).Chart.Peel.Value;
            var last = i == groups.Count - 1 || about.Layer(groups[i + 1].Layers[0]).Work.Vinyl.HeatsOnce.Value;
            laid.AddRange(group.Layers);
            // A single layer has nothing to be tacked for; with the carrier still on the last group's press is the last press.
            var tack = group.Tacked && groups.Count > 1 && !(last && (carrierLast || (laid.Count == group.Layers.Count && !owed)));
            if (!tack)
            {
                // What was tacked before is bonded along with it.
                presses.Add(new SequencePress(PressPurpose.Press, group.Layers, owed ? [.. laid] : group.Layers, found.Seconds, owed, peel));
                owed = false;
                continue;
            }

            presses.Add(new SequencePress(PressPurpose.Tack, group.Layers, group.Layers, TackSeconds(about, group), false, peel));
            owed = true;
            if (!last)
                continue;
            presses.Add(new SequencePress(PressPurpose.Press, [], [.. laid], ShortestLastPress, true, PeelMethod.None));
            owed = false;
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

    private static double TackSeconds(WayContext about, LayerGroup group) => about.Layers.Where(l => group.Layers.Contains(l.Id, StringComparer.Ordinal)).Max(l => l.Work.Vinyl.TackSeconds.Value);
}
