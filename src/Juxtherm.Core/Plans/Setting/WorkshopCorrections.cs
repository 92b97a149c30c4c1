using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Setting;

/// <summary>Plans for this very workshop: its plate and its vinyls as the logbook knows them, in place of what their kinds usually
/// do.</summary>
public static class WorkshopCorrections
{
    /// <summary>The job as this workshop would press it.</summary>
    /// <param name="job">The job, as its file says it.</param>
    /// <param name="correction">What was learned.</param>
    /// <returns>The same job where nothing of it was learned about.</returns>
    public static Job In(this Job job, WorkshopCorrection correction)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(correction);
        if (correction.Plates.FirstOrDefault(p => p.HeatSource == job.Tools.Source.Id) is { } plate)
        {
            var from = new Provenance(ProvenanceKind.Logbook, plate.From);
            var source = job.Tools.Source;
            job = job with
            {
                Tools = job.Tools
                with
                {
                    Source = source
                    with
                    {
                        Dial = source.Dial
                        with
                        { OffsetK = new(source.Dial.OffsetK.Value + plate.OffsetK, from), ErrorK = new(plate.ErrorK, from) }
                    }
                }
            };
        }

        JobLayer Told(JobLayer layer) =>
            correction.Demands.FirstOrDefault(d => d.Vinyl == layer.Vinyl.Id && d.Material == job.Blank.Material.Id) is { } demand
            ? layer with
            {
                // What wants just the usual is only known better.
                Wants = demand.Factor == 1 ? null : new(demand.Factor, new Provenance(ProvenanceKind.Logbook, demand.From)),
                Belief = demand.Belief,
            }
            : layer with { Wants = null };
        job = correction.Demands.Count == 0 ? job : job with { Layers = [.. job.Layers.Select(Told)] };
        return correction.Patches.Count == 0 ? job : job with { Patches = WithKept(job, correction.Patches) };
    }

    /// <summary>The job's own patches that nobody struck, and those that were kept of the same press, vinyl and blank.</summary>
    private static List<PatchResult> WithKept(Job job, IReadOnlyList<KeptPatch> kept)
    {
        var here = kept.Where(k => k.HeatSource == job.Tools.Source.Id && k.Material == job.Blank.Material.Id
            && job.Layers.Any(l => l.Vinyl.Id == k.Vinyl)).ToDictionary(PatchesKept.Result, k => k.Struck);
        return [.. job.Patches.Where(p => !here.GetValueOrDefault(p)),
            .. here.Where(k => !k.Value && !job.Patches.Contains(k.Key)).Select(k => k.Key)];
    }

    /// <summary>The face that a layer lies on, wanting of the bond what this workshop has learned.</summary>
    internal static Material Face(JobLayer layer, Material material) =>
        layer.Wants is { } wants ? material with { Demand = new(material.Demand.Value * wants.Value, wants.From) } : material;
}
