using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans;
using Juxtherm.Testing;
using Juxtherm.Words;

namespace Juxtherm.Benchmarks;

/// <summary>How sure plans are, tried on a thousand workshops of which everything is known.</summary>
internal static class CertaintyReport
{
    private const int Workshops = 1000;
    private const double Wider = 1.25;

    public static IEnumerable<string> Lines(bool patches)
    {
        var planner = new Planner(CatalogueReader.Read(Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "catalogue"), "*.json")
            .Select(p => new CatalogueFile(Path.GetFileName(p), File.ReadAllText(p)))), Language.English);
        foreach (var (name, wider) in new[] { ("as wide as taken", 1.0), ("a quarter wider than taken", Wider) })
        {
            var study = new WorkshopStudy(planner, wider);
            yield return $"{Workshops} workshops, seeds 0 to {Workshops - 1}, truth {name}";
            yield return "";
            yield return WorkshopStudy.Table(WorkshopStudy.Kinds.Select(k => study.Try(k, Workshops, patches)));
        }
    }
}
