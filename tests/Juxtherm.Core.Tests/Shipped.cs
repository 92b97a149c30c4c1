using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Tests;

/// <summary>The catalogue that ships, read once.</summary>
internal static class Shipped
{
    public static IReadOnlyList<CatalogueFile> Files { get; } =
        [.. Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "catalogue"), "*.json").Select(f => new CatalogueFile(Path.GetFileName(f), File.ReadAllText(f)))];

    public static CatalogueSnapshot Catalogue { get; } = CatalogueReader.Read(Files);
}
