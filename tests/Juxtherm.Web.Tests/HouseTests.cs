using ArchUnitNET.Loader;
using Juxtherm.App.Planning;
using Juxtherm.Core.Plans;
using Juxtherm.Devices;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Testing;
using Juxtherm.Words;
using Assembly = System.Reflection.Assembly;

namespace Juxtherm.Web.Tests;

/// <summary>The arrows between the houses run one way, and within each there is no circle.</summary>
public class HouseTests
{
    private static readonly Dictionary<string, Assembly> Houses = new(StringComparer.Ordinal)
    {
        ["Core"] = typeof(Planner).Assembly,
        ["Words"] = typeof(Language).Assembly,
        ["Devices"] = typeof(CutterStatus).Assembly,
        ["Documents"] = typeof(CareCard).Assembly,
        ["Store"] = typeof(WorkshopContext).Assembly,
        ["App"] = typeof(PlanCache).Assembly,
        ["Web"] = typeof(Program).Assembly,
    };

    [Theory]
    [InlineData("Core", "")]
    [InlineData("Words", "Core")]
    [InlineData("Devices", "Core")]
    [InlineData("Documents", "Core")]
    [InlineData("Store", "Core")]
    [InlineData("App", "Core,Devices,Documents,Store")]
    [InlineData("Web", "App,Core,Devices,Documents,Store,Words")]
    public void A_house_knows_only_those_it_may(string house, string known)
    {
        var may = known.Split(',', StringSplitOptions.RemoveEmptyEntries).Select(k => $"Juxtherm.{k}");
        Assert.Empty(References(house).Where(r => r.StartsWith("Juxtherm.", StringComparison.Ordinal)).Except(may));
    }

    [Theory]
    [InlineData("App")]
    [InlineData("Words")]
    [InlineData("Store")]
    [InlineData("Documents")]
    [InlineData("Devices")]
    public void Only_the_service_knows_of_HTTP(string house) =>
        // The library for RFC 6902 knows documents, no requests.
        Assert.DoesNotContain(References(house).Except(["Microsoft.AspNetCore.JsonPatch.SystemTextJson"]),
            r => r.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal) || r.StartsWith("System.Net", StringComparison.Ordinal));

    [Fact]
    public void No_two_namespaces_know_each_other_however_far_round() =>
    Assert.Empty(Namespaces.Circles(new ArchLoader().LoadAssemblies([.. Houses.Values]).Build()));

    private static IEnumerable<string> References(string house) => Houses[house].GetReferencedAssemblies().Select(r => r.Name!);
}
