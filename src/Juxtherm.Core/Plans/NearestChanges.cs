using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans;

/// <summary>A change that makes a stopped job go, already computed.</summary>
/// <param name="Text">What changes, in words.</param>
/// <param name="Edits">What changes, in the job file.</param>
/// <param name="Verdict">What it comes to.</param>
/// <param name="Headline">The new plan in one line.</param>
public sealed record NearestChange(string Text, IReadOnlyList<JobEdit> Edits, Verdict Verdict, string Headline);

/// <summary>
/// Looks for the smallest changes that open the window of a stopped job: first what costs nothing, then another cover or
/// pressure, then another vinyl, then another press.
/// </summary>
/// <param name="planner">Computes each of them.</param>
public sealed class NearestChanges(Planner planner)
{
    private const int MostOffered = 4;
    private const int MostVinylsTried = 4;
    private const int MostPressesTried = 3;

    /// <summary>Up to four changes, nearest first; none when the job is not stopped, or nothing helps.</summary>
    /// <param name="job">The job.</param>
    /// <param name="units">Units of the texts.</param>
    public IReadOnlyList<NearestChange> For(Job job, UnitSystem units)
    {
        ArgumentNullException.ThrowIfNull(job);
        if (planner.Plan(job, units).Plan.Verdict != Verdict.Stop)
            return [];
        var words = planner.Language.WordsFor(units);
        var found = new List<NearestChange>();
        foreach (var candidate in Candidates(job, words))
        {
            var plan = planner.Plan(candidate.Changed, units).Plan;
            if (plan.Verdict != Verdict.Stop)
                found.Add(new NearestChange(candidate.Text, JobEdit.On(job.Given, candidate.Edits), plan.Verdict, plan.Headline));
            if (found.Count == MostOffered)
                break;
        }

        return found;
    }

    private IEnumerable<Candidate> Candidates(Job job, IWords words) => [.. Free(job, words), .. Vinyls(job, words), .. Presses(job)];

    /// <summary>What needs nothing bought.</summary>
    private IEnumerable<Candidate> Free(Job job, IWords words)
    {
        var (tools, work) = (job.Tools, planner.Catalogue);
        if (tools.Steam)
            yield return new Candidate(words.Say("nearest-changes.free"), job with { Tools = tools with { Steam = false } },
                [JobEdit.To("/tools/steam", false)]);
        for (var i = 0; i < job.Layers.Count; i++)
        {
            var layer = job.Layers[i];
            if (layer.Mirrored is { } mirrored && mirrored != layer.Vinyl.Cut.Mirrored.Value)
                yield return new Candidate(layer.Vinyl.Cut.Mirrored.Value
                    ? words.Say("nearest-changes.free-2")
                    : words.Say("nearest-changes.free-3"), job.WithLayer(i, layer with { Mirrored = !mirrored }),
                    [JobEdit.To($"/layers/{layer.At}/mirrored", !mirrored)]);
        }

        if ((tools.Cover.Thermal is null || tools.Cover.Melts) && tools.Source.Usual.Cover != tools.Cover.Id)
        {
            var cover = work.Covers[tools.Source.Usual.Cover];
            yield return new Candidate(words.Say("nearest-changes.free-4", ("cover", cover.Name)),
                job with { Tools = tools with { Cover = cover } }, [JobEdit.To("/tools/cover", cover.Id)]);
        }

        var (at, hottest) = Hottest(job);
        if (tools.Source.Pressure.Adjustable && Chart.Of(hottest.Vinyl, hottest.Label).Pressure.Value != PressureLevel.Firm)
        {
            // Pressing harder is a matter of this press, not of what the wrapper means.
            var label = hottest.Label is { } said
                ? said with { Pressure = PressureLevel.Firm }
                : new WrapperLabel(null, null, PressureLevel.Firm, null) { For = FigureFor.ThisPress };
            List<JobEdit> edits = [JobEdit.To($"/layers/{hottest.At}/label/pressure", "firm")];
            if (hottest.Label is null)
                edits.Add(JobEdit.To($"/layers/{hottest.At}/label/for", JobReader.ForThisPress));
            yield return new Candidate(words.Say("nearest-changes.free-5"), job.WithLayer(at, hottest with { Label = label }), edits);
        }
    }

    /// <summary>The layer whose chart is the hottest, which collides with the blank first.</summary>
    private static (int Index, JobLayer Layer) Hottest(Job job) =>
        job.Layers.Select((layer, i) => (i, layer)).MaxBy(l => Chart.Of(l.layer.Vinyl, l.layer.Label).Celsius.Value);

    /// <summary>Vinyls that bond cooler, the nearest to this one first.</summary>
    private IEnumerable<Candidate> Vinyls(Job job, IWords words)
    {
        var (at, layer) = Hottest(job);
        // Who wants foam does not want something flat.
        if (layer.Vinyl.Press.HeatsOnce.Value)
            return [];
        var own = Chart.Of(layer.Vinyl, layer.Label).Celsius.Value;
        return planner.Catalogue.Vinyls.Values
            .Where(v => v.Id != layer.Vinyl.Id && v.Cut.Mirrored.Value == layer.Vinyl.Cut.Mirrored.Value
                && v.Bond.ReferenceCelsius.Value <= own
                && !v.Press.NotUnder.ContainsKey(job.Tools.Source.Kind))
            .OrderBy(v => v.Bond.ReferenceCelsius.Value)
            .Take(MostVinylsTried)
            .OrderByDescending(v => v.Bond.ReferenceCelsius.Value)
            .Select(v =>
                new Candidate(words.Say("nearest-changes.vinyls", ("v", v.Name)), job.WithLayer(at, layer with { Vinyl = v, Label = null }),
                    [JobEdit.To($"/layers/{layer.At}/vinyl", v.Id), JobEdit.To($"/layers/{layer.At}/label", null)]));
    }

    /// <summary>Presses that can press this item, with the underlay and cover usual for them.</summary>
    private IEnumerable<Candidate> Presses(Job job) => planner.Catalogue.HeatSources.Values
        .Where(s => s.Id != job.Tools.Source.Id && s.Presses.Contains(job.Blank.Form.Shape)
            && !job.Layers.Any(l => l.Vinyl.Press.NotUnder.ContainsKey(s.Kind)))
        .Take(MostPressesTried)
        .Select(s => new Candidate(
            s.Name,
            job with
            {
                Tools = new Tools(s, s.Plate.WidthMm.Value, s.Plate.HeightMm.Value, planner.Catalogue.Underlays[s.Usual.Underlay],
                planner.Catalogue.Covers[s.Usual.Cover], false)
            },
            [JobEdit.To("/tools/heatSource", s.Id), JobEdit.To("/tools/underlay", null), JobEdit.To("/tools/cover", null),
                JobEdit.To("/tools/plateWidthMm", null), JobEdit.To("/tools/plateHeightMm", null), JobEdit.To("/tools/steam", null)]));

    private sealed record Candidate(string Text, Job Changed, IReadOnlyList<JobEdit> Edits);
}
