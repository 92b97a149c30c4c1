using System.Globalization;
using System.Text.Json.Nodes;

namespace Juxtherm.App.Exchange;

/// <summary>A job as it leaves the workshop.</summary>
internal static class NamelessJob
{
    /// <summary>Without the people that it is for, and without patches, which are of this workshop's press.</summary>
    /// <param name="job">The job; it is changed.</param>
    public static JsonObject Of(JsonObject job)
    {
        job.Remove("patches");
        if (job["names"] is JsonArray names)
            for (var i = 0; i < names.Count; i++)
                if (names[i] is JsonObject { } entry && entry["name"] is not null)
                    entry["name"] = string.Create(CultureInfo.InvariantCulture, $"Name {i + 1}");
        return job;
    }
}
