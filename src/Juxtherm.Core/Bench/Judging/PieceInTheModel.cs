using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Planning;
using Juxtherm.Core.Planning.Ways;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Bench.Judging;

/// <summary>A layer's heat before and after pressing once more.</summary>
/// <param name="Layer">Its id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Before">Heat so far, as a share of its chart's.</param>
/// <param name="After">Heat then.</param>
/// <param name="Most">What it takes here.</param>
public sealed record LayerRoom(string Layer, string Name, double Before, double After, double Most);

/// <summary>What pressing once more would do.</summary>
/// <param name="Seconds">How long, s.</param>
/// <param name="Bond">The least bond then, as a share of what is wanted.</param>
/// <param name="Gain">What this press alone adds to it.</param>
/// <param name="Rooms">Heat by layer.</param>
internal sealed record PressedAgain(double Seconds, double Bond, double Gain, IReadOnlyList<LayerRoom> Rooms);

/// <summary>A piece as the heat that it really had left it, to try on what pressing again would do.</summary>
internal sealed class PieceInTheModel
{
    // Until the piece lies under the plate again, s.
    private const double LayingBackSeconds = 15;

    // A piece that has lain so long is cold, s.
    private const double ColdSeconds = 900;

    private readonly WayContext _about;
    private readonly PressSetting _setting;
    private readonly PressSession _short;
    private readonly PressSession _long;
    private readonly Func<string, string> _nameIn;
    private readonly IReadOnlyDictionary<string, double> _asItOpened;
    private readonly List<string> _laid;
    private readonly double _longest;

    private PieceInTheModel(WayContext about, PressSetting setting, PressSession shortest, PressSession longest, Func<string, string> nameIn, IReadOnlyDictionary<string, double> asItOpened, List<string> laid, double longestSeconds) =>
        (_about, _setting, _short, _long, _nameIn, _asItOpened, _laid, _longest) = (about, setting, shortest, longest, nameIn, asItOpened, laid, longestSeconds);

    /// <summary>The layers that lie on it.</summary>
    public IReadOnlyList<string> Laid => _laid;

    /// <summary>The least bond of its layers, as a share of what is wanted.</summary>
    public double Bond => _laid.Min(id => Bonded(_short, id));

    /// <summary>Heat of a layer so far, as a share of its chart's: as the plate last opened, which is how charts and plans count.</summary>
    public double Burden(string layer) => _asItOpened[layer] / _about.Layer(layer).Reference.BurdenSeconds;

    /// <summary>Carries out again what was done with a piece.</summary>
    /// <param name="about">Its job.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="holds">How long the plate was really closed.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <returns>The piece; null while no vinyl has been pressed on it.</returns>
    public static PieceInTheModel? Of(WayContext about, Plan plan, IReadOnlyList<HoldDone> holds, CatalogueSnapshot catalogue)
    {
        var done = plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).Select(p => (Press: p, Holds: holds.Where(h => h.PressOrder == p.Order).ToList())).Where(p => p.Holds.Count > 0).ToList();
        if (!done.Exists(d => d.Press.Laid.Count > 0))
            return null;
        double Plate(PlannedPress press, List<HoldDone> of) => of.Select(h => h.PlateCelsius).Where(c => c is not null).Min() ?? press.FaceCelsius(about.Work.Source);
        // Each placement of the plate is a hold; a gun's passes, and a plate closed again, add up.
        double Seconds(PlannedPress press, List<HoldDone> of, bool most)
        {
            var goes = Math.Max(1, press.Sections.Count);
            return of.Count < goes || goes == 1 ? of.Sum(h => h.Seconds) / Math.Min(goes, of.Count) : most ? of.Max(h => h.Seconds) : of.Min(h => h.Seconds);
        }

        List<(PlannedPress, double, double)> As(bool most) => done.ConvertAll(d => (d.Press, Seconds(d.Press, d.Holds, most), Plate(d.Press, d.Holds)));
        var (shortest, nameIn, asItOpened) = Rehearser.Repeat(about, As(most: false), catalogue);
        var longest = shortest.Copy();
        if (done.Exists(d => d.Press.Sections.Count > 1))
            (longest, _, asItOpened) = Rehearser.Repeat(about, As(most: true), catalogue);
        var press = done[^1].Press;
        var setting = PressSetting.Single(press.FaceCelsius(about.Work.Source), press.PressureKPa, 0);
        List<string> laid = [.. done.SelectMany(d => d.Press.Laid).Distinct(StringComparer.Ordinal)];
        // What was pressed again since is part of it.
        foreach (var again in holds.Where(h => h.IsAgain))
        {
            foreach (var session in new[] { shortest, longest })
            {
                session.Open(CoolingPlace.OnUnderlay, LayingBackSeconds, setting.PlateCelsius);
                session.Press(setting with { Seconds = again.Seconds });
            }

            asItOpened = laid.ToDictionary(id => id, id => longest.Burden(nameIn(id)), StringComparer.Ordinal);
        }

        return new PieceInTheModel(about, setting, shortest, longest, nameIn, asItOpened, laid, catalogue.Work.LongestPressSeconds.Value);
    }

    /// <summary>How long it could be pressed once more before a vinyl or the blank has too much, s.</summary>
    /// <param name="cold">It has gone cold; otherwise it comes straight from the press.</param>
    /// <param name="withoutTail">Heat that it had while it cooled is left out: the place in question has plainly had less than the model says.</param>
    public double MostSeconds(bool cold, bool withoutTail = false)
    {
        var limit = Math.Max(_about.Work.Material.LimitCelsius.Value, _long.HottestBare());
        var spared = _laid.ToDictionary(id => id, id => withoutTail ? Burdened(_long, id) - Burden(id) : 0, StringComparer.Ordinal);
        var watch = new UntilReached(s => _laid.Any(id => Burdened(s, id) - spared[id] > Most(id)) || s.HottestBare() > limit + 0.01);
        Rested(_long, cold).Press(_setting with { Seconds = _longest }, observer: watch);
        return watch.ReachedAt is { } over ? Math.Floor(Math.Max(0, over - 0.05)) : _longest;
    }

    /// <summary>How long it has to be pressed once more until its bond is as wanted, and this press alone gives at least so much, s.</summary>
    /// <param name="cold">It has gone cold; otherwise it comes straight from the press.</param>
    /// <param name="bond">The bond in all.</param>
    /// <param name="alone">What this press has to give by itself.</param>
    /// <returns>Whole seconds; null when the longest press does not.</returns>
    public double? SecondsUntil(bool cold, double bond, double alone)
    {
        var watch = new UntilReached(s => _laid.All(id => Bonded(s, id) >= bond && Bonded(s, id) - Bonded(_short, id) >= alone));
        Rested(_short, cold).Press(_setting with { Seconds = _longest }, observer: watch);
        return watch.ReachedAt is { } enough ? Math.Ceiling(enough) : null;
    }

    /// <summary>What pressing once more does.</summary>
    /// <param name="seconds">How long, s.</param>
    /// <param name="cold">It has gone cold.</param>
    public PressedAgain Again(double seconds, bool cold)
    {
        var (few, many) = (Rested(_short, cold), Rested(_long, cold));
        few.Press(_setting with { Seconds = seconds });
        many.Press(_setting with { Seconds = seconds });
        return new PressedAgain(seconds, _laid.Min(id => Bonded(few, id)), _laid.Min(id => Bonded(few, id) - Bonded(_short, id)),
            [.. _laid.Select(id => new LayerRoom(id, _about.NameOf(_about.Layer(id)), Math.Round(Burden(id), 2), Math.Round(Burdened(many, id), 2), Most(id)))]);
    }

    /// <summary>How long it takes on a cold bench until the piece is cool to the touch, s.</summary>
    public double SecondsUntilCool()
    {
        var below = _about.Figures.ColdPeelBelowCelsius.Value;
        var watch = new UntilReached(s => s.VinylCelsius[0] <= below);
        _long.Copy().Open(CoolingPlace.ColdBench, ColdSeconds, _setting.PlateCelsius, watch);
        return Math.Ceiling(watch.ReachedAt ?? ColdSeconds);
    }

    private PressSession Rested(PressSession session, bool cold)
    {
        var then = session.Copy();
        then.Open(CoolingPlace.OnUnderlay, cold ? ColdSeconds : LayingBackSeconds, _setting.PlateCelsius);
        return then;
    }

    private double Bonded(PressSession session, string layer) => session.Bond(_nameIn(layer)) / _about.Layer(layer).WantedBond;

    private double Burdened(PressSession session, string layer) => session.Burden(_nameIn(layer)) / _about.Layer(layer).Reference.BurdenSeconds;

    private double Most(string layer) => _about.Layer(layer).MostBurden;
}
