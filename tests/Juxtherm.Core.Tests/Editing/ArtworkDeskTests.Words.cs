using System.Text.Json.Nodes;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Editing;

public sealed partial class ArtworkDeskTests
{
    [Fact]
    public void Words_go_into_the_empty_layer_and_keep_their_middle_when_they_change()
    {
        var json = Worded(Bare, null, new JsonObject { ["text"] = "Orrin Tarn", ["heightMm"] = 30 }).Job;
        var job = Read(json);
        var layer = Assert.Single(job.Layers);
        Assert.Equal(("art", "Orrin Tarn"), (layer.Id, layer.Words!.Text));
        Assert.Equal(job.Blank.Faces[Face.Front].MiddleX, layer.XMm!.Value + layer.WidthMm!.Value / 2, 0.01);

        var changed =
            Read(Worded(json.ToJsonString(), "art",
                new JsonObject { ["text"] = "Tarn", ["font"] = "brush", ["heightMm"] = 30 }).Job).Layers[0];
        Assert.Equal(layer.XMm!.Value + layer.WidthMm!.Value / 2, changed.XMm!.Value + changed.WidthMm!.Value / 2, 0.01);
        Assert.True(changed.WidthMm < layer.WidthMm);
    }

    [Fact]
    public void Words_beside_a_drawing_begin_below_it()
    {
        var json = Brought(Bare, Svg(Moon)).Job.ToJsonString();
        var art = JobPlacement.Artwork(Read(JsonNode.Parse(json)!), Face.Front)!.Value;
        var words = Read(Worded(json, null, new JsonObject { ["text"] = "Sky", ["heightMm"] = 20 }).Job).Layers[^1];
        Assert.Equal(art.YMm + art.HeightMm + 10, words.YMm!.Value, 0.01);
        Assert.Equal(art.XMm + art.WidthMm / 2, words.XMm!.Value + words.WidthMm!.Value / 2, 0.01);
    }

    private static JsonObject WithNames(params JsonNode[] names)
    {
        var json = Worded(Bare, null, new JsonObject { ["text"] = "Name", ["heightMm"] = 40, ["fromNames"] = true }).Job;
        json["names"] = new JsonArray(names);
        json["quantity"] = names.Sum(n => (int?)n["count"] ?? 1);
        return json;
    }

    [Fact]
    public void Every_garment_has_its_name_on_the_proof_sheet_in_letters_of_one_height()
    {
        var job = Read(
            WithNames(new JsonObject { ["name"] = "Wren", ["size"] = "child" },
                new JsonObject { ["name"] = "Bartholomew-Augustina", ["count"] = 2 }));
        var sheet = ProofSheet.Of(job)!;
        Assert.Equal((3, 2), (sheet.Garments, sheet.Names.Count));
        Assert.Equal([true, false], sheet.Names.Select(n => n.Fits));
        var height = sheet.HeightThatFitsMm!.Value;
        Assert.InRange(height, 10, 39);
        var smaller = WithNames(new JsonObject { ["name"] = "Bartholomew-Augustina" });
        smaller["layers"]![0]!["word"]!["heightMm"] = height;
        Assert.Null(ProofSheet.Of(Read(smaller))!.HeightThatFitsMm);
        Assert.Null(ProofSheet.Of(Read(JsonNode.Parse(Bare)!)));
    }

    [Fact]
    public void Names_and_pieces_must_agree_and_names_want_to_be_read()
    {
        Core.Notices.Notice? Said(JsonObject json) =>
            Planner.Plan(Read(json), UnitSystem.Metric).Plan.Notices.FirstOrDefault(n => n.Code == "names-count");
        var json = WithNames(new JsonObject { ["name"] = "Wren" }, new JsonObject { ["name"] = "Osk", ["proofed"] = true });
        Assert.Contains("1 of 2 names", Said(json)!.Text, StringComparison.Ordinal);
        json["quantity"] = 5;
        Assert.Contains("2 pieces", Said(json)!.Text, StringComparison.Ordinal);
        json["quantity"] = 2;
        json["names"]![0]!["proofed"] = true;
        Assert.Null(Said(json));
    }

    private static DeskAnswer Worded(string json, string? layer, JsonObject word)
    {
        var problems = new Problems();
        var answer = Desk.SetWords(json, layer, word, problems);
        Assert.True(answer is not null, string.Join(' ', problems.Found.Select(p => p.Said())));
        return answer;
    }
}
