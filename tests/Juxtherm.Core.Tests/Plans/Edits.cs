using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Carries edits out in a job file, as whoever takes a mend does.</summary>
internal static class Edits
{
    public static JsonObject Applied(JsonObject job, IEnumerable<JobEdit> edits)
    {
        var next = job.DeepClone().AsObject();
        foreach (var edit in edits)
        {
            var names = edit.Pointer.Split('/')[1..];
            JsonNode place = next;
            foreach (var name in names[..^1])
                place = place is JsonArray list ? list[int.Parse(name, CultureInfo.InvariantCulture)]! : place[name]!;
            if (edit.Value is null)
                place.AsObject().Remove(names[^1]);
            else
                place[names[^1]] = JsonSerializer.SerializeToNode(edit.Value);
        }

        return next;
    }
}
