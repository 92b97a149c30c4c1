using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Patches;

/// <summary>What a plate does to a test patch as time goes on.</summary>
internal sealed class PatchCourse : ISessionObserver
{
    private readonly SetJob _about;
    private readonly List<(double Seconds, double Bond, double HeatDose, double Hottest)> _seen = [];

    /// <summary>Presses it in the model for as long as anything is pressed.</summary>
    /// <param name="about">The job.</param>
    /// <param name="setting">How the plate stands and presses; its time is the preheat's, s.</param>
    /// <param name="work">Limits of work.</param>
    public PatchCourse(SetJob about, PressSetting setting, WorkFigures work)
    {
        _about = about;
        var session = new PressSession(about.Work, about.Catalogue);
        session.PreheatAndLay(setting, work);
        _seen.Add((0, 0, 0, session.HottestBare()));
        session.Press(setting with { Seconds = work.LongestPressSeconds.Value }, observer: this);
    }

    /// <inheritdoc/>
    public bool AfterStep(PressSession session, double seconds)
    {
        _seen.Add((seconds, session.Bond() / _about.Lead.WantedBond, session.HeatDose() / _about.Lead.Reference.HeatDoseSeconds,
            session.HottestBare()));
        return true;
    }

    /// <summary>What it has after so many seconds: bond as a share of the wanted, heat as a share of the chart's, the hottest bare face in
    /// °C.</summary>
    public (double Bond, double HeatDose, double Hottest) At(double seconds)
    {
        var after = _seen.FindIndex(s => s.Seconds >= seconds - 1e-9);
        if (after <= 0)
            return after < 0
                ? (_seen[^1].Bond, _seen[^1].HeatDose, _seen[^1].Hottest) : (_seen[0].Bond, _seen[0].HeatDose, _seen[0].Hottest);
        var (a, b) = (_seen[after - 1], _seen[after]);
        var share = (seconds - a.Seconds) / (b.Seconds - a.Seconds);
        double Between(double from, double to) => from + (to - from) * share;
        return (Between(a.Bond, b.Bond), Between(a.HeatDose, b.HeatDose), Between(a.Hottest, b.Hottest));
    }

    /// <summary>How long until the bond comes to that, s; the longest press where it does not.</summary>
    public double Until(double bond)
    {
        var after = _seen.FindIndex(s => s.Bond >= bond);
        if (after <= 0)
            return after < 0 ? _seen[^1].Seconds : 0;
        var (a, b) = (_seen[after - 1], _seen[after]);
        return a.Seconds + (b.Seconds - a.Seconds) * (bond - a.Bond) / (b.Bond - a.Bond);
    }
}
