using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Says where a piece cools before it is peeled.</summary>
internal static class CoolingWords
{
    /// <summary>A place, as it stands within a sentence.</summary>
    public static string Where(PeelTime peel, Workpiece work, IWords words) =>
        peel.Place == CoolingPlace.ColdBench ? words.Say("cooling.cold-bench")
        : work.Form.Supported ? words.Say("cooling.on-press")
        : words.Say("cooling.standing");
}
