using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>Names the sheets of a stack for the reader.</summary>
internal static class SheetNames
{
    public static string Of(string sheet, ChartedJob about)
    {
        var work = about.Work;
        var single = work.Form.Layers.Value < 2;
        return sheet switch
        {
            Workpiece.CoverSheet => work.Cover.Name,
            Workpiece.CarrierSheet => "Carrier sheet",
            Workpiece.UnderlaySheet => work.Underlay.Name,
            "face" => single ? work.Form.Name : $"{work.Form.Name}, front",
            "gap" => "Air between",
            "bench" => "Cold bench",
            _ when about.Layers.FirstOrDefault(l => sheet == Workpiece.VinylSheet || sheet == Workpiece.SheetOf(l.Id)) is { } layer => about.Layers.Count == 1 ? $"{layer.Work.Vinyl.Name} vinyl" : $"{layer.Id}, {layer.Work.Vinyl.Name.ToLowerInvariant()}",
            _ => $"{work.Form.Name}, back",
        };
    }
}
