using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>How a layer is laid on another that has shrunk a little by then.</summary>
public sealed class UpperLayers : IOption
{
    /// <summary>Whole, from its middle.</summary>
    public const string Whole = "whole";

    /// <summary>Piece by piece.</summary>
    public const string Pieces = "pieces";

    /// <summary>From this size on the shrinking shows at the ends, mm (common practice).</summary>
    public const double LargeMm = 150;

    // Laying one more piece where it belongs, s (from memory).
    private const double PieceSeconds = 6;

    /// <inheritdoc/>
    public string Id => "upperLayers";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("upper-layers.question");

    /// <summary>Whether a layer is laid piece by piece.</summary>
    /// <param name="about">The job.</param>
    /// <param name="layer">The layer.</param>
    public static bool PieceByPiece(ChartedJob about, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(about);
        ArgumentNullException.ThrowIfNull(layer);
        return about.Stack.DirectlyUnder(layer.Id).Any() && about.Choose(new UpperLayers()) == Pieces
            && (about.Job.Choices.ContainsKey(new UpperLayers().Id) || IsLarge(layer));
    }

    /// <summary>How much longer it takes to lay a layer piece by piece, s; 0 where it is laid whole.</summary>
    /// <param name="about">The job.</param>
    /// <param name="layer">The layer.</param>
    public static double ExtraSeconds(ChartedJob about, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(about);
        ArgumentNullException.ThrowIfNull(layer);
        return PieceByPiece(about, layer) ? PieceSeconds * Math.Max(0, (layer.Layer.Measures?.Pieces ?? 1) - 1) : 0;
    }

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Whole, about.Words.Say("upper-layers.whole")), new(Pieces, about.Words.Say("upper-layers.pieces"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var upper = about.Layers.Where(l => about.Stack.DirectlyUnder(l.Id).Any()).ToList();
        if (upper.Count == 0)
            return null;
        return upper.Exists(IsLarge)
            ? new OptionAdvice(Pieces, about.Words.Say("upper-layers.pieces-why", ("large", Thing.Mm(LargeMm))))
            : new OptionAdvice(Whole, about.Words.Say("upper-layers.whole-why", ("large", Thing.Mm(LargeMm))));
    }

    private static bool IsLarge(LayerInPlan layer) => Math.Max(layer.Layer.WidthMm ?? 0, layer.Layer.HeightMm ?? 0) >= LargeMm;
}
