using System.Text.Json.Nodes;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;

namespace Juxtherm.Testing;

/// <summary>Kinds of work for the learning study, with their heat by the real model.</summary>
public static class StudyWork
{
    private static readonly (string Source, string Vinyl, string Material, string Form)[] Kinds =
    [
        ("swing-platen", "smooth", "cotton", "tee"), ("swing-platen", "glitter", "fleece", "sweatshirt"),
        ("clamshell-platen", "foil", "cotton", "tee"), ("clamshell-platen", "smooth", "cotton-poly", "tee"),
        ("handheld-press", "smooth", "cotton", "tee"), ("handheld-press", "smooth", "canvas", "tote"),
        ("mug-press", "smooth", "ceramic", "mug"),
    ];

    /// <summary>Plans each kind of work and reckons the heat that the plan gives it.</summary>
    public static IReadOnlyList<LearningStudy.Work> In(Planner planner)
    {
        var reckoner = new HeatReckoner(planner);
        return [.. Kinds.Select(kind =>
        {
            var json = new JsonObject
            {
                ["format"] = JobReader.Format,
                ["version"] = JobReader.Version,
                ["blank"] = new JsonObject { ["form"] = kind.Form, ["material"] = kind.Material },
                ["tools"] = new JsonObject { ["heatSource"] = kind.Source },
                ["layers"] = new JsonArray(new JsonObject { ["id"] = "a", ["vinyl"] = kind.Vinyl }),
            };
            var job = JobReader.Read(json.ToJsonString(), planner.Catalogue, new Problems())!;
            var plan = planner.Plan(job, UnitSystem.Metric).Plan;
            var holds = plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).Select(p => new HoldDone(p.Order, p.Seconds, null))
                .ToList();
            return new LearningStudy.Work(kind.Source, kind.Vinyl, kind.Material, job.Tools.Source.Dial.ErrorK.Value,
                reckoner.Of(job, plan, holds)!);
        })];
    }
}
