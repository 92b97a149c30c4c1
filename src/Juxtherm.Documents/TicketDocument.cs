using System.Globalization;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using SkiaSharp;


namespace Juxtherm.Documents;

/// <summary>
/// The ticket as one printed page: the setting, the stack, the presses in order, what to watch out for, and care; the pieces of a run on
/// pages of their own. Made to be pinned up beside the press.
/// </summary>
public static class TicketDocument
{
    private const float Left = 18;
    private const float Right = Page.WidthMm - 18;
    private const float Bottom = Page.HeightMm - 16;
    private const float ColumnGap = 10;
    private const float Body = 3.5f;
    private const float Small = 3;
    private const float LineMm = 5;
    private const int RoomyPresses = 8;
    private const int MostGoes = 6;

    /// <summary>Draws the ticket.</summary>
    /// <param name="job">The job.</param>
    /// <param name="result">Its plan.</param>
    /// <param name="needs">What vinyl it takes.</param>
    /// <param name="words">The reader's units.</param>
    /// <param name="now">For the page's foot, UTC.</param>
    /// <returns>A PDF file.</returns>
    public static byte[] Write(Job job, PlanResult result, IReadOnlyList<VinylNeed> needs, IWords words, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(result);
        ArgumentNullException.ThrowIfNull(needs);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream,
            new SKDocumentPdfMetadata { Title = job.Title, Producer = "Juxtherm", Creation = now.UtcDateTime, Modified = now.UtcDateTime }))
        {
            var canvas = document.BeginPage(Page.WidthMm * Page.PointsPerMm, Page.HeightMm * Page.PointsPerMm);
            Draw(new Page(canvas, words), job, result, needs, now);
            document.EndPage();
            TicketPieces.Draw(document, job, words);
            document.Close();
        }

        return stream.ToArray();
    }

    private static void Draw(Page page, Job job, PlanResult result, IReadOnlyList<VinylNeed> needs, DateTimeOffset now)
    {
        var plan = result.Plan;
        var y = Head(page, job, plan);
        var middle = Left + (Right - Left - ColumnGap) * 0.5f;
        var stackEnd = Stack(page, result.Trace.Last(p => p.Kind == PhaseKind.Press), job, Left, y, middle - Left);
        var pressEnd = Presses(page, plan, middle + ColumnGap, y, Right - middle - ColumnGap);
        var itemEnd = TicketItem.Draw(page, job, plan, needs, Left, stackEnd + 3, middle - Left);
        y = Math.Max(itemEnd, pressEnd) + 5;
        y = Notices(page, plan, y);
        Foot(page, plan, now);
        _ = y;
    }

    private static float Head(Page page, Job job, Plan plan)
    {
        var press = plan.BondingPress;
        page.Text(job.Title.Length > 0 ? job.Title : "Untitled", Left, 24, 7, Weight.Bold);
        var vinyls = string.Join(", ", job.Layers.Select(l => l.Vinyl.Name.ToLowerInvariant()).Distinct(StringComparer.Ordinal));
        var y = page.Paragraph(
            page.Words.Say("ticket-document.head-y", ("form", job.Blank.Form.Name), ("material", job.Blank.Material.Name),
                ("vinyls", vinyls), ("source", job.Tools.Source.Name), ("quantity", job.Quantity)), Left, 30.5f, Right - Left, Body,
                colour: Page.Quiet);
        page.Line(Left, y - 1, Right, y - 1, 0.5f, Page.Ink);
        y += 14;
        if (plan.Verdict == Verdict.Stop)
        {
            page.Text(plan.Headline, Left, y, 9, Weight.Bold);
            return y + 9;
        }

        var set = press.DialMark ?? page.Words.Say(Thing.Celsius(press.Celsius));
        page.Text(set, Left, y, 17, Weight.Bold);
        page.Text(page.Words.Say(Thing.Seconds(press.Seconds)), Left + Page.WidthOf(set, 17, Weight.Bold) + 9, y, 17, Weight.Bold);
        var other = press.DialMark is null
            ? page.Words.Say(Thing.InOtherUnits(press.Celsius))
            : page.Words.Say("ticket-document.head-other", ("celsius", Thing.Celsius(press.Celsius)));
        page.Text(page.Words.Say("ticket-document.head", ("other", other), ("pressure", press.Pressure),
            ("underlay", Lower(job.Tools.Underlay.Name)), ("cover", Lower(job.Tools.Cover.Name)),
            ("isFor", plan.Chart.For == JobReader.ForThisPress)), Left, y + 7, Body, colour: Page.Quiet);
        return page.Paragraph(plan.Line, Left, y + 14, Right - Left, Body, weight: Weight.Bold) + 4;
    }

    /// <summary>The stack from the side, as it lies when the plate opens.</summary>
    private static float Stack(Page page, TracePhase press, Job job, float x, float y, float width)
    {
        page.Heading(page.Words.Say("ticket-document.stack"), page.Words.Say("ticket-document.stack-remark"), x, y, Small);
        y += 3;
        var faces = press.Faces[^1];
        page.Box(x, y, width, 5, new SKColor(0xe0, 0xda, 0xd0), Page.Ink);
        page.Text(page.Words.Say("ticket-document.stack-plate"), x + 2, y + 3.6f, Small, Weight.Bold);
        page.Text(page.Words.Say(Thing.Celsius(press.Plate[^1])), x + width - 2, y + 3.6f, Small, right: true);
        y += 5;
        for (var i = 0; i < press.Sheets.Count; i++)
        {
            var sheet = press.Sheets[i];
            var height = 4 + 1.7f * MathF.Log2(1 + (float)sheet.ThicknessMm / 0.25f);
            var layer = job.Layers.FirstOrDefault(l => sheet.Id == "vinyl" || sheet.Id == $"vinyl-{l.Id}");
            page.Box(x, y, width, height, layer is not null ? new SKColor(0xf4, 0xe6, 0xdc) : null, Page.Ink);
            if (layer?.Colour is { } colour && SKColor.TryParse(colour, out var swatch))
                page.Box(x, y, 3, height, swatch, Page.Ink);
            page.Text(sheet.Name, x + (layer is null ? 2 : 5), y + height / 2 + 1.1f, Small, layer is null ? Weight.Regular : Weight.Bold);
            page.Text(page.Words.Say(Thing.Celsius((faces[i] + faces[i + 1]) / 2)), x + width - 2, y + height / 2 + 1.1f, Small,
                right: true);
            y += height;
        }

        page.Text(page.Words.Say("ticket-document.stack-computed"), x, y + 4, 2.7f, colour: Page.Quiet);
        return y + 8;
    }

    private static float Presses(Page page, Plan plan, float x, float y, float width)
    {
        // What is done part by part stands here once, and how often.
        var whole = plan.Whole;
        var parts = plan.Presses.Max(p => p.Parts);
        page.Heading(page.Words.Say("ticket-document.presses"),
            parts > 1 ? page.Words.Say("ticket-document.presses-remark", ("parts", parts)) : "", x, y, Small);
        y += 2;
        // A long list is set close, so that the page holds what there is to watch out for as well.
        IReadOnlyList<(PlannedPress Press, int Times)> listed = [.. plan.Presses.Where(p => p.Purpose == PressPurpose.Patch)
            .Select(p => (p, 1)), .. whole.Select(w => (w.Press, Math.Max(w.OnParts.Count, w.Press.Sections.Count)))];
        var close = listed.Count > RoomyPresses;
        var all = listed.Max(p => p.Press.Layers.Count);
        foreach (var (press, times) in listed)
        {
            page.Line(x, y, x + width, y);
            y += close ? LineMm - 1.1f : LineMm;
            var (size, what) = (close ? Small : Body, Name(page, press.Purpose));
            if (press.Layers.Count > 0 && all > 1)
                what += press.Layers.Count == all ? page.Words.Say("ticket-document.presses-4") : $": {string.Join(", ", press.Layers)}";
            page.Text(times > 1
                ? page.Words.Say("ticket-document.presses-5", ("times", times), ("seconds", Thing.Seconds(press.Seconds)))
                : page.Words.Say(Thing.Seconds(press.Seconds)), x + width, y, size, Weight.Bold, right: true);
            var lines = Page.Lines(what, width - 16, size, Weight.Bold);
            for (var i = 0; i < lines.Count; i++, y += i < lines.Count ? size * 1.3f : 0)
                page.Text(lines[i], x, y, size, Weight.Bold);
            if (press.Peel.Method != PeelMethod.None)
            {
                y += close ? 3.3f : LineMm - 0.8f;
                page.Text(PeelLine(page, press.Peel), x, y, close ? 2.5f : Small, colour: Page.Quiet);
            }

            y += close ? 1.1f : 2;
        }

        page.Line(x, y, x + width, y);
        if (plan.Ladder.Count > 0)
        {
            page.Text(page.Words.Say("ticket-document.presses-6"), x, y + 6, Body, Weight.Bold);
            y += 6;
            foreach (var rung in plan.Ladder)
            {
                y += LineMm - 0.4f;
                page.Text(page.Words.Say("ticket-document.presses-7",
                    ("dialMark", rung.DialMark ?? page.Words.Say(Thing.Celsius(rung.Celsius))), ("seconds", Thing.Seconds(rung.Seconds))),
                    x, y, Small);
            }

            y += 2;
        }

        List<PlateSection> goes = [.. whole.Last(w => w.Press.Purpose == PressPurpose.Press).OnParts.SelectMany(p => p.Sections)];
        if (goes.Count > 1)
        {
            page.Text(page.Words.Say("ticket-document.presses-8"), x, y + 6, Body, Weight.Bold);
            y += 6;
            // More than these are laid row by row.
            foreach (var (i, section) in goes.Take(MostGoes).Index())
                y = page.Paragraph($"{i + 1}  {section.LayBy}", x, y + LineMm - 0.8f, width, Small) - LineMm + 0.8f;
            y += 2;
        }

        y += LineMm;
        page.Text(page.Words.Say("ticket-document.presses-9"), x, y, Small, colour: Page.Quiet);
        page.Text(page.Words.Say(Thing.Seconds(plan.Times.HandsOnSeconds)), x + width, y, Small, right: true);
        y += LineMm - 0.6f;
        page.Text(page.Words.Say("ticket-document.presses-10"), x, y, Small, colour: Page.Quiet);
        page.Text(page.Words.Say(Thing.Seconds(plan.Times.ElapsedSeconds)), x + width, y, Small, right: true);
        return y + 4;
    }

    /// <summary>As it stands inside a sentence; an abbreviation stays as it is.</summary>
    private static string Lower(string name) => name.Length > 1 && char.IsUpper(name[1]) ? name : name.ToLowerInvariant();

    private static string Name(Page page, PressPurpose purpose) => purpose switch
    {
        PressPurpose.Patch => page.Words.Say("ticket-document.name.patch"),
        PressPurpose.Preheat => page.Words.Say("ticket-document.name.preheat"),
        PressPurpose.Tack => "Tack",
        PressPurpose.Press => "Press",
        PressPurpose.Back => page.Words.Say("ticket-document.name.back"),
        _ => page.Words.Say("ticket-document.name.else"),
    };

    private static string PeelLine(Page page, Peel peel) => peel switch
    {
        { Method: PeelMethod.Hot, FromSeconds: 0, ToSeconds: { } within } =>
            page.Words.Say("ticket-document.peel-line.within", ("within", Thing.Seconds(within))),
        { ToSeconds: { } to } =>
            page.Words.Say("ticket-document.peel-line.to", ("from", peel.FromSeconds), ("to", to), ("where", Where(page, peel))),
        _ => page.Words.Say("ticket-document.peel-line.else", ("from", Thing.Seconds(peel.FromSeconds)), ("where", Where(page, peel))),
    };

    private static string Where(Page page, Peel peel) => peel.OnColdBench ? page.Words.Say("ticket-document.where") : "";

    private static float Notices(Page page, Plan plan, float y)
    {
        page.Text(page.Words.Say("ticket-document.notices"), Left, y, 4, Weight.Bold);
        y += 2;
        var left = 0;
        foreach (var notice in plan.Notices)
        {
            var lines = Page.Lines(notice.Text, Right - Left - 26, Small);
            // What does not fit on the page is counted, never cut in the middle.
            if (y + (lines.Count + 1) * Small * 1.4f > Bottom - 8)
            {
                left++;
                continue;
            }

            page.Line(Left, y, Right, y);
            y += 4.6f;
            page.Text(notice.Level switch { NoticeLevel.Stop => "STOP", NoticeLevel.Caution => "Caution", _ => "Note" }, Left, y, Small,
                notice.Level == NoticeLevel.Note ? Weight.Regular : Weight.Bold);
            y = page.Paragraph(
                page.Words.Say("ticket-document.notices-2", ("notice", notice.Text),
                    ("accepted", notice.Accepted is { } word ? page.Words.Say("ticket-document.notices-2.accepted", ("word", word)) : "")),
                    Left + 22, y, Right - Left - 26, Small) - 1.2f;
        }

        if (left > 0)
            page.Text(page.Words.Say("ticket-document.notices-3", ("left", left)), Left, y + 4.6f, Small, colour: Page.Quiet);
        return y;
    }

    private static void Foot(Page page, Plan plan, DateTimeOffset now)
    {
        var care = plan.Steps.LastOrDefault(s => s.Stage == WorkStage.Care)?.Text ?? "";
        page.Line(Left, Bottom - 5, Right, Bottom - 5, 0.5f, Page.Ink);
        var y = page.Paragraph(care, Left, Bottom, Right - Left, Small, Weight.Bold);
        page.Text(page.Words.Say("ticket-document.foot", ("now", now.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)),
            ("catalogueVersion", plan.CatalogueVersion)), Left, y + 1, 2.5f, colour: Page.Quiet);
    }
}
