using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.App;

/// <summary>Reads the catalogue files from their folder.</summary>
public static class CatalogueFolder
{
    /// <summary>All of them together.</summary>
    /// <param name="folder">Where they are.</param>
    /// <exception cref="CatalogueException">The files are missing, or something in them is wrong.</exception>
    public static CatalogueSnapshot Read(string folder)
    {
        if (!Directory.Exists(folder))
            throw new CatalogueException(new Phrase("catalogue-folder.missing", ("folder", folder)));
        return CatalogueReader.Read(Directory.GetFiles(folder, "*.json")
            .Select(path => new CatalogueFile(Path.GetFileName(path), File.ReadAllText(path))));
    }
}
