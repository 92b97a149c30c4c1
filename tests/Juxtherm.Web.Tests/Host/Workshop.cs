using Juxtherm.App;
using Juxtherm.App.Planning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Juxtherm.Web;
using Juxtherm.Words;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.DependencyInjection.Extensions;

namespace Juxtherm.Testing;

/// <summary>A clock that stands still until it is told, or runs faster than the one on the wall.</summary>
public sealed class TestClock(double speed = 0) : TimeProvider
{
    private static readonly DateTimeOffset Begin = new(2026, 5, 1, 9, 0, 0, TimeSpan.Zero);
    private readonly DateTimeOffset _real = DateTimeOffset.UtcNow;
    private TimeSpan _added;

    public override DateTimeOffset GetUtcNow() => Begin + (DateTimeOffset.UtcNow - _real) * speed + _added;

    public void Advance(double seconds) => _added += TimeSpan.FromSeconds(seconds);
}

/// <summary>The whole service over a real database file in a folder of its own.</summary>
public sealed class Workshop(string folder, TestClock clock, string? front = null, bool demo = false,
    string? lan = null, bool ownFonts = false) : WebApplicationFactory<Program>
{
    private static readonly string CataloguePath = Path.Combine(AppContext.BaseDirectory, "catalogue");
    private static readonly Lazy<CatalogueSnapshot> Catalogue = new(() => CatalogueFolder.Read(CataloguePath));
    private static readonly Lazy<Planner> SharedPlanner = new(() => new Planner(Catalogue.Value, Language.English));
    private static readonly Lazy<PlanMemory> SharedPlans = new(() => new PlanMemory(SharedPlanner.Value, new Core.Reading.WorkMemory()));

    private static readonly Lazy<string> Begun = new(() =>
    {
        var path = Path.Combine(NewFolder(), DataFolder.DatabaseName);
        using var context = new WorkshopContext(
            new DbContextOptionsBuilder<WorkshopContext>().UseSqlite($"Data Source={path};Pooling=False").Options);
        context.Database.Migrate();
        return path;
    });

    public TestClock Clock => clock;

    public string Folder => folder;

    public static string NewFolder() => Directory.CreateTempSubdirectory("juxtherm-test-").FullName;

    /// <summary>Stops the service and waits until it has let go of its folder, as a process that ends would.</summary>
    public void Stop()
    {
        Dispose();
        var patience = System.Diagnostics.Stopwatch.StartNew();
        while (true)
        {
            try
            {
                using var free = new FileStream(Path.Combine(folder, "in-use.lock"), FileMode.OpenOrCreate, FileAccess.ReadWrite,
                    FileShare.None);
                return;
            }
            catch (IOException) when (patience.Elapsed < Slowness.Of(10))
            {
                Thread.Sleep(20);
            }
        }
    }

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        // Most begin with nothing: one database is made, and copied, which saves each the making.
        if (!Directory.EnumerateFileSystemEntries(folder).Any())
            File.Copy(Begun.Value, Path.Combine(folder, DataFolder.DatabaseName));
        builder.UseSetting("Juxtherm:Data", folder);
        builder.UseSetting("Juxtherm:Catalogue", CataloguePath);
        builder.UseSetting("Juxtherm:Port", "0");
        builder.UseSetting("Juxtherm:Demo", demo ? "true" : "false");
        builder.UseSetting("Juxtherm:Lan", lan ?? "false");
        if (front is not null)
            builder.UseSetting("Juxtherm:Front", front);
        builder.ConfigureServices(services =>
        {
            services.Replace(ServiceDescriptor.Singleton<TimeProvider>(clock));
            // Plans depend on nothing but their job and the catalogue, which is the same for all: what one test computed serves the next.
            // But fonts that somebody brings are one workshop's own.
            var catalogue = ownFonts ? Catalogue.Value with { Fonts = new() } : Catalogue.Value;
            var planner = ownFonts ? new Planner(catalogue, Language.English) : SharedPlanner.Value;
            services.Replace(ServiceDescriptor.Singleton(catalogue));
            services.Replace(ServiceDescriptor.Singleton(planner));
            services.Replace(ServiceDescriptor.Singleton(
                ownFonts ? new PlanMemory(planner, new Core.Reading.WorkMemory()) : SharedPlans.Value));
        });
    }
}
