using System.Collections.Concurrent;
using System.Reflection;
using System.Runtime.CompilerServices;
using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests;

/// <summary>The arrows between the rooms run one way.</summary>
public class ArchitectureTests
{
    // As the house is read from the top. Each room may know itself and those named, all of them above it.
    private static readonly Dictionary<string, string[]> MayKnow = new(StringComparer.Ordinal)
    {
        ["Notices"] = [],
        ["Reading"] = ["Notices"],
        ["Geometry"] = ["Reading", "Notices"],
        ["Artwork"] = ["Reading", "Notices", "Geometry"],
        ["Heat"] = [],
        ["Catalogue"] = ["Reading", "Notices", "Heat", "Artwork"],
        ["Certainty"] = [],
        ["Items"] = ["Notices", "Geometry", "Catalogue"],
        ["Stacking"] = ["Geometry", "Catalogue", "Artwork"],
        ["Jobs"] = ["Reading", "Notices", "Geometry", "Catalogue", "Certainty", "Items", "Artwork", "Stacking"],
        ["Cutting"] = ["Reading", "Notices", "Geometry", "Catalogue", "Items", "Artwork", "Jobs"],
        ["Settings"] = ["Notices", "Heat", "Catalogue", "Certainty"],
        ["Sections"] = ["Reading", "Geometry", "Catalogue", "Items", "Artwork", "Jobs", "Cutting"],
        ["Editing"] = ["Reading", "Notices", "Geometry", "Catalogue", "Items", "Artwork", "Jobs", "Cutting", "Sections"],
        ["Plans"] = ["Reading", "Notices", "Geometry", "Heat", "Catalogue", "Certainty", "Items", "Artwork", "Stacking", "Jobs", "Cutting",
            "Settings",
            "Sections", "Editing"],
        ["Runs"] = ["Reading", "Notices", "Catalogue", "Items", "Artwork", "Jobs", "Settings", "Plans"],
        ["Days"] = ["Reading", "Notices", "Heat", "Catalogue", "Jobs", "Cutting", "Plans", "Runs"],
        ["Costs"] = ["Reading", "Notices", "Geometry", "Heat", "Catalogue", "Jobs", "Cutting", "Plans", "Days"],
        ["Logbook"] = ["Reading", "Notices", "Catalogue", "Jobs", "Plans", "Runs"],
        ["Learning"] = ["Reading", "Notices", "Catalogue", "Certainty", "Jobs", "Settings", "Plans", "Runs", "Logbook"],
        ["Practice"] = ["Reading", "Notices", "Heat", "Catalogue", "Items", "Certainty", "Jobs", "Settings", "Sections", "Plans", "Runs",
            "Logbook"],
        ["Care"] = ["Notices", "Catalogue", "Jobs"],
    };

    private static readonly Architecture House = new ArchLoader().LoadAssemblies(typeof(Planner).Assembly).Build();

    [Fact]
    public void A_room_knows_only_what_it_may() => Assert.Empty(
        Namespaces.Arrows(House)
        .Where(a => Room(a.From) != Room(a.To) && !MayKnow[Room(a.From)].Contains(Room(a.To), StringComparer.Ordinal))
        .Select(a => $"{Room(a.From)} knows {Room(a.To)} ({a.By})"));

    [Fact]
    public void What_a_room_may_know_stands_above_it()
    {
        var rooms = MayKnow.Keys.ToList();
        Assert.All(MayKnow,
            r => Assert.All(r.Value,
                known => Assert.True(rooms.IndexOf(known) is >= 0 and var at && at < rooms.IndexOf(r.Key), $"{r.Key} may know {known}")));
    }

    [Fact]
    public void Every_room_of_the_core_is_on_the_plan() =>
    Assert.Equal(MayKnow.Keys.Order(), typeof(Planner).Assembly.GetExportedTypes().Select(t => Room(t.Namespace!)).Distinct().Order());

    [Fact]
    public void Nothing_is_remembered_for_everybody() => Assert.Empty(
        from type in typeof(Planner).Assembly.GetTypes()
        from field in type.GetFields(BindingFlags.Static | BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.DeclaredOnly)
        where field.FieldType.IsGenericType && Caches.Contains(field.FieldType.GetGenericTypeDefinition())
        select $"{type.Name}.{field.Name}");

    private static readonly System.Type[] Caches =
        [typeof(ConcurrentDictionary<,>), typeof(ConditionalWeakTable<,>), typeof(BoundedMemory<,>)];

    private static string Room(string space) => space.Split('.')[2];

    [Fact]
    public void The_core_knows_nothing_of_web_store_files_or_the_time()
    {
        Assert.DoesNotContain(
            typeof(Planner).Assembly.GetReferencedAssemblies(),
            a => a.Name!.StartsWith("Microsoft.AspNetCore", StringComparison.Ordinal)
            || a.Name.StartsWith("Microsoft.EntityFrameworkCore", StringComparison.Ordinal)
            || a.Name.StartsWith("System.Net", StringComparison.Ordinal));
        string[] refused = ["System.IO.File", "System.IO.Directory", "System.Threading.Thread"];
        var users = House.Types.Where(t => t.Dependencies.Any(d => refused.Contains(d.Target.FullName))).Select(t => t.FullName);
        Assert.Empty(users);
        var clocks = House.Types.SelectMany(t => t.Members)
            .Where(m => m.Dependencies.OfType<ArchUnitNET.Domain.Dependencies.MethodCallDependency>()
                .Any(c => c.TargetMember.FullName.Contains("::get_UtcNow", StringComparison.Ordinal)
                    || c.TargetMember.FullName.Contains("::get_Now()", StringComparison.Ordinal)));
        Assert.Empty(clocks.Select(c => c.FullName));
    }
}
