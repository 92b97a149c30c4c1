using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>
/// How each layer's heat adds up over a rehearsed sequence. The model carries one placement of the plate through; where
/// placements overlap, what they add is counted as often as they do.
/// </summary>
internal sealed class HeatLedger
{
    private readonly Dictionary<string, List<HeatShare>> _shares = new(StringComparer.Ordinal);

    public HeatLedger(SetJob about, RehearsedPresses rehearsal)
    {
        var before = new Dictionary<string, double>(StringComparer.Ordinal);
        for (var i = 0; i < rehearsal.Presses.Count; i++)
        {
            var done = rehearsal.Presses[i];
            var pressed = done.Press.Layers.GroupBy(id => about.Layer(id).Layer.Face)
                .ToDictionary(face => face.Key, face => JobSections.Of(about.Job, face.Key, [.. face]));
            foreach (var (id, heat) in done.Heat)
            {
                var added = heat.HeatDose - before.GetValueOrDefault(id);
                before[id] = heat.HeatDose;
                var times = Times(pressed, about.Layer(id).Layer);
                if (!_shares.TryGetValue(id, out var shares))
                    _shares[id] = shares = [];
                shares.Add(new HeatShare(i, added * times, times));
            }
        }
    }

    /// <summary>Heat of a layer in all, where it gets most, as a share of its chart's.</summary>
    public double Total(string layer) => _shares.TryGetValue(layer, out var shares) ? shares.Sum(s => s.Share) : 0;

    /// <summary>Heat of a layer in all where only one placement of the plate lies over it, as a share of its chart's.</summary>
    public double Once(string layer) => _shares.TryGetValue(layer, out var shares) ? shares.Sum(s => s.Share / s.Times) : 0;

    /// <summary>Heat of a layer up to a press, by its index.</summary>
    public double Until(string layer, int press) => _shares[layer].Where(s => s.Order <= press).Sum(s => s.Share);

    /// <summary>What each press adds to a layer, by the press's index.</summary>
    public IReadOnlyList<HeatShare> Of(string layer) => _shares[layer];

    private static int Times(Dictionary<Face, JobSections> pressed, JobLayer layer) =>
        pressed.TryGetValue(layer.Face, out var sections) ? sections.HeatsOf(layer) : 1;
}
