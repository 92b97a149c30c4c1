using Juxtherm.Core.Artwork;
using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>What a job file may say of its run.</summary>
internal static class RunMembers
{
    public static readonly TextMember Name = new("name", Lettering.LongestText, "The name that goes on it; absent where none does.");
    public static readonly ChoiceMember Size = new("size", JobReader.Sizes.ToList());
    public static readonly TextMember Colour = Colours.Named("Colour of its vinyl.");
    public static readonly WholeMember Count = new("count", 1, JobReader.MostPieces, "pieces");
    public static readonly TextMember GarmentColour = new("garmentColour", 20, "Colour of the garment, where it is not the item's.")
    {
        Pattern = Colours.Hex
    };
    public static readonly NumberMember WidthMm = new("widthMm", JobReader.LeastMm, JobReader.MostMm, "mm",
        "How wide the name is set, mm; absent for letters as high as all.");
    public static readonly FlagMember Proofed = new("proofed", "Somebody has read it over.");
    public static readonly PartsMember Names = new(
        "names", new Shape("JobName", Name, Size, GarmentColour, Colour, WidthMm, Count, Proofed), 0, NameList.Most,
        "The pieces of a run, by name where they carry one, one garment or several each.");

    public static readonly ChoiceMember RunSize = new("size", JobReader.Sizes.ToList()) { Needed = true };
    public static readonly WholeMember RunCount = new("count", 0, JobReader.MostPieces, "pieces");
    public static readonly PartsMember Sizes = new("sizes", new Shape("JobSize", RunSize, RunCount), 0, int.MaxValue,
        "How many in which size, where names says nothing; read as pieces without a name.");
}
