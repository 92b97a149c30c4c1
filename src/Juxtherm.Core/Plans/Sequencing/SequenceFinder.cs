using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Sections;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Sequencing;

/// <summary>Asks for the order of the layers, face by face; a face is finished before the piece is turned over.</summary>
internal sealed class SequenceFinder(HeatTable table)
{
    private const int MostRanked = 6;

    public FoundOrders Find(SetJob about, double preheatSeconds)
    {
        // Foam lies up: the face that bears it comes last.
        var faces = about.Layers.GroupBy(l => l.Layer.Face).OrderBy(f => f.Any(l => l.Work.Vinyl.Press.HeatsOnce.Value))
            .ThenBy(f => f.Key != about.Job.Blank.Face).Select(f => f.ToList()).ToList();
        var method = LayersMethod.Method(about.Choose(new LayersMethod()));
        var wish = about.Job.Order.Where(id => about.Layers.Any(l => l.Id == id)).ToList();
        var eitherFirst = faces.Count > 1 && faces.DistinctBy(f => f.Any(l => l.Work.Vinyl.Press.HeatsOnce.Value)).Count() == 1;
        if (method == LayerMethod.AtOnce || about.Layers.Count == 1)
        {
            // On one side all is pressed at once, in whatever order it was wished for.
            var turned = Forbidden(about, wish, _ => 0) is { } pair
                && about.Layer(pair.First).Layer.Face != about.Layer(pair.Second).Layer.Face ? pair : null;
            if (turned is null)
                faces = InOrder(faces, wish, f => f);
            var atOnce = new LaidSequence(
                [.. faces.Select(f => (IReadOnlyList<LaidPress>)[new LaidPress([.. f.Select(l => l.Id)], LaidPressKind.Full)])], 0, 0);
            return new FoundOrders(eitherFirst && wish.Count == 0 ? [atOnce, Turned(atOnce)] : [atOnce], null, turned, null);
        }

        var questions = faces.ConvertAll(f => Question(about, f, method, preheatSeconds));
        var forbidden = Forbidden(about, wish, id =>
        {
            var heats = questions.SelectMany(q => q.Layers).First(l => l.Id == id).Heats;
            return heats.OwnFull + heats.LaterFull;
        });
        if (wish.Count == 0 || forbidden is not null)
        {
            var ranked = Together([.. questions.Select(q => SequenceSearch.Best(q, MostRanked))]);
            // The side that bears being heated again goes first: which one does, the model tells.
            if (eitherFirst)
                ranked = [.. ranked.SelectMany(r => new[] { r, Turned(r) })];
            return new FoundOrders(ranked, null, forbidden, Trim(about, questions, ranked[0]));
        }

        questions = InOrder(questions, wish, q => about.Layers.Where(l => q.Layers.Any(of => of.Id == l.Id)));
        var wished = questions.ConvertAll(q => SequenceSearch.Best(q with { Wanted = wish }, MostRanked));
        return new FoundOrders(Together(wished), Together([.. questions.Select(q => SequenceSearch.Best(q, 1))])[0], null, null);
    }

    /// <summary>The same with the other side first.</summary>
    private static LaidSequence Turned(LaidSequence laid) => laid with { Faces = [.. laid.Faces.Reverse()] };

    /// <summary>Sides in the order in which the wish first names a layer of them; foam comes last all the same.</summary>
    private static List<T> InOrder<T>(List<T> faces, List<string> wish, Func<T, IEnumerable<LayerInPlan>> layers) =>
        [.. faces.OrderBy(f => layers(f).Any(l => l.Work.Vinyl.Press.HeatsOnce.Value))
            .ThenBy(f => layers(f).Select(l => wish.IndexOf(l.Id)).Select(at => at < 0 ? int.MaxValue : at).Min())];

    /// <summary>What would go together if carriers were trimmed as close as scissors can.</summary>
    private static TrimSaving? Trim(SetJob about, List<SequenceQuestion> questions, LaidSequence now)
    {
        bool Trimmed(string a, string b) =>
            about.Stack.GoTogether(a, b)
            || (about.Stack.GoTogether(a, b, carriersMeet: false)
                && Carriers.ApartMm(about.Stack[a], about.Stack[b]) >= 2 * Carriers.ClosestTrimMm + Carriers.BetweenMm);
        if (questions.TrueForAll(q => q.Layers.Count < 2))
            return null;
        var then = Together([.. questions.Select(q => SequenceSearch.Best(q with { Together = Trimmed }, 1))])[0];
        if (then.Presses >= now.Presses || then.Excess > now.Excess)
            return null;
        var margins = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var group in then.Faces.SelectMany(f => f).Select(p => p.Layers))
        {
            foreach (var id in group.Where(id => group.Any(other => other != id && about.Stack.CarriersMeet(id, other))))
            {
                var room = group.Where(other => other != id)
                    .Min(other => Carriers.ApartMm(about.Stack[id], about.Stack[other]) ?? double.MaxValue);
                margins[id] = Math.Floor((room - Carriers.BetweenMm) / 2 * 2) / 2;
            }
        }

        return new TrimSaving(now.Presses - then.Presses, margins);
    }

    /// <summary>What the wish asks for and cannot be: what lies below, or does not foam, comes first.</summary>
    private static ForbiddenWish? Forbidden(SetJob about, List<string> wish, Func<string, double> pressedTwice)
    {
        for (var i = 0; i < wish.Count; i++)
        {
            for (var j = i + 1; j < wish.Count; j++)
            {
                var (first, second) = (about.Layer(wish[i]), about.Layer(wish[j]));
                if ((first.Layer.Face == second.Layer.Face && about.Stack.Reaches(first.Id, second.Id))
                    || (ComesLast(about, first) && !ComesLast(about, second)))
                    return new ForbiddenWish(first.Id, second.Id, pressedTwice(first.Id));
                if (first.Layer.Face != second.Layer.Face
                    && wish.Skip(j).FirstOrDefault(id => about.Layer(id).Layer.Face == first.Layer.Face) is { } back)
                    return new ForbiddenWish(second.Id, back, 0, Turns: true);
            }
        }

        return null;
    }

    /// <summary>Foam, and what lies on it.</summary>
    private static bool ComesLast(SetJob about, LayerInPlan layer) =>
        layer.Work.Vinyl.Press.HeatsOnce.Value || about.Stack.Under(layer.Id).Any(id => about.Layer(id).Work.Vinyl.Press.HeatsOnce.Value);

    private SequenceQuestion Question(SetJob about, List<LayerInPlan> layers, LayerMethod method, double preheatSeconds)
    {
        var pressed = layers.AsParallel().Select(l => (l.Id, Pressed: table.Of(l, about.Sets[l.Id], preheatSeconds)))
            .ToDictionary(p => p.Id, p => p.Pressed, StringComparer.Ordinal);
        var heated = JobSections.Of(about.Job, layers[0].Layer.Face, [.. layers.Select(l => l.Id)]);
        return new SequenceQuestion(
            layers.ConvertAll(l => new SequenceLayer(
                l.Id, l.Layer.AreaMm2 ?? 0, l.Work.Vinyl.Press.HeatsOnce.Value, about.SetApart
                || l.Chart.Peel.Value == PeelMethod.Cold, l.MostHeatDose,
                Times(pressed[l.Id].Heats, heated.HeatsOf(l.Layer)), UpperLayers.ExtraSeconds(about, l), pressed[l.Id].TackSeconds,
                pressed[l.Id].FullSeconds)),
            about.Stack.Reaches, (a, b) => about.Stack.GoTogether(a, b)
            && about.Sets[a] == about.Sets[b], method, about.Choose(new LastPress()) == LastPress.Carrier,
            pressed.Values.Max(p => p.LastSeconds), about.Choose(new TotalHeat()) == TotalHeat.OnceMore
            ? 1 : 0, about.Figures.LaySeconds.Value);
    }

    /// <summary>Where placements of the plate overlap, each press heats more than once.</summary>
    private static LayerHeats Times(LayerHeats heats, int n) =>
        new(heats.OwnTack * n, heats.OwnFull * n, heats.LaterTack * n, heats.LaterFull * n, heats.LaterLast * n);

    /// <summary>Faces do not heed each other: the best of all is the best of each, and the next best changes one of them.</summary>
    private static List<LaidSequence> Together(List<IReadOnlyList<FoundSequence>> faces)
    {
        var best = faces.ConvertAll(f => f[0]);
        LaidSequence Of(IReadOnlyList<FoundSequence> chosen) =>
            new([.. chosen.Select(c => c.Presses)], chosen.Sum(c => c.Excess), chosen.Sum(c => c.Seconds));
        var others = faces.SelectMany((f, face) => f.Skip(1).Select(other => Of([.. best.Select((b, i) => i == face ? other : b)])));
        return [Of(best), .. others.OrderBy(s => s.Excess).ThenBy(s => s.Presses).ThenBy(s => s.Seconds)];
    }
}
