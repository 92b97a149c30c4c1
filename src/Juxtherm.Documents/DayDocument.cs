using System.Globalization;
using Juxtherm.Core.Days;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>A day on one page, for the wall: who does what when, and when each job is ready.</summary>
public static class DayDocument
{
    private const float MarginMm = 14;
    private const float NameMm = 30;
    private const float RowMm = 13;
    private const float LineMm = 6.2f;
    private static readonly CultureInfo English = CultureInfo.InvariantCulture;

    // Grays that print as well as they look; every bar carries the number of its job besides.
    private static readonly SKColor[] Fills = [new(0xde, 0xd6, 0xc8), new(0xb9, 0xae, 0x9d), new(0xee, 0xe9, 0xe0), new(0xcb, 0xc2, 0xb2)];

    /// <summary>Makes it.</summary>
    /// <param name="plan">The day.</param>
    /// <param name="hands">What each pair of hands does.</param>
    /// <param name="presses">What each press does.</param>
    /// <param name="zone">The time zone of the wall.</param>
    /// <param name="words">Says what stands on it.</param>
    /// <param name="now">For the file, UTC.</param>
    public static byte[] Pdf(DayPlan plan, IReadOnlyList<DayRow> hands, IReadOnlyList<DayRow> presses, TimeZoneInfo zone, IWords words,
        DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(words);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata
        {
            Title = words.Say("day.pdf-title", ("day", Local(plan.From, zone).ToString("dddd, MMMM d", English))),
            Producer = "Juxtherm",
            Creation = now.UtcDateTime,
            Modified = now.UtcDateTime,
        }))
        {
            var canvas = document.BeginPage(Page.WidthMm * Page.PointsPerMm, Page.HeightMm * Page.PointsPerMm);
            new Sheet(new Page(canvas, words), canvas, plan, zone).Draw([.. hands, .. presses]);
            document.EndPage();
            document.Close();
        }

        return stream.ToArray();
    }

    private static DateTimeOffset Local(DateTimeOffset at, TimeZoneInfo zone) => TimeZoneInfo.ConvertTime(at, zone);

    private sealed class Sheet(Page page, SKCanvas canvas, DayPlan plan, TimeZoneInfo zone)
    {
        private readonly DateTimeOffset _from = plan.Tasks.Count == 0 ? plan.From : plan.Tasks.Min(t => t.Start);
        private readonly DateTimeOffset _to = plan.Finish > plan.From ? plan.Finish : plan.From.AddHours(1);

        private IWords Words => page.Words;

        public void Draw(IReadOnlyList<DayRow> rows)
        {
            page.Text(Words.Say("day.pdf-title", ("day", Local(plan.From, zone).ToString("dddd, MMMM d", English))), MarginMm, 20, 7,
                Weight.Bold);
            page.Text(Words.Say("day.pdf-finish", ("from", Clock(plan.From)), ("finish", Clock(plan.Finish))), MarginMm, 28, 4.2f);
            var y = Picture(rows, 40);
            y = Jobs(y + 10);
            foreach (var why in plan.Why)
                foreach (var line in Page.Lines(why, Page.WidthMm - 2 * MarginMm, 3.4f).Where(_ => y < Page.HeightMm - MarginMm))
                    page.Text(line, MarginMm, y += 5, 3.4f, colour: Page.Quiet);
        }

        private string Clock(DateTimeOffset at) => Local(at, zone).ToString(
            Local(at, zone).Date == Local(plan.From, zone).Date ? "h:mm tt" : "ddd h:mm tt", English);

        private float X(DateTimeOffset at) => MarginMm + NameMm
            + (float)((at - _from) / (_to - _from)) * (Page.WidthMm - 2 * MarginMm - NameMm);

        private float Picture(IReadOnlyList<DayRow> rows, float top)
        {
            var bottom = top + rows.Count * RowMm;
            using var rule = new SKPaint { Color = Page.RuleColour, Style = SKPaintStyle.Stroke, StrokeWidth = 0.2f * Page.PointsPerMm };
            var step = (_to - _from).TotalHours switch { > 30 => 12, > 12 => 2, > 5 => 1, _ => 0.5 };
            var first = Local(_from, zone);
            for (var at = new DateTimeOffset(first.Date, first.Offset); at <= _to; at = at.AddHours(step))
            {
                if (at < _from)
                    continue;
                canvas.DrawLine(X(at) * Page.PointsPerMm, (top - 2) * Page.PointsPerMm, X(at) * Page.PointsPerMm,
                    bottom * Page.PointsPerMm, rule);
                page.Text(Local(at, zone).ToString("h:mm", English), X(at) + 0.8f, top - 3, 2.8f, colour: Page.Quiet);
            }

            for (var r = 0; r < rows.Count; r++)
            {
                var y = top + r * RowMm;
                var name = rows[r].Name.Length > 0 ? rows[r].Name
                    : Words.Say("day.hands-number", ("number", int.Parse(rows[r].Id, CultureInfo.InvariantCulture) + 1));
                page.Text(Page.Lines(name, NameMm - 2, 3.4f, Weight.Bold)[0], MarginMm, y + 7, 3.4f, Weight.Bold);
                foreach (var stretch in rows[r].Stretches)
                    Bar(stretch, y + 1.5f);
            }

            return bottom;
        }

        private void Bar(DayStretch stretch, float y)
        {
            var (left, right) = (X(stretch.Start), X(stretch.End));
            var box = SKRect.Create(left * Page.PointsPerMm, y * Page.PointsPerMm, (right - left) * Page.PointsPerMm, 9 * Page.PointsPerMm);
            using var line = new SKPaint
            {
                Color = Page.Ink,
                Style = SKPaintStyle.Stroke,
                StrokeWidth = 0.15f * Page.PointsPerMm,
                IsAntialias = true
            };
            if (stretch.Activity is not null)
            {
                using var fill = new SKPaint { Color = Fills[Math.Max(0, stretch.Job) % Fills.Length], Style = SKPaintStyle.Fill };
                canvas.DrawRect(box, fill);
            }

            canvas.DrawRect(box, line);
            var number = (stretch.Job + 1).ToString(CultureInfo.InvariantCulture);
            if (stretch.Activity is not null && right - left > Page.WidthOf(number, 3) + 1)
                page.Text(number, left + 0.6f, y + 5.8f, 3, Weight.Bold);
        }

        private float Jobs(float y)
        {
            float[] at = [MarginMm, MarginMm + 8, 112, 138, 166, Page.WidthMm - MarginMm];
            string[] heads = ["", Words.Say("day.head-job"), Words.Say("day.head-begin"), Words.Say("day.head-ready"),
                Words.Say("day.head-due")];
            for (var c = 0; c < heads.Length; c++)
                page.Text(heads[c], at[c], y, 3.2f, colour: Page.Quiet);
            for (var j = 0; j < plan.Jobs.Count && y < Page.HeightMm - 40; j++)
            {
                var job = plan.Jobs[j];
                y += LineMm;
                page.Text($"{j + 1}", at[0], y, 4, Weight.Bold);
                page.Text(Page.Lines(job.Title, at[2] - at[1] - 2, 4)[0], at[1], y, 4);
                page.Text(Clock(job.Begin), at[2], y, 3.8f);
                page.Text(Clock(job.Ready), at[3], y, 3.8f, Weight.Bold);
                page.Text(job.Due is { } due ? Clock(due) + (job.LateSeconds > 0 ? " " + Words.Say("day.pdf-late") : "") : "", at[4], y,
                    3.8f,
                    job.LateSeconds > 0 ? Weight.Bold : Weight.Regular);
            }

            return y + LineMm;
        }
    }
}
