using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>A press as it is done on one part of the print.</summary>
/// <param name="Done">How it came out in the model.</param>
/// <param name="At">Its place among the presses of the model, from 0.</param>
/// <param name="Layers">Layers that it presses there.</param>
/// <param name="Laid">Layers laid there just before it.</param>
/// <param name="Part">Which part, from 1; null where all of it is pressed at once.</param>
/// <param name="Parts">How many parts there are.</param>
/// <param name="Place">Where the plate goes; null where all of it is pressed at once.</param>
internal sealed record PartedPress(DonePress Done, int At, IReadOnlyList<string> Layers, IReadOnlyList<string> Laid, int? Part, int Parts,
    Section? Place)
{
    /// <summary>Which of their parts are laid of layers that were cut apart.</summary>
    public IReadOnlyList<CutPart> Cut { get; init; } = [];

    /// <summary>Layers whose carrier was laid with a part before.</summary>
    public IReadOnlyList<string> LiesAlready { get; init; } = [];

    /// <summary>Layers whose carrier reaches on into a part that is still to come.</summary>
    public IReadOnlyList<string> GoesOn { get; init; } = [];
}

/// <summary>
/// Where the plate does not cover a print at once: part by part, each preheated, laid, pressed, peeled and finished before the next.
/// Where a piece of vinyl reaches from one part into the next and more layers follow, each layer is brought to its end on all parts
/// before the next is laid.
/// </summary>
internal static class PartedPresses
{
    /// <summary>The presses of a rehearsal in the order in which they are really done.</summary>
    public static IReadOnlyList<PartedPress> Of(SetJob about, RehearsedPresses rehearsal)
    {
        var presses = rehearsal.Presses.Select((done, at) => (Done: done, At: at, Face: FaceOf(about, rehearsal, done))).ToList();
        var parted = new List<PartedPress>();
        for (var i = 0; i < presses.Count;)
        {
            var face = presses[i].Face;
            var run = presses.Skip(i).TakeWhile(p => p.Face == face).ToList();
            foreach (var together in Together(about, face, [.. run.Select(p => (p.Done, p.At))]))
                parted.AddRange(PartByPart(about, face, together));
            i += run.Count;
        }

        return parted;
    }

    /// <summary>The face that a press is for.</summary>
    public static Face FaceOf(SetJob about, RehearsedPresses rehearsal, DonePress done) =>
        about.Layers.FirstOrDefault(l => done.Press.Layers.Contains(l.Id, StringComparer.Ordinal))?.Layer.Face
        ?? done.Press.Face
        ?? about.Layer(rehearsal.Presses.First(p => p.Press.Laid.Count > 0).Press.Laid[0]).Layer.Face;

    /// <summary>Presses that are done on one part before the next part is begun.</summary>
    private static List<List<(DonePress Done, int At)>> Together(SetJob about, Face face, List<(DonePress Done, int At)> run)
    {
        var whole = JobSections.Of(about.Job, face, Ids(about, face));
        var layings = run.Count(p => Begins(p.Done));
        if (layings < 2 || whole.Reaching(about.Job.Layers.Where(l => l.Face == face)).Count == 0)
            return [run];
        var groups = new List<List<(DonePress, int)>>();
        foreach (var press in run)
        {
            if (groups.Count == 0 || Begins(press.Done))
                groups.Add([]);
            groups[^1].Add(press);
        }

        return groups;
    }

    /// <summary>Something is laid before it, or all that was tacked is pressed at last.</summary>
    private static bool Begins(DonePress done) =>
        done.Press.Laid.Count > 0 || (done.Press.Purpose == PressPurpose.Press && done.Press.UntilBonded);

    private static IEnumerable<PartedPress> PartByPart(SetJob about, Face face, List<(DonePress Done, int At)> presses)
    {
        List<string> layers = [.. presses.SelectMany(p => p.Done.Press.Layers).Distinct(StringComparer.Ordinal)];
        if (layers.Count == 0)
            layers = [.. Ids(about, face)];
        var sections = JobSections.Of(about.Job, face, layers);
        if (sections.Plan is not { Sections.Count: > 1 } plan)
            return presses.Select(p => new PartedPress(p.Done, p.At, p.Done.Press.Layers, p.Done.Press.Laid, null, 1, null));
        var pieces = layers.ToDictionary(id => id, id => sections.PartsOf(about.Layer(id).Layer), StringComparer.Ordinal);
        var partsOf = pieces.ToDictionary(p => p.Key, p => p.Value.SelectMany(of => of).ToHashSet(), StringComparer.Ordinal);
        var reaching = pieces.ToDictionary(p => p.Key, p => p.Value.Where(of => of.Count > 1).SelectMany(of => of).ToHashSet(),
            StringComparer.Ordinal);
        // Whose place nobody knows is laid with the first part.
        foreach (var nowhere in partsOf.Values.Where(of => of.Count == 0))
            nowhere.Add(0);
        // A placement under which nothing is left, because its pieces lie under another, is not made.
        List<int> used = [.. Enumerable.Range(0, plan.Sections.Count).Where(k => partsOf.Values.Any(of => of.Contains(k)))];
        return used.SelectMany((k, nth) =>
            presses.Where(p => p.Done.Press.Layers.Count == 0 || p.Done.Press.Layers.Any(id => partsOf[id].Contains(k))).Select(p =>
        {
            IReadOnlyList<string> Here(IReadOnlyList<string> of) => [.. of.Where(id => partsOf[id].Contains(k))];
            return new PartedPress(p.Done, p.At, Here(p.Done.Press.Layers), Here(p.Done.Press.Laid), nth + 1, used.Count, plan.Sections[k])
            {
                Cut = [.. Here(p.Done.Press.Laid).Where(sections.IsSplit)
                    .SelectMany(id => pieces[id].Index().Where(part => part.Item.Contains(k))
                        .Select(part => new CutPart(id, part.Index + 1, pieces[id].Count)))],
                LiesAlready = [.. layers.Where(id => reaching[id].Contains(k) && reaching[id].Any(of => of < k))],
                GoesOn = [.. layers.Where(id => reaching[id].Contains(k) && reaching[id].Any(of => of > k))],
            };
        }));
    }

    private static IReadOnlyList<string> Ids(SetJob about, Face face) => [.. about.Job.Layers.Where(l => l.Face == face).Select(l => l.Id)];
}
