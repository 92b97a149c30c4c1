using System.Globalization;
using System.Net;
using System.Text;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;

namespace Juxtherm.Web.Hosting;

/// <summary>Stands in for the program while its database is damaged: one page with the backups, until one is put back.</summary>
internal static class RescuePage
{
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
            Rescued(saved, () => DataFolder.Rescue(damage.FolderPath, name, TimeProvider.System.GetUtcNow()), "It is back",
                "What was there before is kept beside it."));
        app.MapPost("/begin-empty",
            () => Rescued(saved, () => DataFolder.BeginEmpty(damage.FolderPath, TimeProvider.System.GetUtcNow()), "An empty workshop",
                "What was there before, the backups too, is kept in the folder under other names."));
        app.MapFallback(() => Page(HttpStatusCode.ServiceUnavailable, List(damage)));
        await app.StartAsync();
        if (app.Urls.FirstOrDefault() is { } url)
            await Console.Out.WriteLineAsync($"Juxtherm is at http://127.0.0.1:{new Uri(url).Port}, to put a backup back.");
        await Task.WhenAny(saved.Task, app.WaitForShutdownAsync());
        if (!saved.Task.IsCompleted)
            throw new DataFolderException(damage.Message);
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
                $"<meta http-equiv=\"refresh\" content=\"3;url=/\"><h1>{title}</h1><p>{text} The program starts again; this page " +
                    $"follows by itself.</p>");
        }
        catch (Exception e) when (e is KeepingException or DataFolderException)
        {
            return Page(HttpStatusCode.BadRequest,
                $"<h1>Not that one</h1><p>{WebUtility.HtmlEncode(e.Message)}</p><p><a href=\"/\">Back to the backups</a></p>");
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return Page(HttpStatusCode.BadRequest,
                $"<h1>That did not work</h1><p>{(DiskFull.Is(e) ? "There is no room left on the disk." : "The data folder cannot be " +
                    "written.")} Nothing was changed.</p><p><a href=\"/\">Back to the backups</a></p>");
        }
    }

    private static string List(DamagedDataException damage)
    {
        var text = new StringBuilder("<h1>The workshop’s data cannot be worked with</h1><p>")
            .Append(WebUtility.HtmlEncode(damage.Message))
            .Append("</p><p>Choose a backup to put in its place. What is there now is kept beside it and nothing is thrown away.</p><ul>");
        foreach (var backup in Backups.In(damage.FolderPath))
        {
            text.Append(CultureInfo.InvariantCulture,
                $"<li><form method=\"post\" action=\"/rescue/{backup.Name}\">{backup.MadeUtc:d MMMM yyyy, HH:mm} UTC " +
                    $"({WebUtility.HtmlEncode(backup.Why)}, {Math.Max(1, backup.Bytes / 1000)} kB) ")
                .Append("<button>Put it back</button></form></li>");
        }

        return text.Append(
            "</ul><form method=\"post\" action=\"/begin-empty\"><p>Or leave it all as it is, under other names, and <button>begin " +
                "with an empty workshop</button></p></form>").ToString();
    }

    private static IResult Page(HttpStatusCode status, string body) =>
        Results.Content(
            $"<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>Juxtherm</title></head><body>{body}</body></html>",
            "text/html; charset=utf-8", Encoding.UTF8, (int)status);
}
