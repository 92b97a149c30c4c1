using Juxtherm.App.Planning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.App.Items;

/// <summary>Sizes a design over a run of garments.</summary>
/// <param name="cache">Reads jobs.</param>
/// <param name="catalogue">Measures of sizes.</param>
public sealed class GradeJob(PlanCache cache, CatalogueSnapshot catalogue)
{
    /// <summary>The design in each size.</summary>
    /// <param name="json">The job.</param>
    /// <param name="run">Sizes and how many of each, as <c>adult-m:4,adult-l:2</c>.</param>
    public Result<IReadOnlyList<Graded>> Grade(string json, string? run)
    {
        var problems = new Problems();
        var counts = RunOf(run, problems);
        if (cache.Read(json, problems) is not { } job || !problems.None)
            return new Invalid(problems);
        if (JobPlacement.Artwork(job, job.Blank.Face) is null)
            problems.Add("/layers/0/widthMm", new Phrase("placement-request.does-not-fit"), "does-not-fit");
        else if (job.Blank.Size is null)
            problems.Add("/blank/form", new Phrase("placement-request.does-not-fit-2", ("form", job.Blank.Form.Name)), "does-not-fit");
        return problems.None ? Result.Done(JobPlacement.Grade(job, counts, catalogue)) : new Invalid(problems);
    }

    private static List<SizeCount> RunOf(string? run, Problems problems)
    {
        var counts = new List<SizeCount>();
        foreach (var part in (run ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
        {
            var pair = part.Split(':');
            if (pair.Length == 2 && JobReader.Sizes.Contains(pair[0], StringComparer.Ordinal) && int.TryParse(pair[1], out var count)
                && count is >= 0 and <= JobReader.MostPieces)
                counts.Add(new SizeCount(pair[0], count));
            else
                problems.Add("", new Phrase("placement-request.unknown-id", ("part", part), ("sizes", Thing.List(JobReader.Sizes))),
                    "unknown-id");
        }

        if (counts.Count == 0 && problems.None)
            problems.Add("", new Phrase("placement-request.missing"), "missing");
        return counts;
    }
}
