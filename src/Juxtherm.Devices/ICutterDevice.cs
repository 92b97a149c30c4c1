using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;

namespace Juxtherm.Devices;

/// <summary>What a cutter is doing.</summary>
public enum CutterState
{
    /// <summary>Nothing is loaded, or it waits to be told to go.</summary>
    Idle,

    /// <summary>The blade moves.</summary>
    Cutting,

    /// <summary>It stopped before the end, and says why.</summary>
    Stopped,

    /// <summary>Everything is cut.</summary>
    Done,
}

/// <summary>Why a cutter stopped.</summary>
public enum CutterTrouble
{
    /// <summary>The blade ran off the end of the vinyl.</summary>
    OutOfVinyl,

    /// <summary>The rollers lost the mat: nothing is where it was.</summary>
    LostMat,

    /// <summary>No more came from the computer: it slept.</summary>
    ComputerSlept,
}

/// <summary>What a cutter says of itself.</summary>
/// <param name="State">What it is doing.</param>
/// <param name="Trouble">Why it stopped; null while it did not.</param>
/// <param name="Progress">Share of the time it needs, 0 to 1.</param>
/// <param name="StrokesDone">Lines cut to their end.</param>
/// <param name="Strokes">Lines in all.</param>
/// <param name="Blade">Where the blade is on the sheet, mm.</param>
/// <param name="Seconds">How long it has been cutting, stops left out, s.</param>
/// <param name="TotalSeconds">How long it needs in all, s.</param>
public sealed record CutterStatus(CutterState State, CutterTrouble? Trouble, double Progress, int StrokesDone, int Strokes, Spot Blade,
    double Seconds, double TotalSeconds);

/// <summary>The port for a cutter. The program ships a simulated one; a real one is another class behind the same port.</summary>
public interface ICutterDevice
{
    /// <summary>It cuts nothing: it only shows what a cutter would do.</summary>
    static abstract bool Simulated { get; }

    /// <summary>Takes a sheet and what to cut in it.</summary>
    /// <param name="hpgl">What to cut.</param>
    /// <param name="sheetLengthMm">How long the vinyl on the mat is, mm.</param>
    /// <exception cref="CutterRefusedException">It is cutting, or cannot read that.</exception>
    void Load(string hpgl, double sheetLengthMm);

    /// <summary>Begins, or goes on after the computer slept.</summary>
    /// <exception cref="CutterRefusedException">Nothing is loaded, or it cannot go on from where it stopped.</exception>
    void Go();

    /// <summary>Takes the sheet out.</summary>
    /// <exception cref="CutterRefusedException">It is cutting.</exception>
    void Unload();

    /// <summary>What it is doing now.</summary>
    CutterStatus Status();
}

/// <summary>A cutter does not do what it was told. The message says why.</summary>
/// <param name="says">What the reader is told.</param>
public sealed class CutterRefusedException(Phrase says) : RefusedException("cutter", says);
