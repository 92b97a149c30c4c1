using Juxtherm.Core.Notices;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Jobs;

/// <content>What a job file says of its artwork.</content>
public static partial class JobReader
{
    // Edges are called fine when a strip is less than twice what the vinyl can be weeded at (ours).
    private const double IntricateBelow = 2;

    /// <summary>The names of a run, one garment or several each.</summary>
    private static List<NameEntry> NamesOf(JsonCursor list)
    {
        list.IsArray(required: false);
        if (list.Count > NameList.Most)
            list.Fault(new Phrase("job-reader.out-of-range-3", ("list", list.Count), ("most", NameList.Most)), "out-of-range");
        var read = new List<NameEntry>();
        foreach (var c in list.Items.Take(NameList.Most).Where(c => c.IsObject()))
        {
            var name = c["name"].Text(longest: Lettering.LongestText).Trim();
            if (name.Length == 0)
                c["name"].Fault(new Phrase("job-reader.missing-5", ("pointer", c.Pointer), ("longestText", Lettering.LongestText)), "missing");
            var size = c["size"].Exists ? c["size"].Choice(Sizes, null) : null;
            read.Add(new NameEntry(name, size, ColourOf(c["colour"]), c["count"].Whole(1, MostPieces, "pieces") ?? 1, c["proofed"].Flag(false)));
        }

        return read;
    }

    private static string? ColourOf(JsonCursor c)
    {
        var colour = c.Exists ? c.Text(longest: 20) : null;
        if (colour is not null && !Hex().IsMatch(colour))
            c.Fault(new Phrase("job-reader.wrong-type", ("pointer", c.Pointer), ("colour", colour)), "wrong-type");
        return colour;
    }

    private static CutShape? ShapeOf(JsonCursor c)
    {
        if (!c.Exists)
            return null;
        var text = c.Text(longest: CutShape.LongestText);
        var shape = CutShape.Read(text);
        if (shape is null)
            c.Fault(new Phrase("job-reader.broken-2", ("pointer", c.Pointer)), "broken");
        return shape;
    }

    private static Lettering? WordOf(JsonCursor c)
    {
        if (!c.Exists || !c.IsObject())
            return null;
        var text = c["text"].Text(longest: Lettering.LongestText);
        if (text.Trim().Length == 0)
            c["text"].Fault(new Phrase("job-reader.missing-6", ("pointer", c.Pointer), ("longestText", Lettering.LongestText)), "missing");
        var font = c["font"].Choice([.. LetterFont.All.Select(f => f.Id)], LetterFont.All[0].Id);
        var height = c["heightMm"].Number(3, 500, "mm");
        var gap = c["gapMm"].Number(-50, 100, "mm");
        var arc = c["arcDegrees"].Number(-340, 340, "°");
        return font is null ? null : new Lettering(text.Trim(), font, height ?? 40, gap ?? 0, arc ?? 0, c["fromNames"].Flag(false));
    }

    /// <summary>Fine enough to want more care at its edges, by the tool's own eye.</summary>
    private static bool IsIntricate(JobLayer layer) => layer.Measures is { } m && m.SmallestFeatureMm < IntricateBelow * layer.Vinyl.SmallestDetailMm.Value;
}
