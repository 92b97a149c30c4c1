using System.Text.RegularExpressions;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>What stands in several places of a job file.</summary>
internal static partial class JobParts
{
    public static Face FaceOf(ChoiceMember member, JsonCursor c, Face otherwise) =>
        member.Given(c) switch { Faces.Front => Face.Front, Faces.Back => Face.Back, _ => otherwise };

    public static PressureLevel? Pressure(ChoiceMember member, JsonCursor c) =>
        member.Given(c) is { } level ? CatalogueIds.Pressures[level] : null;

    public static string? Colour(TextMember member, JsonCursor c)
    {
        if (!c[member.Name].Exists)
            return null;
        var colour = member.In(c);
        if (!Hex().IsMatch(colour))
            c[member.Name]
                .Fault(new Phrase("job-reader.wrong-type", ("pointer", c[member.Name].Pointer), ("colour", colour)), "wrong-type");
        return colour;
    }

    [GeneratedRegex(Colours.Hex, RegexOptions.NonBacktracking)]
    private static partial Regex Hex();
}
