using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Jobs;

/// <summary>A job as its file says it, defaults filled in.</summary>
/// <param name="Title">What the crafter calls it.</param>
/// <param name="Quantity">Pieces, 1 to 999.</param>
/// <param name="Blank">The item.</param>
/// <param name="Tools">The press and what belongs to it.</param>
/// <param name="Layers">The layers of vinyl, at least one.</param>
/// <param name="Choices">Ways of doing it that the crafter has chosen: option id by way id. What is not in it is advised.</param>
/// <param name="Accepted">What the crafter accepts with a word: the word by notice code.</param>
public sealed record Job(
    string Title, int Quantity, Blank Blank, Tools Tools, IReadOnlyList<JobLayer> Layers, IReadOnlyDictionary<string, string> Choices,
    IReadOnlyDictionary<string, string> Accepted)
{
    /// <summary>The day it is handed over; null when not said.</summary>
    public DateOnly? Due { get; init; }

    /// <summary>What is known of the pieces of a run, by name, size or colour; empty where they are all alike.</summary>
    public IReadOnlyList<PieceEntry> Pieces { get; init; } = [];

    /// <summary>The pieces that carry a name.</summary>
    public IEnumerable<PieceEntry> Names => Pieces.Where(p => p.IsNamed);

    /// <summary>What came of test patches.</summary>
    public IReadOnlyList<PatchResult> Patches { get; init; } = [];

    /// <summary>The setting as it was used before; null to let the plan find one.</summary>
    public UsedSetting? Used { get; init; }

    /// <summary>How it is to be cut.</summary>
    public CutWishes Cut { get; init; } = CutWishes.None;

    /// <summary>Ids of layers in the order in which the crafter wants to lay them; empty to leave it to the plan.</summary>
    public IReadOnlyList<string> Order { get; init; } = [];

    /// <summary>JSON Pointers of the members that its file has, as far down as changes are made.</summary>
    public IReadOnlySet<string> Given { get; init; } = new HashSet<string>(StringComparer.Ordinal);

    /// <summary>Where what is worked out of it is kept.</summary>
    public WorkMemory Memory { get; init; } = new();

    /// <summary>Its middle is found by a crease.</summary>
    public bool IsCreased =>
        Choices.GetValueOrDefault(Jobs.Choices.Centring) is { } said ? said == Jobs.Choices.Crease : Blank.MayBeCreased;

    /// <summary>The layer that carries the names; null where none does.</summary>
    public JobLayer? NameLayer => Layers.FirstOrDefault(l => l.Words is { FromNames: true });

    /// <summary>The first layer.</summary>
    public JobLayer Layer => Layers[0];

    /// <summary>The same job with one layer changed.</summary>
    /// <param name="index">Which, from 0.</param>
    /// <param name="layer">What it becomes.</param>
    public Job WithLayer(int index, JobLayer layer) => this with { Layers = [.. Layers.Select((l, i) => i == index ? layer : l)] };
}

/// <summary>A setting that is taken as it was used before, whatever the model would have.</summary>
/// <param name="Celsius">What the dial is set to, °C.</param>
/// <param name="Seconds">Press time, s.</param>
/// <param name="From">Where it was used, for the reader; may be empty.</param>
public sealed record UsedSetting(double Celsius, double Seconds, string From)
{
    /// <summary>How hard it was pressed; null where that is not said, for what the vinyl asks.</summary>
    public PressureLevel? Pressure { get; init; }

    /// <summary>How long it was pressed from the back, s; 0 for not at all; null where that is not said.</summary>
    public double? BackSeconds { get; init; }
}

/// <summary>The item to press.</summary>
/// <param name="Form">What kind of item.</param>
/// <param name="Material">What its face is made of.</param>
/// <param name="WidthMm">Width of its free area, mm.</param>
/// <param name="HeightMm">Height of its free area, mm.</param>
/// <param name="CareDots">Dots of the ironing symbol, 1 to 3 (ISO 3758); 0 for crossed out; null when unknown.</param>
/// <param name="Traits">What else is known of it.</param>
public sealed record Blank(ItemForm Form, Material Material, double WidthMm, double HeightMm, int? CareDots, IReadOnlySet<string> Traits)
{
    /// <summary>It has been washed already.</summary>
    public bool Prewashed => Traits.Contains("prewashed");

    /// <summary>It can be folded, and the crease presses out again.</summary>
    public bool MayBeCreased => PlacementQuestion.MayBeCreased(Form, Material);

    /// <summary>The face that is printed unless a layer says otherwise.</summary>
    public Face Face { get; init; }

    /// <summary>Size id; null where there are no sizes.</summary>
    public string? Size { get; init; }

    /// <summary>Its colour as <c>#rrggbb</c>; null when not said.</summary>
    public string? Colour { get; init; }

    /// <summary>Both faces, drawn to measure; empty while nobody asked for them.</summary>
    public IReadOnlyDictionary<Face, BlankShape> Faces { get; init; } = new Dictionary<Face, BlankShape>();

    /// <summary>The item in the sizes that names of the run ask for, by size id and face.</summary>
    public IReadOnlyDictionary<string, IReadOnlyDictionary<Face, BlankShape>> InSize { get; init; } =
        new Dictionary<string, IReadOnlyDictionary<Face, BlankShape>>(StringComparer.Ordinal);

    /// <summary>It is hard to replace.</summary>
    public bool Costly => Traits.Contains("costly");
}

/// <summary>The press and what belongs to it.</summary>
/// <param name="Source">The press.</param>
/// <param name="PlateWidthMm">Plate width, mm.</param>
/// <param name="PlateHeightMm">Plate height, mm.</param>
/// <param name="Underlay">What lies underneath.</param>
/// <param name="Cover">What lies on top.</param>
/// <param name="Steam">Steam is switched on.</param>
public sealed record Tools(HeatSource Source, double PlateWidthMm, double PlateHeightMm, Supply Underlay, Supply Cover, bool Steam)
{
    /// <summary>The cutter; null where nobody asks for one.</summary>
    public CutterSetup? Cutter { get; init; }
}

/// <summary>A layer of vinyl.</summary>
/// <param name="Id">Its id within the job.</param>
/// <param name="Vinyl">The vinyl.</param>
/// <param name="Colour">Colour as #rrggbb; null when not said.</param>
/// <param name="WidthMm">Artwork width, mm; null when not said.</param>
/// <param name="HeightMm">Artwork height, mm; null when not said.</param>
/// <param name="XMm">Left edge on the blank's free area, mm; null when not said.</param>
/// <param name="YMm">Upper edge on the blank's free area, mm; null when not said.</param>
/// <param name="CarrierMarginMm">How far the carrier reaches beyond it, mm.</param>
/// <param name="Over">Ids of layers that it is said to lie on.</param>
/// <param name="Intricate">Its edges are fine.</param>
/// <param name="Mirrored">Whether the cut file is mirrored; null when not said.</param>
/// <param name="Label">What the wrapper says; null when not known.</param>
public sealed record JobLayer(
    string Id, Vinyl Vinyl, string? Colour, double? WidthMm, double? HeightMm, double? XMm, double? YMm, double CarrierMarginMm,
    IReadOnlyList<string> Over, bool Intricate, bool? Mirrored, WrapperLabel? Label)
{
    /// <summary>Usual margin of the carrier, mm: room for scissors (common practice, 6 to 13 mm).</summary>
    public const double UsualCarrierMarginMm = 6;

    /// <summary>A layer of which only the vinyl is known.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="vinyl">The vinyl.</param>
    public static JobLayer Of(string id, Vinyl vinyl) =>
        new(id, vinyl, null, null, null, null, null, UsualCarrierMarginMm, [], false, null, null);

    /// <summary>The face that it lies on.</summary>
    public Face Face { get; init; }

    /// <summary>How many times the usual bond this workshop's logbook, or patches, ask of it on this blank; null for what is
    /// usual.</summary>
    public Sourced<double>? Wants { get; init; }

    /// <summary>How sure that is.</summary>
    public Belief Belief { get; init; } = Belief.Typical;

    /// <summary>Its true shape; null while only its size is known.</summary>
    public CutShape? Shape { get; init; }

    /// <summary>Its drawing was reversed already; <see cref="Shape"/> is as it reads on the blank.</summary>
    public bool Reversed { get; init; }

    /// <summary>Its place in the job file, from 0; hidden layers count.</summary>
    public int At { get; init; }

    /// <summary>How its carrier is cut.</summary>
    public CarrierCut CarrierCut { get; init; }

    /// <summary>It is kept in the job, but neither cut nor pressed.</summary>
    public bool Hidden { get; init; }

    /// <summary>Its pieces keep their places to each other on the sheet.</summary>
    public bool KeepTogether { get; init; } = true;

    /// <summary>What is set in it, where it is lettering; null for other artwork.</summary>
    public Lettering? Words { get; init; }

    /// <summary>What there is to say of its shape at the size it has here; null while that is not known.</summary>
    public ShapeMeasures? Measures =>
        Shape is { } shape && WidthMm is { } w && HeightMm is { } h
        ? shape.Measures.Scaled(w / shape.Bounds.WidthMm, h / shape.Bounds.HeightMm) : null;

    /// <summary>Delicate places of its shape as it lies, by its vinyl's own limit; empty while it has no shape or place.</summary>
    public IReadOnlyList<DelicatePlace> DelicatePlaces
    {
        get
        {
            if (Shape is not { } shape || WidthMm is not { } w || HeightMm is not { } h)
                return [];
            var (sx, sy) = (w / shape.Bounds.WidthMm, h / shape.Bounds.HeightMm);
            var (x, y) = ((XMm ?? 0) - shape.Bounds.XMm * sx, (YMm ?? 0) - shape.Bounds.YMm * sy);
            return [.. shape.Delicate(Vinyl.Cut.SmallestDetailMm.Value / Math.Min(sx, sy))
                .Select(p => new DelicatePlace(p.Kind, x + p.XMm * sx, y + p.YMm * sy, p.RadiusMm * Math.Max(sx, sy)))];
        }
    }

    /// <summary>Both its width and its height are known.</summary>
    public bool HasSize => WidthMm is not null && HeightMm is not null;

    /// <summary>Where it lies; null when size or place is not known.</summary>
    public Box? Box => WidthMm is { } w && HeightMm is { } h && XMm is { } x && YMm is { } y ? new Box(x, y, w, h) : null;

    /// <summary>Its vinyl, mm²: of its true shape where that is known, of its box otherwise; null when not known.</summary>
    public double? AreaMm2 =>
        Shape is { } shape ? shape.AreaMm2 * (WidthMm / shape.Bounds.WidthMm) * (HeightMm / shape.Bounds.HeightMm) : WidthMm * HeightMm;
}
