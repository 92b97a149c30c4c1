using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Logbook;

/// <summary>The logbook as JSON and as a table.</summary>
public sealed class LogFileTests
{
    private static readonly DateTimeOffset Begin = new(2026, 5, 1, 9, 0, 0, TimeSpan.Zero);

    private static Gen<string> Words { get; } = Gen.Elements("", "Tarn", "=1+1", "+tee", "-x", "@home", "a, b", "a; b", "say \"so\"",
        "two\nlines", "' quoted", "ünï – 雪", "  ends ".Trim(), "\ttab".Trim());

    private static Gen<LogEntry> Entries { get; } =
        from title in Words
        from note in Words
        from name in Words
        from numbers in Gen.Choose(1, 900).ListOf(6)
        from outcomes in Gen.Elements(Enum.GetValues<Outcome>()).ListOf(2)
        from flags in Gen.Elements(true, false).ListOf(4)
        from lots in Gen.Elements("L-1", "T 14", "third reel").ListOf(2)
        from look in Gen.Elements(Enum.GetValues<WashLook>())
        from washed in Gen.Choose(0, 2)
        select new LogEntry(
            Begin.AddMinutes(numbers[0] * 7), title, numbers[1], 900, new LoggedItem("smooth,glow", "cotton", "tee"),
            new LoggedPress("swing-platen", "ptfe", "pad"),
            new LoggedSetting(100 + numbers[2] / 10.0, numbers[3] / 3.0, numbers[4] / 7.0, (PressureLevel)(numbers[5] % 3), 20.25), 1.07,
            [.. outcomes.Distinct()], note)
        {
            Name = name,
            PressedAgainSeconds = numbers[0],
            EndedWell = flags[0],
            Example = flags[1],
            Struck = flags[2],
            PlateCelsius = flags[3] ? 149.5 : null,
            Lots = [.. lots.Distinct()],
            Washes = [.. Enumerable.Range(1, washed).Select(i => new Wash(Begin.AddDays(i), i * 3, look, i == 1 ? "" : "a remark"))],
        };

    private static void Same(LogEntry expected, LogEntry actual)
    {
        Assert.Equal(expected with { Outcomes = [], Lots = [], Washes = [] }, actual with { Outcomes = [], Lots = [], Washes = [] });
        Assert.Equal(expected.Outcomes, actual.Outcomes);
        Assert.Equal(expected.Lots, actual.Lots);
        Assert.Equal(expected.Washes, actual.Washes);
    }

    private static byte[] Written(IEnumerable<LogEntry> entries)
    {
        using var file = new MemoryStream();
        LogFile.WriteAsync(entries.ToAsyncEnumerable(), file, CancellationToken.None).GetAwaiter().GetResult();
        return file.ToArray();
    }

    private static string Table(IEnumerable<LogEntry> entries)
    {
        using var text = new StringWriter();
        LogTable.WriteAsync(entries.ToAsyncEnumerable(), text, CancellationToken.None).GetAwaiter().GetResult();
        return text.ToString();
    }

    [Property(MaxTest = 60)]
    public Property What_is_written_is_read_again() => Prop.ForAll(Entries.ListOf(4).ToArbitrary(), entries =>
    {
        var problems = new Problems();
        var json = LogFile.Each(Written(entries), problems).ToList();
        var table = LogTable.Each(new StringReader(Table(entries)), problems).ToList();
        Assert.True(problems.None, string.Join('\n', problems.Found.Select(p => p.Said())));
        Assert.Equal(entries.Count, json.Count);
        Assert.Equal(entries.Count, table.Count);
        for (var i = 0; i < entries.Count; i++)
        {
            Same(entries[i], json[i]);
            Same(entries[i], table[i]);
        }
    });

    [Fact]
    public void A_table_of_somebody_elses_hand_needs_six_columns_in_any_order_and_with_semicolons()
    {
        var problems = new Problems();
        var entry = Assert.Single(
            LogTable.Each(
                new StringReader(
                    "\uFEFFvinyl;material;heat source;pressed seconds;set " +
                        "celsius;at\r\nsmooth;cotton;swing-platen;12;152;2026-01-05\r\n;;;;;\r\n"), problems));
        Assert.True(problems.None);
        Assert.Equal(("smooth", 12, 12, 152, new DateTimeOffset(2026, 1, 5, 0, 0, 0, TimeSpan.Zero)),
            (entry.Item.Vinyl, entry.Pressed.Seconds, entry.Pressed.PlannedSeconds, entry.Pressed.Celsius, entry.At));
        Assert.NotEqual(Guid.Empty, entry.Key);
    }

    [Fact]
    public void A_formula_in_a_remark_is_no_formula_in_a_spreadsheet()
    {
        var entry = new LogEntry(Begin, "=HYPERLINK(\"x\")", 1, 1, new LoggedItem("smooth", "cotton", "tee"),
            new LoggedPress("swing-platen", "ptfe", "pad"), new LoggedSetting(152, 12, 12, PressureLevel.Medium, 20), 1, [Outcome.Stuck],
            "");
        Assert.DoesNotContain(",=HYPERLINK", Table([entry]), StringComparison.Ordinal);
        Assert.DoesNotContain(",\"=HYPERLINK", Table([entry]), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("=1+1")]
    [InlineData("  =1+1")]
    [InlineData("\t=1+1")]
    [InlineData("＝1+1")]
    [InlineData("＠SUM(A1)")]
    [InlineData("-2+3")]
    [InlineData("|calc")]
    public void Whatever_a_spreadsheet_takes_for_a_formula_is_text_and_comes_back_as_it_was(string text)
    {
        var cell = PlainText.Cell(text);
        Assert.StartsWith("'", cell, StringComparison.Ordinal);
        Assert.Equal(text, PlainText.OfCell(cell));
    }

    [Theory]
    [InlineData("-2.5")]
    [InlineData("Tarn")]
    [InlineData("'quoted'")]
    [InlineData("a = b")]
    public void What_is_no_formula_stays_as_it_is(string text)
    {
        Assert.Equal(text, PlainText.Cell(text));
        Assert.Equal(text, PlainText.OfCell(text));
    }

    [Theory]
    [InlineData("1969-12-31")]
    [InlineData("0001-01-01T00:00:00Z")]
    [InlineData("2200-01-01")]
    [InlineData("yesterday")]
    public void Times_of_a_clock_that_was_never_set_are_refused(string at)
    {
        var problems = new Problems();
        Assert.Empty(
            LogTable.Each(
                new StringReader($"vinyl,material,heat source,pressed seconds,set celsius,at\nsmooth,cotton,swing-platen,12,152,{at}\n"),
                problems));
        Assert.Contains("from 1970", Assert.Single(problems.Found).Said(), StringComparison.Ordinal);
    }

    [Fact]
    public void Everything_wrong_is_said_at_once_and_where()
    {
        var problems = new Problems();
        Assert.Empty(
            LogTable.Each(
                new StringReader(
                    "at,vinyl,material,heat source,set celsius,pressed " +
                        "seconds,pressure,washes,lots\n2026-01-05,smooth,cotton,swing-platen,hot,12,hard,2026-01-06 many fine,\"a,b\"\n"),
                        problems));
        Assert.Equal(["line 2/celsius", "line 2/lots", "line 2/pressure", "line 2/washes/0/washes"], problems.Found.Select(p => p.Pointer)
            .Order(StringComparer.Ordinal));
    }
}
