using System.Threading.RateLimiting;
using Juxtherm.App;
using Juxtherm.App.Artwork;
using Juxtherm.App.Bench;
using Juxtherm.App.Care;
using Juxtherm.App.Cutting;
using Juxtherm.App.Days;
using Juxtherm.App.Demo;
using Juxtherm.App.Exchange;
using Juxtherm.App.Helpers;
using Juxtherm.App.Items;
using Juxtherm.App.Keeping;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.App.Money;
using Juxtherm.App.Logbook.Import;
using Juxtherm.App.Planning;
using Juxtherm.App.Practice;
using Juxtherm.App.Shelf;
using Juxtherm.App.Stock;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Days;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Practice;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Juxtherm.Web.Endpoints;
using Juxtherm.Web.Hosting;
using Juxtherm.Words;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.FileProviders;
using Serilog;
using Serilog.Events;

namespace Juxtherm.Web;

/// <summary>Puts the service together.</summary>
internal static class JuxthermApp
{
    // How often an address may try a word of pairing in a minute.
    private const int PairingTries = 10;

    public static WebApplication Build(string[] args)
    {
        var builder = WebApplication.CreateBuilder(new WebApplicationOptions { Args = args, ContentRootPath = AppContext.BaseDirectory });
        var options = JuxthermOptions.Read(builder.Configuration, args);
        WorkshopTls? tls = null;
        string? lanUrl = null;
        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.AddServerHeader = false;
            kestrel.Limits.MaxRequestBodySize = StrictBody.Largest;
            var port = options.Port == 0 ? FreePort.Find() : options.Port;
            kestrel.ListenLocalhost(port);
            if (options.Lan is not { } address)
                return;
            // Over the network nothing goes that anybody could read on the way.
            tls = WorkshopTls.Open(options.DataFolder, address, TimeProvider.System.GetUtcNow());
            kestrel.Listen(address, port, listen => listen.UseHttps(tls.Certificate));
            lanUrl = $"https://{address}:{port}";
        });
        builder.Configuration["AllowedHosts"] = OwnAddresses.Allowed(options.Lan);
        // Each service has a log of its own: what is one for all goes to whoever began last.
        builder.Services.AddSerilog(log => log
            .MinimumLevel.Is(LogEventLevel.Warning)
            .Enrich.FromLogContext()
            .WriteTo.Console(standardErrorFromLevel: LogEventLevel.Verbose)
            .WriteTo.Logs(options.DataFolder), preserveStaticLogger: true);

        var services = builder.Services;
        AddWorkshop(services, options);
        AddHelpers(services);
        // The port is known once it listens.
        services.AddSingleton(_ => new LanAddress(lanUrl, tls));
        // One that fails is told of and leaves the others, and the service, at work.
        services.Configure<HostOptions>(host => host.BackgroundServiceExceptionBehavior = BackgroundServiceExceptionBehavior.Ignore);
        services.AddProblemDetails(ProblemAnswers.Configure);
        services.AddExceptionHandler<ProblemAnswers>();
        services.ConfigureHttpJsonOptions(json => StrictJson.Configure(CoreJson.Configure(json.SerializerOptions)));
        services.AddOpenApi("juxtherm", OpenApiSetup.Configure);

        var app = builder.Build();
        // Read at once, so that a broken file or folder stops the start and not the first visitor.
        _ = app.Services.GetRequiredService<CatalogueSnapshot>();
        _ = app.Services.GetRequiredService<DataFolder>();

        app.UseExceptionHandler();
        app.UseStatusCodePages();
        // Who may, what is looked through and what is kept hangs on the endpoint that routing finds, never on the text of the path.
        app.UseRouting();
        app.UseMiddleware<SafetyHeaders>();
        app.UseMiddleware<CanonicalPathOnly>();
        app.UseMiddleware<OwnOriginOnly>();
        app.UseMiddleware<WhoAsks>();
        app.UseRateLimiter();
        app.UseMiddleware<StrictBody>();
        app.UseMiddleware<WithPatience>();
        app.UseMiddleware<ThroughTheGate>();
        ServeFront(app, options.FrontFolder);
        app.MapOpenApi("/openapi/{documentName}.json").Allow(AccessLevel.Look);
        app.MapPairing(options.FrontFolder);
        MapResources(app);
        app.MapGet("/api/{**rest}",
            () => Results.Problem(statusCode: StatusCodes.Status404NotFound, detail: "There is no such address in this program."))
            .Allow(AccessLevel.Look).ExcludeFromDescription();
        return app;
    }

    /// <summary>What the service works with.</summary>
    private static void AddWorkshop(IServiceCollection services, JuxthermOptions options)
    {
        services.AddSingleton(options);
        services.AddSingleton<TimeProvider>(new SteadyClock(TimeProvider.System));
        services.AddSingleton(provider => DataFolder.Open(options.DataFolder, provider.GetRequiredService<TimeProvider>().GetUtcNow()));
        services.AddSingleton<IDbContextFactory<WorkshopContext>>(provider =>
            new FolderContexts(provider.GetRequiredService<DataFolder>()));
        services.AddSingleton(_ => CatalogueFolder.Read(options.CatalogueFolder));
        services.AddSingleton<ILanguage>(Language.English);
        services.AddSingleton<Planner>();
        services.AddSingleton<NearestChanges>();
        services.AddSingleton(_ => new WorkMemory());
        services.AddSingleton<ArtworkDesk>();
        services.AddSingleton<PlanMemory>();
        services.AddSingleton<WorkshopCatalogue>();
        services.AddSingleton<WorkshopGate>();
        services.AddSingleton<WorkshopCheck>();
        services.AddHostedService<StartCheck>();
        services.AddSingleton<WorkshopLearning>();
        services.AddHostedService(provider => provider.GetRequiredService<WorkshopLearning>());
        services.AddSingleton<JobCards>();
        services.AddHostedService(provider => provider.GetRequiredService<JobCards>());
        services.AddSingleton<PlanCache>();
        services.AddSingleton<JobPlans>();
        services.AddSingleton<HeatReckoner>();
        services.AddSingleton<JobStore>();
        services.AddSingleton<ShelfStore>();
        services.AddSingleton<FontStore>();
        services.AddSingleton<RunStore>();
        services.AddSingleton<LogStore>();
        services.AddSingleton<LogNames>();
        services.AddSingleton<LogReader>();
        services.AddSingleton<Judge>();
        services.AddSingleton<FoundPieces>();
        services.AddSingleton<RunSignals>();
        services.AddSingleton<BenchService>();
        services.AddSingleton<PressBench>();
        services.AddHostedService<BenchWatch>();
        services.AddSingleton<Keeper>();
        services.AddSingleton<StandingWatch>();
        services.AddSingleton<PersonalData>();
        services.AddHostedService<DailyBackup>();
        services.AddSingleton<StockStore>();
        services.AddSingleton<CutStore>();
        services.AddSingleton<CutPlanner>();
        services.AddSingleton<CutPlans>();
        services.AddSingleton<CutterBench>();
        services.AddSingleton<KeptStore>();
        services.AddSingleton<BlankStore>();
        services.AddSingleton<QuoteStore>();
        services.AddSingleton<KeepBlanks>();
        services.AddSingleton<KeepSupplies>();
        services.AddSingleton<KeepPrices>();
        services.AddSingleton<ReckonCost>();
        services.AddSingleton<ReckonRun>();
        services.AddSingleton<KeepQuotes>();
        services.AddSingleton<DayKept>();
        services.AddSingleton<BuyingList>();
        services.AddSingleton<DayPlanner>();
        services.AddSingleton<DayImprover>();
        services.AddSingleton<WorkshopPace>();
        services.AddSingleton<DayAsker>();
        services.AddSingleton<KeepDay>();
        services.AddHostedService<DayWatch>();
        services.AddSingleton<PracticeHall>();
        services.AddSingleton<LearnerCards>();
        services.AddSingleton<PracticeDesk>();
        services.AddSingleton<DemoMoney>();
        services.AddSingleton<DemoData>();
        AddUseCases(services);
    }

    /// <summary>What lets helpers in.</summary>
    private static void AddHelpers(IServiceCollection services)
    {
        services.AddSingleton<DeviceBook>();
        services.AddSingleton<Pairing>();
        services.AddSingleton<DeedLog>();
        services.AddSingleton<PairDevices>();
        services.AddRateLimiter(limits =>
        {
            limits.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
            limits.OnRejected = async (refused, _) => await PairingPage.RefuseTooManyAsync(refused.HttpContext);
            limits.AddPolicy(PairingPage.Limited, http => RateLimitPartition.GetFixedWindowLimiter(
                http.Connection.RemoteIpAddress?.ToString() ?? "here",
                _ => new FixedWindowRateLimiterOptions { PermitLimit = PairingTries, Window = TimeSpan.FromMinutes(1) }));
        });
    }

    /// <summary>What is asked of the workshop.</summary>
    private static void AddUseCases(IServiceCollection services)
    {
        services.AddSingleton<ListChoices>();
        services.AddSingleton<KeepJob>();
        services.AddSingleton<ShowLearned>();
        services.AddSingleton<KeepOwnEntry>();
        services.AddSingleton<DrawingRoom>();
        services.AddSingleton<DrawingWork>();
        services.AddSingleton<OwnFonts>();
        services.AddHostedService(provider => provider.GetRequiredService<OwnFonts>());
        services.AddSingleton<GradeJob>();
        services.AddSingleton<CutJob>();
        services.AddSingleton<JudgeTestCut>();
        services.AddSingleton<TakeStock>();
        services.AddSingleton<BeginRun>();
        services.AddSingleton<SayAtBench>();
        services.AddSingleton<AskPress>();
        services.AddSingleton<ReadLogbook>();
        services.AddSingleton<ChangeEntry>();
        services.AddSingleton<JobOfEntry>();
        services.AddSingleton<AddPhoto>();
        services.AddSingleton<Teach>();
        services.AddSingleton<LookAfter>();
        services.AddSingleton<WorkshopSeal>();
        services.AddSingleton<TakenBook>();
        services.AddSingleton<ExchangeMatch>();
        services.AddSingleton<TakeExchange>();
        services.AddSingleton<ExchangeWorkshops>();
    }

    /// <summary>The addresses of all resources.</summary>
    private static void MapResources(WebApplication app)
    {
        app.MapSchemas();
        app.MapCatalogue();
        app.MapPlans();
        app.MapArtwork();
        app.MapFonts();
        app.MapPictures();
        app.MapPlacement();
        app.MapShelf();
        app.MapCutPlans();
        app.MapCuts();
        app.MapStock();
        app.MapDay();
        app.MapMoney();
        app.MapPractice();
        app.MapJobs();
        app.MapRuns();
        app.MapLifted();
        app.MapLog();
        app.MapLogPhotos();
        app.MapLogFiles();
        app.MapLearned();
        app.MapCare();
        app.MapKeeping();
        app.MapAccess();
        app.MapDevices();
        app.MapWatch();
        app.MapExchange();
    }

    /// <summary>Puts the worked examples into an empty workshop, where that was asked for.</summary>
    public static Task FillAsync(IHost app) =>
        app.Services.GetRequiredService<JuxthermOptions>().Demo
        ? app.Services.GetRequiredService<DemoData>().FillIfEmptyAsync(CancellationToken.None) : Task.CompletedTask;

    private static void ServeFront(WebApplication app, string folder)
    {
        if (!File.Exists(Path.Combine(folder, "index.html")))
        {
            app.MapGet("/{**path}",
                () => Results.Text("The front end has not been built; ./juxtherm start builds it.",
                    statusCode: StatusCodes.Status503ServiceUnavailable)).Allow(AccessLevel.Look).AsPage().ExcludeFromDescription();
            return;
        }

        var files = new PhysicalFileProvider(folder);
        app.UseStaticFiles(new StaticFileOptions { FileProvider = files, OnPrepareResponse = CacheForever });
        app.MapFallbackToFile("index.html", new StaticFileOptions { FileProvider = files, OnPrepareResponse = CacheForever })
            .Allow(AccessLevel.Look).AsPage();
    }

    /// <summary>The names of built assets change with their content; everything else is asked for again.</summary>
    private static void CacheForever(Microsoft.AspNetCore.StaticFiles.StaticFileResponseContext file) =>
        file.Context.Response.Headers.CacheControl = file.Context.Request.Path.StartsWithSegments("/assets", StringComparison.Ordinal)
        ? "public, max-age=31536000, immutable" : "no-cache";

    private sealed class FolderContexts(DataFolder folder) : IDbContextFactory<WorkshopContext>
    {
        public WorkshopContext CreateDbContext() => new(folder.Options);
    }
}
