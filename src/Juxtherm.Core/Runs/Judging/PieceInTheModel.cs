using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Runs.Judging;

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

    // Closer than this a hand cannot hold a time, s.
    private const double HandSeconds = 1;

    // After so many pieces what lies underneath is nearly as warm as it gets (tried in the model).
    private const int WarmAfter = 4;

    // A piece that has lain so long is cold, s.
    private const double ColdSeconds = 900;

    private readonly ChartedJob _about;
    private readonly PressSetting _setting;
    private readonly PressSession _short;
    private readonly PressSession _long;
    private readonly Func<string, string> _nameIn;
    private readonly IReadOnlyDictionary<string, double> _asItOpened;
    private readonly List<string> _laid;
    private readonly double _longest;
    private readonly Face _up;

    private PieceInTheModel(ChartedJob about, PressSetting setting, PressSession shortest, PressSession longest,
        Func<string, string> nameIn, IReadOnlyDictionary<string, double> asItOpened, List<string> laid, double longestSeconds, Face up)
    {
        (_about, _setting, _short, _long, _nameIn, _asItOpened, _laid, _longest, _up) = (about, setting, shortest, longest, nameIn,
            asItOpened, laid, longestSeconds, up);
        Meant = up;
    }

    /// <summary>The face that is looked at; the one that was pressed last unless another is meant.</summary>
    public Face Meant { get; private init; }

    /// <summary>The face that is looked at lies down, so it is turned over before it is pressed again.</summary>
    public bool TurnsOver => Meant != _up;

    /// <summary>The layers that lie on it.</summary>
    public IReadOnlyList<string> Laid => _laid;

    /// <summary>The layers on the face that is looked at.</summary>
    public IReadOnlyList<string> Here => [.. _laid.Where(id => _about.Layer(id).Layer.Face == Meant)];

    /// <summary>The least bond of the layers on the face that is looked at, as a share of what is wanted.</summary>
    public double Bond => Here.Min(id => Bonded(_short, id));

    /// <summary>The bond of a layer, as a share of what is wanted.</summary>
    /// <param name="layer">Its id.</param>
    public double BondOf(string layer) => Bonded(_short, layer);

    /// <summary>The same piece, looked at from a face.</summary>
    /// <param name="face">The face; where nothing was pressed on it, or nobody said, the one that was pressed last.</param>
    public PieceInTheModel From(Face? face) => face is { } meant && _laid.Exists(id => _about.Layer(id).Layer.Face == meant)
        ? new PieceInTheModel(_about, _setting, _short, _long, _nameIn, _asItOpened, _laid, _longest, _up) { Meant = meant }
        : this;

    /// <summary>Heat of a layer so far, as a share of its chart's: as the plate last opened, which is how charts and plans count.</summary>
    public double HeatDose(string layer) => _asItOpened[layer] / _about.Layer(layer).Reference.HeatDoseSeconds;

    /// <summary>Carries out again what was done with a piece.</summary>
    /// <param name="about">Its job.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="holds">How long the plate was really closed.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <returns>The piece; null while no vinyl has been pressed on it.</returns>
    public static PieceInTheModel? Of(ChartedJob about, Plan plan, IReadOnlyList<HoldDone> holds, CatalogueSnapshot catalogue)
    {
        var done = plan.Whole.Select(w => (w.Press, Places: w.OnParts.SelectMany(p => ClosedPlate.Of(holds, p.Order)).ToList()))
            .Where(p => p.Places.Count > 0).ToList();
        if (!done.Exists(d => d.Press.Laid.Count > 0))
            return null;
        // Where the plate came down least decides whether it holds, where most whether it had too much.
        List<DoneInModel> As(Func<IReadOnlyList<ClosedPlate>, ClosedPlate> place) =>
            done.ConvertAll(d =>
                new DoneInModel(d.Press, place(d.Places).Closings, d.Places.Min(p => p.PlateCelsius)
                    ?? d.Press.SurfaceCelsius(about.Work.Source)));
        var row = RowBefore(about, plan, holds.Select(h => h.InRow).FirstOrDefault());
        var (shortest, nameIn, asItOpened, up) = Rehearser.Repeat(about, As(places => places.MinBy(p => p.Seconds)!), catalogue, row);
        var longest = shortest.Copy();
        if (done.Exists(d => d.Places.Count > 1))
            (longest, _, asItOpened, _) = Rehearser.Repeat(about, As(places => places.MaxBy(p => p.Seconds)!), catalogue, row);
        var press = done[^1].Press;
        var setting = PressSetting.Single(press.SurfaceCelsius(about.Work.Source), press.PressureKPa, 0);
        List<string> laid = [.. done.SelectMany(d => d.Press.Laid).Distinct(StringComparer.Ordinal)];
        // What was pressed again since is part of it.
        foreach (var again in holds.Where(h => h.IsAgain))
        {
            foreach (var session in new[] { shortest, longest })
            {
                session.Open(CoolingPlace.OnUnderlay, LayingBackSeconds, setting.PlateCelsius);
                Turn(session, again);
                session.Press(setting with { Seconds = again.Seconds });
                Turn(session, again);
            }

            asItOpened = laid.ToDictionary(id => id, id => longest.HeatDose(nameIn(id)), StringComparer.Ordinal);
        }

        return new PieceInTheModel(about, setting, shortest, longest, nameIn, asItOpened, laid, catalogue.Work.LongestPressSeconds.Value,
            up);
    }

    /// <summary>The pieces that were pressed just before it, each as planned.</summary>
    /// <param name="about">Its job.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="pieces">How many.</param>
    public static PiecesBefore RowBefore(ChartedJob about, Plan plan, int pieces) =>
        new([.. plan.Whole.Where(w => w.Press.Purpose != PressPurpose.Patch).Select(w => w.OnParts[0])
            .Select(p => new DoneInModel(p, [new Closing(p.Seconds, 0)], p.SurfaceCelsius(about.Work.Source)))],
            Math.Min(pieces, WarmAfter));

    /// <summary>Every press of a plan on the part in hand: as it was done, with what is being made up for; what is still to come as it was
    /// planned.</summary>
    /// <param name="about">Its job.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="piece">The piece.</param>
    public static IReadOnlyList<DoneInModel> AsItGoes(ChartedJob about, Plan plan, Piece piece)
    {
        var last = piece.Holds.LastOrDefault(h => !h.IsAgain)?.PressOrder;
        var inHand = plan.Presses.FirstOrDefault(p => p.Order == last)?.Part;
        DoneInModel Press(PlannedPress press)
        {
            var places = ClosedPlate.Of(piece.Holds, press.Order);
            if (places.Count == 0)
                return new DoneInModel(press, [new Closing(plan.SecondsOf(press, piece.InRow), 0)],
                    press.SurfaceCelsius(about.Work.Source));
            var least = places.MinBy(p => p.Seconds)!;
            var missing = press.Order == last && piece.MissingSeconds > 0
                ? [new Closing(piece.MissingSeconds, ClosedPlate.UsualOpenSeconds)] : Array.Empty<Closing>();
            return new DoneInModel(press, [.. least.Closings, .. missing], least.PlateCelsius ?? press.SurfaceCelsius(about.Work.Source));
        }

        return [.. plan.Whole.Select(w => w.OnParts.FirstOrDefault(p => p.Part == inHand) ?? w.OnParts[0])
            .Where(p => piece.Holds.Any(h => h.PressOrder == p.Order) || p.Order > (last ?? 0)).Select(Press)];
    }

    /// <summary>Everything was done as it was planned, to what a hand can hold.</summary>
    /// <param name="plan">Its plan.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="underWay">The press that it is at; null for none. What is not over cannot be short.</param>
    public static bool IsByPlan(Plan plan, Piece piece, int? underWay)
    {
        var last = piece.Holds.LastOrDefault(h => !h.IsAgain)?.PressOrder ?? 0;
        return piece.MissingSeconds <= 0 && plan.Presses.Where(p => p.Purpose != PressPurpose.Patch && p.Order <= last).All(press =>
            ClosedPlate.Of(piece.Holds, press.Order) is { Count: > 0 } places
            && plan.SecondsOf(press, piece.InRow) is var planned
            && places.All(p => Math.Abs(p.Seconds - planned) <= HandSeconds || (press.Order == underWay && p.Seconds < planned))
            && (press.Sections.Count == 0 || places.All(p => p.Closings.Count == 1)));
    }

    private static void Turn(PressSession session, HoldDone again)
    {
        if (again.TurnedOver)
            session.TurnOver();
    }

    /// <summary>How long it could be pressed once more before a vinyl or the blank has too much, s.</summary>
    /// <param name="cold">It has gone cold; otherwise it comes straight from the press.</param>
    /// <param name="withoutTail">Heat that it had while it cooled is left out: the place in question has plainly had less than the model
    /// says.</param>
    public double MostSeconds(bool cold, bool withoutTail = false)
    {
        var limit = Math.Max(_about.Work.Material.Limit.Celsius.Value, _long.HottestBare());
        var spared = _laid.ToDictionary(id => id, id => withoutTail ? Burdened(_long, id) - HeatDose(id) : 0, StringComparer.Ordinal);
        var watch = new UntilReached(s => _laid.Any(id => Burdened(s, id) - spared[id] > Most(id)) || s.HottestBare() > limit + 0.01);
        Rested(_long, cold).Press(_setting with { Seconds = _longest }, observer: watch);
        return watch.ReachedAt is { } over ? Math.Floor(Math.Max(0, over - 0.05)) : _longest;
    }

    /// <summary>How long it has to be pressed once more until its bond is as wanted, and this press alone gives at least so much,
    /// s.</summary>
    /// <param name="cold">It has gone cold; otherwise it comes straight from the press.</param>
    /// <param name="bond">The bond in all.</param>
    /// <param name="alone">What this press has to give by itself.</param>
    /// <returns>Whole seconds; null when the longest press does not.</returns>
    public double? SecondsUntil(bool cold, double bond, double alone)
    {
        var watch = new UntilReached(s => Here.All(id => Bonded(s, id) >= bond && Bonded(s, id) - Bonded(_short, id) >= alone));
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
        return new PressedAgain(seconds, Here.Min(id => Bonded(few, id)), Here.Min(id => Bonded(few, id) - Bonded(_short, id)),
            [.. _laid.Select(id =>
                new LayerRoom(id, _about.NameOf(_about.Layer(id)), Math.Round(HeatDose(id), 2), Math.Round(Burdened(many, id), 2),
                    Most(id)))]);
    }

    /// <summary>How long it takes on a cold bench until the piece is cool to the touch, s.</summary>
    public double SecondsUntilCool()
    {
        var below = _about.Figures.Peel.ColdBelowCelsius.Value;
        var watch = new UntilReached(s => s.VinylCelsius[0] <= below);
        _long.Copy().Open(CoolingPlace.ColdBench, ColdSeconds, _setting.PlateCelsius, watch);
        return Math.Ceiling(watch.ReachedAt ?? ColdSeconds);
    }

    private PressSession Rested(PressSession session, bool cold)
    {
        var then = session.Copy();
        then.Open(CoolingPlace.OnUnderlay, cold ? ColdSeconds : LayingBackSeconds, _setting.PlateCelsius);
        if (TurnsOver)
            then.TurnOver();
        return then;
    }

    private double Bonded(PressSession session, string layer) => session.Bond(_nameIn(layer)) / _about.Layer(layer).WantedBond;

    private double Burdened(PressSession session, string layer) =>
        session.HeatDose(_nameIn(layer)) / _about.Layer(layer).Reference.HeatDoseSeconds;

    private double Most(string layer) => _about.Layer(layer).MostHeatDose;
}
