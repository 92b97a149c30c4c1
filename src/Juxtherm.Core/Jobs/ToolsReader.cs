using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Jobs;

/// <summary>Reads what a job file says of press and cutter.</summary>
internal static class ToolsReader
{
    /// <summary>What lies under a job that does not say: inside a frame what bears it from within, elsewhere the press brings its
    /// own.</summary>
    /// <returns>Its id.</returns>
    public static string UsualUnderlay(CatalogueSnapshot catalogue, ItemForm? form, HeatSource? source) =>
        (form is { Framed: true } ? catalogue.Underlays.Values.FirstOrDefault(u => u.BearsFrames)?.Id : null) ?? source?.Usual.Underlay
        ?? ReferencePractice.Underlay;

    public static Tools? Read(JsonCursor c, CatalogueSnapshot catalogue, HeatSource? source, ItemForm? form)
    {
        var usual = UsualUnderlay(catalogue, form, source);
        var underlay = ToolsMembers.Underlay.In(c, catalogue.Underlays.Keys, usual);
        var cover = ToolsMembers.Cover.In(c, catalogue.Covers.Keys, source?.Usual.Cover ?? ReferencePractice.Cover);
        var width = ToolsMembers.PlateWidthMm.In(c);
        var height = ToolsMembers.PlateHeightMm.In(c);
        var cutter = CutterOf(c, catalogue);
        var steam = ToolsMembers.Steam.In(c);
        return source is null || underlay is null || cover is null
            ? null
            : new Tools(source, width ?? source.Plate.WidthMm.Value, height
                ?? source.Plate.HeightMm.Value, catalogue.Underlays[underlay], catalogue.Covers[cover], steam)
            { Cutter = cutter };
    }

    /// <summary>The cutter named, or the usual one; its width and length may be said apart from it.</summary>
    private static CutterSetup? CutterOf(JsonCursor tools, CatalogueSnapshot catalogue)
    {
        var id = ToolsMembers.Cutter.In(tools, catalogue.Cutters.Keys, ReferencePractice.Cutter);
        var (width, length) = (ToolsMembers.CutterWidthMm.In(tools), ToolsMembers.CutterLengthMm.In(tools));
        var matless = ToolsMembers.Matless.In(tools);
        return id is null
            ? null : CutterSetup.Of(catalogue.Cutters[id], width, length, matless, tools[ToolsMembers.Cutter.Name].Exists
                || width is not null || length is not null, catalogue.Work.Cutting);
    }
}
