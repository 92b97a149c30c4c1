using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
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
    public double HeatShare(string layer) => HeatAsItOpened(layer)
        / (_about.Layer(layer).Reference.HeatDoseSeconds * _about.Layer(layer).MostHeatDose * _hidden.Truth.Takes);

    /// <summary>The least bond of a layer, as a share of what it holds from in truth: below 1 it lifts.</summary>
    /// <param name="layer">Its id.</param>
    /// <param name="corner">In the weakest corner; in the middle of the plate otherwise.</param>
    public double Holds(string layer, bool corner) => BondShare(layer, corner ? 1 : 0) / HoldsFrom(layer);

    /// <summary>How much hotter the bare blank was than it bears, K.</summary>
    public double OverLimitK => HottestBare - _about.Work.Material.Limit.Celsius.Value;

    private double HottestBare => Parts.Max(p => p.Session.HottestBare(2));

    private double HeatAsItOpened(string layer) => Parts.Max(p => p.HeatAsItOpened(layer));

    /// <summary>Dye was warm enough to wander.</summary>
    public bool DyeMoved => _about.Work.Material.Limit.DyeMigrationCelsius is { } from
        && HottestBare > from.Value + DyeToleratedK;

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

    private double HeatOfChart(string layer) => HeatAsItOpened(layer) / _about.Layer(layer).Reference.HeatDoseSeconds;

    private string? Foam => Laid.FirstOrDefault(id => _about.Layer(id).Work.Vinyl.Press.HeatsOnce.Value);

    /// <summary>Vinyl lay bare under the plate.</summary>
    public bool TouchedBare => _closings.Exists(c => c.Bare);

    /// <summary>Layers that lie everywhere they belong.</summary>
    public IReadOnlyList<string> Laid => [.. _about.Layers.Select(l => l.Id)
        .Where(id => _parts is { } parts && parts.All(p => !p.Layers.Contains(id) || p.Laid.Contains(id, StringComparer.Ordinal)))];

    /// <summary>What can be seen and felt.</summary>
    public Seen Look()
    {
        var looks = Looks();
        return new Seen(Math.Round(_clock, 1), _dial, _pressure, new Dictionary<string, string>(_props, StringComparer.Ordinal), Laid,
            _parts?.Any(p => p.CarrierOn) ?? false, !_turned, TouchOf(_focus?.Session.VinylCelsius[0] ?? 0), looks, Signs(looks), _measured,
            _over)
        {
            Label = _labelRead ? CareLabelOf(_hidden.Real.Blank) : null,
            Patch = _patch,
            Begun = _parts is not null,
            Cover = _about.Job.Tools.Cover.Id,
            Underlay = _about.Job.Tools.Underlay.Id,
            Vinyl = _taken.Vinyl ?? Case.Job.Layer.Vinyl.Id,
            Parts = _parts is { } parts ? [.. parts.Select(p => new PartSeen([.. p.Laid], p.CarrierOn, p.Pressed))]
                : [.. PartsOfPrint.Of(_about).Select(_ => new PartSeen([], false, false))],
        };
    }

    // As such cloth is commonly labelled, coarsely (from memory; dots as in ISO 3758).
    private static LabelSeen CareLabelOf(Blank blank) => new(blank.Material.Name,
        blank.CareDots ?? (blank.Material.Limit.Celsius.Value switch { >= 190 => 3, >= 145 => 2, _ => 1 }));

    private static Touch TouchOf(double celsius) => celsius >= HotCelsius ? Touch.Hot : celsius >= WarmCelsius ? Touch.Warm : Touch.Cool;

    private Looks Looks()
    {
        if (_parts is not { } parts)
            return new Looks(0, 0, 0, 0, 0, 0, 0, 0);
        static double Rounded(double x) => Math.Round(Math.Clamp(x, 0, 1), 2);
        var over = OverLimitK;
        var (shine, scorch) = (over > 0 ? Rounded(0.3 + over / ScorchedAboveK) : 0, over > ScorchedAboveK
            ? Rounded(over / ScorchedAboveK - 0.6) : 0);
        // Under a carrier nothing of the vinyl is seen but foam and dye.
        var foam = Foam is { } puff ? Rounded(FoamSpoiled ? 0.35 : HeatOfChart(puff) / FoamRisesFrom) : 0;
        var dye = DyeMoved ? 0.6 : 0;
        List<string> bare = [.. parts.Where(p => p.Peeled).SelectMany(Shown).Distinct(StringComparer.Ordinal)];
        if (bare.Count == 0)
            return new Looks(0, 0, 0, 0, foam, shine, scorch, dye);
        var too = bare.Max(HeatShare);
        var foil = bare.Find(id => _about.Layer(id).Work.Vinyl.Family == "foil");
        var hides = bare.TrueForAll(id => _about.Layer(id).Work.Vinyl.HidesWeave);
        var isCloth = _about.Work.Material is { Kind: MaterialKind.Cloth, Lofty.Value: false };
        var least = parts.Where(p => p.Peeled).Min(p => Shown(p).Select(id => Share(p, id, 1)).DefaultIfEmpty(1).Min());
        var holds = parts.Where(p => p.Peeled).Min(p => Shown(p).Select(id => Share(p, id, 1) / HoldsFrom(id)).DefaultIfEmpty(1).Min());
        return new Looks(
            isCloth && !hides ? Rounded((least - WeaveFrom) / (1 - WeaveFrom)) : 0,
            Rounded((SeenToLiftBelow - holds) / SeenToLiftBelow + (_tooHot ? 0.5 : 0)),
            too > 1 && foil is null && Foam is null ? Rounded(0.3 + (too - 1) / 2) : 0,
            foil is not null && HeatShare(foil) > 1 ? Rounded(0.3 + (HeatShare(foil) - 1) / 2) : 0,
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
        var peeled = _parts?.Any(p => p.Peeled && Shown(p).Any()) ?? false;
        If(peeled && Foam is not null && looks.Foam < 1, Outcome.PuffFlat);
        If(signs.Count == 0 && peeled, Outcome.Stuck);
        return signs;
    }
}
