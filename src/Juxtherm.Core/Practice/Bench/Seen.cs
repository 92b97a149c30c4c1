using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Practice.Bench;

/// <summary>How hot something is to a hand.</summary>
public enum Touch
{
    /// <summary>Cool: a hand can lie on it.</summary>
    Cool,

    /// <summary>Warm.</summary>
    Warm,

    /// <summary>Too hot to hold.</summary>
    Hot,
}

/// <summary>How a piece looks, each from 0, not at all, to 1, as much as can be.</summary>
/// <param name="Weave">The weave shows through the vinyl.</param>
/// <param name="Edges">Edges stand up.</param>
/// <param name="Wrinkles">Wrinkles.</param>
/// <param name="Ripples">Ripples in foil.</param>
/// <param name="Foam">Foam has risen.</param>
/// <param name="Shine">The plate has left a shiny box.</param>
/// <param name="Scorch">Scorched.</param>
/// <param name="Dye">Dye has come into the vinyl.</param>
public sealed record Looks(double Weave, double Edges, double Wrinkles, double Ripples, double Foam, double Shine, double Scorch,
    double Dye);

/// <summary>What a care label says.</summary>
/// <param name="Material">What it is made of.</param>
/// <param name="Dots">Dots of the iron on it, 1 to 3 (ISO 3758).</param>
public sealed record LabelSeen(string Material, int Dots);

/// <summary>How a scrap looked that was pressed on a hem.</summary>
/// <param name="Looks">How it looked.</param>
/// <param name="Signs">What anybody would call it.</param>
public sealed record PatchSeen(Looks Looks, IReadOnlyList<Outcome> Signs);

/// <summary>A part of the print that lies under the plate at once.</summary>
/// <param name="Laid">Layers that lie on it.</param>
/// <param name="CarrierOn">A carrier is on.</param>
/// <param name="Pressed">The plate was closed on it since the last layer was laid.</param>
public sealed record PartSeen(IReadOnlyList<string> Laid, bool CarrierOn, bool Pressed);

/// <summary>What can be seen and felt at the bench: nothing else.</summary>
/// <param name="Seconds">How long it has taken so far, s.</param>
/// <param name="DialCelsius">Where the dial stands, °C.</param>
/// <param name="Pressure">How hard the press is set.</param>
/// <param name="Props">How each prop stands, by id.</param>
/// <param name="Laid">Layers that lie everywhere they belong.</param>
/// <param name="CarrierOn">A carrier is on.</param>
/// <param name="FaceUp">The face that is printed first is up.</param>
/// <param name="Touch">How hot it is to a hand.</param>
/// <param name="Looks">How it looks.</param>
/// <param name="Signs">What anybody would call it.</param>
/// <param name="MeasuredCelsius">What a strip showed of the plate's face, to 5 °C; null while nobody measured.</param>
/// <param name="Over">It was handed over.</param>
public sealed record Seen(double Seconds, double DialCelsius, PressureLevel Pressure, IReadOnlyDictionary<string, string> Props,
    IReadOnlyList<string> Laid, bool CarrierOn, bool FaceUp, Touch Touch, Looks Looks, IReadOnlyList<Outcome> Signs,
    double? MeasuredCelsius, bool Over)
{
    /// <summary>What the care label says; null while nobody read it.</summary>
    public LabelSeen? Label { get; init; }

    /// <summary>How the last scrap looked; null while there was none.</summary>
    public PatchSeen? Patch { get; init; }

    /// <summary>Something touched the press already: what is used is not exchanged any more.</summary>
    public bool Begun { get; init; }

    /// <summary>Id of the cover sheet.</summary>
    public required string Cover { get; init; }

    /// <summary>Id of what lies underneath.</summary>
    public required string Underlay { get; init; }

    /// <summary>Id of the roll that is used; of the lowest layer.</summary>
    public required string Vinyl { get; init; }

    /// <summary>Parts of the print, in the order in which the plate goes over them; one where it covers all of it.</summary>
    public required IReadOnlyList<PartSeen> Parts { get; init; }
}
