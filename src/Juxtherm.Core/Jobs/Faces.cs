namespace Juxtherm.Core.Jobs;

/// <summary>Sides in a file.</summary>
internal static class Faces
{
    public const string Front = "front";
    public const string Back = "back";
}
