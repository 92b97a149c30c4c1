using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.App;

/// <summary>Reads the catalogue files from their folder.</summary>
public static class CatalogueFolder
{
    public static CatalogueSnapshot Read(string folder)
    {
        if (!Directory.Exists(folder))
            throw new CatalogueException(new Phrase("catalogue-folder.missing", ("folder", folder)));
        return CatalogueReader.Read(Directory.GetFiles(folder, "*.json")
            .Select(path => new CatalogueFile(Path.GetFileName(path), File.ReadAllText(path))));
    }
}
