using System.Runtime.Intrinsics;

namespace Juxtherm.Core.Heat;

/// <summary>
/// A sheet with the temperatures in it. Each sheet keeps its own cells, so a field can be carried from press to press while
/// the stack around it is turned over, gains a cover or loses its carrier.
/// </summary>
public sealed class SheetField
{
    private readonly double[] _widths;

    private SheetField(Sheet sheet, double[] widths, Lanes[] temperatures, Lanes[] peaks)
    {
        Sheet = sheet;
        _widths = widths;
        Temperatures = temperatures;
        Peaks = peaks;
    }

    /// <summary>The sheet that the field belongs to.</summary>
    public Sheet Sheet { get; }

    /// <summary>Cell widths from top to bottom, m.</summary>
    public ReadOnlySpan<double> WidthsM => _widths;

    /// <summary>Cell temperatures from top to bottom, °C.</summary>
    public Lanes[] Temperatures { get; }

    /// <summary>The hottest that each cell has been since it was last damp, °C: what has dried stays dry.</summary>
    public Lanes[] Peaks { get; }

    /// <summary>A sheet at one temperature, holding the moisture of room air.</summary>
    /// <param name="sheet">The sheet.</param>
    /// <param name="celsius">Its temperature, °C.</param>
    /// <param name="refinement">1 for the working grid; larger for finer cells (used to check convergence).</param>
    public static SheetField At(Sheet sheet, double celsius, double refinement = 1) => At(sheet, LaneMath.All(celsius), refinement);

    /// <inheritdoc cref="At(Sheet, double, double)"/>
    public static SheetField At(Sheet sheet, Lanes celsius, double refinement = 1)
    {
        var widths = SheetGrid.Widths(sheet, refinement);
        var temperatures = new Lanes[widths.Length];
        Array.Fill(temperatures, celsius);
        return new SheetField(sheet, widths, temperatures, (Lanes[])temperatures.Clone());
    }

    /// <summary>The same field with all its water gone, as after a long preheat.</summary>
    public SheetField Dried()
    {
        var copy = Copy();
        Array.Fill(copy.Peaks, LaneMath.All(Moisture.DryAtCelsius));
        return copy;
    }

    /// <summary>The same field turned over: what lay on top lies at the bottom.</summary>
    public SheetField Flipped()
    {
        var copy = new SheetField(Sheet, (double[])_widths.Clone(), (Lanes[])Temperatures.Clone(), (Lanes[])Peaks.Clone());
        copy._widths.AsSpan().Reverse();
        copy.Temperatures.AsSpan().Reverse();
        copy.Peaks.AsSpan().Reverse();
        return copy;
    }

    /// <summary>An independent copy.</summary>
    public SheetField Copy() => new(Sheet, _widths, (Lanes[])Temperatures.Clone(), (Lanes[])Peaks.Clone());

    /// <summary>Mean temperature over the thickness, °C.</summary>
    public Lanes MeanCelsius
    {
        get
        {
            var sum = Lanes.Zero;
            var width = 0.0;
            for (var i = 0; i < _widths.Length; i++)
            {
                sum += Temperatures[i] * _widths[i];
                width += _widths[i];
            }

            return sum / width;
        }
    }

    /// <summary>Water left in the sheet, kg per m² of plate.</summary>
    public Lanes WaterKgM2
    {
        get
        {
            var sum = Lanes.Zero;
            for (var i = 0; i < _widths.Length; i++)
            {
                var full = Sheet.Substance.MoistureRegain * Sheet.Substance.DensityKgM3 * _widths[i];
                sum += full * (Vector256.Create(1.0) - Moisture.ShareGone(Peaks[i]));
            }

            return sum;
        }
    }

    /// <summary>Water left as a share of what the sheet holds in room air; 0 where it never holds any.</summary>
    public Lanes WaterShare
    {
        get
        {
            var full = Sheet.Substance.MoistureRegain * Sheet.Substance.DensityKgM3 * Sheet.ThicknessMm / 1000;
            return full > 0 ? WaterKgM2 / full : Lanes.Zero;
        }
    }
}
