using System.Globalization;
using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting;

/// <summary>Digits of single strokes, for cutting small numbers into the waste.</summary>
internal static class Digits
{
    private const double Wide = 0.55;
    private const double Pitch = 0.85;

    // Corners of each digit in a box of one by one, y down; strokes parted by bars.
    private static readonly string[] Corners =
    [
        "0,0 1,0 1,1 0,1 0,0", "0.2,0.25 0.6,0 0.6,1", "0,0 1,0 1,0.5 0,0.5 0,1 1,1", "0,0 1,0 1,1 0,1|0.3,0.5 1,0.5",
        "0,0 0,0.55 1,0.55|0.75,0 0.75,1",
        "1,0 0,0 0,0.5 1,0.5 1,1 0,1", "1,0 0,0 0,1 1,1 1,0.5 0,0.5", "0,0 1,0 0.35,1", "0,0 1,0 1,1 0,1 0,0|0,0.5 1,0.5",
        "1,0.5 0,0.5 0,0 1,0 1,1 0,1",
    ];

    /// <summary>The strokes of a number.</summary>
    /// <param name="number">Not below zero.</param>
    /// <param name="x">Left edge, mm.</param>
    /// <param name="y">Upper edge, mm.</param>
    /// <param name="heightMm">mm.</param>
    public static IReadOnlyList<IReadOnlyList<Spot>> Strokes(int number, double x, double y, double heightMm)
    {
        var strokes = new List<IReadOnlyList<Spot>>();
        foreach (var digit in number.ToString(CultureInfo.InvariantCulture))
        {
            foreach (var stroke in Corners[digit - '0'].Split('|'))
                strokes.Add([.. stroke.Split(' ').Select(p => Corner(p, x, y, heightMm))]);
            x += Pitch * heightMm;
        }

        return strokes;
    }

    private static Spot Corner(string text, double x, double y, double height)
    {
        var parts = text.Split(',');
        return new Spot(x + double.Parse(parts[0], CultureInfo.InvariantCulture) * Wide * height,
            y + double.Parse(parts[1], CultureInfo.InvariantCulture) * height);
    }
}
