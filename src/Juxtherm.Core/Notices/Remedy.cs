using System.Text.Json.Serialization;

namespace Juxtherm.Core.Notices;

/// <summary>A step of a JSON Patch (RFC 6902) on a job file.</summary>
/// <param name="Op"><c>add</c>, <c>replace</c> or <c>remove</c>.</param>
/// <param name="Path">JSON Pointer (RFC 6901) of the member.</param>
public sealed record JobEdit(string Op, string Path)
{
    /// <summary>Its new value as JSON has it; none where it is taken away.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public object? Value { get; init; }

    private const string Add = "add";
    private const string Replace = "replace";
    private const string Remove = "remove";

    /// <summary>A member that is to be set, or taken away with null, whatever the file says now.</summary>
    /// <param name="path">JSON Pointer of the member.</param>
    /// <param name="value">Its value; null to take it away.</param>
    public static JobEdit To(string path, object? value) => new(value is null ? Remove : Add, path) { Value = value };

    /// <summary>The steps that do the same to a file: objects on the way are made, what is there is replaced, and what is not there is not
    /// taken away.</summary>
    /// <param name="given">Pointers of the members that the file has.</param>
    /// <param name="edits">Members to be set or taken away, in order.</param>
    public static IReadOnlyList<JobEdit> On(IReadOnlySet<string> given, IEnumerable<JobEdit> edits)
    {
        ArgumentNullException.ThrowIfNull(given);
        ArgumentNullException.ThrowIfNull(edits);
        var there = new HashSet<string>(given, StringComparer.Ordinal);
        var steps = new List<JobEdit>();
        foreach (var edit in edits)
        {
            if (edit.Op == Remove)
            {
                if (there.RemoveWhere(p => p == edit.Path || p.StartsWith(edit.Path + "/", StringComparison.Ordinal)) > 0)
                    steps.Add(edit);
                continue;
            }

            foreach (var parent in Parents(edit.Path).Where(there.Add))
                steps.Add(To(parent, new Dictionary<string, object>(StringComparer.Ordinal)));
            steps.Add(edit with { Op = there.Add(edit.Path) ? Add : Replace });
        }

        return steps;
    }

    private static IEnumerable<string> Parents(string path)
    {
        for (var at = path.IndexOf('/', 1); at > 0; at = path.IndexOf('/', at + 1))
            yield return path[..at];
    }
}

/// <summary>A change to the job that takes a notice away.</summary>
/// <param name="Text">What changes, in words.</param>
/// <param name="Edits">What changes, in the job file.</param>
public sealed record Remedy(string Text, IReadOnlyList<JobEdit> Edits);
