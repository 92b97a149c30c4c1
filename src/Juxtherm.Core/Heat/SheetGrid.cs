namespace Juxtherm.Core.Heat;

/// <summary>Cells for a sheet: fine at both faces, where heat arrives, coarser in the middle of thick sheets.</summary>
internal static class SheetGrid
{
    // Chosen with the convergence study in the tests: about half a percent of the heating against a grid four times finer.
    private const double FirstCellM = 5e-5;
    private const double ReferenceDiffusivity = 1.3e-7;
    private const double Growth = 1.4;
    private const int FewestCells = 3;

    public static double[] Widths(Sheet sheet, double refinement)
    {
        var thickness = sheet.ThicknessMm / 1000;
        // Heat walks as √(αt), so a cell may be wider by √α for the same fineness in time.
        var first = FirstCellM * Math.Sqrt(sheet.Substance.DiffusivityM2s / ReferenceDiffusivity) / refinement;
        var growth = Math.Pow(Growth, 1 / refinement);
        var half = new List<double>();
        for (double width = first, sum = 0; sum < thickness / 2; width *= growth)
        {
            half.Add(width);
            sum += width;
        }

        var fewest = (int)Math.Ceiling(FewestCells * refinement);
        var relative = 2 * half.Count < fewest
            ? Enumerable.Repeat(1.0, fewest).ToArray()
            : [.. half, .. Enumerable.Reverse(half)];
        var scale = thickness / relative.Sum();
        return Array.ConvertAll(relative, width => width * scale);
    }
}
