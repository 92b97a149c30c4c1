using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Sequencing;

/// <summary>Writes the presses of a job in order: those of the layers as they were found, and those around them as the ways of doing it
/// say.</summary>
internal static class PressSequence
{
    // A press shorter than this cannot be held to.
    private const double ShortestLastPress = 5;

    /// <summary>The presses in order.</summary>
    /// <param name="about">The job, with its setting found.</param>
    /// <param name="laid">The presses of the layers.</param>
    /// <param name="preheatSeconds">Preheat, s; 0 for none.</param>
    /// <param name="back">Whether there is a press from the back, and when; null for none.</param>
    public static IReadOnlyList<SequencePress> Of(SetJob about, LaidSequence laid, double preheatSeconds, string? back)
    {
        var presses = new List<SequencePress>();
        foreach (var face in laid.Faces)
        {
            var begins = presses.Count;
            AddFace(presses, about, face);
            // Each side is preheated at what its first vinyl is pressed at.
            if (preheatSeconds > 0)
                presses.Insert(begins, new SequencePress(PressPurpose.Preheat, [], [], preheatSeconds, false, PeelMethod.None,
                    presses[begins].Set)
                { Face = about.Layer(face.First(p => p.Layers.Count > 0).Layers[0]).Layer.Face });
        }

        List<string> last = [.. laid.Faces[^1].SelectMany(p => p.Layers)];
        var set = presses[^1].Set;
        if (about.Choose(new TotalHeat()) == TotalHeat.OnceMore)
            presses.Add(new SequencePress(PressPurpose.Press, [], last, set.Found.Seconds, false, PeelMethod.None, set));
        if (back is not null)
            presses.Add(new SequencePress(PressPurpose.Back, [], last, about.BackSeconds, false, PeelMethod.None, set));
        if (about.Choose(new FinishPress()) == FinishPress.Finish)
            presses.Add(new SequencePress(PressPurpose.Finish, [], last, FinishPress.SecondsOf(about.Work.Vinyl), false, PeelMethod.None,
                set));
        return back == BackPressWhen.Before ? BeforeThePeel(presses) : presses;
    }

    private static void AddFace(List<SequencePress> presses, SetJob about, IReadOnlyList<LaidPress> face)
    {
        var laid = new List<string>();
        var owed = false;
        foreach (var press in face)
        {
            laid.AddRange(press.Layers);
            var peel = press.Layers.Count == 0 ? PeelMethod.None : about.Layer(press.Layers[0]).Chart.Peel.Value;
            // What was tacked before is bonded along with what is laid last.
            IReadOnlyList<string> bonded = owed || press.Layers.Count == 0 ? [.. laid] : press.Layers;
            var set = about.SetOf(press.Layers.Count == 0 ? laid : press.Layers);
            // A setting that was taken as it is lasts as long as it says, whatever the tacks have given.
            var asSaid = set.Found.From != SettingFrom.Search;
            presses.Add(press.Kind switch
            {
                LaidPressKind.Tack =>
                    new SequencePress(PressPurpose.Tack, press.Layers, press.Layers, TackSeconds(about, press), false,
                        Cooling.AfterATack(peel, about.Work), set),
                LaidPressKind.Last =>
                    new SequencePress(PressPurpose.Press, [], bonded, asSaid
                        ? set.Found.Seconds : ShortestLastPress, !asSaid, PeelMethod.None, set),
                _ => new SequencePress(PressPurpose.Press, press.Layers, bonded, set.Found.Seconds, owed && !asSaid, peel, set),
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

    private static double TackSeconds(SetJob about, LaidPress press) =>
        press.Layers.Max(id => about.Layer(id).Work.Vinyl.Press.TackSeconds.Value);
}
