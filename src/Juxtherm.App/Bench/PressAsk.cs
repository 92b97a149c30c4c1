namespace Juxtherm.App.Bench;

/// <summary>What is asked of a press that is connected.</summary>
public enum PressAction
{
    /// <summary>Connect the press that ships, hot already.</summary>
    Connect,

    /// <summary>Connect the press that ships, from cold.</summary>
    ConnectCold,

    /// <summary>Run it by hand again.</summary>
    Disconnect,

    /// <summary>Bring the plate down.</summary>
    Close,

    /// <summary>Bring the plate down; it opens by itself when the time is over.</summary>
    CloseAndOpen,

    /// <summary>Lift the plate.</summary>
    Open,

    /// <summary>Turn the dial.</summary>
    Set,
}

/// <summary>Something asked of a press.</summary>
/// <param name="Action">What.</param>
/// <param name="Celsius">Where to turn the dial, °C; with set.</param>
public sealed record PressAsk(PressAction Action, double? Celsius);
