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
/// The ticket as one printed page: the setting, the stack, the presses in order, what to watch out for, and care. Made to be
/// pinned up beside the press.
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
    /// <param name="units">The reader's units.</param>
    /// <param name="now">For the page's foot, UTC.</param>
    /// <returns>A PDF file.</returns>
    public static byte[] Write(Job job, PlanResult result, IReadOnlyList<VinylNeed> needs, UnitSystem units, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(result);
        ArgumentNullException.ThrowIfNull(needs);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata { Title = job.Title, Producer = "Juxtherm", Creation = now.UtcDateTime, Modified = now.UtcDateTime }))
        {
            var canvas = document.BeginPage(Page.WidthMm * Page.PointsPerMm, Page.HeightMm * Page.PointsPerMm);
            Draw(new Page(canvas), job, result, needs, new Wording(units), now);
            document.EndPage();
            document.Close();
        }

        return stream.ToArray();
    }

    private static void Draw(Page page, Job job, PlanResult result, IReadOnlyList<VinylNeed> needs, Wording words, DateTimeOffset now)
    {
        var plan = result.Plan;
        var y = Head(page, job, plan, words);
        var middle = Left + (Right - Left - ColumnGap) * 0.5f;
        var stackEnd = Stack(page, result.Trace.Last(p => p.Kind == PhaseKind.Press), job, Left, y, middle - Left, words);
        var pressEnd = Presses(page, plan, words, middle + ColumnGap, y, Right - middle - ColumnGap);
        var itemEnd = TicketItem.Draw(page, job, plan, needs, Left, stackEnd + 3, middle - Left, words);
        y = Math.Max(itemEnd, pressEnd) + 5;
        y = Notices(page, plan, y);
        Foot(page, plan, now);
        _ = y;
    }

    private static float Head(Page page, Job job, Plan plan, Wording words)
    {
        var press = plan.BondingPress;
        page.Text(job.Title.Length > 0 ? job.Title : "Untitled", Left, 24, 7, Weight.Bold);
        var vinyls = string.Join(", ", job.Layers.Select(l => l.Vinyl.Name.ToLowerInvariant()).Distinct(StringComparer.Ordinal));
        var y = page.Paragraph($"{job.Blank.Form.Name}, {job.Blank.Material.Name.ToLowerInvariant()} · {vinyls} vinyl · {job.Tools.Source.Name.ToLowerInvariant()}{(job.Quantity > 1 ? $" · {job.Quantity} pieces" : "")}", Left, 30.5f, Right - Left, Body, colour: Page.Quiet);
        page.Line(Left, y - 1, Right, y - 1, 0.5f, Page.Ink);
        y += 14;
        if (plan.Verdict == Verdict.Stop)
        {
            page.Text(plan.Headline, Left, y, 9, Weight.Bold);
            return y + 9;
        }

        var set = press.DialMark ?? words.Temperature(press.Celsius);
        page.Text(set, Left, y, 17, Weight.Bold);
        page.Text(Wording.Time(press.Seconds), Left + Page.WidthOf(set, 17, Weight.Bold) + 9, y, 17, Weight.Bold);
        var other = press.DialMark is null ? new Wording(words.Temperature(0).EndsWith('C') ? UnitSystem.Us : UnitSystem.Metric).Temperature(press.Celsius) : $"about {words.Temperature(press.Celsius)}";
        page.Text($"{other} · {press.Pressure.ToString().ToLowerInvariant()} pressure · {Lower(job.Tools.Underlay.Name)} underneath · {Lower(job.Tools.Cover.Name)} over it{(plan.Chart.For == JobReader.ForThisPress ? " · as looked up for this press" : "")}", Left, y + 7, Body, colour: Page.Quiet);
        return y + 18;
    }

    /// <summary>The stack from the side, as it lies when the plate opens.</summary>
    private static float Stack(Page page, TracePhase press, Job job, float x, float y, float width, Wording words)
    {
        page.Text("The sandwich", x, y, 4, Weight.Bold);
        page.Text("thickness exaggerated", x + Page.WidthOf("The sandwich", 4, Weight.Bold) + 2, y, Small, colour: Page.Quiet);
        y += 3;
        var faces = press.Faces[^1];
        page.Box(x, y, width, 5, new SKColor(0xe0, 0xda, 0xd0), Page.Ink);
        page.Text("plate", x + 2, y + 3.6f, Small, Weight.Bold);
        page.Text(words.Temperature(press.Plate[^1]), x + width - 2, y + 3.6f, Small, right: true);
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
            page.Text(words.Temperature((faces[i] + faces[i + 1]) / 2), x + width - 2, y + height / 2 + 1.1f, Small, right: true);
            y += height;
        }

        page.Text("Temperatures as the plate opens, computed.", x, y + 4, 2.7f, colour: Page.Quiet);
        return y + 8;
    }

    private static float Presses(Page page, Plan plan, Wording words, float x, float y, float width)
    {
        // What is done part by part stands here once, and how often.
        var whole = plan.Whole;
        var parts = plan.Presses.Max(p => p.Parts);
        page.Text("In this order", x, y, 4, Weight.Bold);
        if (parts > 1)
            page.Text($"{parts} parts, each to its end before the next", x + Page.WidthOf("In this order", 4, Weight.Bold) + 2, y, Small, colour: Page.Quiet);
        y += 2;
        // A long list is set close, so that the page holds what there is to watch out for as well.
        IReadOnlyList<(PlannedPress Press, int Times)> listed = [.. plan.Presses.Where(p => p.Purpose == PressPurpose.Patch).Select(p => (p, 1)), .. whole.Select(w => (w.Press, Math.Max(w.OnParts.Count, w.Press.Sections.Count)))];
        var close = listed.Count > RoomyPresses;
        var all = listed.Max(p => p.Press.Layers.Count);
        foreach (var (press, times) in listed)
        {
            page.Line(x, y, x + width, y);
            y += close ? LineMm - 1.1f : LineMm;
            var (size, what) = (close ? Small : Body, Name(press.Purpose));
            if (press.Layers.Count > 0 && all > 1)
                what += press.Layers.Count == all ? ": all layers" : $": {string.Join(", ", press.Layers)}";
            page.Text(times > 1 ? $"{times} × {Wording.Time(press.Seconds)}" : Wording.Time(press.Seconds), x + width, y, size, Weight.Bold, right: true);
            var lines = Page.Lines(what, width - 16, size, Weight.Bold);
            for (var i = 0; i < lines.Count; i++, y += i < lines.Count ? size * 1.3f : 0)
                page.Text(lines[i], x, y, size, Weight.Bold);
            if (press.Peel.Method != PeelMethod.None)
            {
                y += close ? 3.3f : LineMm - 0.8f;
                page.Text(PeelLine(press.Peel), x, y, close ? 2.5f : Small, colour: Page.Quiet);
            }

            y += close ? 1.1f : 2;
        }

        page.Line(x, y, x + width, y);
        if (plan.Ladder.Count > 0)
        {
            page.Text("Step up, and stop where it holds", x, y + 6, Body, Weight.Bold);
            y += 6;
            foreach (var rung in plan.Ladder)
            {
                y += LineMm - 0.4f;
                page.Text($"{rung.DialMark ?? words.Temperature(rung.Celsius)} · {Wording.Time(rung.Seconds)}", x, y, Small);
            }

            y += 2;
        }

        List<PlateSection> goes = [.. whole.Last(w => w.Press.Purpose == PressPurpose.Press).OnParts.SelectMany(p => p.Sections)];
        if (goes.Count > 1)
        {
            page.Text("The plate, part by part", x, y + 6, Body, Weight.Bold);
            y += 6;
            // More than these are laid row by row.
            foreach (var (i, section) in goes.Take(MostGoes).Index())
                y = page.Paragraph($"{i + 1}  {section.LayBy}", x, y + LineMm - 0.8f, width, Small) - LineMm + 0.8f;
            y += 2;
        }

        y += LineMm;
        page.Text("by hand", x, y, Small, colour: Page.Quiet);
        page.Text(Wording.Time(plan.Times.HandsOnSeconds), x + width, y, Small, right: true);
        y += LineMm - 0.6f;
        page.Text("start to finish", x, y, Small, colour: Page.Quiet);
        page.Text(Wording.Time(plan.Times.ElapsedSeconds), x + width, y, Small, right: true);
        return y + 4;
    }

    /// <summary>As it stands inside a sentence; an abbreviation stays as it is.</summary>
    private static string Lower(string name) => name.Length > 1 && char.IsUpper(name[1]) ? name : name.ToLowerInvariant();

    private static string Name(PressPurpose purpose) => purpose switch
    {
        PressPurpose.Patch => "Test patch",
        PressPurpose.Preheat => "Preheat, bare",
        PressPurpose.Tack => "Tack",
        PressPurpose.Press => "Press",
        PressPurpose.Back => "From the back",
        _ => "Finish, covered",
    };

    private static string PeelLine(Peel peel) => peel switch
    {
        { Method: PeelMethod.Hot, FromSeconds: 0, ToSeconds: { } within } => $"peel hot, within {Wording.Time(within)}",
        { ToSeconds: { } to } => $"peel warm, {Wording.Span(peel.FromSeconds, to)} after opening{Where(peel)}",
        _ => $"peel cold, after {Wording.Time(peel.FromSeconds)}{Where(peel)}",
    };

    private static string Where(Peel peel) => peel.OnColdBench ? ", on a cold bench" : "";

    private static float Notices(Page page, Plan plan, float y)
    {
        page.Text("Watch out for", Left, y, 4, Weight.Bold);
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
            page.Text(notice.Level switch { NoticeLevel.Stop => "STOP", NoticeLevel.Caution => "Caution", _ => "Note" }, Left, y, Small, notice.Level == NoticeLevel.Note ? Weight.Regular : Weight.Bold);
            y = page.Paragraph(notice.Text + (notice.Accepted is { } word ? $" (Accepted: {word})" : ""), Left + 22, y, Right - Left - 26, Small) - 1.2f;
        }

        if (left > 0)
            page.Text(string.Create(CultureInfo.InvariantCulture, $"and {left} more, on the screen"), Left, y + 4.6f, Small, colour: Page.Quiet);
        return y;
    }

    private static void Foot(Page page, Plan plan, DateTimeOffset now)
    {
        var care = plan.Steps.LastOrDefault(s => s.Stage == WorkStage.Care)?.Text ?? "";
        page.Line(Left, Bottom - 5, Right, Bottom - 5, 0.5f, Page.Ink);
        var y = page.Paragraph(care, Left, Bottom, Right - Left, Small, Weight.Bold);
        page.Text(string.Create(CultureInfo.InvariantCulture, $"Juxtherm, {now:yyyy-MM-dd} · one-dimensional model, typical figures, not measured on your goods · catalogue {plan.CatalogueVersion}"), Left, y + 1, 2.5f, colour: Page.Quiet);
    }
}
