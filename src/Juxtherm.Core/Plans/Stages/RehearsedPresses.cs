namespace Juxtherm.Core.Plans.Stages;

/// <summary>A layer's heat so far.</summary>
/// <param name="Bond">Share of the bond wanted on this face, where it has had least.</param>
/// <param name="HeatDose">Heat, as a share of the chart's, where it has had most.</param>
internal sealed record LayerHeat(double Bond, double HeatDose);

/// <summary>A press as it came out in the model.</summary>
/// <param name="Press">What was done.</param>
/// <param name="Seconds">How long it was closed, s.</param>
/// <param name="Heat">By layer laid so far.</param>
/// <param name="HottestBareCelsius">Hottest bare face so far, °C.</param>
/// <param name="WaterShare">Water left in the face layer, share.</param>
/// <param name="GlueCelsius">Under the layer laid last, as the plate opens, °C.</param>
/// <param name="Peel">The peel after it; null for none.</param>
internal sealed record DonePress(SequencePress Press, double Seconds, IReadOnlyDictionary<string, LayerHeat> Heat,
    double HottestBareCelsius, double WaterShare, double GlueCelsius, PeelTime? Peel)
{
    /// <summary>How long it would have been for the full bond, s, where it was cut short for a layer's sake; null where it was
    /// not.</summary>
    public double? InsteadOfSeconds { get; init; }

    /// <summary>The least bond among the layers pressed.</summary>
    public double LeastBond => Press.Layers.Min(id => Heat[id].Bond);
}

/// <summary>A plan carried out in the model, from the preheat to the cold piece.</summary>
/// <param name="Phases">Temperatures over time.</param>
/// <param name="Presses">What was done, in order.</param>
/// <param name="Measured">What the model has to say about presses on which crafters differ.</param>
internal sealed record RehearsedPresses(IReadOnlyList<TracePhase> Phases, IReadOnlyList<DonePress> Presses, Measured Measured)
{
    /// <summary>The press that bonds; the last of them where there are several.</summary>
    public DonePress Bonding => Presses.Last(p => p.Press.Purpose == PressPurpose.Press);

    /// <summary>The last press before everything is peeled: what is pressed after that comes too late for what lifts at the
    /// peel.</summary>
    public DonePress AtPeel => Presses.LastOrDefault(p => p.Press.Purpose != PressPurpose.Finish) ?? Presses[^1];

    /// <summary>Layers that a press does not press, but heats so far that their glue softens again.</summary>
    /// <param name="at">The press, by its index.</param>
    public IReadOnlyList<string> Reheated(int at) =>
        at == 0 ? []
        : [.. Presses[at - 1].Heat.Where(h => !Presses[at].Press.Layers.Contains(h.Key, StringComparer.Ordinal)
            && Presses[at].Heat[h.Key].Bond > h.Value.Bond + Softened).Select(h => h.Key)];

    // Bond gathers only above where a glue begins to soften; less than this is the warmth left over from its own press.
    private const double Softened = 0.02;
}
