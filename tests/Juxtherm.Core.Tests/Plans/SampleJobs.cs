using System.Text.Json.Nodes;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Job files for the tests, from a plain tee upwards.</summary>
internal static class SampleJobs
{
    private static readonly Planner Planner = new(Shipped.Catalogue, Language.English);

    public static JsonObject Tee() => JsonNode.Parse("""
        { "format": "juxtherm.job", "version": 1, "title": "Tarn tee", "quantity": 1,
          "blank": { "form": "tee", "material": "cotton" },
          "tools": { "heatSource": "swing-platen" },
          "layers": [ { "id": "sky", "vinyl": "smooth" } ] }
        """)!.AsObject();

    public static JsonObject With(Action<JsonObject> edit)
    {
        var job = Tee();
        edit(job);
        return job;
    }

    public static JsonObject Of(string vinyl, string form, string material, string source) => With(j =>
    {
        j["blank"]!["form"] = form;
        j["blank"]!["material"] = material;
        j["tools"]!["heatSource"] = source;
        j["layers"]![0]!["vinyl"] = vinyl;
    });

    public static Job Read(JsonObject job)
    {
        var problems = new Problems();
        var read = JobReader.Read(job.ToJsonString(), Shipped.Catalogue, problems);
        return read ?? throw new InvalidOperationException(string.Join('\n', problems.Found));
    }

    public static PlanResult Plan(JsonObject job, UnitSystem units = UnitSystem.Metric) => Planner.Plan(Read(job), units);
}
