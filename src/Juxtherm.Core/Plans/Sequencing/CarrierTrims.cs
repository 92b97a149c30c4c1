using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Sequencing;

/// <summary>How far carriers have to be trimmed in the order that the plan follows.</summary>
internal static class CarrierTrims
{
    /// <summary>The carriers of all layers, drawn as they are cut and as they should be trimmed.</summary>
    public static IReadOnlyList<CarrierInPlan> Of(SetJob about, LaidSequence laid)
    {
        var trims = Needed(about, laid);
        return
        [
            .. about.Layers.Select(l =>
            {
                var piece = about.Stack[l.Id];
                double? trim = trims.TryGetValue(l.Id, out var mm) ? mm : null;
                return new CarrierInPlan(l.Id, Carriers.PathOf(piece), trim is { } to
                    ? Carriers.TrimmedPathOf(piece, to) : null, trim, l.Layer.Face);
            }),
        ];
    }

    /// <summary>How far each carrier may still reach beyond its artwork, mm, where it reaches too far; none that scissors cannot
    /// follow.</summary>
    public static IReadOnlyDictionary<string, double> Needed(SetJob about, LaidSequence laid)
    {
        var trims = new Dictionary<string, double>(StringComparer.Ordinal);
        void Trim(string id, double? to)
        {
            if (to is { } mm && Math.Floor(mm * 2) / 2 is var half && half >= Carriers.ClosestTrimMm
                && half < about.Stack[id].CarrierMarginMm)
                trims[id] = Math.Min(half, trims.GetValueOrDefault(id, double.MaxValue));
        }

        foreach (var face in laid.Faces)
        {
            var earlier = new List<string>();
            foreach (var press in face)
            {
                foreach (var id in press.Layers)
                {
                    // Laid at once: each leaves the other half of the room.
                    foreach (var other in press.Layers.Where(o => o != id && about.Stack.CarriersMeet(id, o)))
                        Trim(id, (Carriers.ApartMm(about.Stack[id], about.Stack[other]) - Carriers.BetweenMm) / 2);
                    // A full press prints a carrier's edge into what is finished beneath it.
                    foreach (var other in earlier.Where(o => press.Kind == LaidPressKind.Full && !about.Stack.Reaches(id, o)
                        && Carriers.EdgeOn(about.Stack[id], about.Stack[o])))
                        Trim(id, Carriers.ApartMm(about.Stack[id], about.Stack[other]) - Carriers.BetweenMm);
                }

                earlier.AddRange(press.Layers);
            }
        }

        return trims;
    }
}
