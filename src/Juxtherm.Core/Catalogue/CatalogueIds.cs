namespace Juxtherm.Core.Catalogue;

/// <summary>The words used in files for the fixed choices.</summary>
public static class CatalogueIds
{
    /// <summary>Pressure levels.</summary>
    public static IReadOnlyDictionary<string, PressureLevel> Pressures { get; } =
        new Dictionary<string, PressureLevel>(StringComparer.Ordinal)
        {
            ["light"] = PressureLevel.Light,
            ["medium"] = PressureLevel.Medium,
            ["firm"] = PressureLevel.Firm,
        };

    /// <summary>Peel methods of a vinyl.</summary>
    public static IReadOnlyDictionary<string, PeelMethod> Peels { get; } = new Dictionary<string, PeelMethod>(StringComparer.Ordinal)
    {
        ["hot"] = PeelMethod.Hot,
        ["warm"] = PeelMethod.Warm,
        ["cold"] = PeelMethod.Cold,
    };
}
