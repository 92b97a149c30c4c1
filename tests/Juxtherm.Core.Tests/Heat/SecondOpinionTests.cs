using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Heat;
using MathNet.Numerics.LinearAlgebra;
using Lanes = System.Runtime.Intrinsics.Vector256<double>;

namespace Juxtherm.Core.Tests.Heat;

/// <summary>Random stacks: a general-purpose numerics library must see the same temperatures, and no heat may be lost.</summary>
public class SecondOpinionTests
{
    /// <summary>A random stack under a random plate.</summary>
    public sealed record Case(SheetField[] Fields, double PlateCelsius, double PressureKPa, double Seconds, bool LimitedPlate)
    {
        public override string ToString() =>
            $"{string.Join(" | ", Fields.Select(f => $"{f.Sheet.ThicknessMm:0.00} mm {f.Sheet.Substance}"))}; {PlateCelsius:0} " +
                $"°C, {PressureKPa:0.0} kPa, {Seconds:0.0} s";
    }

    private static double Between(int raw, double low, double high) => low + (high - low) * (Math.Abs((long)raw) % 1000) / 999.0;

    private static Gen<Case> Cases(bool wet) =>
        from count in Gen.Choose(1, 8)
        from raws in Gen.Choose(0, 999).ArrayOf(count * 6)
        from plate in Gen.Choose(100, 210)
        from pressure in Gen.Choose(1, 400)
        from tenths in Gen.Choose(5, 300)
        from limited in Gen.Choose(0, 1)
        select new Case(
            [.. Enumerable.Range(0, count).Select(s => SheetField.At(
                new Sheet($"s{s}",
                    new Substance(Between(raws[s * 6], 0.04, 2), Between(raws[s * 6 + 1], 150, 2700), Between(raws[s * 6 + 2], 700, 2000),
                        wet ? Between(raws[s * 6 + 3], 0, 0.15) : 0), Between(raws[s * 6 + 4], 0.05, 8)),
                Between(raws[s * 6 + 5], 10, 60)))],
            plate, pressure / 10.0, tenths / 10.0, limited == 1);

    private static HeatColumn Column(Case c)
    {
        var column = new HeatColumn(c.Fields);
        column.SetPlate(c.LimitedPlate ? new Plate(30_000, 20_000, 5, 10) : Plate.Immovable, LaneMath.All(c.PlateCelsius));
        return column;
    }

    private static double Enthalpy(IEnumerable<SheetField> fields)
    {
        // Independently of the solver: ρ c ΔT per cell, and the latent heat of the water that is no longer there.
        var total = 0.0;
        foreach (var field in fields)
        {
            var substance = field.Sheet.Substance;
            for (var i = 0; i < field.WidthsM.Length; i++)
                total += substance.DensityKgM3 * substance.SpecificHeatJkgK * field.WidthsM[i] * field.Temperatures[i][0];
            var full = substance.MoistureRegain * substance.DensityKgM3 * field.Sheet.ThicknessMm / 1000;
            total += (full - field.WaterKgM2[0]) * 2.26e6;
        }

        return total;
    }

    [Property(MaxTest = 1000)]
    [Trait("Run", "thorough")]
    public Property Energy_closes_to_a_millionth() => Prop.ForAll(Cases(wet: true).ToArbitrary(), c =>
    {
        var before = Enthalpy(c.Fields);
        var column = Column(c);
        column.Run(new TopFace.UnderPlate(LaneMath.All(Surroundings.PlateContactWm2K(c.PressureKPa))), new BottomFace(),
            LaneMath.All(c.PlateCelsius), c.Seconds, StepSchedule.Press);
        column.Run(new TopFace.Open(), new BottomFace(60), LaneMath.All(c.PlateCelsius), c.Seconds, StepSchedule.Cooling);
        var after = Enthalpy(c.Fields);
        var balance = column.HeatInJm2[0] - column.HeatOutJm2[0] - (after - before);
        var passed = Math.Abs(column.HeatInJm2[0]) + Math.Abs(column.HeatOutJm2[0]) + Math.Abs(after - before);
        return (Math.Abs(balance) <= 1e-6 * passed).Label($"{balance:g3} of {passed:g4} J/m² unaccounted for: {c}");
    });

    [Property(MaxTest = 1000)]
    [Trait("Run", "thorough")]
    public Property Temperatures_stay_between_the_coldest_and_the_hottest() => Prop.ForAll(Cases(wet: true).ToArbitrary(), c =>
    {
        var column = Column(c);
        column.Run(new TopFace.UnderPlate(LaneMath.All(Surroundings.PlateContactWm2K(c.PressureKPa))), new BottomFace(),
            LaneMath.All(c.PlateCelsius), c.Seconds, StepSchedule.Press);
        var all = c.Fields.SelectMany(f => f.Temperatures.Select(t => t[0])).ToList();
        // Second order is not strictly monotone; a few tenths of a kelvin of ringing at first contact are tolerated.
        return (all.Min() > 9.5 && all.Max() < c.PlateCelsius + 0.5).Label($"{all.Min():0.00} to {all.Max():0.00}: {c}");
    });

    [Property(MaxTest = 60)]
    public Property A_library_exponentiates_the_same_matrix() => Prop.ForAll(Cases(wet: false).ToArbitrary(), c =>
    {
        // The semi-discrete system dT/dt = A·T + b is symmetric in √C-scaled variables: MathNet diagonalises it, and the exact
        // solution at the end of the press follows. What is left is the solver's error in time.
        var fields = c.Fields;
        var conductance = Surroundings.PlateContactWm2K(c.PressureKPa);
        double[] capacity =
            [.. fields.SelectMany(f => Each(f, w => f.Sheet.Substance.DensityKgM3 * f.Sheet.Substance.SpecificHeatJkgK * w))];
        double[] half = [.. fields.SelectMany(f => Each(f, w => 2 * f.Sheet.Substance.ConductivityWmK / w))];
        double[] start = [.. fields.SelectMany(f => f.Temperatures.Select(t => t[0]))];
        var n = capacity.Length;
        static double Series(double a, double b) => a * b / (a + b);
        var links = Enumerable.Range(0, n - 1).Select(i => Series(half[i], half[i + 1])).ToArray();
        var top = Series(conductance, half[0]);
        var bottom = Series(half[n - 1], 8);
        var matrix = Matrix<double>.Build.Dense(n, n);
        for (var i = 0; i < n; i++)
        {
            matrix[i, i] = -((i == 0 ? top : links[i - 1]) + (i == n - 1 ? bottom : links[i])) / capacity[i];
            if (i < n - 1)
                matrix[i, i + 1] = matrix[i + 1, i] = links[i] / Math.Sqrt(capacity[i] * capacity[i + 1]);
        }

        var source = Vector<double>.Build.Dense(n);
        source[0] += top * c.PlateCelsius / Math.Sqrt(capacity[0]);
        source[n - 1] += bottom * 22 / Math.Sqrt(capacity[n - 1]);
        var evd = matrix.Evd(Symmetricity.Symmetric);
        var modes = evd.EigenVectors.TransposeThisAndMultiply(Vector<double>.Build.Dense(n, i => start[i] * Math.Sqrt(capacity[i])));
        var driven = evd.EigenVectors.TransposeThisAndMultiply(source);
        var end = evd.EigenVectors * Vector<double>.Build.Dense(n, k =>
        {
            var rate = evd.EigenValues[k].Real;
            var decay = Math.Exp(rate * c.Seconds);
            return modes[k] * decay + driven[k] * (decay - 1) / rate;
        });

        var column = Column(c with { LimitedPlate = false });
        column.Run(new TopFace.UnderPlate(LaneMath.All(conductance)), new BottomFace(), LaneMath.All(c.PlateCelsius), c.Seconds,
            StepSchedule.Press);
        var worst = Enumerable.Range(0, n).Max(i => Math.Abs(column.CellCelsius(i)[0] - end[i] / Math.Sqrt(capacity[i])));
        return (worst < 0.25).Label($"{worst:0.000} K apart: {c}");
    });

    private static IEnumerable<double> Each(SheetField field, Func<double, double> map) => field.WidthsM.ToArray().Select(map);

    [Property(MaxTest = 50)]
    public Property Four_lanes_are_four_separate_runs() => Prop.ForAll(Cases(wet: true).ToArbitrary(), c =>
    {
        double[] plates = [c.PlateCelsius - 20, c.PlateCelsius, c.PlateCelsius + 10, c.PlateCelsius + 30];
        HeatColumn Run(Lanes plate)
        {
            var column = new HeatColumn([.. c.Fields.Select(f => f.Copy())]);
            column.SetPlate(new Plate(30_000, 20_000, 5, 10), plate);
            column.Run(new TopFace.UnderPlate(LaneMath.All(400)), new BottomFace(), plate, c.Seconds, StepSchedule.Press);
            return column;
        }

        var together = Run(LaneMath.From(plates));
        var apart = plates.Select(p => Run(LaneMath.All(p))).ToArray();
        return Enumerable.Range(0, together.CellCount).All(cell => Enumerable.Range(0, 4).All(lane =>
            Math.Abs(together.CellCelsius(cell)[lane] - apart[lane].CellCelsius(cell)[0]) < 1e-6));
    });

    [Fact]
    public void Working_grid_and_steps_are_fine_enough()
    {
        // Against cells and steps four times finer, damp cloth included: the glue line within 0.7 K throughout the press.
        SheetField[] Fields(double refinement) =>
        [
            SheetField.At(new Sheet("carrier", new Substance(0.2, 1390, 1200), 0.1), 22, refinement),
            SheetField.At(new Sheet("vinyl", new Substance(0.2, 1150, 1800), 0.09), 22, refinement),
            SheetField.At(new Sheet("cloth", new Substance(0.07, 400, 1340, 0.085), 0.9), 22, refinement),
            SheetField.At(new Sheet("pad", new Substance(0.12, 450, 1400), 8), 22, refinement),
        ];
        double[] Glue(double refinement, StepSchedule schedule)
        {
            var column = new HeatColumn(Fields(refinement));
            column.SetPlate(new Plate(30_000, 10_000, 5, 10), LaneMath.All(152));
            return [.. new[] { 1.0, 2, 3, 4, 5 }.Select(seconds =>
            {
                column.Run(new TopFace.UnderPlate(LaneMath.All(960)), new BottomFace(), LaneMath.All(152), seconds, schedule);
                return column.InterfaceCelsius(2)[0];
            })];
        }

        var working = Glue(1, StepSchedule.Press);
        var fine = Glue(4, StepSchedule.Press.Finer(4));
        Assert.All(working.Zip(fine), pair => Assert.Equal(pair.Second, pair.First, 0.7));
    }
}
