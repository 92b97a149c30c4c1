namespace Juxtherm.Core.Learning;

/// <summary>
/// What was pressed or measured before a press was repaired, or on another workshop's press, tells of another plate: it is learned of by
/// itself, so that it still tells of vinyls, and nothing of the plate as it is here and now.
/// </summary>
/// <param name="repairs">Since when presses are as they are now, UTC, by heat source id.</param>
public sealed class SinceRepair(IReadOnlyDictionary<string, DateTimeOffset> repairs)
{
    private const string Before = " before";
    private const string Elsewhere = " elsewhere";

    /// <summary>The plate of another workshop's press.</summary>
    /// <param name="heatSource">Heat source id.</param>
    public static string PlateElsewhere(string heatSource) => heatSource + Elsewhere;

    /// <summary>The plate that a press had at a time.</summary>
    /// <param name="heatSource">Heat source id.</param>
    /// <param name="at">When, UTC.</param>
    public string Plate(string heatSource, DateTimeOffset at) =>
        repairs.TryGetValue(heatSource, out var since) && at < since ? heatSource + Before : heatSource;

    /// <summary>The press of a plate.</summary>
    /// <param name="plate">What <see cref="Plate"/> gave.</param>
    public static string Press(string plate)
    {
        ArgumentNullException.ThrowIfNull(plate);
        var ending = new[] { Before, Elsewhere }.FirstOrDefault(e => plate.EndsWith(e, StringComparison.Ordinal)) ?? "";
        return plate[..^ending.Length];
    }

    /// <summary>Beliefs without those of plates that are no more, or not here.</summary>
    /// <param name="beliefs">All.</param>
    public static Beliefs Now(Beliefs beliefs)
    {
        ArgumentNullException.ThrowIfNull(beliefs);
        return beliefs with { Plates = [.. beliefs.Plates.Where(p => Press(p.HeatSource) == p.HeatSource)] };
    }
}
