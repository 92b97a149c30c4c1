using Juxtherm.Core.Items;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>How a layer's heat adds up.</summary>
/// <param name="Layer">Its id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Shares">What each press that heats it adds, by press order, as shares of its chart's heat.</param>
/// <param name="Total">In all, where it gets most.</param>
/// <param name="Most">What it takes here.</param>
/// <param name="Bond">How well stuck it ends, as a share of what is wanted.</param>
/// <param name="HoldsFrom">From here it holds.</param>
public sealed record HeatBudgetBar(string Layer, string Name, IReadOnlyList<HeatShare> Shares, double Total, double Most, double Bond,
    double HoldsFrom);

/// <summary>What a press adds to a layer's heat.</summary>
/// <param name="Order">The press.</param>
/// <param name="Share">As a share of the chart's heat.</param>
/// <param name="Times">How often it heats the layer where placements of the plate overlap.</param>
public sealed record HeatShare(int Order, double Share, int Times);

/// <summary>A carrier as it is cut, and as it should be trimmed.</summary>
/// <param name="Layer">The layer's id.</param>
/// <param name="Path">Its outline on the blank, as path data in mm; null while its place is not known.</param>
/// <param name="TrimPath">Where to trim it so that it clears its neighbours; null where it need not be.</param>
/// <param name="TrimToMm">How far it then reaches beyond the artwork, mm; null where it need not be trimmed.</param>
/// <param name="Face">The face that it lies on.</param>
public sealed record CarrierInPlan(string Layer, string? Path, string? TrimPath, double? TrimToMm, Face Face);

/// <summary>Layers laid together, for the reader.</summary>
/// <param name="Layers">Their ids; none for the last press over all.</param>
/// <param name="Kind">tack, full or last.</param>
public sealed record OrderedGroup(IReadOnlyList<string> Layers, LaidPressKind Kind);

/// <summary>Another order that would do.</summary>
/// <param name="Groups">The presses.</param>
/// <param name="Presses">How often the plate closes on vinyl.</param>
/// <param name="Seconds">Laying, pressing and waiting, by the sums, s.</param>
/// <param name="Text">How it compares.</param>
/// <param name="Order">Layers in the order of laying, to be wished for.</param>
public sealed record OtherOrder(IReadOnlyList<OrderedGroup> Groups, int Presses, double Seconds, string Text, IReadOnlyList<string> Order);

/// <summary>The order of the layers and why it is that.</summary>
/// <param name="Groups">The presses over vinyl.</param>
/// <param name="Presses">How often the plate closes on vinyl.</param>
/// <param name="Seconds">Laying, pressing and waiting, by the sums, s.</param>
/// <param name="Reasons">Why.</param>
/// <param name="RunnerUp">The next best; null where there is no other.</param>
/// <param name="Wished">The crafter's own order is followed.</param>
public sealed record PressOrder(IReadOnlyList<OrderedGroup> Groups, int Presses, double Seconds, IReadOnlyList<string> Reasons,
    OtherOrder? RunnerUp, bool Wished);
