using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>What a job file may answer where crafters differ, and accept.</summary>
internal static class ChoiceMembers
{
    public static readonly IReadOnlyList<ChoiceMember> Questions =
        [.. Jobs.Choices.Accepted.Select(c => new ChoiceMember(c.Key, [JobReader.Advise, .. c.Value]))];
    public static readonly ChoiceMember Layout = new("layout", [JobReader.Advise, .. CutWishes.Layouts.Keys], "How sheets are laid out.");
    public static readonly PartMember Choices = new("choices", new Shape("JobChoices", [.. Questions, Layout]),
        "Methods on which crafters differ.");

    public static readonly TextMember Code = new("code", 60) { Needed = true };
    public static readonly TextMember Word = new("word", 200) { Shortest = 1, Needed = true };
    public static readonly PartsMember Accepted = new("accepted", new Shape("Accepted", Code, Word), 0, int.MaxValue,
        "Notices that the crafter accepts, each with a word on why.");
}
