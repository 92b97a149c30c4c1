using System.Globalization;
using Juxtherm.App;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Words;

namespace Juxtherm.Web.Hosting;

/// <summary>Writes the whole cross product as tables, one file per press, instead of serving.</summary>
internal static class MatrixCommand
{
    /// <summary>The option that asks for it: <c>--matrix DIR</c>.</summary>
    public const string Option = "--matrix";

    public static async Task RunAsync(string[] args)
    {
        var folder = args.SkipWhile(a => a != Option).Skip(1).FirstOrDefault()
            ?? throw new OptionsException(new Phrase("options.folder", ("option", Option)));
        var options = JuxthermOptions.Read(new ConfigurationManager(), []);
        var planner = new Planner(CatalogueFolder.Read(options.CatalogueFolder), Language.English);
        var table = new MatrixTable(planner, Language.English.WordsFor(UnitSystem.Metric));
        Directory.CreateDirectory(folder);
        var watch = System.Diagnostics.Stopwatch.StartNew();
        foreach (var source in planner.Catalogue.HeatSources.Values)
            await File.WriteAllTextAsync(Path.Combine(folder, source.Id + ".md"), table.Of(source));
        Console.WriteLine(
            string.Create(CultureInfo.InvariantCulture,
                $"{planner.Catalogue.HeatSources.Count} tables in {folder}, {watch.Elapsed.TotalSeconds:0} s"));
    }
}
