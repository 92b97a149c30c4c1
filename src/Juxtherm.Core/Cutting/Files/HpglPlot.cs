using System.Globalization;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Cutting.Files;

/// <summary>What an HPGL file asks a cutter to do.</summary>
/// <param name="ForceGrams">Force, grams; null when not said.</param>
/// <param name="CmPerSecond">Speed, cm/s; null when not said.</param>
/// <param name="Strokes">Lines with the blade down, mm on the sheet: x across, y along the feed.</param>
public sealed record HpglPlot(double? ForceGrams, double? CmPerSecond, IReadOnlyList<IReadOnlyList<Spot>> Strokes)
{
    private const int MostPoints = 2_000_000;

    /// <summary>Reads a file: IN, SP, PA, PR, PU, PD, FS and VS. Other commands are refused, because what they would do is not known
    /// here.</summary>
    /// <param name="text">Its text.</param>
    /// <param name="problems">Filled with what is wrong.</param>
    /// <returns>The plot; null when anything is wrong.</returns>
    public static HpglPlot? Read(string text, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(problems);
        var pen = new Pen();
        var number = 0;
        foreach (var command in text.Split(';').Select(c => c.Trim()).Where(c => c.Length > 0))
        {
            number++;
            if (command.Length < 2 || !pen.Take(command[..2].ToUpperInvariant(), command[2..]))
                problems.Add("",
                    new Phrase("hpgl-plot.broken", ("number", number), ("command", command.Length > 40 ? command[..40] + "…" : command)),
                    "broken");
            if (pen.Points > MostPoints)
                problems.Add("", new Phrase("hpgl-plot.too-large", ("mostPoints", MostPoints)), "too-large");
            if (!problems.None)
                return null;
        }

        pen.Lift();
        return new HpglPlot(pen.Force, pen.Speed, pen.Strokes);
    }

    private sealed class Pen
    {
        private readonly List<IReadOnlyList<Spot>> _strokes = [];
        private List<Spot>? _stroke;
        private double _x;
        private double _y;
        private bool _down;
        private bool _relative;

        public double? Force { get; private set; }

        public double? Speed { get; private set; }

        public int Points { get; private set; }

        public IReadOnlyList<IReadOnlyList<Spot>> Strokes => _strokes;

        public bool Take(string what, string arguments)
        {
            var numbers = new List<double>();
            foreach (var part in arguments.Split([',', ' '], StringSplitOptions.RemoveEmptyEntries))
            {
                if (!double.TryParse(part, NumberStyles.Float, CultureInfo.InvariantCulture, out var n))
                    return false;
                numbers.Add(n);
            }

            switch (what)
            {
                case "IN":
                    Lift();
                    (_x, _y, _relative) = (0, 0, false);
                    return numbers.Count == 0;
                case "SP":
                    Lift();
                    return numbers.Count <= 1;
                case "FS" when numbers.Count == 1:
                    Force = numbers[0];
                    return true;
                case "VS" when numbers.Count == 1:
                    Speed = numbers[0];
                    return true;
                case "PU":
                    Lift();
                    return Move(numbers);
                case "PD":
                    _down = true;
                    return Move(numbers);
                case "PA" or "PR":
                    _relative = what == "PR";
                    return Move(numbers);
                default:
                    return false;
            }
        }

        public void Lift()
        {
            if (_stroke is { Count: > 1 })
                _strokes.Add(_stroke);
            (_stroke, _down) = (null, false);
        }

        private bool Move(List<double> numbers)
        {
            if (numbers.Count % 2 != 0)
                return false;
            for (var i = 0; i < numbers.Count; i += 2)
            {
                if (_down)
                    _stroke ??= [Here];
                (_x, _y) = _relative ? (_x + numbers[i], _y + numbers[i + 1]) : (numbers[i], numbers[i + 1]);
                _stroke?.Add(Here);
                Points++;
            }

            return true;
        }

        private Spot Here => new(_y / HpglCutFile.UnitsPerMm, _x / HpglCutFile.UnitsPerMm);
    }
}
