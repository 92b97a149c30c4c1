using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Cutting;

/// <summary>How a vinyl is cut on a cutter.</summary>
/// <param name="Blade">Which blade.</param>
/// <param name="ForceGrams">Force on it, grams.</param>
/// <param name="Passes">How many times it goes round.</param>
/// <param name="From">Where that comes from.</param>
public sealed record CutPreset(Blade Blade, double ForceGrams, int Passes, Provenance From)
{
    /// <summary>Most passes: beyond that the blade is blunt or the wrong one.</summary>
    public const int MostPasses = 4;

    /// <summary>The preset of a vinyl on a cutter; where the cutter is too weak for one pass, it goes round more often.</summary>
    /// <param name="vinyl">The vinyl.</param>
    /// <param name="cutter">The cutter.</param>
    public static CutPreset Of(Vinyl vinyl, Cutter cutter)
    {
        ArgumentNullException.ThrowIfNull(vinyl);
        ArgumentNullException.ThrowIfNull(cutter);
        var (asked, step) = (vinyl.ForceGrams.Value, cutter.ForceStepGrams.Value);
        var most = cutter.MostForceGrams.Value;
        var times = (int)Math.Ceiling(asked / most - 1e-9);
        var force = Math.Min(most, Math.Round(asked / times / step) * step);
        var passes = Math.Min(MostPasses, (int)vinyl.Passes.Value * times);
        return new CutPreset(vinyl.Blade.Value, force, passes, times > 1 ? vinyl.ForceGrams.From with { Source = $"{vinyl.ForceGrams.From.Source}; this cutter presses {most:0} g at most, so it goes round {times} times" } : vinyl.ForceGrams.From);
    }

    /// <summary>It in words, as it is set on the cutter.</summary>
    public string InWords() => $"{(Blade == Blade.Deep ? "deep" : "everyday")} blade, {ForceGrams:0} g, {Passes} {(Passes == 1 ? "pass" : "passes")}";

    /// <summary>The same way of cutting, wherever it comes from.</summary>
    /// <param name="other">The other.</param>
    public bool Alike(CutPreset other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return (Blade, ForceGrams, Passes) == (other.Blade, other.ForceGrams, other.Passes);
    }
}

/// <summary>What a test cut looks like.</summary>
public enum TestCutFinding
{
    /// <summary>The vinyl comes off clean and the carrier is only scratched.</summary>
    Clean,

    /// <summary>The vinyl tears or stays in places.</summary>
    TooShallow,

    /// <summary>The carrier is cut through or the shape falls out.</summary>
    TooDeep,

    /// <summary>Corners are dragged along or edges are ragged.</summary>
    Ragged,
}

/// <summary>What to do after a test cut.</summary>
/// <param name="Preset">How to cut the next test, or the job; null when no setting helps.</param>
/// <param name="Advice">What to change, for the reader.</param>
/// <param name="Ready">The job can be cut.</param>
public sealed record TestCutAdvice(CutPreset? Preset, string Advice, bool Ready);

/// <summary>The ladder of test cuts: one change at a time. The steps are common practice, their size is ours.</summary>
public static class TestCut
{
    private const double ShareUp = 0.1;
    private static readonly Provenance Tried = new(ProvenanceKind.Owner, "your own test cut");

    /// <summary>What to change after a test cut.</summary>
    /// <param name="preset">How it was cut.</param>
    /// <param name="finding">What it looks like.</param>
    /// <param name="cutter">What it was cut with.</param>
    public static TestCutAdvice Next(CutPreset preset, TestCutFinding finding, Cutter cutter)
    {
        ArgumentNullException.ThrowIfNull(preset);
        ArgumentNullException.ThrowIfNull(cutter);
        var step = cutter.ForceStepGrams.Value;
        double Stepped(double share) => Math.Round(Math.Max(step, preset.ForceGrams * share) / step) * step;
        switch (finding)
        {
            case TestCutFinding.Clean:
                return new TestCutAdvice(preset with { From = Tried }, "Clean: cut the job like this. It is kept for this vinyl on this cutter.", true);
            case TestCutFinding.TooShallow when preset.ForceGrams < cutter.MostForceGrams.Value:
                var up = Math.Min(cutter.MostForceGrams.Value, preset.ForceGrams + Stepped(ShareUp));
                return new TestCutAdvice(preset with { ForceGrams = up, From = Tried }, $"Too shallow: go up to {up:0} g and cut another test beside the first.", false);
            case TestCutFinding.TooShallow when preset.Passes < CutPreset.MostPasses:
                return new TestCutAdvice(preset with { Passes = preset.Passes + 1, From = Tried }, $"Too shallow at the cutter's most: let it go round {preset.Passes + 1} times.", false);
            case TestCutFinding.TooShallow:
                return new TestCutAdvice(null, "Too shallow with all that this cutter has: the blade is blunt, not out far enough, or the wrong one for this vinyl. Change it, then start again from the preset.", false);
            case TestCutFinding.TooDeep when preset.Passes > 1:
                return new TestCutAdvice(preset with { Passes = preset.Passes - 1, From = Tried }, $"Too deep: go round {preset.Passes - 1} {(preset.Passes == 2 ? "time" : "times")} only.", false);
            case TestCutFinding.TooDeep when preset.ForceGrams > step:
                var down = Math.Max(step, preset.ForceGrams - Stepped(ShareUp));
                return new TestCutAdvice(preset with { ForceGrams = down, From = Tried }, $"Too deep: go down to {down:0} g. A carrier cut through lets pieces fall out, and the mat suffers.", false);
            case TestCutFinding.TooDeep:
                return new TestCutAdvice(null, "Too deep at the least force: the blade stands out too far, or this is not the vinyl you think. Take the blade back, then start again from the preset.", false);
            default:
                return preset.Blade == Blade.Everyday && preset.ForceGrams >= 0.8 * cutter.MostForceGrams.Value
                    ? new TestCutAdvice(preset with { Blade = Blade.Deep, From = Tried }, "Ragged at high force: take the deep blade, and see that the vinyl lies flat and sticks all over.", false)
                    : new TestCutAdvice(preset, "Ragged: clean or change the blade, press the vinyl down all over, and cut another test with the same setting.", false);
        }
    }
}
