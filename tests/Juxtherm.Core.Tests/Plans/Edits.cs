using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Microsoft.AspNetCore.JsonPatch.SystemTextJson;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Carries edits out in a job file by a library for JSON Patch, as whoever takes a remedy does.</summary>
internal static class Edits
{
    public static JsonObject Applied(JsonObject job, IEnumerable<JobEdit> edits)
    {
        var next = job.DeepClone().AsObject();
        JsonSerializer.Deserialize<JsonPatchDocument<JsonObject>>(JsonSerializer.Serialize(edits, CoreJson.Options),
            CoreJson.Options)!.ApplyTo(next);
        return next;
    }
}
