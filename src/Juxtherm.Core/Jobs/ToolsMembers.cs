using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>What a job file may say of press and cutter.</summary>
internal static class ToolsMembers
{
    public static readonly IdMember HeatSource = new("heatSource", IdKinds.HeatSources) { OwnPrefix = OwnEntries.IdPrefix, Needed = true };
    public static readonly IdMember Underlay = new("underlay", IdKinds.Underlays);
    public static readonly IdMember Cover = new("cover", IdKinds.Covers);
    public static readonly NumberMember PlateWidthMm = new("plateWidthMm", 10, JobReader.MostMm, "mm", "Plate width, mm.");
    public static readonly NumberMember PlateHeightMm = new("plateHeightMm", 10, JobReader.MostMm, "mm", "Plate height, mm.");
    public static readonly FlagMember Steam = new("steam", "Steam is on.");
    public static readonly IdMember Cutter = new("cutter", IdKinds.Cutters);
    public static readonly NumberMember CutterWidthMm = new("cutterWidthMm", 10, JobReader.MostMm, "mm", "Widest the cutter cuts, mm.");
    public static readonly NumberMember CutterLengthMm = new("cutterLengthMm", 10, JobReader.MostMm * 10, "mm", "Longest it cuts, mm.");
    public static readonly FlagMember Matless = new("matless", "The vinyl needs no mat.");

    public static readonly Shape All = new("JobTools", HeatSource, Underlay, Cover, PlateWidthMm, PlateHeightMm, Steam, Cutter,
        CutterWidthMm, CutterLengthMm, Matless);
}
