using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

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
        var (asked, step) = (vinyl.Cut.ForceGrams.Value, cutter.ForceStepGrams.Value);
        var most = cutter.MostForceGrams.Value;
        var times = (int)Math.Ceiling(asked / most - 1e-9);
        var force = Math.Min(most, Math.Round(asked / times / step) * step);
        var passes = Math.Min(MostPasses, (int)vinyl.Cut.Passes.Value * times);
        return new CutPreset(vinyl.Cut.Blade.Value, force, passes, times > 1
            ? vinyl.Cut.ForceGrams.From
            with
            { Source = $"{vinyl.Cut.ForceGrams.From.Source}; this cutter presses {most:0} g at most, so it goes round {times} times" }
            : vinyl.Cut.ForceGrams.From);
    }

    /// <summary>It in words, as it is set on the cutter.</summary>
    public Phrase InWords() => new("cut-preset.in-words", ("isBlade", Blade == Blade.Deep), ("forceGrams", ForceGrams), ("passes", Passes));

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
    /// <param name="words">Says it.</param>
    public static TestCutAdvice Next(CutPreset preset, TestCutFinding finding, Cutter cutter, IWords words)
    {
        ArgumentNullException.ThrowIfNull(preset);
        ArgumentNullException.ThrowIfNull(cutter);
        var step = cutter.ForceStepGrams.Value;
        double Stepped(double share) => Math.Round(Math.Max(step, preset.ForceGrams * share) / step) * step;
        switch (finding)
        {
            case TestCutFinding.Clean:
                return new TestCutAdvice(preset with { From = Tried }, words.Say("test-cut.next"), true);
            case TestCutFinding.TooShallow when preset.ForceGrams < cutter.MostForceGrams.Value:
                var up = Math.Min(cutter.MostForceGrams.Value, preset.ForceGrams + Stepped(ShareUp));
                return new TestCutAdvice(preset with { ForceGrams = up, From = Tried }, words.Say("test-cut.next-2", ("up", up)), false);
            case TestCutFinding.TooShallow when preset.Passes < CutPreset.MostPasses:
                return new TestCutAdvice(preset with { Passes = preset.Passes + 1, From = Tried },
                    words.Say("test-cut.next-3", ("passes", preset.Passes + 1)), false);
            case TestCutFinding.TooShallow:
                return new TestCutAdvice(null, words.Say("test-cut.next-4"), false);
            case TestCutFinding.TooDeep when preset.Passes > 1:
                return new TestCutAdvice(preset with { Passes = preset.Passes - 1, From = Tried },
                    words.Say("test-cut.next-5", ("passes", preset.Passes - 1), ("passes2", preset.Passes)), false);
            case TestCutFinding.TooDeep when preset.ForceGrams > step:
                var down = Math.Max(step, preset.ForceGrams - Stepped(ShareUp));
                return new TestCutAdvice(preset with { ForceGrams = down, From = Tried }, words.Say("test-cut.next-6", ("down", down)),
                    false);
            case TestCutFinding.TooDeep:
                return new TestCutAdvice(null, words.Say("test-cut.next-7"), false);
            default:
                return preset.Blade == Blade.Plain && preset.ForceGrams >= 0.8 * cutter.MostForceGrams.Value
                    ? new TestCutAdvice(preset with { Blade = Blade.Deep, From = Tried }, words.Say("test-cut.next-8"), false)
                    : new TestCutAdvice(preset, words.Say("test-cut.next-9"), false);
        }
    }
}
