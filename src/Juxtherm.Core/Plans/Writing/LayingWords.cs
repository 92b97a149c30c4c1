using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Says how layers are laid and the plate is closed, on cloth, curved, domed and hard things.</summary>
internal sealed class LayingWords(SetJob about, IReadOnlyList<PlannedPress> presses)
{
    // A plate this much larger than the piece tips on it unless it is levelled (common practice).
    private const double TipsFrom = 2;

    private Workpiece Work => about.Work;

    private string Item => Work.Form.Name.ToLowerInvariant();

    private string Cover => Work.HasCover ? $" {Work.Cover.Name} over it." : "";

    /// <summary>Layers by name.</summary>
    public string Names(IReadOnlyList<string> layers) => about.Layers.Count == 1
        ? about.NameOf(about.Layers[0])
        : string.Join(" and ", layers.Select(id => about.NameOf(about.Layer(id))));

    /// <summary>Closing the plate, or what stands for it.</summary>
    public string Closing() => Work.Form.Shape switch
    {
        FaceShape.Curved => "Close the press round it.",
        FaceShape.Domed => "Bring the plate down along the curve.",
        _ => new ToolWords(Work).HeldByHand ? "Set it straight down and lean on it; do not slide." : "Close the plate straight down.",
    };

    /// <summary>Laying the layers of a press.</summary>
    public string Lay(PlannedPress press, bool first)
    {
        var what = (about.Layers.Count == 1 ? "the vinyl" : Names(press.Laid)) + InParts(press);
        switch (Work.Form.Shape)
        {
            case FaceShape.Curved:
                return $"Lay {what} on the {Item}, carrier up, slit between words so that it follows the curve, and tape it with heat-resistant tape, clear of the drinking rim.";
            case FaceShape.Domed:
                return $"Pull the {Item} tight over the lower plate, sweatband folded out, no seam bunched up. Lay {what}, carrier up, slit so that it follows the crown, and tape it.{Cover}";
        }

        if (first && press is { Part: > 1 } && press.Laid.All(id => press.LiesAlready.Contains(id, StringComparer.Ordinal)))
            return $"Smooth down the rest of {what}.{Cover}";
        var onCloth = presses.Any(p => p.Purpose == PressPurpose.Preheat);
        var tape = Work.Material.Kind == MaterialKind.Hard ? " Hold it with heat-resistant tape." : "";
        var pieces = press.Laid.Where(id => UpperLayers.PieceByPiece(about, about.Layer(id))).ToList();
        var byPiece = pieces.Count == 0 ? "" : " Piece by piece, each where it belongs: what lies below has shrunk a little.";
        if (!first && Turns(press))
            return $"Turn the {Item} over: the finished face lies down, on the cold side, its seams and collar off the plate. Lay {what} {(onCloth ? "on the cloth" : $"on the {Item}")}, readable, carrier up.{byPiece}{Cover}";
        var where = !first ? "in its place" : onCloth ? "on the warm cloth" : $"on the {Item}";
        // Only the first layer is laid away from the plate: afterwards the piece lies where it was pressed.
        var (begin, carry) = first && about.Choose(new LayingOut()) == LayingOut.Table ? ("On the table: lay", " Smooth it and carry it over.") : ("Lay", "");
        return $"{Apart(press)}{begin} {what} {where}, readable, carrier up.{byPiece}{tape}{carry}{Cover}";
    }

    /// <summary>How the carrier is dealt with that does not go under the plate at once.</summary>
    private static string Apart(PlannedPress press) => press switch
    {
        { Part: null } => "",
        { CutParts.Count: > 0 } => "",
        { GoesOn.Count: > 0, LiesAlready.Count: 0 } => "Fold back what reaches beyond the plate; it is pressed with the next part. ",
        { Part: 1 } => "Cut the carriers apart in the gap, and take only what lies under the plate. ",
        _ => "",
    };

    /// <summary>A small thick piece under a large plate is levelled; null where that is not needed.</summary>
    public string? Levelled()
    {
        var (tools, blank) = (about.Job.Tools, about.Job.Blank);
        var small = tools.PlateWidthMm > TipsFrom * blank.WidthMm && tools.PlateHeightMm > TipsFrom * blank.HeightMm;
        return Work.Form.Shape == FaceShape.Flat && Work.Material.Kind is MaterialKind.Hard or MaterialKind.Hide && small && Work.Source.PressureAdjustable
            ? $"Lay pieces as thick as the {Item} under the plate's corners, so that it comes down level on the small piece in the middle."
            : null;
    }

    /// <summary>What cracks is warmed evenly first; null where that is not needed.</summary>
    public string? Warmed() => Work.Material.Cracks
        ? $"Warm the {Item} slowly and evenly all round, away from cold draughts and cold metal. Uneven or sudden heat cracks {Work.Material.Name.ToLowerInvariant()}: stop at the slightest sound, and keep your face away."
        : null;

    /// <summary>What was split for the cutter is joined here.</summary>
    private string InParts(PlannedPress press)
    {
        if (press.CutParts.Count > 0)
        {
            var which = press.CutParts.GroupBy(c => c.Layer, StringComparer.Ordinal).Select(of => $"{(of.Count() == 1 ? "part" : "parts")} {string.Join(" and ", of.Select(c => c.Part))} of {of.First().Parts}{(about.Layers.Count == 1 ? "" : $" of {of.Key}")}");
            var beside = press.CutParts.All(c => c.Part == 1) ? "" : press.CutParts.Any(c => Overlap(c.Layer)) ? $", {about.Words.Fine(about.Job.Tools.Cutter!.JointOverlapMm)} over the edge of the one before, mark on mark" : ", edge to edge with the one before, mark on mark";
            return $" (cut {string.Join(", ", which)}{beside}; the marks cut away)";
        }

        var splits = about.Job.Tools.Cutter is { Said: true } cutter ? press.Laid.Select(id => LayerSplit.Of(about.Layer(id).Layer, cutter)).Where(s => s is { Parts: > 1 }).ToList() : [];
        if (splits.Count == 0)
            return "";
        var turn = splits.SelectMany(s => s!.Joints).Any(j => j.Kind != JointKind.Gap) ? ", each pressed and peeled before the next is laid" : "";
        return $" ({splits.Sum(s => s!.Parts)} parts, mark on mark, the marks cut away{turn})";
    }

    private bool Overlap(string layer) => LayerSplit.Of(about.Layer(layer).Layer, about.Job.Tools.Cutter!)?.Joints.Any(j => j.Kind == JointKind.Overlap) ?? false;

    /// <summary>What is laid now lies on another face than what was laid before.</summary>
    private bool Turns(PlannedPress press)
    {
        Face FaceOf(PlannedPress p) => about.Layer(p.Laid[0]).Layer.Face;
        var before = presses.TakeWhile(p => p != press).LastOrDefault(p => p.Laid.Count > 0 && p.Purpose != PressPurpose.Patch);
        return before is not null && FaceOf(before) != FaceOf(press);
    }
}
