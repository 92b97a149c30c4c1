using BenchmarkDotNet.Attributes;
using Juxtherm.Core.Heat;
using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.LinearAlgebra.Double;
using Vector = MathNet.Numerics.LinearAlgebra.Double.Vector;

namespace Juxtherm.Benchmarks;

/// <summary>
/// One thousand time steps of an eight-layer stack. The solver makes two implicit stages a step, for four cases side by side;
/// beside it a general-purpose library solves the same number of tridiagonal systems of the same size, for one case, with a
/// factorisation made once beforehand: the best that it can do.
/// </summary>
public class SolverBenchmarks
{
    /// <summary>Steps in each benchmark.</summary>
    public const int Steps = 1000;

    private const double StepSeconds = 0.25;
    private static readonly StepSchedule Even = new(StepSeconds, 1, StepSeconds);
    private HeatColumn _dry = null!;
    private HeatColumn _damp = null!;
    private TopFace _top = null!;
    private MathNet.Numerics.LinearAlgebra.Factorization.LU<double> _dense = null!;
    private Vector<double> _right = null!;

    /// <summary>Cells of the stack.</summary>
    public static int Cells => new HeatColumn(Stacks.EightLayers(damp: false)).CellCount;

    /// <summary>Builds the stacks and the library's matrix.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        _top = new TopFace.UnderPlate(LaneMath.All(960));
        _dry = Column(damp: false);
        var n = Cells;
        var matrix = DenseMatrix.Create(n, n, (i, j) => i == j ? 4 : Math.Abs(i - j) == 1 ? -1 : 0);
        _dense = matrix.LU();
        _right = Vector.Build.Dense(n, i => i);
    }

    /// <summary>Damp stacks dry out, so each measurement begins with a new one.</summary>
    [IterationSetup(Target = nameof(DampStack))]
    public void NewDampStack() => _damp = Column(damp: true);

    /// <summary>Our solver, dry.</summary>
    [Benchmark(Description = "1000 steps, dry, four cases")]
    public double DryStack()
    {
        _dry.Run(_top, new BottomFace(), LaneMath.All(152), Steps * StepSeconds, Even);
        return _dry.MiddleCelsius(3)[0];
    }

    /// <summary>Our solver, damp, from the closing of the plate.</summary>
    [Benchmark(Description = "1000 steps, damp, four cases")]
    public double DampStack()
    {
        _damp.Run(_top, new BottomFace(), LaneMath.All(152), Steps * StepSeconds, Even);
        return _damp.MiddleCelsius(3)[0];
    }

    /// <summary>The library.</summary>
    [Benchmark(Description = "1000 steps, library LU, one case")]
    public double Library()
    {
        var x = _right;
        for (var i = 0; i < 2 * Steps; i++)
            x = _dense.Solve(x);
        return x[0];
    }

    private static HeatColumn Column(bool damp)
    {
        var column = new HeatColumn(Stacks.EightLayers(damp));
        column.SetPlate(Stacks.Plate, LaneMath.All(152));
        return column;
    }
}

/// <summary>A whole press of the eight-layer stack with the working steps.</summary>
public class PressBenchmarks
{
    private readonly TopFace _top = new TopFace.UnderPlate(LaneMath.All(960));

    /// <summary>From laying the stack to opening the plate.</summary>
    [Benchmark(Description = "30 s press, eight layers, damp")]
    public double Press()
    {
        var column = new HeatColumn(Stacks.EightLayers(damp: true));
        column.SetPlate(Stacks.Plate, LaneMath.All(152));
        column.Run(_top, new BottomFace(), LaneMath.All(152), 30, StepSchedule.Press);
        return column.MiddleCelsius(3)[0];
    }
}
