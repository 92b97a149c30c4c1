using Juxtherm.App.Stock;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Cutting;

/// <summary>A test cut, looked at.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Cutter">Cutter id.</param>
/// <param name="Blade">Blade that cut it.</param>
/// <param name="ForceGrams">Force, grams.</param>
/// <param name="Passes">How often it went round.</param>
/// <param name="Finding">What it looks like.</param>
/// <param name="CutId">The cut under way whose waiting mats follow; left out for none.</param>
public sealed record TestCutLook(string Vinyl, string Cutter, Blade Blade, double ForceGrams, int Passes, TestCutFinding Finding,
    Guid? CutId);

/// <summary>Says what to change after a test cut, and keeps the preset that is right.</summary>
/// <param name="catalogue">Cutters.</param>
/// <param name="store">Presets.</param>
/// <param name="bench">The cutter.</param>
/// <param name="language">Says why.</param>
public sealed class JudgeTestCut(CatalogueSnapshot catalogue, StockStore store, CutterBench bench, ILanguage language)
{
    /// <summary>What to change.</summary>
    /// <param name="look">What came out.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<TestCutAdvice>> JudgeAsync(TestCutLook look, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(look);
        var problems = new Problems();
        if (!catalogue.Cutters.TryGetValue(look.Cutter, out var cutter))
            problems.Add("/cutter",
                new Phrase("cut-plan-request.unknown-id", ("cutter", look.Cutter),
                    ("list", Thing.List(NearestIds.To(look.Cutter, [.. catalogue.Cutters.Keys])))), "unknown-id");
        else if (!(look.ForceGrams > 0 && look.ForceGrams <= cutter.MostForceGrams.Value))
            problems.Add("/forceGrams",
                new Phrase("cut-plan-request.out-of-range", ("forceGrams", look.ForceGrams),
                    ("mostForceGrams", cutter.MostForceGrams.Value)), "out-of-range");
        problems.Outside("/passes", look.Passes, 1, CutPreset.MostPasses);
        StockReader.CheckVinyl(look.Vinyl, problems);
        if (!problems.None)
            return new Invalid(problems, "test cut");
        var advice = TestCut.Next(new CutPreset(look.Blade, look.ForceGrams, look.Passes, new Provenance(ProvenanceKind.Owner, "")),
            look.Finding, cutter!, language.WordsFor(UnitSystem.Metric));
        if (advice.Preset is { } next)
        {
            await store.SetPresetAsync(look.Vinyl, look.Cutter,
                new CutPresetRow
                {
                    Vinyl = look.Vinyl,
                    Cutter = look.Cutter,
                    Blade = next.Blade.ToString().ToLowerInvariant(),
                    ForceGrams = next.ForceGrams,
                    Passes = next.Passes
                }, cancel);
            if (look.CutId is { } cut)
                await bench.SetPresetAsync(cut, look.Vinyl, next, cancel);
        }

        return advice;
    }
}
