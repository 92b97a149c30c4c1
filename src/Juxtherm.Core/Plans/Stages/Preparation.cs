namespace Juxtherm.Core.Plans.Stages;

/// <summary>What is prepared once, before the first piece.</summary>
public static class Preparation
{
    /// <summary>The press is set and hot.</summary>
    public const string Heat = "heat";

    /// <summary>The underlay is in its place, dry.</summary>
    public const string Underlay = "underlay";

    /// <summary>The cover is within reach.</summary>
    public const string Cover = "cover";

    /// <summary>Small thick pieces lie level.</summary>
    public const string Level = "level";

    /// <summary>The pressure is set and even.</summary>
    public const string Pressure = "pressure";

    /// <summary>Steam is off.</summary>
    public const string Steam = "steam";

    /// <summary>Lint comes off.</summary>
    public const string Lint = "lint";

    /// <summary>Each piece is preheated.</summary>
    public const string Preheat = "preheat";

    /// <summary>The test patch is pressed.</summary>
    public const string Patch = "patch";

    /// <summary>The test patch was looked at.</summary>
    public const string PatchLook = "patch-look";
}
