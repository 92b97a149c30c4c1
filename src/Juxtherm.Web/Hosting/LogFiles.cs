using System.Globalization;
using Serilog;
using Serilog.Configuration;

namespace Juxtherm.Web.Hosting;

/// <summary>
/// What went wrong, a file a day beside the data, with the request that it went wrong in; jobs and names do not stand in it.
/// </summary>
internal static class LogFiles
{
    /// <summary>The folder within the data folder.</summary>
    public const string Folder = "logs";

    private const int DaysKept = 14;
    private const long LargestBytes = 8 * 1024 * 1024;
    private const string Line = "{Timestamp:yyyy-MM-dd HH:mm:ss.fff zzz} {Level:u3} {RequestId} {Message:lj}{NewLine}{Exception}";

    /// <summary>Writes them.</summary>
    /// <param name="to">Where logs are written.</param>
    /// <param name="dataFolder">The data folder.</param>
    public static LoggerConfiguration Logs(this LoggerSinkConfiguration to, string dataFolder) => to.File(
        Path.Combine(dataFolder, Folder, "juxtherm-.log"), outputTemplate: Line, formatProvider: CultureInfo.InvariantCulture,
        rollingInterval: RollingInterval.Day, retainedFileCountLimit: DaysKept, fileSizeLimitBytes: LargestBytes, rollOnFileSizeLimit: true,
        shared: true);
}
