using System.Collections.Concurrent;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Work;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;

namespace Juxtherm.Testing;

/// <summary>Days made of worked examples and plain jobs, planned for the presses there are. What was planned once is kept.</summary>
/// <param name="catalogue">The catalogue.</param>
/// <param name="language">The language.</param>
internal sealed class MadeUpDay(CatalogueSnapshot catalogue, ILanguage language)
{
    private readonly Planner _planner = new(catalogue, language);
    private readonly CutPlanner _cut = new(catalogue);
    private readonly WorkMemory _memory = new();
    private readonly ConcurrentDictionary<string, (Job Job, Plan Plan)> _known = new(StringComparer.Ordinal);

    /// <summary>A press by its kind.</summary>
    public DayPress Press(string id, string source = "swing-platen", double? celsius = null)
    {
        var kind = catalogue.HeatSources[source];
        return new DayPress(id, kind, kind.Plate.WidthMm.Value, kind.Plate.HeightMm.Value, celsius);
    }

    /// <summary>What a job asks for at the presses that can take it.</summary>
    public WorkOfAJob Job(string json, int quantity, IReadOnlyList<DayPress> presses, DateTimeOffset? due = null)
    {
        var node = JsonNode.Parse(json)!.AsObject();
        node["quantity"] = quantity;
        node.Remove("names");
        var at = new List<PlanAtPress>();
        (Job Job, Plan Plan)? first = null;
        for (var p = 0; p < presses.Count; p++)
        {
            var planned = _known.GetOrAdd(JobAtPress.Of(node.ToJsonString(), presses[p].Source.Id, presses[p].PlateWidthMm,
                presses[p].PlateHeightMm), Planned);
            if (planned.Plan.Notices.Any(n => n.Code == "heat-source-unsuitable"))
                continue;
            first ??= planned;
            at.Add(new PlanAtPress(p, presses[p].Source, planned.Plan));
        }

        return WorkOfAJob.Of(first!.Value.Job, at, _cut.InPlace(first.Value.Job, []), catalogue.Work, due);
    }

    private (Job Job, Plan Plan) Planned(string json)
    {
        var problems = new Problems();
        var job = JobReader.Read(json, catalogue, problems, _memory) ?? throw new InvalidOperationException(problems.Found[0].Pointer);
        return (job, _planner.Plan(job, UnitSystem.Metric).Plan);
    }

    /// <summary>A plain job in a line.</summary>
    public static string Plain(string title, string form, string material, string vinyl, string source = "swing-platen",
        string layers = "") =>
        $$"""
        { "format": "juxtherm.job", "version": 1, "title": "{{title}}", "quantity": 1,
          "blank": { "form": "{{form}}", "material": "{{material}}" }, "tools": { "heatSource": "{{source}}" },
          "layers": [ { "id": "a", "vinyl": "{{vinyl}}", "widthMm": 160, "heightMm": 90, "xMm": 130, "yMm": 140 }{{layers}} ] }
        """;
}
