using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Rehearsal;

internal sealed partial class Rehearser
{
    private const double NotHotYetK = 2;

    private PressSession? _beforeBonding;

    /// <summary>Carries a sequence out where another piece was pressed just before.</summary>
    /// <param name="about">The job.</param>
    /// <param name="sequence">The presses.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <param name="before">The piece that lay there before it; null for the first.</param>
    /// <param name="idleSeconds">How long nothing was pressed there since, s.</param>
    /// <param name="warmedSeconds">How long the empty press was closed on what lies underneath, s; 0 for not at all.</param>
    public static Rehearser After(ChartedJob about, IReadOnlyList<SequencePress> sequence, CatalogueSnapshot catalogue, Rehearser? before,
        double idleSeconds = 0, double warmedSeconds = 0)
    {
        var rehearser = new Rehearser(about, catalogue, sequence[0].Set.For(0), FirstFace(about, sequence.Select(p => p.Laid)), id => id)
        { _inARun = true };
        if (before is not null)
            rehearser.Follow(before, idleSeconds);
        if (warmedSeconds > 0)
        {
            rehearser._session.WarmUnderlay(sequence[0].Set.For(warmedSeconds));
            rehearser._session.SettlePlate(rehearser._setting.PlateCelsius);
        }

        foreach (var press in sequence)
            rehearser.CarryOut(press);
        return rehearser;
    }

    /// <summary>How long all of it took, s.</summary>
    public double Seconds => _clock;

    /// <summary>The last of the pieces that were pressed before; null for none.</summary>
    private static Rehearser? LastOf(ChartedJob about, PiecesBefore? row, CatalogueSnapshot catalogue)
    {
        Rehearser? last = null;
        for (var n = 0; n < (row?.Count ?? 0); n++)
            last = Repeated(about, row!.AsPlanned, catalogue, id => id, last).Rehearser;
        return last;
    }

    /// <summary>Lies where another lay: the one is taken off and the other put on.</summary>
    private void Follow(Rehearser before, double idleSeconds = 0)
    {
        before._session.Open(CoolingPlace.OnUnderlay, _about.Figures.LaySeconds.Value + idleSeconds, before._setting.PlateCelsius);
        // Nobody closes a press that says it is not hot yet.
        if (before._session.PrintColumn.PlateCelsius[0] < before._setting.PlateCelsius[0] - NotHotYetK)
            before._session.SettlePlate(before._setting.PlateCelsius);
        _session.LieWhereLay(before._session);
    }

    /// <summary>What became of it.</summary>
    /// <param name="bond">The bond that its last bonding press is asked for; null for what it had.</param>
    public PieceInRun AsPiece(double? bond)
    {
        var last = _done[^1];
        var bonding = _done.FindLast(d => d.Press.Purpose == PressPurpose.Press)!;
        var had = bonding.LeastBond;
        var wanted = bond ?? had;
        var seconds = SecondsUntil(_beforeBonding!, bonding.Press.Set.For(bonding.Seconds), _catalogue,
            session => bonding.Press.Layers.All(id => session.Bond(InSession(id)) >= wanted * _about.Layer(id).WantedBond));
        return new PieceInRun(had, last.HottestBareCelsius, _done.LastOrDefault(d => d.Peel is not null)?.Peel!.FromSeconds, seconds);
    }
}
