using BenchmarkDotNet.Attributes;
using Juxtherm.Core.Heat;
using MathNet.Numerics.LinearAlgebra.Double;
using MathNet.Numerics.LinearAlgebra.Double.Solvers;
using MathNet.Numerics.LinearAlgebra.Factorization;
using MathNet.Numerics.LinearAlgebra.Solvers;

namespace Juxtherm.Benchmarks;

/// <summary>
/// One thousand time steps of an eight-layer stack. The solver makes two implicit stages a step, for four cases side by side;
/// beside it a general-purpose library solves as many systems of the same size, for one case, with factors made once beforehand:
/// sparse, and dense, which at this size is its faster way.
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
    private readonly ILU0Preconditioner _exact = new();
    private readonly BiCgStab _solver = new();
    private SparseMatrix _matrix = null!;
    private LU<double> _dense = null!;
    private DenseVector _right = null!;
    private DenseVector _answer = null!;

    /// <summary>Cells of the stack.</summary>
    public static int Cells => new HeatColumn(Stacks.EightLayers(damp: false)).CellCount;

    /// <summary>Builds the stacks and the library's matrix.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        _top = new TopFace.UnderPlate(LaneMath.All(960));
        _dry = Column(damp: false);
        var n = Cells;
        _matrix = SparseMatrix.OfIndexed(n, n, Enumerable.Range(0, n)
            .SelectMany(i =>
                new[] { (i, i, 4.0), (i, Math.Max(i - 1, 0), i == 0 ? 4.0 : -1), (i, Math.Min(i + 1, n - 1), i == n - 1 ? 4.0 : -1) })
                .DistinctBy(e => (e.Item1, e.Item2)));
        // Of a tridiagonal matrix the incomplete factors are the whole ones, so the iteration ends after one round.
        _exact.Initialize(_matrix);
        _dense = DenseMatrix.OfMatrix(_matrix).LU();
        _right = DenseVector.Create(n, i => i);
        _answer = DenseVector.Create(n, 0);
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

    /// <summary>The library, sparse.</summary>
    [Benchmark(Description = "1000 steps, sparse library, one case")]
    public double Library()
    {
        var enough = new Iterator<double>(new IterationCountStopCriterion<double>(4), new ResidualStopCriterion<double>(1e-10));
        for (var i = 0; i < 2 * Steps; i++)
        {
            enough.Reset();
            _solver.Solve(_matrix, _right, _answer, enough, _exact);
        }

        return _answer[0];
    }

    /// <summary>The library, dense.</summary>
    [Benchmark(Description = "1000 steps, dense library, one case")]
    public double DenseLibrary()
    {
        for (var i = 0; i < 2 * Steps; i++)
            _dense.Solve(_right, _answer);
        return _answer[0];
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
