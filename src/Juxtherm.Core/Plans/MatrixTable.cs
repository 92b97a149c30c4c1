using System.Globalization;
using System.Text;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans;

/// <summary>
/// Every vinyl on every material under one press as a table in Markdown, to be read by somebody who knows the trade.
/// </summary>
/// <param name="planner">Makes the plans.</param>
/// <param name="words">Says how to read it.</param>
public sealed class MatrixTable(Planner planner, IWords words)
{
    private const int UsualArtworkMm = 40;

    private static readonly Dictionary<string, string> None = new(StringComparer.Ordinal);

    /// <summary>The table of one press.</summary>
    /// <param name="source">The press.</param>
    /// <param name="cancel">Stops it.</param>
    public string Of(HeatSource source, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(source);
        var catalogue = planner.Catalogue;
        var vinyls = catalogue.Vinyls.Values.ToList();
        var materials = catalogue.Materials.Values.Select(m => (Material: m, Form: FormFor(m, source))).Where(r => r.Form is not null)
            .ToList();
        var cells = new string[materials.Count, vinyls.Count];
        Parallel.For(0, materials.Count, new ParallelOptions { CancellationToken = cancel }, row =>
        {
            for (var column = 0; column < vinyls.Count; column++)
                cells[row, column] = Cell(source, materials[row].Material, materials[row].Form!, vinyls[column]);
        });

        var text = new StringBuilder();
        text.AppendLine(CultureInfo.InvariantCulture, $"# {source.Name}").AppendLine();
        text.AppendLine(words.Say("matrix.how-to-read")).AppendLine();
        text.AppendLine(CultureInfo.InvariantCulture, $"| | {string.Join(" | ", vinyls.Select(v => v.Name))} |");
        text.AppendLine(CultureInfo.InvariantCulture, $"|---|{string.Concat(Enumerable.Repeat("---|", vinyls.Count))}");
        for (var row = 0; row < materials.Count; row++)
        {
            var line = Enumerable.Range(0, vinyls.Count).Select(column => cells[row, column]);
            text.AppendLine(CultureInfo.InvariantCulture,
                $"| **{materials[row].Material.Name}**, {materials[row].Form!.Name.ToLowerInvariant()} | {string.Join(" | ", line)} |");
        }

        return text.ToString();
    }

    private ItemForm? FormFor(Material material, HeatSource source) => planner.Catalogue.Forms.Values
        .Where(f => f.Materials.Contains(material.Kind) && source.Presses.Contains(f.Shape))
        .OrderByDescending(f => f.UsualMaterial == material.Id)
        .FirstOrDefault();

    private string Cell(HeatSource source, Material material, ItemForm form, Vinyl vinyl)
    {
        var catalogue = planner.Catalogue;
        var job = new Job(
            "", 1, new Blank(form, material, form.WidthMm.Value, form.HeightMm.Value, null, new HashSet<string>(StringComparer.Ordinal)),
            new Tools(source, source.Plate.WidthMm.Value, source.Plate.HeightMm.Value,
                catalogue.Underlays[ToolsReader.UsualUnderlay(catalogue, form, source)], catalogue.Covers[source.Usual.Cover], false),
            [JobLayer.Of("", vinyl) with { WidthMm = UsualArtworkMm, HeightMm = UsualArtworkMm }], None, None);
        var plan = planner.Plan(job, UnitSystem.Metric).Plan;
        if (plan.Verdict == Verdict.Stop)
            return string.Join(", ", plan.Notices.Where(n => n.Level == NoticeLevel.Stop).Select(n => n.Code));
        var press = plan.BondingPress;
        var setting = string.Create(CultureInfo.InvariantCulture, $"{press.DialMark ?? $"{press.Celsius:0}°"} {press.Seconds:0} s");
        return plan.Verdict == Verdict.Go ? setting : $"*{setting}*";
    }
}
