using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Store.Keeping;
using Juxtherm.Web.Hosting;
using Juxtherm.Words;

namespace Juxtherm.Web;

/// <summary>Starts the service.</summary>
public sealed class Program
{
    private const int CannotStart = 2;

    private Program()
    {
    }

    private static readonly IWords English = Language.English.WordsFor(UnitSystem.Metric);

    /// <summary>Runs until it is stopped.</summary>
    /// <returns>0, or 2 when it could not start; standard error then says why.</returns>
    public static async Task<int> Main(string[] args)
    {
        try
        {
            if (args.Contains(MatrixCommand.Option))
            {
                await MatrixCommand.RunAsync(args);
                return 0;
            }

            while (true)
            {
                try
                {
                    return await ServeAsync(args);
                }
                catch (DamagedDataException e) when (Store.Keeping.Backups.In(e.FolderPath).Count > 0)
                {
                    await Console.Error.WriteLineAsync(English.Say("program.offers-backups", ("why", English.Say(e.Says))));
                    await RescuePage.RunAsync(args, e);
                }
            }
        }
        catch (Exception e) when (e is IOException or DataFolderException && ShowPages.OfAnother(args))
        {
            // It runs already: whoever started it from the menu wants to see it.
            return 0;
        }
        catch (CatalogueException e)
        {
            foreach (var line in e.Says.Prepend(new Phrase("catalogue-reader.unusable")))
                await Console.Error.WriteLineAsync(English.Say(line));
            return CannotStart;
        }
        catch (SaidException e) when (e is DataFolderException or OptionsException)
        {
            await Console.Error.WriteLineAsync(English.Say(e.Says));
            return CannotStart;
        }
        catch (IOException e) when (e.Message.Contains("address already in use", StringComparison.OrdinalIgnoreCase))
        {
            await Console.Error.WriteLineAsync(English.Say("program.port-taken", ("why", e.Message)));
            return CannotStart;
        }
    }

    private static async Task<int> ServeAsync(string[] args)
    {
        await using var app = JuxthermApp.Build(args);
        try
        {
            await JuxthermApp.FillAsync(app);
            await app.StartAsync();
        }
        catch (Exception e) when (e is not (IOException or OperationCanceledException or OutOfMemoryException))
        {
            // The database opened, and something in it cannot be worked with.
            await Console.Error.WriteLineAsync(e.ToString());
            throw new DamagedDataException(new Phrase("program.does-not-start"),
                app.Services.GetRequiredService<DataFolder>().Path, e);
        }

        if (app.Urls.FirstOrDefault() is { } url)
        {
            var port = new Uri(url).Port;
            Console.WriteLine(English.Say("program.address", ("address", $"http://127.0.0.1:{port}")));
            if (app.Services.GetRequiredService<JuxthermOptions>().Open)
                ShowPages.At($"http://127.0.0.1:{port}");
            if (app.Services.GetRequiredService<LanAddress>() is { Url: { } lan, Tls: { } tls })
                Console.WriteLine(English.Say("program.lan", ("address", lan), ("fingerprint", tls.Fingerprint)));
        }

        await app.WaitForShutdownAsync();
        return 0;
    }
}
