using System.Diagnostics;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>The ticket as another program reads it: one page, with everything that is needed at the press.</summary>
public sealed class TicketTests : Api
{
    private async Task<(string Text, int Pages)> Ticket(JsonObject job, string units = "metric")
    {
        using var answer = await Client.PostAsync($"/api/plans/ticket?units={units}", Body(job.ToJsonString()));
        answer.EnsureSuccessStatusCode();
        var file = Path.Combine(Folder, $"{Guid.NewGuid():N}.pdf");
        await File.WriteAllBytesAsync(file, await answer.Content.ReadAsByteArrayAsync());
        var text = await Said("pdftotext", "-layout", file, "-");
        var pages = (await Said("pdfinfo", file)).Split('\n').Single(l => l.StartsWith("Pages:", StringComparison.Ordinal));
        return (text, int.Parse(pages["Pages:".Length..].Trim(), System.Globalization.CultureInfo.InvariantCulture));
    }

    internal static async Task<string> Said(string program, params string[] arguments)
    {
        using var process =
            Process.Start(new ProcessStartInfo(program, arguments) { RedirectStandardOutput = true, UseShellExecute = false })!;
        var text = await process.StandardOutput.ReadToEndAsync();
        await process.WaitForExitAsync();
        Assert.Equal(0, process.ExitCode);
        return text;
    }

    private static JsonObject Night()
    {
        var job = Tee("Night tee", 4);
        job["layers"] = JsonNode.Parse("""
            [ { "id": "tarn", "vinyl": "smooth", "colour": "#1b2a49", "widthMm": 240, "heightMm": 170, "xMm": 95, "yMm": 135 },
              { "id": "moon", "vinyl": "smooth", "colour": "#e8d9b0", "widthMm": 70, "heightMm": 70, "xMm": 130, "yMm": 155 } ]
            """);
        return job;
    }

    [Fact]
    public async Task It_says_the_setting_the_presses_in_order_and_the_care()
    {
        var (text, pages) = await Ticket(Tee());
        Assert.Equal(1, pages);
        var order = new[] { "Tarn tee", "152 °C", "16 s", "305 °F", "Preheat, no vinyl", "Press", "Final press with cover sheet",
            "Watch out for",
            "24 h before the first wash" };
        Assert.All(order, part => Assert.Contains(part, text, StringComparison.Ordinal));
        var places = new[] { "Preheat, no vinyl", "Final press with cover sheet", "Watch out for",
            "24 h before the first wash" }.Select(p => text.IndexOf(p, StringComparison.Ordinal)).ToList();
        Assert.Equal(places.Order(), places);
        Assert.All(new[] { "plate", "PTFE sheet", "Carrier sheet", "Smooth vinyl", "Tee, front", "Silicone pad" },
            sheet => Assert.Contains(sheet, text, StringComparison.Ordinal));
        Assert.Contains("not measured on your goods", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task It_lists_the_pieces_of_a_run_on_a_page_of_their_own()
    {
        var job = Tee("Junior corner", 4);
        job["names"] = JsonNode.Parse("""
            [ { "name": "Wren", "size": "child", "garmentColour": "#1b2a49", "colour": "#d9a441" }, { "size": "adult-m", "count": 2 },
              { "name": "Tamsin" } ]
            """);
        var (text, pages) = await Ticket(job);
        Assert.Equal(2, pages);
        var second = text[(text.IndexOf('\f', StringComparison.Ordinal) + 1)..].Split('\n').Where(l => l.Trim().Length > 0).ToList();
        Assert.Contains("Junior corner: the pieces", second[0], StringComparison.Ordinal);
        var rows = second.Where(l => l.TrimStart() is [>= '1' and <= '9', ..]).ToList();
        Assert.Equal(4, rows.Count);
        Assert.Contains("navy", rows.Single(r => r.Contains("Wren", StringComparison.Ordinal)), StringComparison.Ordinal);
        Assert.Equal(2, rows.Count(r => r.Contains("adult M", StringComparison.OrdinalIgnoreCase) && r.Contains('–')));
        Assert.Contains("4", rows.Single(r => r.Contains("Tamsin", StringComparison.Ordinal)), StringComparison.Ordinal);
    }

    [Fact]
    public async Task It_says_where_the_print_goes_and_what_vinyl_it_takes()
    {
        var (text, pages) = await Ticket(Night());
        Assert.Equal(1, pages);
        var flat = string.Join(' ', text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
        Assert.Contains("Where it goes", flat, StringComparison.Ordinal);
        Assert.Contains("75 mm below", flat, StringComparison.Ordinal);
        Assert.Contains("sleeve to sleeve", flat, StringComparison.Ordinal);
        // Four tarns of 240 × 170 mm and four moons of 70 × 70 mm on sheets of 292 × 292 mm.
        Assert.Contains("Smooth, 4 pieces", flat, StringComparison.Ordinal);
        Assert.Contains("4 sheets", flat, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_takes_several_parts_says_how_often_and_where_each_lies()
    {
        var job = Night();
        job["layers"]!.AsArray().RemoveAt(1);
        (job["layers"]![0]!["widthMm"], job["layers"]![0]!["xMm"]) = (420, 5);
        var (text, pages) = await Ticket(job);
        Assert.Equal(1, pages);
        Assert.Contains("2 parts, each finished before the next", text, StringComparison.Ordinal);
        Assert.Contains("2 × 16 s", text, StringComparison.Ordinal);
        Assert.Contains("Where the plate goes", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task In_us_units_fahrenheit_is_the_large_figure()
    {
        var (text, _) = await Ticket(Tee(), "us");
        Assert.True(text.IndexOf("305 °F", StringComparison.Ordinal) < text.IndexOf("152 °C", StringComparison.Ordinal));
    }

    [Fact]
    public async Task Several_layers_stand_in_the_stack_and_in_the_order()
    {
        var (text, pages) = await Ticket(Night());
        Assert.Equal(1, pages);
        Assert.All(new[] { "Tack: tarn", "Tack: moon", "Press: all layers", "moon, smooth", "tarn, smooth", "4 pieces" },
            part => Assert.Contains(part, text, StringComparison.Ordinal));
    }

    [Fact]
    public async Task A_stop_takes_the_place_of_the_setting()
    {
        var job = Tee();
        job["layers"]![0]!["mirrored"] = false;
        var (text, _) = await Ticket(job);
        Assert.Contains("Can't be pressed like this: see below.", text, StringComparison.Ordinal);
        Assert.Contains("STOP", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_ladder_and_an_accepted_word_are_on_it()
    {
        var job = Tee();
        job["blank"] = new JsonObject { ["form"] = "key-fob", ["material"] = "leather-unknown" };
        job["layers"]![0]!["vinyl"] = "low-temp";
        job["accepted"] = new JsonArray(new JsonObject { ["code"] = "unknown-blank", ["word"] = "From the same hide as last year." });
        var (text, pages) = await Ticket(job);
        Assert.Equal(1, pages);
        Assert.Contains("Work up, and stop where it holds", text, StringComparison.Ordinal);
        Assert.Contains("From the same hide as last year.",
            string.Join(" ", text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)), StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task However_much_there_is_to_say_it_stays_one_page()
    {
        var job = Night();
        job["blank"]!["material"] = "polyester";
        job["blank"]!["careDots"] = 1;
        job["tools"]!["underlay"] = "towel";
        job["tools"]!["heatSource"] = "household-iron";
        job["layers"] = new JsonArray([.. Enumerable.Range(0, 12).Select(i => (JsonNode)new JsonObject
        {
            ["id"] = $"piece number {i}", ["vinyl"] = i % 2 == 0
            ? "smooth" : "glitter", ["intricate"] = true, ["widthMm"] = 300 - i * 20, ["heightMm"] = 300 - i * 20, ["xMm"] = 50 + i * 10,
            ["yMm"] = 100 + i * 10,
        })]);
        var (text, pages) = await Ticket(job);
        Assert.Equal(1, pages);
        Assert.Contains("more, on the screen", text, StringComparison.Ordinal);
        // What matters most is among what fits.
        Assert.Contains("STOP", text, StringComparison.Ordinal);
        Assert.True(text.IndexOf("Watch out for", StringComparison.Ordinal) < text.IndexOf("24 h before the first wash",
            StringComparison.Ordinal));
    }
}
