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
            other is null || Same(other)
            ? null : new OtherOrder(Groups(other), other.Presses, Math.Round(other.Seconds), Compared(other, wished),
                [.. other.Faces.SelectMany(f => f).SelectMany(p => p.Layers)]), wished);
    }

    private static List<OrderedGroup> Groups(LaidSequence sequence) =>
        [.. sequence.Faces.SelectMany(f => f).Select(p => new OrderedGroup(p.Layers, p.Kind))];

    private bool Same(LaidSequence other) =>
        other.Faces.SelectMany(f => f).Select(p => (p.Kind, Ids: string.Join('\n', p.Layers)))
        .SequenceEqual(chosen.Faces.SelectMany(f => f).Select(p => (p.Kind, Ids: string.Join('\n', p.Layers))));

    private IEnumerable<string> Why(bool wished)
    {
        var groups = chosen.Faces.SelectMany(f => f).Where(p => p.Layers.Count > 0).ToList();
        yield return wished
            ? about.Words.Say("order-reasons.why", ("presses", chosen.Presses))
            : about.Words.Say("order-reasons.why-2", ("presses", chosen.Presses),
                ("any", CarrierTrims.Of(about, chosen).Any(c => c.TrimToMm is not null)));
        for (var i = 0; i + 1 < groups.Count; i++)
        {
            if (Apart(groups[i], groups[i + 1]) is { } why)
                yield return why;
        }

        if (groups.Where(g => g.Layers.Count > 1)
            .Select(g => Both.Of(g.Layers.Select(id => $"“{id}”"), about.Words))
            .ToList() is { Count: > 0 } together)
            yield return about.Words.Say("order-reasons.why-4", ("together", Thing.List(together)));
        if (chosen.Excess > 0)
            yield return about.Words.Say("order-reasons.why-5", ("excess", Thing.Share(chosen.Excess)));
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
                    return about.Words.Say("order-reasons.apart");
                if (about.Stack.Reaches(b, a))
                    return about.Words.Say("order-reasons.apart-2", ("one", about.NameOf(one)), ("two", about.NameOf(two)));
                if (two.Work.Vinyl.Press.HeatsOnce.Value && !one.Work.Vinyl.Press.HeatsOnce.Value)
                    return about.Words.Say("order-reasons.apart-3", ("two", about.NameOf(two)));
                if (one.Chart.Peel.Value != two.Chart.Peel.Value)
                    return about.Words.Say("order-reasons.apart-4", ("one", about.NameOf(one)), ("two", about.NameOf(two)),
                        ("peelWord", PeelWord(one)), ("peelWord2", PeelWord(two)));
                if (about.Stack.CarriersMeet(a, b))
                    return one.Layer.Box is null || two.Layer.Box is null
                        ? about.Words.Say("order-reasons.apart-5", ("one", about.NameOf(one)), ("two", about.NameOf(two)))
                        : about.Words.Say("order-reasons.apart-6", ("one", about.NameOf(one)), ("two", about.NameOf(two)));
            }
        }

        return null;
    }

    private string Compared(LaidSequence other, bool wished)
    {
        var (presses, seconds) = (other.Presses - chosen.Presses, other.Seconds - chosen.Seconds);
        var parts = new List<string>();
        if (presses != 0)
            parts.Add(about.Words.Say("order-reasons.compared-presses", ("count", Math.Abs(presses)), ("more", presses > 0)));
        if (Math.Abs(seconds) >= 1)
            parts.Add(about.Words.Say("order-reasons.compared", ("seconds", Thing.Seconds(Math.Abs(seconds))), ("seconds2", seconds)));
        if (other.Excess > chosen.Excess)
            parts.Add(about.Words.Say("order-reasons.compared-2"));
        var compared = parts.Count == 0 ? about.Words.Say("order-reasons.compared-compared") : string.Join(", ", parts);
        return wished
            ? about.Words.Say("order-reasons.compared-3", ("compared", compared))
            : parts.Count == 0
            ? about.Words.Say("order-reasons.compared-4") : about.Words.Say("order-reasons.compared-5", ("compared", compared));
    }

    private static string PeelWord(LayerInPlan layer) => layer.Chart.Peel.Value.ToString().ToLowerInvariant();
}
