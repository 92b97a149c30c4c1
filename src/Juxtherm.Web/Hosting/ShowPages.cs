using System.ComponentModel;
using System.Diagnostics;

namespace Juxtherm.Web.Hosting;

/// <summary>Shows the pages in the browser, for whoever starts the program from a menu.</summary>
internal static class ShowPages
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(3);

    /// <summary>Opens an address.</summary>
    /// <param name="address">Where.</param>
    public static void At(string address)
    {
        try
        {
            using var browser = Process.Start(new ProcessStartInfo(address) { UseShellExecute = true });
        }
        catch (Exception e) when (e is Win32Exception or InvalidOperationException or FileNotFoundException)
        {
            // There is no browser here: the address stands above.
        }
    }

    /// <summary>Shows the pages of another that runs already, where that was asked for.</summary>
    /// <param name="args">The command line.</param>
    /// <returns>One runs there.</returns>
    public static bool OfAnother(string[] args)
    {
        var options = JuxthermOptions.Read(new ConfigurationManager(), args);
        if (!options.Open)
            return false;
        var address = $"http://127.0.0.1:{options.Port}";
        try
        {
            using var client = new HttpClient { Timeout = Patience };
            if (client.GetStringAsync($"{address}/health/live").GetAwaiter().GetResult() != "live")
                return false;
        }
        catch (Exception e) when (e is HttpRequestException or TaskCanceledException)
        {
            return false;
        }

        At(address);
        return true;
    }
}
