using Juxtherm.Core.Notices;
namespace Juxtherm.Devices;

/// <summary>What a press says of itself.</summary>
/// <param name="SetCelsius">Where its dial stands, °C.</param>
/// <param name="ShownCelsius">What its display shows, °C: the plate less its offset.</param>
/// <param name="MiddleCelsius">The plate's face in its middle, °C.</param>
/// <param name="EdgeCelsius">The plate's face near its edge, °C.</param>
/// <param name="Closed">The plate is down.</param>
/// <param name="Closings">How often it has been closed since it was switched on.</param>
/// <param name="ClosedAt">When it was last closed, UTC; null before.</param>
/// <param name="OpenedAt">When it was opened after that, UTC; null while it is closed.</param>
/// <param name="MiddleAsItClosed">The middle as it last closed, °C; null before.</param>
/// <param name="OpensAfterSeconds">It opens by itself so long after closing, s; null when a hand opens it.</param>
public sealed record PressStatus(
    double SetCelsius, double ShownCelsius, double MiddleCelsius, double EdgeCelsius, bool Closed, int Closings, DateTimeOffset? ClosedAt,
    DateTimeOffset? OpenedAt, double? MiddleAsItClosed, double? OpensAfterSeconds);

/// <summary>The port for a press that can be read, and if it has a motor also moved. The program ships a simulated one; a real one is
/// another class behind the same port.</summary>
public interface IPressDevice
{
    /// <summary>Turns the dial.</summary>
    /// <param name="celsius">°C.</param>
    /// <exception cref="PressRefusedException">Its dial does not go there.</exception>
    void TurnTo(double celsius);

    /// <summary>Brings the plate down.</summary>
    /// <param name="opensAfterSeconds">Opens by itself after so long, s; null for a hand that opens it.</param>
    /// <exception cref="PressRefusedException">It is closed already.</exception>
    void Close(double? opensAfterSeconds);

    /// <summary>Lifts the plate.</summary>
    /// <exception cref="PressRefusedException">It is open already.</exception>
    void Open();

    /// <summary>What it says now.</summary>
    PressStatus Status();
}

/// <summary>A press does not do what it was told. The message says why.</summary>
/// <param name="says">What the reader is told.</param>
public sealed class PressRefusedException(Phrase says) : RefusedException("press", says);
