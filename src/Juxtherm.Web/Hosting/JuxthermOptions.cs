using System.Globalization;
using System.Net;
using Juxtherm.Core.Notices;

namespace Juxtherm.Web.Hosting;

/// <summary>The command line cannot be used.</summary>
/// <param name="says">What the reader is told.</param>
public sealed class OptionsException(Phrase says) : SaidException(says);

/// <summary>How the service was asked to run.</summary>
/// <param name="DataFolder">Where the workshop's data is.</param>
/// <param name="FrontFolder">Where the built front end is.</param>
/// <param name="CatalogueFolder">Where the catalogue files are.</param>
/// <param name="Port">TCP port on the loopback address; 0 for any free one.</param>
/// <param name="Demo">Whether to put the worked examples into an empty workshop.</param>
/// <param name="Lan">The one address by which helpers in the same network may use it too; null for this machine alone.</param>
public sealed record JuxthermOptions(string DataFolder, string FrontFolder, string CatalogueFolder, int Port, bool Demo, IPAddress? Lan)
{
    /// <summary>The pages are shown in the browser once it runs.</summary>
    public bool Open { get; init; }

    /// <summary>The port when none is asked for.</summary>
    public const int DefaultPort = 5188;

    private static readonly Dictionary<string, string> Switches = new(StringComparer.Ordinal)
    {
        ["--data"] = "Juxtherm:Data",
        ["--front"] = "Juxtherm:Front",
        ["--catalogue"] = "Juxtherm:Catalogue",
        ["--port"] = "Juxtherm:Port",
        ["--demo"] = "Juxtherm:Demo",
        ["--lan"] = "Juxtherm:Lan",
        ["--open"] = "Juxtherm:Open",
    };

    /// <summary>Reads them from the command line and the environment.</summary>
    /// <exception cref="OptionsException">A value is of no use.</exception>
    public static JuxthermOptions Read(ConfigurationManager configuration, string[] args)
    {
        ArgumentNullException.ThrowIfNull(configuration);
        configuration.AddCommandLine(args, Switches);
        var section = configuration.GetSection("Juxtherm");
        var beside = AppContext.BaseDirectory;
        if (!int.TryParse(section["Port"] ?? DefaultPort.ToString(CultureInfo.InvariantCulture), CultureInfo.InvariantCulture, out var port)
            || port is < 0 or > 65535)
            throw new OptionsException(new Phrase("options.port", ("port", section["Port"])));
        return new JuxthermOptions(
            section["Data"] ?? UsualData(),
            Path.GetFullPath(section["Front"] ?? Path.Combine(beside, "wwwroot")),
            Path.GetFullPath(section["Catalogue"] ?? Path.Combine(beside, "catalogue")),
            port,
            string.Equals(section["Demo"], "true", StringComparison.OrdinalIgnoreCase),
            LanOf(section["Lan"]))
        {
            Open = string.Equals(section["Open"], "true", StringComparison.OrdinalIgnoreCase),
        };
    }

    /// <summary>The usual folder for an account's data, also where nobody has made it yet.</summary>
    private static string UsualData()
    {
        var usual = Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.DoNotVerify);
        return Path.IsPathFullyQualified(usual) ? Path.Combine(usual, "juxtherm") : throw new OptionsException(new Phrase("options.data"));
    }

    private static IPAddress? LanOf(string? said)
    {
        if (string.IsNullOrWhiteSpace(said) || string.Equals(said, "false", StringComparison.OrdinalIgnoreCase))
            return null;
        var own = OwnAddresses.Addresses;
        if (string.Equals(said, "true", StringComparison.OrdinalIgnoreCase))
            return own.Count == 1
                ? IPAddress.Parse(own[0])
                : throw new OptionsException(new Phrase("options.lan-missing", ("some", own.Count > 0), ("own", Thing.List(own))));
        return own.Contains(said, StringComparer.Ordinal)
            ? IPAddress.Parse(said)
            : throw new OptionsException(new Phrase("options.lan", ("lan", said), ("some", own.Count > 0), ("own", Thing.List(own))));
    }
}
