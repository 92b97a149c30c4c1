using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace Juxtherm.Core.Heat;

public sealed partial class HeatColumn
{
    private (Lanes In, Lanes Out) Fluxes(in HeatStage stage, Lanes plate)
    {
        var first = _cells[0].Next;
        return (stage.Contact * (plate - first) + stage.Air * (stage.AirCelsius - first),
            (_cells[^1].Next - LaneMath.All(stage.BelowCelsius)) * stage.Below);
    }

    /// <summary>
    /// Solves E(T) = source + h·f(T) for every cell. Starts from, and leaves its answer in, each cell's <see cref="HeatCell.Next"/>.
    /// </summary>
    /// <returns>Temperature of the plate, °C.</returns>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private Lanes SolveStage(in HeatStage stage, Lanes plateSource)
    {
        for (var round = 0; ; round++)
        {
            // Where a cell hops between wet and dry, Newton can cycle. The steepest slope everywhere then converges for certain,
            // if slowly, because the enthalpy never falls with temperature. Few steps ever need it.
            var steepest = round >= MostNewtonSteps;
            var fresh = stage.H != _factoredStep;
            for (var d = 0; d < _dampCount; d++)
            {
                ref var cell = ref _cells[_damp[d]];
                cell.Before = cell.Next;
                cell.Segment = cell.SegmentAt(cell.Next);
                var slope = steepest ? LaneMath.All(cell.Latent / Moisture.SpanKelvin) : cell.DryingSlope();
                fresh |= slope != cell.ExtraSlope;
                cell.ExtraSlope = slope;
            }

            if (fresh)
                Factor(stage);
            var plate = Substitute(stage, plateSource);
            if (_dampCount == 0 || round >= MostRounds || (steepest ? Settled() : SegmentsHold()))
                return plate;
        }
    }

    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private void Factor(in HeatStage stage)
    {
        _platePivot = Lanes.One / (LaneMath.All(_plateKind.HeatCapacityJm2K) + (stage.Contact + stage.Loss) * stage.H);
        // The plate is eliminated first, then cell by cell downwards.
        var coupling = stage.Contact * stage.H;
        var carried = coupling - coupling * coupling * _platePivot + stage.Air * stage.H;
        var above = coupling;
        for (var i = 0; i < _count; i++)
        {
            ref var cell = ref _cells[i];
            var last = i == _count - 1;
            var down = stage.H * (last ? stage.Below : _cells[i + 1].Above);
            cell.PivotInverse = Lanes.One / (LaneMath.All(cell.Capacity + down) + cell.ExtraSlope + carried);
            cell.Lower = above * cell.PivotInverse;
            cell.Upper = last ? Lanes.Zero : down * cell.PivotInverse;
            above = LaneMath.All(down);
            carried = above - above * cell.Upper;
        }

        _factoredStep = stage.H;
    }

    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private Lanes Substitute(in HeatStage stage, Lanes plateSource)
    {
        _cells[0].Source += stage.Air * stage.AirCelsius * stage.H;
        _cells[^1].Source += LaneMath.All(stage.H * stage.Below * stage.BelowCelsius);
        var plateScaled = plateSource * _platePivot;
        var previous = plateScaled;
        for (var i = 0; i < _cells.Length; i++)
        {
            ref var cell = ref _cells[i];
            var right = cell.Source;
            // The drying part of the enthalpy stands on the right side, linearised where the last round ended.
            if (cell.Latent != 0)
                right += cell.ExtraSlope * cell.Before - cell.Drying(cell.Before);
            previous = Vector256.FusedMultiplyAdd(cell.Lower, previous, right * cell.PivotInverse);
            cell.Next = previous;
        }

        _cells[0].Source -= stage.Air * stage.AirCelsius * stage.H;
        _cells[^1].Source -= LaneMath.All(stage.H * stage.Below * stage.BelowCelsius);
        for (var i = _cells.Length - 2; i >= 0; i--)
        {
            ref var cell = ref _cells[i];
            previous = Vector256.FusedMultiplyAdd(cell.Upper, previous, cell.Next);
            cell.Next = previous;
        }

        return plateScaled + stage.Contact * stage.H * _platePivot * previous;
    }

    private bool SegmentsHold()
    {
        for (var d = 0; d < _dampCount; d++)
        {
            ref var cell = ref _cells[_damp[d]];
            if (cell.SegmentAt(cell.Next) != cell.Segment)
                return false;
        }

        return true;
    }

    private bool Settled()
    {
        for (var d = 0; d < _dampCount; d++)
        {
            ref var cell = ref _cells[_damp[d]];
            if (Vector256.GreaterThanAny(Vector256.Abs(cell.Next - cell.Before), LaneMath.All(SettledKelvin)))
                return false;
        }

        return true;
    }

    /// <summary>A cell that is dry in every lane has nothing left to give off, so it need not be looked at again.</summary>
    private void ForgetDriedCells()
    {
        var kept = 0;
        for (var d = 0; d < _dampCount; d++)
        {
            var i = _damp[d];
            if (_cells[i].IsDamp)
            {
                _damp[kept++] = i;
                continue;
            }

            _cells[i].Latent = 0;
            if (_cells[i].ExtraSlope != Lanes.Zero)
                _factoredStep = double.NaN;
            _cells[i].ExtraSlope = Lanes.Zero;
        }

        _dampCount = kept;
    }

    private Lanes SeriesWithTopCell(Lanes conductance)
    {
        var half = LaneMath.All(_cells[0].Half);
        return conductance * half / (conductance + half);
    }
}
