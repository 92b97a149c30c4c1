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
            Workpiece.CarrierSheet => about.Words.Say("sheet-names.carrier-sheet"),
            Workpiece.UnderlaySheet => work.Underlay.Name,
            "face" => single ? work.Form.Name : about.Words.Say("sheet-names.text", ("form", work.Form.Name)),
            "gap" => about.Words.Say("sheet-names.gap"),
            "bench" => about.Words.Say("sheet-names.bench"),
            _ when about.Layers.FirstOrDefault(l => sheet == Workpiece.VinylSheet || sheet == Workpiece.SheetOf(l.Id)) is { } layer =>
                about.Layers.Count == 1
                ? about.Words.Say("sheet-names.text-2", ("vinyl", layer.Work.Vinyl.Name))
                : $"{layer.Id}, {layer.Work.Vinyl.Name.ToLowerInvariant()}",
            _ => about.Words.Say("sheet-names.else", ("form", work.Form.Name)),
        };
    }
}
