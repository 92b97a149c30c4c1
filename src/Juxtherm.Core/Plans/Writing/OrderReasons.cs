using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Sequencing;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Says why the layers are laid in this order, and what the next best would cost.</summary>
internal sealed class OrderReasons(SetJob about, FoundOrders found, LaidSequence chosen)
{
    public PressOrder? Write()
    {
        if (about.Layers.Count < 2)
            return null;
        var wished = found.Free is not null;
        // The wish is compared with what would be best without it; otherwise the best with the next best.
        var other = wished ? found.Free! : found.Ranked.FirstOrDefault(s => s != chosen);
        return new PressOrder(
            Groups(chosen), chosen.Presses, Math.Round(chosen.Seconds), [.. Why(wished)],
            other is null || Same(other) ? null : new OtherOrder(Groups(other), other.Presses, Math.Round(other.Seconds), Compared(other, wished), [.. other.Faces.SelectMany(f => f).SelectMany(p => p.Layers)]), wished);
    }

    private static List<OrderedGroup> Groups(LaidSequence sequence) => [.. sequence.Faces.SelectMany(f => f).Select(p => new OrderedGroup(p.Layers, p.Kind))];

    private bool Same(LaidSequence other) => other.Faces.SelectMany(f => f).Select(p => (p.Kind, Ids: string.Join('\n', p.Layers))).SequenceEqual(chosen.Faces.SelectMany(f => f).Select(p => (p.Kind, Ids: string.Join('\n', p.Layers))));

    private IEnumerable<string> Why(bool wished)
    {
        var groups = chosen.Faces.SelectMany(f => f).Where(p => p.Layers.Count > 0).ToList();
        yield return wished
            ? $"Your own order: the plate closes on vinyl {Wording.Times(chosen.Presses)}."
            : $"The plate closes on vinyl {Wording.Times(chosen.Presses)}; no order that keeps every layer within its heat needs fewer{(CarrierTrims.Of(about, chosen).Any(c => c.TrimToMm is not null) ? " while the carriers are as wide as they are" : "")}.";
        for (var i = 0; i + 1 < groups.Count; i++)
        {
            if (Apart(groups[i], groups[i + 1]) is { } why)
                yield return why;
        }

        if (groups.Where(g => g.Layers.Count > 1).Select(g => string.Join(" and ", g.Layers.Select(id => $"“{id}”"))).ToList() is { Count: > 0 } together)
            yield return $"Together go {string.Join(", ", together)}: carriers clear of each other, peeled alike.";
        if (chosen.Excess > 0)
            yield return $"No order keeps every layer within its heat; this one exceeds it least, by {Wording.Share(chosen.Excess)} times a chart's heat in all.";
    }

    /// <summary>Why the second is not laid along with the first.</summary>
    private string? Apart(LaidPress first, LaidPress second)
    {
        foreach (var a in first.Layers)
        {
            foreach (var b in second.Layers)
            {
                var (one, two) = (about.Layer(a), about.Layer(b));
                if (one.Layer.Face != two.Layer.Face)
                    return "One face is finished before the piece is turned over.";
                if (about.Stack.Reaches(b, a))
                    return $"{about.NameOf(one)} before {about.NameOf(two)}, which lies on it.";
                if (two.Work.Vinyl.HeatsOnce.Value && !one.Work.Vinyl.HeatsOnce.Value)
                    return $"{about.NameOf(two)} last: it foams once, and nothing may be pressed after it.";
                if (one.Chart.Peel.Value != two.Chart.Peel.Value)
                    return $"{about.NameOf(one)} and {about.NameOf(two)} apart: the one peels {PeelWord(one)}, the other {PeelWord(two)}.";
                if (about.Stack.CarriersMeet(a, b))
                    return one.Layer.Box is null || two.Layer.Box is null ? $"{about.NameOf(one)} and {about.NameOf(two)} apart: nobody has said where they lie." : $"{about.NameOf(one)} and {about.NameOf(two)} apart: one's carrier would lie on the other's.";
            }
        }

        return null;
    }

    private string Compared(LaidSequence other, bool wished)
    {
        var (presses, seconds) = (other.Presses - chosen.Presses, other.Seconds - chosen.Seconds);
        var parts = new List<string>();
        if (presses != 0)
            parts.Add($"{Math.Abs(presses)} {(Math.Abs(presses) == 1 ? "press" : "presses")} {(presses > 0 ? "more" : "fewer")}");
        if (Math.Abs(seconds) >= 1)
            parts.Add($"{Wording.Time(Math.Abs(seconds))} {(seconds > 0 ? "longer" : "shorter")}");
        if (other.Excess > chosen.Excess)
            parts.Add("with more heat than a layer takes");
        var compared = parts.Count == 0 ? "just as good" : string.Join(", ", parts);
        return wished ? $"Without your wish: {compared}." : parts.Count == 0 ? "Just as good; the plan lays larger layers first." : $"Next best: {compared}.";
    }

    private static string PeelWord(LayerInPlan layer) => layer.Chart.Peel.Value.ToString().ToLowerInvariant();
}
