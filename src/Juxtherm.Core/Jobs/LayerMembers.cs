using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.FontFiles;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>What a job file may say of a layer.</summary>
internal static class LayerMembers
{
    public const int LongestId = 40;

    public static readonly TextMember Id = new("id", LongestId);
    public static readonly IdMember Vinyl = new("vinyl", IdKinds.Vinyls) { OwnPrefix = OwnEntries.IdPrefix, Needed = true };
    public static readonly TextMember Colour = Colours.Named("");
    public static readonly NumberMember WidthMm = new("widthMm", JobReader.LeastMm, JobReader.MostMm, "mm", "Artwork width, mm.");
    public static readonly NumberMember HeightMm = new("heightMm", JobReader.LeastMm, JobReader.MostMm, "mm", "Artwork height, mm.");
    public static readonly NumberMember X = new("xMm", -JobReader.MostMm, JobReader.MostMm, "mm",
        "Left edge from the left of the free area, mm.");
    public static readonly NumberMember Y = new("yMm", -JobReader.MostMm, JobReader.MostMm, "mm",
        "Upper edge from the top of the free area, mm.");
    public static readonly NumberMember CarrierMarginMm = new("carrierMarginMm", 0, 200, "mm",
        "How far the carrier reaches beyond the artwork, mm.");
    public static readonly ChoiceMember Carrier = new("carrier", [JobReader.BoxCarrier, JobReader.ContourCarrier],
        "How its carrier is cut.");
    public static readonly ListMember Over = new("over", new TextMember("", LongestId), int.MaxValue,
        "Ids of layers that this one lies on.");
    public static readonly ChoiceMember Face = new("face", [Faces.Front, Faces.Back]);
    public static readonly FlagMember Intricate = new("intricate", "Its edges are fine; worked out where its shape is known.");
    public static readonly FlagMember Mirrored = new("mirrored", "Whether the cut file is mirrored.");
    public static readonly FlagMember Reversed = new("reversed", "Its drawing is reversed already, and is cut as it is drawn.");
    public static readonly TextMember Outline = new(
        "shape", CutShape.LongestText, "Its true outline as SVG path data, filled by the even-odd rule and fitted into its box.");
    public static readonly FlagMember Hidden = new("hidden", "Kept, but neither cut nor pressed.");
    public static readonly FlagMember KeepTogether = new("keepTogether",
        "Its pieces keep their places to each other on the sheet; true unless said.");

    public static readonly NumberMember LabelCelsius = new("celsius", 80, 230, "°C", "Temperature on the wrapper, °C.");
    public static readonly NumberMember LabelSeconds = new("seconds", 1, 120, "s", "Time on the wrapper, s.");
    public static readonly ChoiceMember LabelPressure = new("pressure", CatalogueIds.Pressures.Keys.ToList());
    public static readonly ChoiceMember LabelPeel = new("peel", CatalogueIds.Peels.Keys.ToList());
    public static readonly ChoiceMember LabelFor = new(
        "for", [JobReader.ForThisPress, JobReader.ForPlatePress],
        "Which press it is for: taken as it is for this one, translated from a plate press; absent when nobody said.");
    public static readonly PartMember Label = new("label",
        new Shape("JobLabel", LabelCelsius, LabelSeconds, LabelPressure, LabelPeel, LabelFor), "What the wrapper says.");

    public static readonly TextMember WordText = new("text", Lettering.LongestText) { Shortest = 1, Needed = true };
    public static readonly TextMember WordFont = new("font", 40, "Id of a font: one that ships, or one of the workshop's own.")
    {
        Pattern = $"^({string.Join('|', LetterFont.All.Select(f => f.Id))}|{FontFile.OwnId})$"
    };

    public static readonly TextMember WordFontName = new("fontName", FontFile.LongestText,
        "What the font is called, where it is no shipped one.");
    public static readonly NumberMember WordHeightMm = new("heightMm", 3, 500, "mm", "Height of its capitals, mm.");
    public static readonly NumberMember WordGapMm = new("gapMm", -50, 100, "mm", "Added between letters, mm.");
    public static readonly NumberMember WordArcDegrees = new("arcDegrees", -340, 340, "°",
        "How much of a circle the words bend around, degrees.");
    public static readonly FlagMember WordFromNames = new("fromNames", "Each garment has its own name here.");
    public static readonly PartMember Word = new("word",
        new Shape("JobWord", WordText, WordFont, WordFontName, WordHeightMm, WordGapMm, WordArcDegrees, WordFromNames),
        "Words that it is set from.");

    public static readonly Shape All = new(
        "JobLayer", Id, Vinyl, Colour, WidthMm, HeightMm, X, Y, CarrierMarginMm, Carrier, Over, Face, Intricate, Mirrored, Reversed, Label,
        Outline, Hidden, KeepTogether, Word);
}
