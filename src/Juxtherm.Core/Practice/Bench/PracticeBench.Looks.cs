using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Practice.Bench;

/// <summary>How a piece comes out, and how much of that can be seen.</summary>
internal sealed partial class PracticeBench
{
    // Below half of what it holds from, vinyl stays with its carrier; below this much of it edges can be seen to stand up (ours).
    private const double ComesUpBelow = 0.5;
    private const double SeenToLiftBelow = 0.85;

    // From so much of what is wanted the weave begins to show (ours).
    private const double WeaveFrom = 0.5;

    // Above the limit by as much as this cloth is scorched, not only shiny, K (ours).
    private const double ScorchedAboveK = 12;

    // What is to be peeled cold and is this much warmer still is torn, K (ours).
    private const double StillHotK = 15;

    // Foam rises from so much of its chart's heat (ours; common practice has it flat where it was too short).
    private const double FoamRisesFrom = 0.5;

    private const double WarmCelsius = 40;
    private const double HotCelsius = 55;

    private bool _tooHot;

    /// <summary>Heat that a layer had had when the plate last opened, which is how charts and plans count, as a share of the most it takes
    /// in truth, where the plate is hottest.</summary>
    public double HeatShare(string layer) => _asItOpened.GetValueOrDefault(layer)
        / (_about.Layer(layer).Reference.HeatDoseSeconds * _about.Layer(layer).MostHeatDose * _hidden.Truth.Takes);

    /// <summary>The least bond of a layer, as a share of what it holds from in truth: below 1 it lifts.</summary>
    /// <param name="layer">Its id.</param>
    /// <param name="corner">In the weakest corner; in the middle of the plate otherwise.</param>
    public double Holds(string layer, bool corner) => BondShare(layer, corner ? 1 : 0) / HoldsFrom(layer);

    /// <summary>How much hotter the bare blank was than it bears, K.</summary>
    public double OverLimitK => Session.HottestBare(2) - _about.Work.Material.Limit.Celsius.Value;

    /// <summary>Dye was warm enough to wander.</summary>
    public bool DyeMoved => _about.Work.Material.Limit.DyeMigrationCelsius is { } from
        && Session.HottestBare(2) > from.Value + DyeToleratedK;

    // Dye that is so few kelvin above moves in days, not at once (ours).
    private const double DyeToleratedK = 4;

    /// <summary>A layer that is peeled cold came off while it was hot.</summary>
    public bool PeeledTooHot => _tooHot;

    /// <summary>Foam was heated more than once, or more than it takes.</summary>
    public bool FoamSpoiled => Foam is { } id && (HeatShare(id) > 1 || _closings.Count(c => c.Laid.Contains(id, StringComparer.Ordinal)
        && c.Seconds > 1) > 1 && HeatShare(id) > FoamTwiceFrom);

    // A second heat that stays within this much of what foam takes does no harm: common practice, two goes.
    private const double FoamTwiceFrom = 0.85;

    /// <summary>Foam has not risen.</summary>
    public bool FoamFlat => Foam is { } id && HeatOfChart(id) < FoamRisesFrom;

    private double HeatOfChart(string layer) => _asItOpened.GetValueOrDefault(layer) / _about.Layer(layer).Reference.HeatDoseSeconds;

    private string? Foam => _laid.Find(id => _about.Layer(id).Work.Vinyl.Press.HeatsOnce.Value);

    /// <summary>Vinyl lay bare under the plate.</summary>
    public bool TouchedBare => _closings.Exists(c => c.Bare);

    /// <summary>Layers that lie on it.</summary>
    public IReadOnlyList<string> Laid => _laid;

    /// <summary>What can be seen and felt.</summary>
    public Seen Look()
    {
        var looks = Looks();
        return new Seen(Math.Round(_clock, 1), _dial, _pressure, new Dictionary<string, string>(_props, StringComparer.Ordinal), [.. _laid],
            _laid.Count > 0 && !_peeled, !_turned, TouchOf(_session?.VinylCelsius[0] ?? 0), looks, Signs(looks), _measured, _over);
    }

    private static Touch TouchOf(double celsius) => celsius >= HotCelsius ? Touch.Hot : celsius >= WarmCelsius ? Touch.Warm : Touch.Cool;

    private Looks Looks()
    {
        if (_session is null)
            return new Looks(0, 0, 0, 0, 0, 0, 0, 0);
        double Share(double x) => Math.Round(Math.Clamp(x, 0, 1), 2);
        var over = OverLimitK;
        var (shine, scorch) = (over > 0 ? Share(0.3 + over / ScorchedAboveK) : 0, over > ScorchedAboveK
            ? Share(over / ScorchedAboveK - 0.6) : 0);
        // Under a carrier nothing of the vinyl is seen but foam and dye.
        var foam = Foam is { } puff ? Share(FoamSpoiled ? 0.35 : HeatOfChart(puff) / FoamRisesFrom) : 0;
        var dye = DyeMoved ? 0.6 : 0;
        if (_laid.Count == 0 || !_peeled)
            return new Looks(0, 0, 0, 0, foam, shine, scorch, dye);
        var too = _laid.Max(HeatShare);
        var foil = _laid.Find(id => _about.Layer(id).Work.Vinyl.Family == "foil");
        var hides = _laid.TrueForAll(id => _about.Layer(id).Work.Vinyl.HidesWeave);
        var isCloth = _about.Work.Material is { Kind: MaterialKind.Cloth, Lofty.Value: false };
        var least = _laid.Min(id => BondShare(id, 1));
        return new Looks(
            isCloth && !hides ? Share((least - WeaveFrom) / (1 - WeaveFrom)) : 0,
            Share(_laid.Max(id => (SeenToLiftBelow - Holds(id, corner: true)) / SeenToLiftBelow) + (_tooHot ? 0.5 : 0)),
            too > 1 && foil is null && Foam is null ? Share(0.3 + (too - 1) / 2) : 0,
            foil is not null && HeatShare(foil) > 1 ? Share(0.3 + (HeatShare(foil) - 1) / 2) : 0,
            foam, shine, scorch, dye);
    }

    private List<Outcome> Signs(Looks looks)
    {
        var signs = new List<Outcome>();
        void If(bool seen, Outcome sign)
        {
            if (seen)
                signs.Add(sign);
        }

        If(_cameUp, Outcome.OnCarrier);
        If(looks.Edges > 0, Outcome.EdgesLifted);
        If(looks.Wrinkles > 0, Outcome.Wrinkled);
        If(looks.Ripples > 0, Outcome.Rippled);
        If(looks.Scorch > 0, Outcome.Scorched);
        If(looks is { Shine: > 0, Scorch: <= 0 }, Outcome.Marked);
        If(looks.Dye > 0, Outcome.ColourShifted);
        If(_peeled && Foam is not null && looks.Foam < 1, Outcome.PuffFlat);
        If(signs.Count == 0 && _peeled, Outcome.Stuck);
        return signs;
    }
}
