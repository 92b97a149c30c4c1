using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans;
using Juxtherm.Testing;
using Juxtherm.Words;

namespace Juxtherm.Benchmarks;

/// <summary>What the logbook teaches, tried on a thousand workshops of which everything is known.</summary>
internal static class LearningReport
{
    private const int Workshops = 1000;

    public static IEnumerable<string> Lines()
    {
        var study = new LearningStudy(
            StudyWork.In(
                new Planner(CatalogueReader.Read(Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "catalogue"), "*.json")
                    .Select(p => new CatalogueFile(Path.GetFileName(p), File.ReadAllText(p)))), Language.English)));
        foreach (var (name, probe, strange) in new[]
        {
            ("nobody measures the plate", false, false), ("the plate is measured once, after the first piece", true, false),
            ("nobody measures; truth is wider and flatter than the model takes it to be", false, true),
            ("measured once; truth wider and flatter", true, true),
        })
        {
            yield return $"{Workshops} workshops: {name}";
            yield return "";
            yield return LearningStudy.Table(study.Run(Workshops, probe, strange));
        }
    }
}
