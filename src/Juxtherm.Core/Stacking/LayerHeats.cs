namespace Juxtherm.Core.Stacking;

/// <summary>How several layers are pressed.</summary>
public enum LayerMethod
{
    /// <summary>Each is tacked and peeled, then one full press over all.</summary>
    Tack,

    /// <summary>Each gets its full press.</summary>
    Full,

    /// <summary>All are laid at once and pressed once.</summary>
    AtOnce,
}

/// <summary>What a press over layers is.</summary>
public enum LaidPressKind
{
    /// <summary>A moment, so that they hold still.</summary>
    Tack,

    /// <summary>The press that bonds them, and with them what was only tacked before.</summary>
    Full,

    /// <summary>Over all that was tacked, nothing laid before it.</summary>
    Last,
}

/// <summary>A press over layers, in the order of laying.</summary>
/// <param name="Layers">Ids of the layers laid for it; none for the last press over all.</param>
/// <param name="Kind">What it is.</param>
public sealed record LaidPress(IReadOnlyList<string> Layers, LaidPressKind Kind);

/// <summary>
/// Heat that a layer takes press by press, as shares of its chart's, worked out beforehand for each press by itself. That heat
/// simply adds up is an approximation; whoever uses it checks the result in the whole model.
/// </summary>
/// <param name="OwnTack">From the tack that it is laid for.</param>
/// <param name="OwnFull">From the full press that it is laid for.</param>
/// <param name="LaterTack">From each tack of layers laid after it.</param>
/// <param name="LaterFull">From each full press of layers laid after it.</param>
/// <param name="LaterLast">From the last press over all.</param>
public sealed record LayerHeats(double OwnTack, double OwnFull, double LaterTack, double LaterFull, double LaterLast);

/// <summary>A layer as the search for the order sees it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="AreaMm2">Its size, mm².</param>
/// <param name="HeatsOnce">It foams: it comes last, and nothing is pressed after it.</param>
/// <param name="FullOnly">It cannot be tacked and peeled at once, as what peels cold.</param>
/// <param name="MostHeatDose">Most heat it takes here, as a share of its chart's.</param>
/// <param name="Heats">Heat per press.</param>
/// <param name="ExtraSeconds">How much longer it takes to lay than another, s.</param>
/// <param name="TackSeconds">Its tack with the wait until it can be peeled, s.</param>
/// <param name="FullSeconds">Its full press with the wait until it can be peeled, s.</param>
public sealed record SequenceLayer(string Id, double AreaMm2, bool HeatsOnce, bool FullOnly, double MostHeatDose, LayerHeats Heats,
    double ExtraSeconds, double TackSeconds, double FullSeconds);

/// <summary>What is asked: the layers of one face, what holds between them, and how they are to be pressed.</summary>
/// <param name="Layers">The layers, up to twelve.</param>
/// <param name="Lies">Whether the first lies on the second, directly or through others.</param>
/// <param name="Together">Whether two may be laid and pressed together.</param>
/// <param name="Method">Tack each, or a full press for each.</param>
/// <param name="CarrierLast">The last press has the carrier still on, so it is the press that the last layers are laid for.</param>
/// <param name="LastSeconds">The last press over all, s.</param>
/// <param name="FullsAfter">Full presses that follow in any case, such as one more over all.</param>
/// <param name="LaySeconds">Laying what goes together, s.</param>
public sealed record SequenceQuestion(
    IReadOnlyList<SequenceLayer> Layers, Func<string, string, bool> Lies, Func<string, string, bool> Together, LayerMethod Method,
    bool CarrierLast, double LastSeconds, int FullsAfter, double LaySeconds)
{
    /// <summary>The crafter's own order of laying; empty to leave it to the search. What stands earlier is not laid later.</summary>
    public IReadOnlyList<string> Wanted { get; init; } = [];
}

/// <summary>An order that was found.</summary>
/// <param name="Presses">The presses.</param>
/// <param name="Excess">Heat beyond what layers take, summed, as a share of the charts'; 0 when each stays within.</param>
/// <param name="Seconds">Laying, pressing and waiting, s.</param>
/// <param name="OutOfSize">Pairs of layers of which the smaller is laid before the larger.</param>
public sealed record FoundSequence(IReadOnlyList<LaidPress> Presses, double Excess, double Seconds, int OutOfSize);
