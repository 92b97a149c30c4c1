using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Jobs;

/// <content>What a job file says of cutting.</content>
public static partial class JobReader
{
    /// <summary>Widest margin between pieces accepted, mm.</summary>
    public const double MostCutMarginMm = 50;

    private const string LayoutChoice = "layout";

    /// <summary>The cutter named, or the usual one; its width and length may be said apart from it.</summary>
    private static CutterSetup? CutterOf(JsonCursor tools, CatalogueSnapshot catalogue)
    {
        var id = tools["cutter"].Choice([.. catalogue.Cutters.Keys], ReferencePractice.Cutter);
        var (width, length) = (tools["cutterWidthMm"].Number(10, MostMm, "mm"), tools["cutterLengthMm"].Number(10, MostMm * 10, "mm"));
        var matless = tools["matless"].Flag(false);
        return id is null ? null : CutterSetup.Of(catalogue.Cutters[id], width, length, matless, tools["cutter"].Exists || width is not null || length is not null, catalogue.Work.Cutting);
    }

    private static CutWishes CutOf(JsonCursor root)
    {
        var layout = root["choices"][LayoutChoice].Choice([Advise, .. CutWishes.Layouts.Keys], Advise);
        var c = root["cut"];
        c.IsObject(required: false);
        var stock = new Dictionary<string, IReadOnlyList<string>>(StringComparer.Ordinal);
        c["stock"].IsObject(required: false);
        foreach (var list in c["stock"].Names)
        {
            c["stock"][list].IsArray();
            stock[list] = [.. c["stock"][list].Items.Select(i => i.Text(longest: 60))];
        }

        return new CutWishes(
            layout is not null && CutWishes.Layouts.TryGetValue(layout, out var chosen) ? chosen : null,
            c["marginMm"].Number(0, MostCutMarginMm, "mm"), c["testCut"].Flag(false), c["patch"].Flag(false), c["nestAbovePercent"].Number(0, 100, "%"), stock);
    }
}
