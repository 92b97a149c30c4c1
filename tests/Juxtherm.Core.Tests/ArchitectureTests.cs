using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace Juxtherm.Core.Tests;

/// <summary>The arrows between the rooms run one way.</summary>
public class ArchitectureTests
{
    private static readonly Architecture House = new ArchLoader().LoadAssemblies(typeof(Core.Planning.Planner).Assembly).Build();

    // Each room may know itself and those named.
    private static readonly Dictionary<string, string[]> MayKnow = new(StringComparer.Ordinal)
    {
        ["Reading"] = [],
        ["Notices"] = [],
        ["Geometry"] = [],
        ["Heat"] = [],
        ["Catalogue"] = ["Reading", "Heat"],
        ["Recipes"] = ["Catalogue", "Heat"],
        ["Artwork"] = ["Geometry", "Notices", "Reading"],
        ["Cutting"] = ["Catalogue", "Geometry", "Artwork", "Reading"],
        ["Stock"] = ["Catalogue", "Geometry", "Artwork", "Reading"],
        ["Layering"] = ["Catalogue", "Geometry", "Artwork"],
        ["Placement"] = ["Catalogue", "Geometry"],
        ["Pressing"] = ["Catalogue", "Geometry", "Artwork", "Placement"],
        ["Planning"] = ["Geometry", "Artwork", "Cutting", "Pressing", "Stock", "Layering", "Placement", "Recipes", "Catalogue", "Heat", "Notices", "Reading"],
        ["Bench"] = ["Planning", "Recipes", "Placement", "Catalogue", "Artwork", "Notices", "Reading"],
        ["Logbook"] = ["Bench", "Planning", "Recipes", "Catalogue", "Reading"],
        ["Care"] = ["Planning", "Catalogue"],
    };

    public static TheoryData<string, string> Forbidden
    {
        get
        {
            var data = new TheoryData<string, string>();
            foreach (var (room, known) in MayKnow)
            {
                foreach (var other in MayKnow.Keys.Where(o => o != room && !known.Contains(o)))
                    data.Add(room, other);
            }

            return data;
        }
    }

    [Theory]
    [MemberData(nameof(Forbidden))]
    public void A_room_knows_only_what_it_may(string room, string other)
    {
        var rule = Types().That().ResideInNamespaceMatching($"^Juxtherm\\.Core\\.{room}(\\.|$)").Should().NotDependOnAny(Types().That().ResideInNamespaceMatching($"^Juxtherm\\.Core\\.{other}(\\.|$)"));
        Assert.True(rule.HasNoViolations(House), string.Join('\n', rule.Evaluate(House).Where(r => !r.Passed).Select(r => r.Description)));
    }

    [Fact]
    public void Every_room_of_the_core_is_on_the_plan() => Assert.Equal(
        MayKnow.Keys.Order(),
        typeof(Core.Planning.Planner).Assembly.GetExportedTypes().Select(t => t.Namespace!.Split('.')[2]).Distinct().Order());

    [Fact]
    public void The_core_knows_nothing_of_web_store_files_or_the_time()
    {
        Assert.DoesNotContain(
            typeof(Core.Planning.Planner).Assembly.GetReferencedAssemblies(),
            a => a.Name!.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal) || a.Name.StartsWith("Microsoft.EntityFrameworkCore", StringComparison.Ordinal) || a.Name.StartsWith("System.Net", StringComparison.Ordinal));
        string[] refused = ["System.IO.File", "System.IO.Directory", "System.Threading.Thread"];
        var users = House.Types.Where(t => t.Dependencies.Any(d => refused.Contains(d.Target.FullName))).Select(t => t.FullName);
        Assert.Empty(users);
        var clocks = House.Types.SelectMany(t => t.Members).Where(m => m.Dependencies.OfType<ArchUnitNET.Domain.Dependencies.MethodCallDependency>().Any(c => c.TargetMember.FullName.Contains("::get_UtcNow", StringComparison.Ordinal) || c.TargetMember.FullName.Contains("::get_Now()", StringComparison.Ordinal)));
        Assert.Empty(clocks.Select(c => c.FullName));
    }
}
