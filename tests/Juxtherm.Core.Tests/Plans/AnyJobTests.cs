using System.Text.Json;
using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Tests.Runs;
using Juxtherm.Testing;
using Juxtherm.Words;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Jobs drawn at random over the whole catalogue: whatever somebody asks for, the plan hangs together.</summary>
public class AnyJobTests
{
    private static readonly CatalogueSnapshot Catalogue = Shipped.Catalogue;
    private static readonly Planner Planner = new(Catalogue, Language.English);

    /// <summary>A job as its file, with one to four layers, any press, any ways of doing it.</summary>
    private static Gen<JsonObject> AnyJob() =>
        from form in Gen.Elements(Catalogue.Forms.Values.ToArray())
        from materialAt in Gen.Choose(0, 999)
        from source in Gen.Elements(Catalogue.HeatSources.Keys.ToArray())
        from underlay in Gen.Elements(Catalogue.Underlays.Keys.ToArray())
        from cover in Gen.Elements(Catalogue.Covers.Keys.ToArray())
        from dots in Gen.Choose(-1, 3)
        from count in Gen.Choose(1, 4)
        from layers in Layer().ListOf(count)
        from choices in Gen.Choose(0, 3).ListOf(Choices.Accepted.Count)
        from quantity in Gen.Choose(1, 5)
        select Job(form, materialAt, source, underlay, cover, dots, layers, choices, quantity);

    private sealed record LayerDraw(string Vinyl, int X, int Y, int W, int H, bool Placed, bool Back, int Label);

    private static Gen<LayerDraw> Layer() =>
        from vinyl in Gen.Elements(Catalogue.Vinyls.Keys.ToArray())
        from x in Gen.Choose(0, 300)
        from y in Gen.Choose(0, 400)
        from w in Gen.Choose(10, 300)
        from h in Gen.Choose(10, 300)
        from placed in Gen.Choose(0, 2)
        from back in Gen.Choose(0, 5)
        from label in Gen.Choose(0, 4)
        select new LayerDraw(vinyl, x, y, w, h, placed > 0, back == 0, label);

    private static JsonObject Job(ItemForm form, int materialAt, string source, string underlay, string cover, int dots,
        IEnumerable<LayerDraw> layers, IEnumerable<int> choices, int quantity)
    {
        var materials = Catalogue.Materials.Values.Where(m => form.Materials.Contains(m.Kind)).ToList();
        var job = new JsonObject
        {
            ["format"] = "juxtherm.job",
            ["version"] = 1,
            ["title"] = "Any",
            ["quantity"] = quantity,
            ["blank"] = new JsonObject { ["form"] = form.Id, ["material"] = materials[materialAt % materials.Count].Id },
            ["tools"] = new JsonObject { ["heatSource"] = source, ["underlay"] = underlay, ["cover"] = cover },
        };
        if (dots >= 0)
            job["blank"]!["careDots"] = dots;
        job["layers"] = new JsonArray([.. layers.Select((l, i) =>
        {
            var layer = new JsonObject { ["id"] = $"l{i}", ["vinyl"] = l.Vinyl, ["widthMm"] = l.W, ["heightMm"] = l.H };
            if (l.Placed)
                (layer["xMm"], layer["yMm"]) = (l.X, l.Y);
            if (l.Back)
                layer["face"] = "back";
            if (l.Label == 0)
                layer["label"] = new JsonObject { ["celsius"] = 120 + l.X % 60, ["seconds"] = 5 + l.Y % 30 };
            return (JsonNode)layer;
        })]);
        var said = new JsonObject();
        foreach (var ((question, accepted), choice) in Choices.Accepted.Zip(choices))
        {
            // One in two is left to the advice.
            if (choice < accepted.Count)
                said[question] = accepted[choice];
        }

        job["choices"] = said;
        return job;
    }

    private static PlanResult PlanOf(JsonObject job, out Job read)
    {
        var problems = new Problems();
        read = JobReader.Read(job.ToJsonString(), Catalogue, problems)
            ?? throw new InvalidOperationException(job + "\n" + string.Join('\n', problems.Found));
        return Planner.Plan(read, UnitSystem.Metric);
    }

    [Property(MaxTest = 10)]
    [Trait("Run", "thorough")]
    public Property A_plan_hangs_together() => Prop.ForAll(AnyJob().ToArbitrary(), json =>
    {
        var (plan, trace, _) = PlanOf(json, out var job);

        // The verdict is the worst of what is still said.
        var worst = plan.Notices.Select(n => n.Weight).DefaultIfEmpty(NoticeLevel.Note).Max();
        Assert.Equal(worst switch { NoticeLevel.Stop => Verdict.Stop, NoticeLevel.Caution => Verdict.Caution, _ => Verdict.Go },
            plan.Verdict);
        Assert.Equal(plan.Notices.OrderByDescending(n => n.Weight).Select(n => n.Weight), plan.Notices.Select(n => n.Weight));

        // Presses are numbered, and every layer is laid once on each part, and pressed so that it bonds.
        Assert.Equal(Enumerable.Range(1, plan.Presses.Count), plan.Presses.Select(p => p.Order));
        var laid = plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).SelectMany(p => p.Laid.Select(id => (Id: id, p.Part))).ToList();
        Assert.Equal(job.Layers.Select(l => l.Id).Order(StringComparer.Ordinal), laid.Select(l => l.Id).Distinct()
            .Order(StringComparer.Ordinal));
        Assert.Equal(laid.Distinct(), laid);
        PartsHangTogether(plan);
        Assert.All(job.Layers, l => Assert.Contains(plan.Presses, p => p.Purpose == PressPurpose.Press && p.Layers.Contains(l.Id)));
        Assert.All(plan.Presses, p => Assert.InRange(p.Seconds, 1, Catalogue.Work.LongestPressSeconds.Value));

        // What is laid later on the same ground lies above; heat and bond only grow.
        foreach (var layer in job.Layers)
        {
            foreach (var part in plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).GroupBy(p => p.Part))
            {
                var bonds = part.Where(p => p.Predicted.Bond.ContainsKey(layer.Id)).Select(p => p.Predicted.Bond[layer.Id]).ToList();
                Assert.All(bonds.Zip(bonds.Skip(1)), pair => Assert.True(pair.Second >= pair.First - 0.011));
                var burdens = part.Where(p => p.Predicted.HeatDose.ContainsKey(layer.Id)).Select(p => p.Predicted.HeatDose[layer.Id])
                    .ToList();
                Assert.All(burdens.Zip(burdens.Skip(1)), pair => Assert.True(pair.Second >= pair.First - 0.011));
            }
        }

        // Every carrier that went on comes off: a peel follows at the latest with the last press.
        Assert.Contains(plan.Presses, p => p.Peel.Method != PeelMethod.None);
        Assert.All(plan.Presses.Where(p => p.Peel.Method != PeelMethod.None),
            p => Assert.True(p.Peel.ToSeconds is null || p.Peel.ToSeconds >= p.Peel.FromSeconds));

        // The trace has a closed phase for each press that is not a patch; what is done part by part is one.
        Assert.Equal(plan.Whole.Count, trace.Count(p => p.PlateClosed));
        Assert.All(trace, p => Assert.All(p.Times.Zip(p.Times.Skip(1)), t => Assert.True(t.Second >= t.First)));
        Assert.All(trace, p => Assert.All(p.Faces, faces => Assert.All(faces, c => Assert.InRange(c, 5, 460))));
    });

    /// <summary>Parts come one after the other, each done alike under one placement of the plate, and each press waits for itself
    /// alone.</summary>
    private static void PartsHangTogether(Plan plan)
    {
        var pressed = plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).ToList();
        Assert.All(pressed,
            p => Assert.True(p.Part is null
                ? p.Parts == 1 && p.Sections.Count <= 1 : p.Sections.Count == 1 && p.Part <= p.Parts && p.Parts > 1));
        Assert.All(plan.Whole, w => Assert.Single(w.OnParts.Select(p => (p.Seconds, p.Celsius, p.Purpose)).Distinct()));
        // On a face a part is not left before its presses are done, unless a later laying begins again with the first.
        Assert.All(pressed.Zip(pressed.Skip(1)), pair => Assert.True(
            pair.First.Face != pair.Second.Face || pair.First.Part is null || pair.Second.Part is null
            || pair.Second.Part >= pair.First.Part || (pair.Second.Stage > pair.First.Stage && pair.First.Part == pair.First.Parts)));
        // Steps of a press lie together: what is waited for is waited for before the next press is begun.
        var orders = plan.Steps.Where(s => s is { PressOrder: not null, OncePerRun: false }).Select(s => s.PressOrder!.Value).ToList();
        Assert.Equal(orders.Order(), orders);
        foreach (var press in pressed.Where(p => p.Peel.Method != PeelMethod.None))
        {
            var steps = plan.Steps.Where(s => s.PressOrder == press.Order).ToList();
            var held = steps.FindLastIndex(s => s.Kind == StepKind.Hold);
            Assert.True(steps.FindIndex(s => s.Kind == StepKind.Wait) is var wait
                && (wait < 0 ? press.Peel.FromSeconds == 0 : wait > held && steps[wait].Seconds == press.Peel.FromSeconds));
        }
    }

    [Property(MaxTest = 12)]
    [Trait("Run", "thorough")]
    public Property The_bench_can_be_walked_to_its_end() => Prop.ForAll(AnyJob().ToArbitrary(), json =>
    {
        var (plan, _, _) = PlanOf(json, out var job);
        var run = new RunAtPress(json).Prepare().ToItsEnd();
        Assert.Equal(RunStatus.Finished, run.State.Status);
        Assert.Equal(job.Quantity, run.State.Pieces.Count(p => p.Outcomes.Contains(Outcome.Stuck)));
        // Each placement of the plate, and each pass of the gun, is held by itself.
        var perPiece = plan.Steps.Count(s => s is { Kind: StepKind.Hold, OncePerRun: false });
        Assert.All(run.State.Pieces, p => Assert.Equal(perPiece, p.Holds.Count));
    });

    [Property(MaxTest = 5)]
    [Trait("Run", "thorough")]
    public Property Words_are_whole_in_both_systems() => Prop.ForAll(AnyJob().ToArbitrary(), json =>
    {
        PlanOf(json, out var job);
        foreach (var units in new[] { UnitSystem.Metric, UnitSystem.Us })
        {
            var plan = Planner.Plan(job, units).Plan;
            var texts = plan.Notices.SelectMany(n => new[] { n.Text, n.Why }).Concat(plan.Steps.Select(s => s.Text))
                .Concat(plan.Presses.SelectMany(p => p.Why))
                .Concat(plan.Presses.SelectMany(p => p.Figures).SelectMany(f => f.Lines).Select(l => l.Text))
                .Concat(plan.Options.Select(w => w.Reason)).Append(plan.Headline);
            Assert.All(texts, text =>
            {
                Assert.False(string.IsNullOrWhiteSpace(text));
                Assert.DoesNotContain("  ", text, StringComparison.Ordinal);
                Assert.DoesNotContain("NaN", text, StringComparison.Ordinal);
                Assert.DoesNotContain("∞", text, StringComparison.Ordinal);
                Assert.DoesNotContain(" .", text, StringComparison.Ordinal);
                Assert.DoesNotContain(units == UnitSystem.Us
                    ? "°C" : "°F", text.Replace("°F.", "", StringComparison.Ordinal).Replace("or °F entered", "", StringComparison.Ordinal),
                    StringComparison.Ordinal);
            });
        }
    });

    [Property(MaxTest = 5)]
    [Trait("Run", "thorough")]
    public Property The_same_job_gives_the_same_plan_and_a_plan_survives_being_written_down() => Prop.ForAll(AnyJob().ToArbitrary(), json =>
    {
        var plan = PlanOf(json, out var job).Plan;
        var written = JsonSerializer.Serialize(plan, CoreJson.Options);
        Assert.Equal(written,
            JsonSerializer.Serialize(new Planner(Catalogue, Language.English).Plan(job, UnitSystem.Metric).Plan, CoreJson.Options));
        Assert.Equal(written, JsonSerializer.Serialize(JsonSerializer.Deserialize<Plan>(written, CoreJson.Options), CoreJson.Options));
    });

    [Property(MaxTest = 5)]
    [Trait("Run", "thorough")]
    public Property What_is_offered_instead_of_a_stop_is_no_stop() => Prop.ForAll(AnyJob().ToArbitrary(), json =>
    {
        PlanOf(json, out var job);
        var offered = new NearestChanges(Planner).For(job, UnitSystem.Metric);
        Assert.True(offered.Count <= 4);
        Assert.All(offered, change =>
        {
            Assert.NotEqual(Verdict.Stop, change.Verdict);
            Assert.NotEmpty(change.Edits);
        });
    });

    // What a vandal might do to a file: members cut out, swapped for something else, doubled.
    private static readonly string[] Junk = ["null", "true", "-1", "1e300", "\"\"", "\"smooth\"", "[]", "{}", "[[]]",
        "{\"a\":[1,2,{\"b\":null}]}"];

    [Property(MaxTest = 250)]
    public Property A_spoiled_file_is_read_or_its_faults_are_named()
    {
        var spoiled = from job in AnyJob()
                      from cuts in Gen.Choose(0, 10_000).ListOf(3)
                      from junk in Gen.Elements(Junk).ListOf(3)
                      select (job, cuts, junk);
        return Prop.ForAll(spoiled.ToArbitrary(), s =>
        {
            var job = s.job.DeepClone().AsObject();
            foreach (var (cut, junk) in s.cuts.Zip(s.junk))
                Spoil(job, cut, junk);
            var problems = new Problems();
            var read = JobReader.Read(job.ToJsonString(), Catalogue, problems);
            Assert.Equal(read is null, !problems.None);
            Assert.All(problems.Found, p =>
            {
                Assert.True(p.Pointer.Length == 0 || p.Pointer[0] == '/');
                Assert.True(p.Said().Length > 10 && p.Code.Length > 0);
            });
        });
    }

    private static void Spoil(JsonObject root, int at, string junk)
    {
        var places = new List<(JsonNode Parent, object Key)>();
        void Walk(JsonNode? node)
        {
            if (node is JsonObject o)
            {
                foreach (var (name, child) in o.ToList())
                {
                    places.Add((o, name));
                    Walk(child);
                }
            }
            else if (node is JsonArray a)
            {
                for (var i = 0; i < a.Count; i++)
                {
                    places.Add((a, i));
                    Walk(a[i]);
                }
            }
        }

        Walk(root);
        if (places.Count == 0)
            return;
        var (parent, key) = places[at % places.Count];
        if (at % 5 == 0 && parent is JsonObject from)
            from.Remove((string)key);
        else if (key is string name)
            parent[name] = JsonNode.Parse(junk);
        else
            parent[(int)key] = JsonNode.Parse(junk);
    }
}
