using Juxtherm.Core.Practice.Cases;

namespace Juxtherm.Core.Practice.Path;

/// <summary>What somebody may do by themselves.</summary>
public enum May
{
    /// <summary>Peel.</summary>
    Peel,

    /// <summary>Press alone.</summary>
    Press,
}

/// <summary>A path through practice: ten lessons of some five minutes, and what comes of them.</summary>
public static class Lessons
{
    // A piece that took so much longer than careful work did is no clean pass (ours).
    private const double SlowShare = 2;

    /// <summary>Ids of the lessons, in order.</summary>
    public static IReadOnlyList<string> Path { get; } =
        ["first-shirt", "peel", "layers", "iron-foil", "felt", "mug", "small-plate", "lifted-corner", "helper", "wet-sweatshirt"];

    private static readonly string[] ToPeel = ["first-shirt", "peel"];

    /// <summary>How well a case went, 0 to 5, as <see cref="SpacedReview"/> asks.</summary>
    /// <param name="judged">How it came out.</param>
    public static int Quality(Judged judged)
    {
        ArgumentNullException.ThrowIfNull(judged);
        var own = judged.Own;
        if (!own.Good)
            return own.ClothLost || own.Unsafe ? 0 : 2;
        if (own.Mistakes.Any(m => m.Does is Consequence.Luck or Consequence.TimeLost))
            return SpacedReview.Passed;
        return own.Minutes > judged.Careful.Minutes * SlowShare ? 4 : 5;
    }

    /// <summary>What somebody may do who passed these.</summary>
    /// <param name="passed">Ids of cases that went well the last time.</param>
    public static IReadOnlyList<May> Allows(IReadOnlySet<string> passed)
    {
        ArgumentNullException.ThrowIfNull(passed);
        var may = new List<May>();
        if (ToPeel.All(passed.Contains))
            may.Add(May.Peel);
        if (Path.All(passed.Contains))
            may.Add(May.Press);
        return may;
    }
}
