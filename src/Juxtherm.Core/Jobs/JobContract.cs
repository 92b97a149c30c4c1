using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>What a job file may say. Its readers, its JSON Schema and the types of the pages all come from here.</summary>
public static class JobContract
{
    internal static readonly ChoiceMember Format = new("format", [JobReader.Format]) { Needed = true };
    internal static readonly WholeMember Version = new("version", 1, JobReader.Version, "") { Needed = true };
    internal static readonly TextMember Title = new("title", 120);
    internal static readonly WholeMember Quantity = new("quantity", 1, JobReader.MostPieces, "pieces", "How many of it.");
    internal static readonly TextMember Due = new("due", 10, "The day it is handed over, as 2026-12-05.")
    { Pattern = @"^\d{4}-\d{2}-\d{2}$" };
    internal static readonly PartMember Blank = new("blank", BlankMembers.All, "What is pressed on.") { Needed = true };
    internal static readonly PartMember Tools = new("tools", ToolsMembers.All, "What it is pressed and cut with.") { Needed = true };
    internal static readonly PartsMember Layers = new("layers", LayerMembers.All, 1, JobReader.MostLayers,
        "Vinyl, lowest first.")
    { Needed = true };
    internal static readonly ListMember Order = new("order", new TextMember("", LayerMembers.LongestId), JobReader.MostLayers,
        "Ids of layers in the order in which they are to be laid; what stands earlier is not laid later.");

    private static readonly Shape All = new(
        "Job", Format, Version, Title, Quantity, Due, Blank, Tools, Layers, Order, RunMembers.Names, RunMembers.Sizes,
        ChoiceMembers.Choices, ChoiceMembers.Accepted,
        SettingMembers.Used, SettingMembers.Patches, CutMembers.Cut, OwnLists.All);

    /// <summary>The JSON Schema of a job file.</summary>
    /// <param name="catalogue">What ids may be.</param>
    public static JsonObject Schema(CatalogueSnapshot catalogue)
    {
        var schema = All.Schema(IdKinds.Of(catalogue));
        schema.Insert(0, "$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.Insert(1, "$id", "/schemas/job.json");
        return schema;
    }
}
