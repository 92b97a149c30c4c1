using FsCheck.Xunit;
using Juxtherm.Core.Heat;
using MathNet.Numerics;

namespace Juxtherm.Core.Tests.Heat;

/// <summary>The solver against closed solutions of heat conduction. Each test names where its check value is published.</summary>
public class PublishedSolutionTests
{
    private static readonly Substance Cotton = new(0.07, 400, 1340);
    private static readonly Substance Silicone = new(0.12, 450, 1400);
    private static readonly Substance Steel = new(15, 7900, 480);
    private const double PerfectContact = 1e9;

    private static HeatColumn Under(double plateCelsius, double conductance, out TopFace top, params SheetField[] fields)
    {
        var column = new HeatColumn(fields);
        column.SetPlate(Plate.Immovable, LaneMath.All(plateCelsius));
        top = new TopFace.UnderPlate(LaneMath.All(conductance));
        return column;
    }

    [Theory]
    [InlineData(60)]
    [InlineData(960)]
    public void Composite_wall_settles_to_resistances_in_series(double contact)
    {
        // Incropera, DeWitt: Fundamentals of Heat and Mass Transfer, ch. 3, the composite wall: q = ΔT / Σ(1/h + L/k).
        var column = Under(150, contact, out var top,
            SheetField.At(new Sheet("a", Cotton, 0.9), 22), SheetField.At(new Sheet("b", Silicone, 8), 22),
            SheetField.At(new Sheet("c", Steel, 2), 22));
        column.Run(top, new BottomFace(8, 22), LaneMath.All(150), 40_000, new StepSchedule(0.01, 1.2, 100));

        var resistance = 1 / contact + 0.0009 / 0.07 + 0.008 / 0.12 + 0.002 / 15 + 1 / 8.0;
        var flux = (150 - 22) / resistance;
        Assert.Equal(150 - flux / contact, column.InterfaceCelsius(0)[0], 1e-4);
        Assert.Equal(150 - flux * (1 / contact + 0.0009 / 0.07), column.InterfaceCelsius(1)[0], 1e-4);
        Assert.Equal(150 - flux * (1 / contact + 0.0009 / 0.07 + 0.008 / 0.12), column.InterfaceCelsius(2)[0], 1e-4);
        Assert.Equal(22 + flux / 8, column.InterfaceCelsius(3)[0], 1e-4);
    }

    [Fact]
    public void Two_half_spaces_meet_at_the_temperature_of_their_effusivities()
    {
        // Carslaw, Jaeger: Conduction of Heat in Solids, §2.14: T = (e₁T₁ + e₂T₂)/(e₁ + e₂), at once and for good.
        var column = new HeatColumn(SheetField.At(new Sheet("hot", Silicone, 60), 150, 4),
            SheetField.At(new Sheet("cold", Cotton, 60), 20, 4));
        var expected = (Silicone.Effusivity * 150 + Cotton.Effusivity * 20) / (Silicone.Effusivity + Cotton.Effusivity);
        column.Run(new TopFace.Open(0, 20), new BottomFace(0, 20), LaneMath.All(20), 20, new StepSchedule(0.001, 1.1, 0.2));
        Assert.Equal(expected, column.InterfaceCelsius(1)[0], 0.05);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(5)]
    [InlineData(20)]
    public void Half_space_with_a_surface_step_follows_erfc(double seconds)
    {
        // Incropera, DeWitt, ch. 5.7, case 1: (T − T_i)/(T_s − T_i) = erfc(x / 2√(αt)).
        var column = Under(150, PerfectContact, out var top, SheetField.At(new Sheet("first", Cotton, 1), 20, 4),
            SheetField.At(new Sheet("rest", Cotton, 60), 20, 4));
        column.Run(top, new BottomFace(0, 20), LaneMath.All(150), seconds, new StepSchedule(0.0005, 1.1, 0.1));
        var expected = 20 + 130 * SpecialFunctions.Erfc(0.001 / (2 * Math.Sqrt(Cotton.DiffusivityM2s * seconds)));
        Assert.Equal(expected, column.InterfaceCelsius(1)[0], 0.15);
    }

    [Theory]
    [InlineData(0, 3)]
    [InlineData(0, 15)]
    [InlineData(1, 3)]
    [InlineData(1, 15)]
    public void Half_space_under_convection_follows_the_textbook(int depthIndex, double seconds)
    {
        // Incropera, DeWitt, ch. 5.7, case 3 (surface convection).
        const double h = 300;
        var column = Under(150, h, out var top, SheetField.At(new Sheet("first", Cotton, 0.6), 20, 4),
            SheetField.At(new Sheet("rest", Cotton, 60), 20, 4));
        column.Run(top, new BottomFace(0, 20), LaneMath.All(150), seconds, new StepSchedule(0.0005, 1.1, 0.1));

        var x = depthIndex * 0.0006;
        var root = Math.Sqrt(Cotton.DiffusivityM2s * seconds);
        var ratio = SpecialFunctions.Erfc(x / (2 * root))
            - Math.Exp(h * x / Cotton.ConductivityWmK + h * h * root * root / (Cotton.ConductivityWmK * Cotton.ConductivityWmK))
            * SpecialFunctions.Erfc(x / (2 * root) + h * root / Cotton.ConductivityWmK);
        Assert.Equal(20 + 130 * ratio, column.InterfaceCelsius(depthIndex)[0], 0.15);
    }

    [Theory]
    [InlineData(0.1, 0.3111, 1.0161)]
    [InlineData(1, 0.8603, 1.1191)]
    [InlineData(10, 1.4289, 1.2620)]
    public void Plane_wall_follows_the_one_term_series(double biot, double zeta, double c1)
    {
        // Incropera, DeWitt, table 5.1 (one-term coefficients of the plane wall), centre temperature at Fo = 0.6:
        // θ* = C₁ exp(−ζ₁² Fo). Half the wall, insulated at its middle.
        const double halfMm = 5;
        var h = biot * Silicone.ConductivityWmK / (halfMm / 1000);
        var seconds = 0.6 * Math.Pow(halfMm / 1000, 2) / Silicone.DiffusivityM2s;
        var column = new HeatColumn(SheetField.At(new Sheet("wall", Silicone, halfMm), 150, 2));
        column.Run(new TopFace.Open(h, 20), new BottomFace(0, 20), LaneMath.All(20), seconds, new StepSchedule(0.001, 1.1, 0.2));
        var theta = (column.InterfaceCelsius(1)[0] - 20) / 130;
        Assert.Equal(c1 * Math.Exp(-zeta * zeta * 0.6), theta, 0.002);
    }

    [Fact]
    public void A_thin_metal_sheet_cools_as_one_lump()
    {
        // Incropera, DeWitt, ch. 5.1: at Bi ≪ 1, θ = exp(−h t / (ρ c L)).
        var column = new HeatColumn(SheetField.At(new Sheet("plate", Steel, 2), 150));
        column.Run(new TopFace.Open(12, 20), new BottomFace(0, 20), LaneMath.All(20), 120, StepSchedule.Cooling);
        var expected = 20 + 130 * Math.Exp(-12 * 120 / (7900 * 480 * 0.002));
        Assert.Equal(expected, column.MiddleCelsius(0)[0], 0.05);
    }

    [Fact]
    public void A_plate_at_full_power_warms_as_its_heat_capacity_says()
    {
        // Energy balance of a lump, dT/dt = P/C, while the controller is far from its set point and nothing touches the plate.
        var column = new HeatColumn(SheetField.At(new Sheet("cloth", Cotton, 0.5), 22));
        column.SetPlate(new Plate(36_000, 10_000, 5, 0), LaneMath.All(22));
        column.Run(new TopFace.Open(), new BottomFace(), LaneMath.All(200), 120, StepSchedule.Cooling);
        Assert.Equal(22 + 120 * 10_000 / 36_000.0, column.PlateCelsius[0], 0.01);
    }

    [Fact]
    public void A_plate_sags_when_it_closes_on_a_cold_blank_and_recovers()
    {
        var column = new HeatColumn(SheetField.At(new Sheet("slab", Steel, 4), 22), SheetField.At(new Sheet("pad", Silicone, 8), 22));
        column.SetPlate(new Plate(36_000, 10_000, 5, 15), LaneMath.All(150));
        var top = new TopFace.UnderPlate(LaneMath.All(900));
        column.Run(top, new BottomFace(), LaneMath.All(150), 10, StepSchedule.Press);
        var sagged = column.PlateCelsius[0];
        Assert.InRange(sagged, 100, 145);
        column.Run(top, new BottomFace(), LaneMath.All(150), 600, StepSchedule.Press);
        // What is left is the controller's droop for what the stack still draws.
        Assert.InRange(column.PlateCelsius[0], 149, 150);
    }

    [Fact]
    public void Halving_the_steps_quarters_the_error()
    {
        // Second order in time, as Alexander (SIAM J. Numer. Anal. 14, 1977) proves for the method; measured on a smooth run.
        double At(double step)
        {
            var column = new HeatColumn(SheetField.At(new Sheet("wall", Silicone, 5), 150));
            column.Run(new TopFace.Open(40, 20), new BottomFace(0, 20), LaneMath.All(20), 8, new StepSchedule(step, 1, step));
            return column.InterfaceCelsius(0)[0];
        }

        var exact = At(1 / 512.0);
        var order = Math.Log2(Math.Abs(At(0.25) - exact) / Math.Abs(At(0.125) - exact));
        Assert.InRange(order, 1.8, 2.3);
    }

    [Fact]
    public void Halving_the_cells_quarters_the_error()
    {
        // Central differences are of second order in space; one-term plane-wall solution at Bi 1 (Incropera, DeWitt, table 5.1)
        // extended to four terms, so that the series is exact to 1e-9 at this time.
        const double halfMm = 5;
        var h = Silicone.ConductivityWmK / (halfMm / 1000);
        var seconds = 0.3 * Math.Pow(halfMm / 1000, 2) / Silicone.DiffusivityM2s;
        double[] zetas = [.. Enumerable.Range(0, 4)
            .Select(n => FindRoots.OfFunction(z => z * Math.Sin(z) - Math.Cos(z), n * Math.PI + 1e-6, n * Math.PI + Math.PI / 2, 1e-13))];
        var exact = zetas.Sum(z => 4 * Math.Sin(z) / (2 * z + Math.Sin(2 * z)) * Math.Exp(-z * z * 0.3));

        double Error(double refinement)
        {
            var column = new HeatColumn(SheetField.At(new Sheet("wall", Silicone, halfMm), 1, refinement));
            column.Run(new TopFace.Open(h, 0), new BottomFace(0, 0), LaneMath.All(0), seconds, new StepSchedule(0.002, 1.05, 0.02));
            return Math.Abs(column.InterfaceCelsius(1)[0] - exact);
        }

        Assert.InRange(Math.Log2(Error(1) / Error(2)), 1.6, 2.6);
    }

    [Theory]
    // Lethal rates at z = 10 K, reference 121.1 °C, as tabulated in textbooks of thermal processing (Holdsworth, Simpson:
    // Thermal Processing of Packaged Foods); values quoted from memory, each equal to 10^((T − 121.1)/10) to its digits.
    [InlineData(100, 0.00776)]
    [InlineData(110, 0.0776)]
    [InlineData(115, 0.245)]
    [InlineData(121.1, 1.000)]
    [InlineData(125, 2.455)]
    public void Lethal_rates_of_sterilisation(double celsius, double rate) =>
        Assert.Equal(rate, new DoseScale(121.1, 10).Rate(celsius), rate * 0.002);

    [Fact]
    public void F0_of_a_retort_process()
    {
        // General method on a come-up, a hold and a cool-down in straight lines. Closed form of each ramp:
        // (z / ln 10)·(L₂ − L₁)/(slope); the hold counts its minutes.
        var scale = new DoseScale(121.1, 10);
        var meter = new DoseMeter(scale, LaneMath.All(101.1));
        for (var minute = 1; minute <= 10; minute++)
            meter.Advance(LaneMath.All(101.1 + 2 * minute), 1, LaneMath.All(1));
        meter.Advance(LaneMath.All(121.1), 12, LaneMath.All(1));
        meter.Advance(LaneMath.All(91.1), 5, LaneMath.All(1));
        var comeUp = 10 / Math.Log(10) * (1 - 0.01) / 2;
        var cooling = 10 / Math.Log(10) * (1 - 0.001) / 6;
        Assert.Equal(comeUp + 12 + cooling, meter.Total(0), 1e-9);
        // By hand with Simpson's rule per minute, as a worker with the table would: 14.87.
        Assert.Equal(14.87, meter.Total(0), 0.01);
    }

    [Fact]
    public void A_dose_counts_only_the_time_above_its_threshold()
    {
        var scale = new DoseScale(130, 45, 85);
        var whole = scale.Gathered(65, 105, 4);
        Assert.Equal(scale.Gathered(85, 105, 2), whole, 1e-12);
        Assert.Equal(whole, scale.Gathered(105, 65, 4), 1e-12);
        Assert.Equal(0, scale.Gathered(60, 84, 100));
    }

    [Property]
    public bool Four_lanes_gather_what_each_gathers_alone(int a, int b, int c, int d)
    {
        // From far below the threshold to far above, up and down, and nearly level.
        double Celsius(int x) => 20 + Math.Abs(x % 2000) / 10.0;
        var scale = new DoseScale(130, 45, 85);
        double[] from = [Celsius(a), Celsius(b), Celsius(c), Celsius(d)];
        double[] to = [Celsius(b), Celsius(a), Celsius(c) + 1e-5, Celsius(c)];
        var meter = new DoseMeter(scale, LaneMath.From(from));
        meter.Advance(LaneMath.From(to), 0.25, LaneMath.All(2));
        return Enumerable.Range(0, LaneMath.Count).All(lane =>
            2 * scale.Gathered(from[lane], to[lane], 0.25) is var alone
            && Math.Abs(meter.Total(lane) - alone) <= 1e-9 * Math.Max(1, alone));
    }
}
