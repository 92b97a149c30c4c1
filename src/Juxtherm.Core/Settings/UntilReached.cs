namespace Juxtherm.Core.Settings;

/// <summary>Ends a phase when something is reached, and notes when that was.</summary>
/// <param name="reached">What.</param>
public sealed class UntilReached(Func<PressSession, bool> reached) : ISessionObserver
{
    /// <summary>How long the phase has lasted, s.</summary>
    public double Seconds { get; private set; }

    /// <summary>When it was reached, s since the phase began; null when it was not.</summary>
    public double? ReachedAt { get; private set; }

    /// <inheritdoc/>
    public bool AfterStep(PressSession session, double seconds)
    {
        Seconds = seconds;
        if (!reached(session))
            return true;
        ReachedAt = seconds;
        return false;
    }
}
