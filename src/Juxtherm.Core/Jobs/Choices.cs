namespace Juxtherm.Core.Jobs;

/// <summary>Questions on which crafters differ, as far as a job file answers them.</summary>
public static class Choices
{
    /// <summary>How the drop below a collar is counted.</summary>
    public const string Placement = "placement";

    /// <summary>In fingers rather than by the tape.</summary>
    public const string Fingers = "fingers";

    /// <summary>How the middle is found.</summary>
    public const string Centring = "centring";

    /// <summary>By a crease rather than by the tape.</summary>
    public const string Crease = "crease";

    /// <summary>What each question may be answered with, by the question's id.</summary>
    public static IReadOnlyDictionary<string, IReadOnlyList<string>> Accepted { get; } =
        new Dictionary<string, IReadOnlyList<string>>(StringComparer.Ordinal)
        {
            [Placement] = ["measured", Fingers],
            [Centring] = [Crease, "measure"],
            ["prewash"] = ["wash", "skip"],
            ["preheat"] = ["yes", "no"],
            ["layingOut"] = ["table", "plate"],
            ["layerMethod"] = ["tack", "full", "at-once"],
            ["upperLayers"] = ["whole", "pieces"],
            ["lastPress"] = ["cover", "carrier"],
            ["totalHeat"] = ["least", "full"],
            ["puff"] = ["shorter", "full"],
            ["firstTry"] = ["patch", "straight"],
            ["unknownBlank"] = ["step-up", "chart"],
            ["backPress"] = ["always", "never"],
            ["backPressWhen"] = ["before", "after"],
            ["peelCheck"] = ["corner", "listed"],
            ["finishPress"] = ["finish", "none"],
            ["householdIron"] = ["plan", "avoid"],
        };
}
