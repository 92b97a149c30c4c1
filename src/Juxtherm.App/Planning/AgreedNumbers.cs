using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;

namespace Juxtherm.App.Planning;

/// <summary>What a job was agreed to be pressed at. A later version of this program may find something else; what was agreed stays until
/// somebody takes that.</summary>
/// <param name="Celsius">Set to, °C.</param>
/// <param name="DialMark">The mark; null where the dial shows degrees.</param>
/// <param name="Seconds">Press time, s.</param>
/// <param name="Pressure">light, medium or firm; null where that was not kept.</param>
/// <param name="BackSeconds">Press time from the back, s; null where that was not kept.</param>
/// <param name="By">The version of model and catalogue that set it; empty where that was not kept.</param>
/// <param name="KeptFrom">The version whose other setting somebody has seen and not taken; null for none.</param>
public sealed record AgreedNumbers(double Celsius, string? DialMark, double Seconds, string? Pressure, double? BackSeconds, string By,
    string? KeptFrom = null)
{
    /// <summary>Those of a plan.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="by">The version of model and catalogue.</param>
    public static AgreedNumbers Of(Plan plan, string by)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var press = plan.BondingPress;
        return new AgreedNumbers(press.Celsius, press.DialMark, press.Seconds, press.Pressure.ToString().ToLowerInvariant(),
            plan.Presses.Where(p => p.Purpose == PressPurpose.Back).Sum(p => p.Seconds), by);
    }

    /// <summary>As they are kept; null where there are none.</summary>
    /// <param name="json">The text.</param>
    public static AgreedNumbers? Read(string? json)
    {
        try
        {
            return json is null ? null : JsonSerializer.Deserialize<AgreedNumbers>(json, CoreJson.Options);
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>The text that is kept.</summary>
    public string Write() => JsonSerializer.Serialize(this, CoreJson.Options);

    /// <summary>Whether a plan presses the same.</summary>
    /// <param name="plan">The plan.</param>
    public bool IsOf(Plan plan) => AgreedPress.Of(plan) == new AgreedPress(Celsius, DialMark, Seconds);

    /// <summary>A job that takes them over as a setting that was used.</summary>
    /// <param name="job">The job's text.</param>
    /// <param name="from">What it says they come from.</param>
    public string In(string job, string from)
    {
        var node = JsonNode.Parse(job)!.AsObject();
        var used = new JsonObject { ["celsius"] = Celsius, ["seconds"] = Seconds, ["from"] = from };
        if (Pressure is { } pressure)
            used["pressure"] = pressure;
        if (BackSeconds is { } back)
            used["backSeconds"] = back;
        node["used"] = used;
        return node.ToJsonString();
    }
}
