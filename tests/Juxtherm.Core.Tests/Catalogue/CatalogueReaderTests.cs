using System.Collections;
using System.Reflection;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Tests.Catalogue;

public class CatalogueReaderTests
{
    [Fact]
    public void What_ships_can_be_read_and_has_what_is_promised()
    {
        var c = Shipped.Catalogue;
        Assert.All(new[] { "smooth", "glitter", "puff" }, id => Assert.Contains(id, c.Vinyls.Keys));
        Assert.All(new[] { "cotton", "cotton-poly", "polyester", "fleece", "ceramic" }, id => Assert.Contains(id, c.Materials.Keys));
        Assert.All(new[] { "swing-platen", "handheld-press", "household-iron", "mug-press" },
            id => Assert.Contains(id, c.HeatSources.Keys));
        Assert.All(new[] { "tee", "sweatshirt", "mug", "flat" }, id => Assert.Contains(id, c.Forms.Keys));
    }

    [Fact]
    public void Every_figure_says_where_it_comes_from()
    {
        var found = 0;
        void Walk(object? value, int depth)
        {
            if (value is null or string || depth > 8 || value.GetType().IsPrimitive || value.GetType().IsEnum)
                return;
            var type = value.GetType();
            if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(Sourced<>))
            {
                var from = (Provenance)type.GetProperty(nameof(Sourced<>.From))!.GetValue(value)!;
                Assert.False(string.IsNullOrWhiteSpace(from.Source));
                found++;
                return;
            }

            if (value is IEnumerable many)
            {
                foreach (var one in many)
                    Walk(one, depth + 1);
                return;
            }

            foreach (var property in type.GetProperties(BindingFlags.Public | BindingFlags.Instance)
                .Where(p => p.GetIndexParameters().Length == 0))
                Walk(property.GetValue(value), depth + 1);
        }

        Walk(Shipped.Catalogue, 0);
        Assert.True(found > 150, $"Only {found} figures were found.");
    }

    [Fact]
    public void The_version_changes_with_any_figure()
    {
        var changed = Edited("vinyls.json", root => root["vinyls"]![0]!["referenceSeconds"]![0] = 13);
        Assert.NotEqual(Shipped.Catalogue.Version, CatalogueReader.Read(changed).Version);
        Assert.Equal(Shipped.Catalogue.Version, CatalogueReader.Read(Shipped.Files.Reverse()).Version);
    }

    public static TheoryData<string, string, Action<JsonNode>, string> Faults => new()
    {
        { "a figure without provenance", "vinyls.json", r => r["vinyls"]![0]!["referenceCelsius"] = 152,
            "vinyls.json: /vinyls/0/referenceCelsius is 152" },
        { "an unknown provenance", "vinyls.json", r => r["vinyls"]![0]!["referenceCelsius"]![1] = "hearsay",
            "/vinyls/0/referenceCelsius/1 is “hearsay”" },
        { "a figure out of range", "materials.json", r => r["materials"]![1]!["limitCelsius"]![0] = 9999,
            "materials.json: /materials/1/limitCelsius/0 is 9999; a number from 50 to 600 is accepted" },
        { "a missing figure", "materials.json", r => r["materials"]![0]!.AsObject().Remove("demand"), "/materials/0/demand is missing" },
        { "a misspelt member", "vinyls.json", r => r["vinyls"]![0]!["pele"] = "hot", "/vinyls/0/pele is not read here; nearest: peel" },
        { "a range upside down", "vinyls.json", r => r["vinyls"]![0]!["chartSeconds"]![0] = new JsonArray(15, 10),
            "/vinyls/0/chartSeconds/0 ends below its beginning" },
        { "an id twice", "forms.json", r => r["forms"]![1]!["id"] = "tee", "/forms/1/id “tee” stands twice" },
        { "an unknown word", "vinyls.json", r => r["vinyls"]![0]!["peel"]![0] = "lukewarm", "/vinyls/0/peel/0 is “lukewarm”" },
        { "neither degrees nor marks", "heat-sources.json", r => r["heatSources"]![0]!.AsObject().Remove("dialStep"),
            "/heatSources/0 needs either dialStep or marks" },
        { "an underlay that is nowhere", "heat-sources.json", r => r["heatSources"]![0]!["underlay"] = "cloud",
            "names the underlay cloud" },
        { "a vinyl at odds with a press that is nowhere", "vinyls.json",
            r => r["vinyls"]![2]!["notUnder"]!["oven"] = new JsonArray("No.", "memory"), "names the heat source oven" },
        { "no reference press", "heat-sources.json", r => r["heatSources"]![0]!["id"] = "other", "heat source swing-platen" },
    };

    [Theory]
    [MemberData(nameof(Faults), DisableDiscoveryEnumeration = true)]
    public void A_fault_is_named_with_file_place_and_reason(string what, string file, Action<JsonNode> edit, string expected)
    {
        var refused = Assert.Throws<CatalogueException>(() => CatalogueReader.Read(Edited(file, edit)));
        var said = string.Join('\n', refused.Says.Select(p => Shipped.Words.Say(p)));
        Assert.True(said.Contains(expected, StringComparison.Ordinal), $"{what}: {said}");
    }

    [Fact]
    public void Broken_text_is_named_with_its_line()
    {
        var broken = Shipped.Files.Select(f => f.Name == "forms.json" ? f with { Text = "{\n  \"forms\": [\n    oops\n" } : f);
        var refused = Assert.Throws<CatalogueException>(() => CatalogueReader.Read(broken));
        Assert.Contains("forms.json: not readable as JSON at line 3", Shipped.Words.Say(refused.Says[0]), StringComparison.Ordinal);
    }

    private static IEnumerable<CatalogueFile> Edited(string file, Action<JsonNode> edit) => Shipped.Files.Select(f =>
    {
        if (f.Name != file)
            return f;
        var root = JsonNode.Parse(f.Text)!;
        edit(root);
        return f with { Text = root.ToJsonString() };
    });
}
