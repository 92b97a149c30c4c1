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

/// <summary>What can be seen and felt at the bench: nothing else.</summary>
/// <param name="Seconds">How long it has taken so far, s.</param>
/// <param name="DialCelsius">Where the dial stands, °C.</param>
/// <param name="Pressure">How hard the press is set.</param>
/// <param name="Props">How each prop stands, by id.</param>
/// <param name="Laid">Layers that lie on it.</param>
/// <param name="CarrierOn">A carrier is on.</param>
/// <param name="FaceUp">The printed face is up.</param>
/// <param name="Touch">How hot it is to a hand.</param>
/// <param name="Looks">How it looks.</param>
/// <param name="Signs">What anybody would call it.</param>
/// <param name="MeasuredCelsius">What a strip showed of the plate's face, to 5 °C; null while nobody measured.</param>
/// <param name="Over">It was handed over.</param>
public sealed record Seen(double Seconds, double DialCelsius, PressureLevel Pressure, IReadOnlyDictionary<string, string> Props,
    IReadOnlyList<string> Laid, bool CarrierOn, bool FaceUp, Touch Touch, Looks Looks, IReadOnlyList<Outcome> Signs,
    double? MeasuredCelsius, bool Over);

/// <summary>A moment of what the glue went through.</summary>
/// <param name="Seconds">When, s.</param>
/// <param name="GlueCelsius">Temperature under the vinyl laid last; of the blank's face before any is laid, °C.</param>
/// <param name="Closed">The plate is closed.</param>
public sealed record GlueMoment(double Seconds, double GlueCelsius, bool Closed);
