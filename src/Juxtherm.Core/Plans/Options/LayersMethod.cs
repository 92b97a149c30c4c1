using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Options;

/// <summary>How several layers are pressed.</summary>
public sealed class LayersMethod : IOption
{
    /// <summary>Tack each, then one full press.</summary>
    public const string Tack = "tack";

    /// <summary>A full press for each.</summary>
    public const string Full = "full";

    /// <summary>All at once.</summary>
    public const string AtOnce = "at-once";

    /// <summary>The method behind an option.</summary>
    /// <param name="option">Option id; null for a single layer.</param>
    public static LayerMethod Method(string? option) => option switch { Full => LayerMethod.Full, AtOnce => LayerMethod.AtOnce, _ => LayerMethod.Tack };

    /// <inheritdoc/>
    public string Id => "layerMethod";

    /// <inheritdoc/>
    public string Question => "How are the layers pressed?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Tack, "tack each, then one full press"), new(Full, "a full press for each"), new(AtOnce, "all at once")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about.Layers.Count < 2)
            return null;
        return about.Layers.Any(l => l.Chart.Peel.Value == PeelMethod.Cold)
            ? new OptionAdvice(Tack, "Tacks give each layer just enough heat to hold still, so the lowest does not take every press in full. What peels cold gets its full press all the same, because it cannot be peeled after a tack.")
            : new OptionAdvice(Tack, "Tacks give each layer just enough heat to hold still; the bond comes from one full press at the end. So the lowest layer does not take every press in full.");
    }
}
