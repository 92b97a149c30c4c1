using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Drawings that were reversed already are noticed, by their letters or as their file says.</summary>
public sealed class LettersReadTests
{
    private static readonly ArtworkDesk Desk = new(Shipped.Catalogue, new WorkMemory(), Juxtherm.Words.Language.English);

    private static CutShape Set(string text, string font) => LetterShapes.Set(new Lettering(text, font, 40, 2, 0, false)).Shape!;

    private static Notice? Asked(CutShape shape, Action<JsonObject>? edit = null) => SampleJobs.Plan(SampleJobs.With(j =>
    {
        var layer = j["layers"]![0]!.AsObject();
        (layer["shape"], layer["widthMm"], layer["heightMm"], layer["xMm"], layer["yMm"]) =
            (shape.Text, shape.Bounds.WidthMm, shape.Bounds.HeightMm, 40, 120);
        edit?.Invoke(j);
    })).Plan.Notices.FirstOrDefault(n => n.Code == "reads-backwards");

    public static TheoryData<string, string> Texts
    {
        get
        {
            var data = new TheoryData<string, string>();
            foreach (var font in new[] { "plain", "tall-capitals", "narrow", "round" })
            {
                foreach (var text in new[] { "STARGAZERS", "Keep Looking", "TEAM 2027", "fresh bread", "Juna Reeves" })
                    data.Add(font, text);
            }

            return data;
        }
    }

    // Each font is read by the others alone: what is laid over its letters is never its own.
    [Theory]
    [MemberData(nameof(Texts))]
    public void Letters_of_a_font_that_is_not_known_are_told_forward_from_backward(string font, string text)
    {
        var others = LetterFont.All.Where(f => f.Id != font).ToList();
        var (shape, reversed) = (Set(text, font), Set(text, font).Reversed());
        var (forward, backward) = LettersRead.Votes(shape, others);
        Assert.False(backward >= 3 && backward >= 3 * forward, $"{forward} {backward}");
        (forward, backward) = LettersRead.Votes(reversed, others);
        Assert.True(backward >= 3 && backward >= 3 * forward, $"{forward} {backward}");
    }

    [Fact]
    public void It_is_asked_once_and_both_answers_end_it()
    {
        var shape = Set("STARGAZERS", "plain").Reversed();
        var asked = Asked(shape);
        Assert.Equal(NoticeLevel.Caution, asked!.Level);
        var edits = Assert.Single(asked.Remedies).Edits;
        Assert.Contains(edits, e => e.Path == "/layers/0/reversed");
        Assert.Null(Asked(shape, j => j["layers"]![0]!["reversed"] = true));
        var accepted = Asked(shape,
            j => j["accepted"] = new JsonArray(new JsonObject { ["code"] = "reads-backwards", ["word"] = "a joke" }));
        Assert.Equal("a joke", accepted!.Accepted);
    }

    [Fact]
    public void What_reads_forward_or_alike_both_ways_or_holds_no_letters_asks_nothing()
    {
        Assert.Null(Asked(Set("STARGAZERS", "plain")));
        Assert.Null(Asked(Set("AHMOTUVWX", "plain").Reversed()));
        Assert.Null(Asked(CutShape.Read("M0 0H20V20H0ZM30 0L50 10 30 20ZM60 0H80V10H70V20H60ZM90 0A9 9 0 0 1 90 20Z")!));
    }

    [Theory]
    [InlineData("<g id='mirrored'><path d='M0 0H9V5Z'/></g>", true)]
    [InlineData("<title>tarn, reversed for cutting</title><path d='M0 0H9V5Z'/>", true)]
    [InlineData("<g transform='matrix(-1 0 0 1 20 0)'><path d='M0 0H9V5Z'/></g>", true)]
    [InlineData("<g transform='translate(20 0) scale(-1 1)'><path d='M0 0H9V5Z'/></g>", true)]
    [InlineData("<g transform='scale(1 -1) translate(0 -20)'><path d='M0 0H9V5Z'/></g>", false)]
    [InlineData("<g transform='matrix(-1 0 0 1 20 0)'><path d='M0 0H9V5Z'/></g><path d='M0 0H2V2Z'/>", false)]
    [InlineData("<title>Flipper the dolphin, in reverie</title><path d='M0 0H9V5Z'/>", false)]
    [InlineData("<g id='layer1'><path d='M0 0H9V5Z'/></g>", false)]
    public void A_file_that_says_so_is_asked_about(string inside, bool asks)
    {
        var problems = new Problems();
        var answer = Desk.BringIn(SampleJobs.Tee().ToJsonString(),
            $"<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='20mm' viewBox='0 0 20 20'>{inside}</svg>",
            Juxtherm.Core.Artwork.Svg.Separation.Seen, true, problems, TestContext.Current.CancellationToken);
        Assert.True(problems.None);
        var notice = answer!.Notices.FirstOrDefault(n => n.Code == "says-reversed");
        Assert.Equal(asks, notice is not null);
        if (notice is not null)
            Assert.Equal("/layers/0/reversed", Assert.Single(Assert.Single(notice.Remedies).Edits).Path);
    }
}
