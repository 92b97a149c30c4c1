using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
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

    private string Cover => Work.HasCover ? about.Words.Say("laying-words.cover", ("cover", Work.Cover.Name)) : "";

    /// <summary>Layers by name.</summary>
    public string Names(IReadOnlyList<string> layers) => about.Layers.Count == 1
        ? about.NameOf(about.Layers[0])
        : Both.Of(layers.Select(id => about.NameOf(about.Layer(id))), about.Words);

    /// <summary>Closing the plate, or what stands for it.</summary>
    public string Closing() => Work.Form.Shape switch
    {
        FaceShape.Curved => about.Words.Say("laying-words.closing.curved"),
        FaceShape.Domed => about.Words.Say("laying-words.closing.domed"),
        _ => new ToolWords(Work, about.Words).HeldByHand
            ? about.Words.Say("laying-words.closing") : about.Words.Say("laying-words.closing-2"),
    };

    /// <summary>Laying the layers of a press.</summary>
    public string Lay(PlannedPress press, bool first)
    {
        var what = about.Words.Say("laying-words.lay-what", ("layers", about.Layers.Count), ("names", Names(press.Laid)),
            ("inParts", InParts(press)));
        switch (Work.Form.Shape)
        {
            case FaceShape.Curved:
                return about.Words.Say("laying-words.lay", ("what", what), ("item", Item));
            case FaceShape.Domed:
                return about.Words.Say("laying-words.lay-2", ("item", Item), ("what", what), ("cover", Cover));
        }

        if (first && press is { Part: > 1 } && press.Laid.All(id => press.LiesAlready.Contains(id, StringComparer.Ordinal)))
            return about.Words.Say("laying-words.lay-3", ("what", what), ("cover", Cover));
        var onCloth = presses.Any(p => p.Purpose == PressPurpose.Preheat);
        var tape = Work.Material.Kind == MaterialKind.Hard ? about.Words.Say("laying-words.lay-tape") : "";
        var pieces = press.Laid.Where(id => UpperLayers.PieceByPiece(about, about.Layer(id))).ToList();
        var byPiece = pieces.Count == 0 ? "" : about.Words.Say("laying-words.lay-by-piece");
        if (Turns(press))
            return Apart(press) + about.Words.Say("laying-words.lay-4", ("item", Item), ("what", what), ("onCloth", onCloth),
                ("byPiece", byPiece), ("cover", Cover));
        var where = !first
            ? about.Words.Say("laying-words.lay-where")
            : onCloth ? about.Words.Say("laying-words.lay-where-2") : about.Words.Say("laying-words.lay-where-3", ("item", Item));
        // Only the first layer is laid away from the plate: afterwards the piece lies where it was pressed.
        var (begin, carry) = first && about.Choose(new LayingOut()) == LayingOut.Table
            ? (about.Words.Say("laying-words.lay-5"), about.Words.Say("laying-words.lay-6")) : ("Lay", "");
        return about.Words.Say("laying-words.lay-7", ("apart", Apart(press)), ("begin", begin), ("what", what), ("where", where),
            ("byPiece", byPiece), ("tape", tape), ("carry", carry), ("cover", Cover));
    }

    /// <summary>How the carrier is dealt with that does not go under the plate at once.</summary>
    private string Apart(PlannedPress press) => press switch
    {
        { Part: null } => "",
        { CutParts.Count: > 0 } => "",
        { GoesOn.Count: > 0, LiesAlready.Count: 0 } => about.Words.Say("laying-words.apart.else"),
        { Part: 1 } => about.Words.Say("laying-words.apart.else-2"),
        _ => "",
    };

    /// <summary>A small thick piece under a large plate is levelled; null where that is not needed.</summary>
    public string? Levelled()
    {
        var (tools, blank) = (about.Job.Tools, about.Job.Blank);
        var small = tools.PlateWidthMm > TipsFrom * blank.WidthMm && tools.PlateHeightMm > TipsFrom * blank.HeightMm;
        return Work.Form.Shape == FaceShape.Flat && Work.Material.Kind is MaterialKind.Hard or MaterialKind.Hide && small
            && Work.Source.Pressure.Adjustable
            ? about.Words.Say("laying-words.levelled", ("item", Item))
            : null;
    }

    /// <summary>What cracks is warmed evenly first; null where that is not needed.</summary>
    public string? Warmed() => Work.Material.Cracks
        ? about.Words.Say("laying-words.warmed", ("item", Item), ("material", Work.Material.Name))
        : null;

    /// <summary>What was split for the cutter is joined here.</summary>
    private string InParts(PlannedPress press)
    {
        if (press.CutParts.Count > 0)
        {
            var which = press.CutParts.GroupBy(c => c.Layer, StringComparer.Ordinal)
                .Select(of =>
                    about.Words.Say("laying-words.in-parts-which", ("of", of.Count()), ("list", Thing.List(of.Select(c => c.Part))),
                        ("parts", of.First().Parts), ("layers", about.Layers.Count), ("key", of.Key)));
            var beside = press.CutParts.All(c => c.Part == 1)
                ? "" : press.CutParts.Any(c => Overlap(c.Layer))
                ? about.Words.Say("laying-words.in-parts-beside", ("jointOverlap", Thing.FineMm(about.Job.Tools.Cutter!.JointOverlapMm)))
                : about.Words.Say("laying-words.in-parts-beside-2");
            return about.Words.Say("laying-words.in-parts", ("which", Thing.List(which)), ("beside", beside));
        }

        var splits = about.Job.Tools.Cutter is { Said: true } cutter
            ? press.Laid.Select(id => LayerSplit.Of(about.Layer(id).Layer, cutter, about.Job.Memory)).Where(s => s is { Parts: > 1 })
            .ToList() : [];
        if (splits.Count == 0)
            return "";
        var turn = splits.SelectMany(s => s!.Joints).Any(j => j.Kind != JointKind.Gap) ? about.Words.Say("laying-words.in-parts-turn") : "";
        return about.Words.Say("laying-words.in-parts-2", ("splits", splits.Sum(s => s!.Parts)), ("turn", turn));
    }

    private bool Overlap(string layer) =>
        LayerSplit.Of(about.Layer(layer).Layer, about.Job.Tools.Cutter!, about.Job.Memory)?.Joints.Any(j => j.Kind == JointKind.Overlap)
        ?? false;

    /// <summary>The piece is turned over for it: the press before was for another side.</summary>
    /// <param name="press">The press.</param>
    public bool Turns(PlannedPress press) =>
        presses.TakeWhile(p => p != press).LastOrDefault(p => p.Purpose != PressPurpose.Patch) is { } before && before.Face != press.Face;
}
