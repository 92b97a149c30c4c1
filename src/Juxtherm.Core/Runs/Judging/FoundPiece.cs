using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>How the glue under a lifted edge looks.</summary>
public enum GlueState
{
    /// <summary>Clean and smooth.</summary>
    Clean,

    /// <summary>Lint or dirt in it.</summary>
    Linty,

    /// <summary>It is dry, and flakes.</summary>
    Brittle,
}

/// <summary>A garment or thing on which something lifted, found without its job.</summary>
/// <param name="Form">Form id.</param>
/// <param name="Material">Material id.</param>
/// <param name="Vinyl">Vinyl id; null when nobody knows.</param>
/// <param name="HeatSource">The press at hand, by id.</param>
/// <param name="Glue">How the glue looks.</param>
public sealed record FoundPiece(string Form, string Material, string? Vinyl, string HeatSource, GlueState Glue);

/// <summary>What to do about it.</summary>
/// <param name="Kind">What it comes to.</param>
/// <param name="Headline">In a line.</param>
/// <param name="Why">What it rests on.</param>
/// <param name="Celsius">Plate set to, °C; null where nothing is pressed.</param>
/// <param name="Dial">Where the dial stands; null where it has marks or nothing is pressed.</param>
/// <param name="DialMark">The mark; null where it shows degrees or nothing is pressed.</param>
/// <param name="Seconds">How long, s; null where nothing is pressed.</param>
/// <param name="Try">What to try, in order; empty for nothing.</param>
/// <param name="Not">What not to do.</param>
/// <param name="Replace">How to take one piece off and put another in its place.</param>
/// <param name="GiveUp">When to give up.</param>
/// <param name="Guessed">The vinyl is not known: the answer is for the most delicate that it may be.</param>
public sealed record FoundAdvice(
    AdviceKind Kind, string Headline, string Why, double? Celsius, DialReading? Dial, string? DialMark, double? Seconds,
    IReadOnlyList<string> Try, IReadOnlyList<string> Not, IReadOnlyList<string> Replace, string GiveUp, bool Guessed);

/// <summary>Judges a thing found with something lifted, from what such a thing has usually had.</summary>
/// <param name="planner">Plans it as it was probably pressed.</param>
/// <param name="judge">Judges the edge.</param>
public sealed class FoundPieces(Planner planner, Judge judge)
{
    // What is found on things, by how delicate it is (common practice).
    private static readonly string[] Likely = ["smooth", "stretch", "glitter", "foil"];

    /// <summary>Judges.</summary>
    /// <param name="found">What was found.</param>
    /// <param name="units">Units of the texts.</param>
    /// <param name="problems">Where it names things that are not known.</param>
    /// <param name="own">What is on the workshop's shelf, as a job file carries it; null for nothing.</param>
    /// <returns>The answer; null when it names things that are not known.</returns>
    public FoundAdvice? Of(FoundPiece found, UnitSystem units, Problems problems, JsonObject? own = null)
    {
        ArgumentNullException.ThrowIfNull(found);
        ArgumentNullException.ThrowIfNull(problems);
        var planned = new List<(Job Job, Plan Plan, Advice? Edge)>();
        foreach (var vinyl in found.Vinyl is { } known ? [known] : Likely)
        {
            if (JobReader.Read(JobOf(found, vinyl, own ?? []).ToJsonString(), planner.Catalogue, problems) is not { } job)
                return null;
            var plan = planner.Plan(job, units).Plan;
            // As it was planned, so it was pressed: nobody knows better.
            var holds = plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).SelectMany(HoldDone.AsPlanned).ToList();
            planned.Add((job, plan,
                judge.Of(job, plan, new PieceHistory(holds) { Cold = true }, [Outcome.EdgesLifted], units) is [var answer, ..]
                ? answer : null));
        }

        // Of what it may be and may be pressed once more, the coolest, and no longer than the most delicate takes.
        var pressable = planned.Where(p => p.Plan.Verdict != Verdict.Stop).ToList();
        var takes = pressable.Where(p => p.Edge is { Seconds: not null }).ToList();
        var careful = takes.OrderBy(p => p.Plan.BondingPress.Celsius).FirstOrDefault();
        var first = careful.Job ?? planned[0].Job;
        var words = planner.Language.WordsFor(units);
        var seconds = takes.Min(p => p.Edge!.Seconds);
        var replace = TakingOff.Steps(first.Blank.Material, careful.Plan ?? planned[0].Plan, words);
        if (found.Glue != GlueState.Clean)
        {
            var state = found.Glue == GlueState.Linty ? words.Say("found-pieces.state") : words.Say("found-pieces.state-2");
            return new FoundAdvice(AdviceKind.Lost, words.Say("found-pieces.text", ("state", state)), words.Say("found-pieces.text-2"),
                null, null, null, null, [], Not(first, words), replace, GiveUp(words), found.Vinyl is null);
        }

        if (pressable.Count == 0)
            return new FoundAdvice(AdviceKind.Accept, words.Say("found-pieces.text-3", ("notices", planned[0].Plan.Notices[0].Text)),
                planned[0].Plan.Notices[0].Why, null, null, null, null, [], Not(first, words), [], GiveUp(words), found.Vinyl is null);
        if (seconds is not { } time || careful is not { Edge: { } edge, Plan: { } chosen })
        {
            var why = pressable.Select(p => p.Edge).First(e => e is { Seconds: null });
            return new FoundAdvice(why!.Kind, why.Text, why.Why, null, null, null, null, [], Not(first, words), replace, GiveUp(words),
                found.Vinyl is null);
        }

        var press = chosen.BondingPress;
        var set = words.Say("found-pieces.set", ("celsius", Thing.Celsius(press.Celsius)), ("dialMark", press.DialMark));
        var cover = first.Tools.Cover.Thermal is null ? words.Say("found-pieces.cover") : first.Tools.Cover.Name;
        var cloth = first.Blank.Material.Kind == MaterialKind.Cloth;
        return new FoundAdvice(
            AdviceKind.PressEdge,
            words.Say("found-pieces.text-4", ("set", set), ("time", Thing.Seconds(time)), ("pressure", press.Pressure)),
            found.Vinyl is null ? words.Say("found-pieces.text-5", ("why", edge.Why)) : edge.Why,
            press.Celsius, press.Dial, press.DialMark, time,
            [
                cloth ? words.Say("found-pieces.text-6") : words.Say("found-pieces.text-7"),
                cloth ? words.Say("found-pieces.text-8") : words.Say("found-pieces.text-9"),
                words.Say("found-pieces.text-10", ("cover", cover)),
                words.Say("found-pieces.text-11", ("set", set), ("time", Thing.Seconds(time)), ("pressure", press.Pressure)),
                words.Say("found-pieces.text-12"),
                cloth ? words.Say("found-pieces.text-13") : words.Say("found-pieces.text-14"),
            ],
            [.. pressable.Where(p => p.Edge is { Seconds: null })
                .Select(p => words.Say("found-pieces.text-15", ("vinyl", p.Job.Layer.Vinyl.Name), ("edge", p.Edge!.Text))),
                .. Not(first, words)], replace, GiveUp(words), found.Vinyl is null);
    }

    private static string GiveUp(IWords words) => words.Say("found-pieces.give-up");

    private static JsonObject JobOf(FoundPiece found, string vinyl, JsonObject own) => new()
    {
        ["format"] = JobReader.Format,
        ["version"] = JobReader.Version,
        ["own"] = OwnEntries.Brought(own, [vinyl], found.Material, found.HeatSource),
        ["blank"] = new JsonObject { ["form"] = found.Form, ["material"] = found.Material },
        ["tools"] = new JsonObject { ["heatSource"] = found.HeatSource },
        ["layers"] = new JsonArray(new JsonObject { ["id"] = "found", ["vinyl"] = vinyl }),
    };

    private static IReadOnlyList<string> Not(Job job, IWords words) =>
    [
        words.Say("found-pieces.not"),
        words.Say("found-pieces.not-2"),
        words.Say("found-pieces.not-3"),
        words.Say("found-pieces.not-4"),
        .. job.Blank.Material.Doubt.NeverPressed is null ? Array.Empty<string>() : [words.Say("found-pieces.not-5")],
    ];
}
