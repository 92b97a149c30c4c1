namespace Juxtherm.Core.Items.Spots;

/// <summary>All rules that ship.</summary>
public static class PlacementRules
{
    /// <summary>Where rules come from that crafters share.</summary>
    public const string Practice = "common practice";

    /// <summary>Where rules come from that are general knowledge of the trade.</summary>
    public const string Memory = "from memory";

    /// <summary>The most usual first.</summary>
    public static IReadOnlyList<IPlacementRule> All { get; } =
    [
        new CollarToSeam(), new AboveBrim(), new Bib(), new Chest(), new Cuff(), new CushionMiddle(), new MugFacing(), new TowardTip(),
        new Yoke(), new LeftChest(), new MugSide(), new Middle(),
    ];

    /// <summary>What the rules propose for an item; the first is the usual one.</summary>
    /// <param name="asked">What is to be placed where.</param>
    public static IReadOnlyList<PlaceByRule> For(PlacementQuestion asked) => [.. All.Select(r => r.Propose(asked)).OfType<PlaceByRule>()];
}
