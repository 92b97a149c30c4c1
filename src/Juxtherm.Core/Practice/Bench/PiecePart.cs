using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Practice.Bench;

/// <summary>What lies under the plate at once: all of a piece, or a part of a print that is wider than the plate.</summary>
internal sealed class PiecePart
{
    private readonly ChartedJob _about;
    private readonly List<string> _laid = [];
    private readonly Dictionary<string, double> _asItOpened = new(StringComparer.Ordinal);

    /// <summary>Puts it down, with nothing on it.</summary>
    /// <param name="about">The job as it is in truth.</param>
    /// <param name="layers">Layers of which something lies here.</param>
    /// <param name="start">Lays out the blank under a stack of layers.</param>
    public PiecePart(ChartedJob about, IReadOnlySet<string> layers, Func<IReadOnlyList<StackedVinyl>, PressSession> start)
    {
        (_about, Layers) = (about, layers);
        var only = about.Layers.Count == 1;
        Session = start([.. Rehearser.Stack(about, about.Layers[0].Layer.Face).Where(v => only || layers.Contains(v.Id))
            .Select(v => v with { Over = [.. v.Over.Where(layers.Contains)] })]);
    }

    /// <summary>Heat in it.</summary>
    public PressSession Session { get; }

    /// <summary>Layers of which something lies here.</summary>
    public IReadOnlySet<string> Layers { get; }

    /// <summary>Those that were laid.</summary>
    public IReadOnlyList<string> Laid => _laid;

    /// <summary>Its carriers are off.</summary>
    public bool Peeled { get; private set; }

    /// <summary>The plate was closed on it since a layer was laid.</summary>
    public bool Pressed { get; private set; }

    /// <summary>A carrier is on.</summary>
    public bool CarrierOn => _laid.Count > 0 && !Peeled;

    /// <summary>Lays those layers of which something lies here.</summary>
    public void Lay(IEnumerable<string> layers)
    {
        List<string> here = [.. layers.Where(l => Layers.Contains(l) && !_laid.Contains(l))];
        if (here.Count == 0)
            return;
        Session.Lay([.. here.Select(InSession)]);
        _laid.AddRange(here);
        (Peeled, Pressed) = (false, false);
    }

    /// <summary>The plate has opened.</summary>
    public void Opened()
    {
        Pressed = true;
        foreach (var id in _laid)
            _asItOpened[id] = Session.HeatDose(InSession(id), 2);
    }

    /// <summary>Its carriers come off.</summary>
    public void Peel()
    {
        Session.Peel();
        Peeled = true;
    }

    /// <summary>Bond of a layer, reference seconds at the reference pressure.</summary>
    /// <param name="layer">Its id.</param>
    /// <param name="lane">Which place of the plate.</param>
    public double Bond(string layer, int lane) => _laid.Contains(layer) ? Session.Bond(InSession(layer), lane) : 0;

    /// <summary>Heat that a layer had had when the plate last opened, reference seconds.</summary>
    public double HeatAsItOpened(string layer) => _asItOpened.GetValueOrDefault(layer);

    private string InSession(string layer) => _about.Layers.Count == 1 ? Workpiece.VinylSheet : layer;
}
