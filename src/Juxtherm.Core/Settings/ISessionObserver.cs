namespace Juxtherm.Core.Settings;

/// <summary>What is seen after each step of a phase.</summary>
public interface ISessionObserver
{
    /// <summary>Called after each step.</summary>
    /// <param name="session">The session, standing at the end of the step.</param>
    /// <param name="seconds">Time since the phase began, s.</param>
    /// <returns>False to end the phase here.</returns>
    bool AfterStep(PressSession session, double seconds);
}
