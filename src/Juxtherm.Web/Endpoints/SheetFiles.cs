using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Files;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Answers sheets as files.</summary>
internal static class SheetFiles
{
    public static IResult Answer(string title, CutLayout way, string format, string? list, int? sheet, Cutter cutter)
    {
        var groups = way.Lists.Where(l => list is null || l.Id == list)
            .Select(l => (List: l, Sheets: l.Sheets.Where(s => sheet is null || s.Number == sheet).ToList())).Where(g => g.Sheets.Count > 0)
            .ToList();
        if (groups.Count == 0)
            return ProblemAnswers.NotFound("sheet");
        List<CutFileGroup> files =
            [.. groups.Select(g =>
                new CutFileGroup(g.List.Id, $"{g.List.Name} {g.List.Colour}".Trim(), g.List.Colour, g.List.Shapes, g.Sheets))];
        var name = $"{(list is null ? "cut" : list)}{(sheet is null ? "" : $"-{sheet}")}.{format}";
        IResult File(string text, string type) => Results.File(System.Text.Encoding.UTF8.GetBytes(text), type, name);
        switch (format)
        {
            case "svg":
                return File(SvgCutFile.Write(title, files), "image/svg+xml");
            case "dxf":
                return File(DxfCutFile.Write(files), "image/vnd.dxf");
            case "hpgl" when groups is [{ Sheets: [var only] } one]:
                return File(HpglCutFile.Write(only.Strokes(one.List.Shapes), one.List.Preset, cutter), "application/vnd.hp-hpgl");
            default:
                var problems = new Problems();
                problems.Add("", format == "hpgl"
                    ? new Phrase("sheet-files.unknown-id") : new Phrase("sheet-files.unknown-id-2", ("format", format)), "unknown-id");
                return ProblemAnswers.Invalid(problems, "question");
        }
    }
}
