using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>What a job file may say of the item.</summary>
internal static class BlankMembers
{
    public static readonly IdMember Form = new("form", IdKinds.Forms);
    public static readonly IdMember Material = new("material", IdKinds.Materials) { OwnPrefix = OwnEntries.IdPrefix, Needed = true };
    public static readonly ChoiceMember Size = new("size", JobReader.Sizes.ToList());
    public static readonly ChoiceMember Face = new("face", [Faces.Front, Faces.Back], "The side that is pressed where a layer says none.");
    public static readonly NumberMember WidthMm = new("widthMm", 5, JobReader.MostMm, "mm", "Width of the free area, mm.");
    public static readonly NumberMember HeightMm = new("heightMm", 5, JobReader.MostMm, "mm", "Height of the free area, mm.");
    public static readonly TextMember Colour = Colours.Named("Colour of the item, for the pictures.");
    public static readonly WholeMember CareDots = new("careDots", 0, 3, "dots",
        "Dots of the ironing symbol; 0 for crossed out; absent when unknown.");
    public static readonly ListMember Traits = new("traits", new ChoiceMember("", JobReader.Traits.ToList()), int.MaxValue,
        "What else is known of the item.");
    public static readonly MapMember Measures = new("measures", new NumberMember("", 1, JobReader.MostMm, "mm"),
        "What the tape says, mm by measure id.");

    public static readonly ChoiceMember FeatureKind =
        new("kind", ["collar", "seam", "zip", "button", "snap", "pocket", "hem", "strap", "handle", "frame", "metal"]) { Needed = true };
    public static readonly NumberMember FeatureX = new("xMm", -JobReader.MostMm, JobReader.MostMm, "mm");
    public static readonly NumberMember FeatureY = new("yMm", -JobReader.MostMm, JobReader.MostMm, "mm");
    public static readonly NumberMember FeatureWidth = new("widthMm", 0, JobReader.MostMm, "mm");
    public static readonly NumberMember FeatureHeight = new("heightMm", 0, JobReader.MostMm, "mm");
    public static readonly PartsMember Features = new(
        "features", new Shape("JobFeature", FeatureKind, FeatureX, FeatureY, FeatureWidth, FeatureHeight), 0, int.MaxValue,
        "What vinyl and plate keep clear of.");

    public static readonly Shape All = new("JobBlank", Form, Material, Size, Face, WidthMm, HeightMm, Colour, CareDots, Traits, Measures,
        Features);
}
