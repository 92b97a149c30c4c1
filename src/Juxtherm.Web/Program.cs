using Juxtherm.Core.Catalogue;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Serilog;

namespace Juxtherm.Web;

/// <summary>Starts the service.</summary>
public sealed class Program
{
    private const int CannotStart = 2;

    private Program()
    {
    }

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

            try
            {
                return await ServeAsync(args);
            }
            catch (DamagedDataException e) when (Store.Keeping.Backups.In(e.FolderPath).Count > 0)
            {
                await Console.Error.WriteLineAsync($"{e.Message} The page of the program offers them.");
                await RescuePage.RunAsync(args, e);
                return await ServeAsync(args);
            }
        }
        catch (Exception e) when (e is CatalogueException or DataFolderException or OptionsException)
        {
            await Console.Error.WriteLineAsync(e.Message);
            return CannotStart;
        }
        catch (IOException e) when (e.Message.Contains("address already in use", StringComparison.OrdinalIgnoreCase))
        {
            await Console.Error.WriteLineAsync($"The port is taken: {e.Message} Choose another with --port.");
            return CannotStart;
        }
        finally
        {
            await Log.CloseAndFlushAsync();
        }
    }

    private static async Task<int> ServeAsync(string[] args)
    {
        await using var app = JuxthermApp.Build(args);
        await app.StartAsync();
        if (app.Urls.FirstOrDefault() is { } url)
        {
            var port = new Uri(url).Port;
            Console.WriteLine($"Juxtherm is at http://127.0.0.1:{port}");
            if (app.Services.GetRequiredService<JuxthermOptions>().Lan)
                Console.WriteLine($"For helpers in the same network: {string.Join(", ", OwnAddresses.Addresses.Select(a => $"http://{a}:{port}"))}. There is no password: everybody in that network can use it.");
        }

        await app.WaitForShutdownAsync();
        return 0;
    }
}
