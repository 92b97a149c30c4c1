using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Web.Endpoints;

/// <summary>Which side an address asks for.</summary>
internal static class FaceAsked
{
    /// <summary>It; the one that is pressed where it asks for none.</summary>
    public static Face Of(string? face, Job job) => face switch { "back" => Face.Back, "front" => Face.Front, _ => job.Blank.Face };
}
