using System.Globalization;
using System.Net;
using System.Text;
using Juxtherm.Core.Notices;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Juxtherm.Words;

namespace Juxtherm.Web.Hosting;

/// <summary>Stands in for the program while its database is damaged: one page with the backups, until one is put back.</summary>
internal static class RescuePage
{
    private static readonly IWords English = Language.English.WordsFor(UnitSystem.Metric);

    public static async Task RunAsync(string[] args, DamagedDataException damage)
    {
        var builder =
            WebApplication.CreateSlimBuilder(new WebApplicationOptions { Args = args, ContentRootPath = AppContext.BaseDirectory });
        var options = JuxthermOptions.Read(builder.Configuration, args);
        // Whoever helps from elsewhere has no business here.
        builder.WebHost.ConfigureKestrel(kestrel => kestrel.ListenLocalhost(options.Port == 0 ? FreePort.Find() : options.Port));
        builder.Configuration["AllowedHosts"] = OwnAddresses.Allowed(lan: null);
        builder.Logging.ClearProviders();
        await using var app = builder.Build();
        var saved = new TaskCompletionSource();
        app.UseMiddleware<SafetyHeaders>();
        app.UseMiddleware<OwnOriginOnly>();
        app.MapPost("/rescue/{name}",
            (string name) =>
            Rescued(saved, () => DataFolder.Rescue(damage.FolderPath, name, TimeProvider.System.GetUtcNow()), English.Say("rescue.back"),
                English.Say("rescue.back-kept")));
        app.MapPost("/begin-empty",
            () => Rescued(saved, () => DataFolder.BeginEmpty(damage.FolderPath, TimeProvider.System.GetUtcNow()),
                English.Say("rescue.empty"),
                English.Say("rescue.empty-kept")));
        app.MapFallback(() => Page(HttpStatusCode.ServiceUnavailable, List(damage)));
        await app.StartAsync();
        if (app.Urls.FirstOrDefault() is { } url)
            await Console.Out.WriteLineAsync(English.Say("rescue.address", ("address", $"http://127.0.0.1:{new Uri(url).Port}")));
        await Task.WhenAny(saved.Task, app.WaitForShutdownAsync());
        if (!saved.Task.IsCompleted)
            throw new DataFolderException(damage.Says);
        // So that the answer still arrives.
        await Task.Delay(300);
    }

    private static IResult Rescued(TaskCompletionSource saved, Action rescue, string title, string text)
    {
        try
        {
            rescue();
            saved.TrySetResult();
            return Page(HttpStatusCode.OK,
                $"<meta http-equiv=\"refresh\" content=\"3;url=/\"><h1>{title}</h1><p>{text} " +
                    $"{English.Say("rescue.starts-again")}</p>");
        }
        catch (SaidException e) when (e is KeepingException or DataFolderException)
        {
            return Page(HttpStatusCode.BadRequest,
                Refused(English.Say("rescue.not-that-one"), English.Say(e.Says)));
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return Page(HttpStatusCode.BadRequest,
                Refused(English.Say("rescue.failed"),
                    DiskFull.Is(e) ? English.Say("rescue.failed-full") : English.Say("rescue.failed-read-only")));
        }
    }

    private static string Refused(string title, string why) =>
        $"<h1>{title}</h1><p>{WebUtility.HtmlEncode(why)}</p><p><a href=\"/\">{English.Say("rescue.to-the-backups")}</a></p>";

    private static string List(DamagedDataException damage)
    {
        var text = new StringBuilder($"<h1>{English.Say("rescue.title")}</h1><p>")
            .Append(WebUtility.HtmlEncode(English.Say(damage.Says)))
            .Append(CultureInfo.InvariantCulture, $"</p><p>{English.Say("rescue.choose")}</p><ul>");
        foreach (var backup in Backups.In(damage.FolderPath))
        {
            text.Append(CultureInfo.InvariantCulture,
                $"<li><form method=\"post\" action=\"/rescue/{backup.Name}\">{backup.MadeUtc:d MMMM yyyy, HH:mm} UTC " +
                    $"({WebUtility.HtmlEncode(backup.Why)}, {Math.Max(1, backup.Bytes / 1000)} kB) ")
                .Append(CultureInfo.InvariantCulture, $"<button>{English.Say("rescue.put-back")}</button></form></li>");
        }

        return text.Append(CultureInfo.InvariantCulture,
            $"</ul><form method=\"post\" action=\"/begin-empty\"><p>{English.Say("rescue.or-empty")} " +
                $"<button>{English.Say("rescue.begin-empty")}</button></p></form>").ToString();
    }

    private static IResult Page(HttpStatusCode status, string body) =>
        Results.Content(
            $"<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>Juxtherm</title></head><body>{body}</body></html>",
            "text/html; charset=utf-8", Encoding.UTF8, (int)status);
}
