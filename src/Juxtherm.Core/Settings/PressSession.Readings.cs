using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Settings;

/// <summary>What can be read off a piece at any moment.</summary>
public sealed partial class PressSession
{
    /// <summary>Sheets of the column through the most layers of the face that was laid last, top to bottom, as they lie now.</summary>
    public IReadOnlyList<SheetField> PrintSheets => Shown.Stack.Current.Fields;

    /// <summary>The column through the most layers of the face that was laid last.</summary>
    public HeatColumn PrintColumn => Shown.Stack.Current;

    /// <summary>The column through the bare blank beside the print.</summary>
    public HeatColumn BareColumn => _bare.Current;

    /// <summary>Vinyl lies on the blank.</summary>
    public bool VinylLaid => _prints.Exists(p => p.Laid);

    /// <summary>Temperature under the layer laid last (the face of the blank before any is laid), °C.</summary>
    public Lanes GlueCelsius => _focus.Laid ? _focus.GlueUnder(_focus.Vinyls[^1]) : _focus.BlankFace;

    /// <summary>Temperature in the middle of the layer laid last; the face of the blank before any is laid, °C.</summary>
    public Lanes VinylCelsius => _focus.Laid ? _focus.MiddleOf(_focus.Vinyls[^1]) : _focus.BlankFace;

    /// <summary>Temperature of the blank beside the print where the plate or its cover touches it, °C.</summary>
    public Lanes BareFaceCelsius => _bare.Current.InterfaceCelsius(_bare.IndexOf(_bare.Blank[0].Sheet.Id));

    /// <summary>Temperature of the upper face of what lies on top at the layer laid last: its carrier while that is on, °C.</summary>
    public Lanes TopCelsius => Shown.Stack.Current.InterfaceCelsius(0);

    /// <summary>Bond so far in a lane, in reference seconds at the reference pressure: of the only layer, or of the one laid
    /// last.</summary>
    public double Bond(int lane = 0) => Bond(_focus.Id, lane);

    /// <summary>HeatDose so far in a lane, in reference seconds: of the only layer, or of the one laid last.</summary>
    public double HeatDose(int lane = 0) => HeatDose(_focus.Id, lane);

    /// <summary>Bond of a layer so far where it has had least, in reference seconds at the reference pressure.</summary>
    /// <param name="layer">Its id.</param>
    /// <param name="lane">0 to 3.</param>
    public double Bond(string layer, int lane = 0)
    {
        var least = double.PositiveInfinity;
        foreach (var print in _prints)
        {
            foreach (var vinyl in print.Vinyls)
            {
                if (vinyl.What.Id == layer)
                    least = Math.Min(least, vinyl.BondMeter.Total(lane));
            }
        }

        return least;
    }

    /// <summary>HeatDose of a layer so far where it has had most, in reference seconds.</summary>
    /// <param name="layer">Its id.</param>
    /// <param name="lane">0 to 3.</param>
    public double HeatDose(string layer, int lane = 0)
    {
        var most = 0.0;
        foreach (var print in _prints)
        {
            foreach (var vinyl in print.Vinyls)
            {
                if (vinyl.What.Id == layer)
                    most = Math.Max(most, vinyl.HeatDoseMeter.Total(lane));
            }
        }

        return most;
    }

    /// <summary>Hottest that the bare face has been in a lane, °C.</summary>
    public double HottestBare(int lane = 0) => _hottest[lane];

    /// <summary>Water left in the blank's face layer under the print, as a share of what it holds in room air.</summary>
    public double FaceWaterShare => _lead.Stack.Blank.Single(b => b.Sheet.Id == Workpiece.BlankSheet(0)).WaterShare[0];
}
