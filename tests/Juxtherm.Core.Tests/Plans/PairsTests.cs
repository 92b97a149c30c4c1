using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Vinyls on materials under presses, drawn at random: what every plan keeps to.</summary>
public class PairsTests
{
    private static readonly int Pairs = Environment.GetEnvironmentVariable("JUXTHERM_THOROUGH") == "1" ? 1320 : 88;

    [Fact]
    [Trait("Run", "thorough")]
    public void No_go_is_short_and_no_dial_or_press_is_out_of_its_range()
    {
        var catalogue = Shipped.Catalogue;
        var random = new Random(17);
        var sources = catalogue.HeatSources.Values.ToArray();
        var (vinyls, materials) = (catalogue.Vinyls.Keys.ToArray(), catalogue.Materials.Values.ToArray());
        var drawn = Enumerable.Range(0, Pairs)
            .Select(_ =>
                (Vinyl: vinyls[random.Next(vinyls.Length)], Material: materials[random.Next(materials.Length)],
                    Source: sources[random.Next(sources.Length)]))
            .Select(d =>
                (d.Vinyl, d.Material, d.Source,
                    Form: catalogue.Forms.Values.FirstOrDefault(f => f.Materials.Contains(d.Material.Kind)
                        && d.Source.Presses.Contains(f.Shape)))).Where(d => d.Form is not null).ToList();
        Assert.True(drawn.Count > Pairs / 2);
        Parallel.ForEach(drawn, d =>
        {
            var plan = SampleJobs.Plan(SampleJobs.Of(d.Vinyl, d.Form!.Id, d.Material.Id, d.Source.Id)).Plan;
            var what = $"{d.Vinyl} on {d.Material.Id} under {d.Source.Id}: {plan.Headline}";
            if (plan.Verdict == Verdict.Go)
                Assert.True(plan.Margin.LeastBond >= catalogue.Vinyls[d.Vinyl].Bond.HoldsFrom.Value,
                    $"{what}, least bond {plan.Margin.LeastBond}");
            var dial = d.Source.Dial.Celsius.Value;
            foreach (var press in plan.Presses)
            {
                Assert.True(press.Celsius >= dial.Low - 0.1 && press.Celsius <= dial.High + 0.1, what);
                Assert.True(plan.Verdict != Verdict.Go || press.Purpose is PressPurpose.Preheat
                    || press.Seconds is >= 3 and <= 60, $"{what}, {press.Seconds} s");
            }
        });
    }
}
