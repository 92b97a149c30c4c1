using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

public sealed partial class LogApiTests
{
    [Fact]
    public async Task A_table_and_a_JSON_file_carry_the_logbook_to_another_workshop_and_back_twice_without_doubling()
    {
        await Pressed("=Tarn, the tee; 1+1", 2, ["edges-lifted", "marked"], ["stuck"]);
        var id = (long)(await Get("/api/log"))["entries"]![0]!["id"]!;
        await Ok(HttpMethod.Patch, $"/api/log/{id}",
            new JsonObject { ["note"] = "=cmd, a \"remark\"\nof two lines", ["lots"] = Words("L-1", "L-2") });
        await Post($"/api/log/{id}/washes", new JsonObject { ["washes"] = 3, ["look"] = "faded", ["note"] = "a bit" });
        var csv = await Client.GetStringAsync(new Uri("/api/log/logbook.csv", UriKind.Relative), TestContext.Current.CancellationToken);
        var json = await Client.GetStringAsync(new Uri("/api/log/logbook.json", UriKind.Relative), TestContext.Current.CancellationToken);
        foreach (var text in new[] { csv, json })
            Assert.Equal((2, 0), ((int)(await ReadIn(text))["read"]!, (int)(await ReadIn(text))["added"]!));

        using var elsewhere = new OtherWorkshop();
        foreach (var text in new[] { csv, json })
            Assert.Equal(text == csv ? 2 : 0, await elsewhere.ReadIn(text));
        Assert.Equal(json, await elsewhere.Text("/api/log/logbook.json"));
        Assert.Equal(csv, await elsewhere.Text("/api/log/logbook.csv"));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task A_logbook_longer_than_one_question_may_be_is_read_in_whole()
    {
        // More than SQLite takes values in one statement (32,766 by default, sqlite.org/limits.html).
        const int Entries = 33_000;
        var csv = string.Join('\n', Enumerable.Range(0, Entries)
            .Select(i => $"2020-01-01T00:00:00Z,smooth,cotton,swing-platen,152,12,{new Guid(i, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10)}")
            .Prepend("at,vinyl,material,heat source,set celsius,pressed seconds,key"));
        var read = await ReadIn(csv);
        Assert.Equal((Entries, Entries), ((int)read["read"]!, (int)read["added"]!));
        Assert.Equal(Entries, (int)(await Get("/api/log"))["total"]!);
        var again = await ReadIn(csv);
        Assert.Equal((Entries, 0), ((int)again["read"]!, (int)again["added"]!));
    }

    [Theory]
    [InlineData("at,vinyl\n2026-01-01,smooth\n", "line 2/material")]
    [InlineData("at,vinyl,material,heat source,set celsius,pressed seconds,colour\n", "")]
    [InlineData("at,vinyl,material,heat source,set celsius,pressed seconds\nyesterday,smooth,cotton,swing-platen,152,12\n", "line 2/at")]
    [InlineData("at,vinyl,material,heat source,set celsius,pressed seconds,outcomes\n2026-01-01,smooth,cotton,swing-platen,152,12,fine\n",
        "line 2/outcomes/0")]
    [InlineData("""{ "format": "juxtherm.log", "version": 9, "entries": [] }""", "/version")]
    [InlineData("""{ "format": "juxtherm.job", "version": 1 }""", "/format")]
    [InlineData("""{ "format": "juxtherm.log", "version": 1, "entries": [ { "at": "2026-01-01", "vinyl": "smooth", "material": "cotton", "heatSource": "swing-platen", "celsius": 900, "pressedSeconds": 12 } ] }""", "/entries/0/celsius")]
    [InlineData("{ \"format\": ", "")]
    public async Task What_is_no_logbook_is_refused_whole_and_says_where(string text, string field)
    {
        var problem = await ReadIn(text, ok: false);
        Assert.Contains(problem["errors"]!.AsArray(), e => (string)e!["pointer"]! == $"#{field}");
        Assert.Equal(0, (int)(await Get("/api/log"))["total"]!);
    }

    private sealed class OtherWorkshop : Api
    {
        public async Task<int> ReadIn(string text)
        {
            using var body = new StringContent(text, Encoding.UTF8, "application/octet-stream");
            var answer = await Client.PostAsync(new Uri("/api/log/read-in", UriKind.Relative), body);
            while (answer.StatusCode == HttpStatusCode.Accepted)
            {
                var id = JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["id"];
                answer = await Client.GetAsync(new Uri($"/api/log/read-in/{id}", UriKind.Relative));
            }

            return (int)JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["added"]!;
        }

        public Task<string> Text(string path) => Client.GetStringAsync(new Uri(path, UriKind.Relative));
    }
}
