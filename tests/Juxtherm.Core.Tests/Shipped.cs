using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests;

/// <summary>The catalogue that ships, read once.</summary>
internal static class Shipped
{
    public static IReadOnlyList<CatalogueFile> Files { get; } =
        [.. Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "catalogue"), "*.json")
            .Select(f => new CatalogueFile(Path.GetFileName(f), File.ReadAllText(f)))];

    public static CatalogueSnapshot Catalogue { get; } = CatalogueReader.Read(Files);

    /// <summary>Says things as a reader of metric units reads them.</summary>
    public static IWords Words { get; } = Language.English.WordsFor(UnitSystem.Metric);

    /// <summary>The folder that everything stands in.</summary>
    public static string Repository { get; } = Above(AppContext.BaseDirectory);

    /// <summary>A worked example that ships, by the beginning of its file's name.</summary>
    public static string Example(string begins) =>
        File.ReadAllText(Directory.GetFiles(Path.Combine(Repository, "src", "Juxtherm.App", "Demo", "Jobs"), begins + "*.json").Single());

    private static string Above(string folder) =>
        File.Exists(Path.Combine(folder, "Juxtherm.slnx")) ? folder : Above(Path.GetDirectoryName(folder)!);
}
