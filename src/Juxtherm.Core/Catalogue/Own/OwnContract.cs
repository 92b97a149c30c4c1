using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Catalogue.Own;

/// <summary>Kinds of ids that files name.</summary>
public static class IdKinds
{
    /// <summary>Vinyls.</summary>
    public const string Vinyls = "vinyls";

    /// <summary>Materials.</summary>
    public const string Materials = "materials";

    /// <summary>Forms of items.</summary>
    public const string Forms = "forms";

    /// <summary>Heat sources.</summary>
    public const string HeatSources = "heatSources";

    /// <summary>Underlays.</summary>
    public const string Underlays = "underlays";

    /// <summary>Covers.</summary>
    public const string Covers = "covers";

    /// <summary>Cutters.</summary>
    public const string Cutters = "cutters";

    /// <summary>The ids that a catalogue has of a kind.</summary>
    /// <param name="catalogue">The catalogue.</param>
    /// <exception cref="ArgumentOutOfRangeException">There is no such kind.</exception>
    public static KnownIds Of(CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(catalogue);
        return kind => kind switch
        {
            Vinyls => catalogue.Vinyls.Keys,
            Materials => catalogue.Materials.Keys,
            Forms => catalogue.Forms.Keys,
            HeatSources => catalogue.HeatSources.Keys,
            Underlays => catalogue.Underlays.Keys,
            Covers => catalogue.Covers.Keys,
            Cutters => catalogue.Cutters.Keys,
            _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, "No such kind of ids."),
        };
    }
}

/// <summary>What an own vinyl, blank or press may say, in a job file and on the shelf alike.</summary>
internal static class OwnContract
{
    public static readonly TextMember Id = new("id", 60, "Begins with own-.") { Pattern = "^" + OwnEntries.IdPrefix, Needed = true };
    public static readonly TextMember Name = new("name", 60) { Shortest = 1, Needed = true };
    public static readonly NumberMember Celsius = new("celsius", 80, 230, "°C", "Temperature, °C.");
    public static readonly NumberMember Seconds = new("seconds", 1, 120, "s", "Time, s.");
    public static readonly ChoiceMember Pressure = new("pressure", CatalogueIds.Pressures.Keys.ToList());
    public static readonly ChoiceMember Peel = new("peel", CatalogueIds.Peels.Keys.ToList());

    public static readonly IdMember Family = new("family", IdKinds.Vinyls, "The family that it is of.") { Needed = true };
    public static readonly NumberMember VinylThicknessMm = new("thicknessMm", 0.03, 2, "mm", "Thickness without its carrier, mm.");
    public static readonly TextMember Note = new("note", 200);
    public static readonly IdMember FigurePress = new("press", IdKinds.HeatSources, "The kind of press that it is for.") { Needed = true };
    public static readonly PartsMember Figures = new("figures", new Shape("OwnFigure", FigurePress, Celsius, Seconds, Pressure), 0,
        int.MaxValue, "What was found right under one kind of press each.");

    public static readonly IdMember FibreMaterial = new("material", IdKinds.Materials) { Needed = true };
    public static readonly NumberMember Percent = new("percent", 1, 100, "%", "Share of the cloth, %.") { Needed = true };
    public static readonly PartsMember Fibres = new("fibres", new Shape("OwnFibre", FibreMaterial, Percent), 1, 6,
        "What it is made of; the shares come to 100 %.")
    { Needed = true };
    public static readonly NumberMember BlankThicknessMm = new("thicknessMm", 0.05, 50, "mm", "Thickness, mm.");
    public static readonly NumberMember GramsPerM2 = new("gramsPerM2", 20, 20_000, "g/m²", "Weight, g/m².");
    public static readonly NumberMember LimitCelsius = new("limitCelsius", 50, 300, "°C", "The hottest that it bears, °C.");
    public static readonly FlagMember Shrinks = new("shrinks", "It shrinks in its first wash.");

    public static readonly IdMember PressKind = new("kind", IdKinds.HeatSources, "The kind that it is of.") { Needed = true };
    public static readonly NumberMember PlateWidthMm = new("plateWidthMm", 10, 2000, "mm", "Plate width, mm.");
    public static readonly NumberMember PlateHeightMm = new("plateHeightMm", 10, 2000, "mm", "Plate height, mm.");
    public static readonly ChoiceMember DialUnit = new("dialUnit", ["C", "F"], "What its dial shows.");
    public static readonly NumberMember DialStep = new("dialStep", 1, 50, "degrees", "Steps of its dial, degrees.");
    public static readonly NumberMember DialErrorK = new("dialErrorK", 0, 60, "K", "How far the face may be off the dial, K.");
    public static readonly NumberMember DialOffsetK = new("dialOffsetK", -40, 40, "K",
        "How much hotter the face is than the dial shows, K.");
    public static readonly NumberMember CoolRimMm = new("coolRimMm", 0, 200, "mm", "How far in from its edge the plate stays cool, mm.");
    public static readonly NumberMember SpotX = new("xMm", 0, 2000, "mm", "From the plate's left edge, mm.") { Needed = true };
    public static readonly NumberMember SpotY = new("yMm", 0, 2000, "mm", "From the plate's upper edge, mm.") { Needed = true };
    public static readonly NumberMember SpotWidth = new("widthMm", 1, 2000, "mm") { Needed = true };
    public static readonly NumberMember SpotHeight = new("heightMm", 1, 2000, "mm") { Needed = true };
    public static readonly PartsMember CoolSpots = new("coolSpots", new Shape("CoolSpot", SpotX, SpotY, SpotWidth, SpotHeight), 0, 12,
        "Where a strip stayed pale.");
    public static readonly ChoiceMember By = new("by", ["feel", "scale", "strip"], "How its pressure is known.");
    public static readonly FlagMember Even = new("even", "Strips of paper hold equally fast all round.");
    public static readonly PartMember PressPressure = new("pressure",
        new Shape("OwnPressure", [By, .. CatalogueIds.Pressures.Keys.Select(Weight), Even]), "What light, medium and firm come to.");

    public static readonly Shape Vinyl = new("OwnVinyl", Id, Name, Family, Celsius, Seconds, Pressure, Peel, VinylThicknessMm, Note,
        Figures);
    public static readonly Shape Blank = new("OwnBlank", Id, Name, Fibres, BlankThicknessMm, GramsPerM2, LimitCelsius, Shrinks);
    public static readonly Shape Press = new("OwnPress", Id, Name, PressKind, PlateWidthMm, PlateHeightMm, DialUnit, DialStep, DialErrorK,
        DialOffsetK, CoolRimMm, CoolSpots, PressPressure);

    public static NumberMember Weight(string word) => new($"{word}Kg", 0.2, 500, "kg", "What a scale under the plate shows, kg.");
}

/// <summary>Own entries that a file brings along.</summary>
internal static class OwnLists
{
    public static readonly PartsMember Vinyls = new("vinyls", OwnContract.Vinyl, 0, int.MaxValue);
    public static readonly PartsMember Blanks = new("blanks", OwnContract.Blank, 0, int.MaxValue);
    public static readonly PartsMember Presses = new("presses", OwnContract.Press, 0, int.MaxValue);
    public static readonly PartMember All = new("own", new Shape("Own", Vinyls, Blanks, Presses),
        "Own vinyls, blanks and presses that the job uses, so that its file is whole elsewhere.");
}
