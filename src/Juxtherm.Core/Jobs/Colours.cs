using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>Colours in a file.</summary>
internal static class Colours
{
    public const string Hex = "^#[0-9a-fA-F]{6}$";

    public static TextMember Named(string about) => new("colour", 20, about) { Pattern = Hex };
}
