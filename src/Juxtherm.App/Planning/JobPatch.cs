using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Microsoft.AspNetCore.JsonPatch.SystemTextJson;
using Microsoft.AspNetCore.JsonPatch.SystemTextJson.Exceptions;

namespace Juxtherm.App.Planning;

/// <summary>Carries a JSON Patch (RFC 6902) out on a job file.</summary>
internal static class JobPatch
{
    /// <summary>The file as it is afterwards.</summary>
    /// <param name="json">The file.</param>
    /// <param name="patch">The patch.</param>
    /// <param name="problems">Filled where the patch is none, or does not fit; nothing of it is carried out then.</param>
    public static string? Applied(string json, string patch, Problems problems)
    {
        try
        {
            var steps = JsonSerializer.Deserialize<JsonPatchDocument<JsonObject>>(patch, CoreJson.Options) ?? throw new JsonException();
            var file = JsonNode.Parse(json)!.AsObject();
            steps.ApplyTo(file);
            return file.ToJsonString();
        }
        catch (JsonException)
        {
            problems.Add("", new Phrase("job-patch.none"), "broken");
        }
        catch (JsonPatchException e)
        {
            problems.Add("", new Phrase("job-patch.unfit", ("why", e.Message)), "does-not-fit");
        }

        return null;
    }
}
