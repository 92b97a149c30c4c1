using System.Text.Json.Nodes;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Practice;

/// <summary>What came out of a setting that crafters have used.</summary>
public enum CameOut
{
    /// <summary>It held, and nothing was harmed.</summary>
    Held,

    /// <summary>It came up with its carrier.</summary>
    Lifted,

    /// <summary>The vinyl wrinkled.</summary>
    Wrinkled,
}

/// <summary>A setting that has been used, and what came of it (common practice, no single source).</summary>
/// <param name="Name">A short name.</param>
/// <param name="Vinyls">The layers, lowest first, separated by commas; <c>+</c> before one lays it beside instead of on the one
/// before.</param>
/// <param name="Form">Form id.</param>
/// <param name="Material">Material id.</param>
/// <param name="Source">Heat source id.</param>
/// <param name="Celsius">What the dial is set to, °C; of marks what they stand for.</param>
/// <param name="Seconds">Press time from the front, s, several goes added up; of layers that of the last press.</param>
/// <param name="Outcome">What came out.</param>
public sealed record PracticeRow(string Name, string Vinyls, string Form, string Material, string Source, double Celsius, double Seconds,
    CameOut Outcome)
{
    /// <summary>How hard; null for what the vinyl asks.</summary>
    public string? Pressure { get; init; }

    /// <summary>From the back, s.</summary>
    public double BackSeconds { get; init; }

    /// <summary>Cover id; null for the press's own.</summary>
    public string? Cover { get; init; }

    /// <summary>Underlay id; null for the press's own.</summary>
    public string? Underlay { get; init; }

    /// <summary>Printed on both faces.</summary>
    public bool BothFaces { get; init; }

    /// <summary>Artwork, mm; null for a small square.</summary>
    public (double W, double H)? Size { get; init; }

    /// <summary>No figure was set by this row: it checks those that were set by the others.</summary>
    public bool KeptAside { get; init; }

    /// <summary>The figure that it binds; empty where it only has to fit.</summary>
    public string Binds { get; init; } = "";

    /// <inheritdoc/>
    public override string ToString() => Name;

    /// <summary>The job with the setting as it was used.</summary>
    public JsonObject AsUsed()
    {
        var job = Job();
        job["used"] = new JsonObject { ["celsius"] = Celsius, ["seconds"] = Seconds, ["backSeconds"] = BackSeconds };
        if (Pressure is not null)
            job["used"]!["pressure"] = Pressure;
        return job;
    }

    /// <summary>The job with nothing said of its setting.</summary>
    public JsonObject Job()
    {
        var (w, h) = Size ?? (60, 60);
        var vinyls = Vinyls.Split(',');
        return SampleJobs.With(j =>
        {
            j["blank"] = new JsonObject { ["form"] = Form, ["material"] = Material };
            j["tools"] = new JsonObject { ["heatSource"] = Source };
            if (Cover is not null)
                j["tools"]!["cover"] = Cover;
            if (Underlay is not null)
                j["tools"]!["underlay"] = Underlay;
            var layers = new JsonArray();
            for (var i = 0; i < vinyls.Length; i++)
            {
                var beside = vinyls[i].StartsWith('+');
                var layer = new JsonObject
                {
                    ["id"] = $"l{i + 1}",
                    ["vinyl"] = vinyls[i].TrimStart('+'),
                    ["widthMm"] = w,
                    ["heightMm"] = h
                };
                if (i > 0 && !beside)
                    layer["over"] = new JsonArray($"l{i}");
                if (vinyls.Length > 1 && Form is "tee" or "sweatshirt" && beside)
                    (layer["xMm"], layer["yMm"]) = (140 + i * (w + 30), 160);
                else if (Vinyls.Contains('+', StringComparison.Ordinal) && Form is "tee" or "sweatshirt")
                    (layer["xMm"], layer["yMm"]) = (140, 160);
                layers.Add(layer);
                if (BothFaces)
                    layers.Add(new JsonObject
                    {
                        ["id"] = $"b{i + 1}",
                        ["vinyl"] = vinyls[i],
                        ["widthMm"] = 40,
                        ["heightMm"] = 40,
                        ["face"] = "back"
                    });
            }

            j["layers"] = layers;
        });
    }

    /// <summary>Neighbours: the same with one small thing otherwise, which is no reason for another judgement.</summary>
    public IEnumerable<PracticeRow> Neighbours()
    {
        // Degrees Fahrenheit by fives for degrees Celsius.
        if (Source is not ("household-iron" or "hand-iron" or "heat-gun"))
        {
            var f = Math.Round((Celsius * 1.8 + 32) / 5) * 5;
            yield return this with { Name = $"{Name}, {f:0} °F", Celsius = (f - 32) / 1.8 };
        }

        if (Size is null && Form is "tee" or "sweatshirt" or "cushion")
            yield return this with { Name = $"{Name}, larger", Size = (120, 100) };
        if (Material == "cotton" && Form == "tee" && Outcome == CameOut.Held)
        {
            yield return this
                with
            {
                Name = $"{Name}, canvas",
                Form = "tote",
                Material = "canvas",
                Size = Size
                    ?? (60, 60),
                Vinyls = Vinyls.Replace("+", "", StringComparison.Ordinal) is var plain
                    && Vinyls.Contains('+', StringComparison.Ordinal) ? plain.Split(',')[0] : Vinyls
            };
            yield return this with { Name = $"{Name}, linen", Material = "linen" };
        }
    }

    /// <summary>What the plan makes of it.</summary>
    public PlanResult Used() => SampleJobs.Plan(AsUsed());

    /// <summary>What the plan itself proposes.</summary>
    public PlanResult Proposed() => SampleJobs.Plan(Job());
}
