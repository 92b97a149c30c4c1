using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
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
    public static LayerMethod Method(string? option) =>
        option switch { Full => LayerMethod.Full, AtOnce => LayerMethod.AtOnce, _ => LayerMethod.Tack };

    /// <inheritdoc/>
    public string Id => "layerMethod";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("layers-method.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Tack, about.Words.Say("layers-method.tack")), new(Full, about.Words.Say("layers-method.full")),
            new(AtOnce, about.Words.Say("layers-method.at-once"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about.Layers.Count < 2)
            return null;
        return about.Layers.Any(l => l.Chart.Peel.Value == PeelMethod.Cold)
            ? new OptionAdvice(Tack, about.Words.Say("layers-method.tack-why"))
            : new OptionAdvice(Tack, about.Words.Say("layers-method.tack-why-2"));
    }
}
