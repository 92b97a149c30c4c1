using System.Text.Json;
using Juxtherm.Store;

namespace Juxtherm.App.Planning;

/// <summary>A kept job.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Version">Counts saves; give it back when saving.</param>
/// <param name="UpdatedUtc">When it was last saved.</param>
/// <param name="Job">The job file.</param>
public sealed record JobAnswer(Guid Id, int Version, DateTimeOffset UpdatedUtc, JsonElement Job)
{
    /// <summary>A kept job as it is answered.</summary>
    /// <param name="row">As it is kept.</param>
    public static JobAnswer Of(JobRow row)
    {
        ArgumentNullException.ThrowIfNull(row);
        return new JobAnswer(row.Id, row.Version, row.UpdatedUtc, JsonElement.Parse(row.Json));
    }
}
