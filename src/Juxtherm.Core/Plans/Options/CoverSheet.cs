using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Which cover sheet is used.</summary>
public sealed class CoverSheet : IOption
{
    /// <summary>PTFE.</summary>
    public const string Ptfe = "ptfe";

    /// <inheritdoc/>
    public string Id => "cover";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("cover-sheet.question");

    /// <inheritdoc/>
    public string Pointer => "/tools/cover";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        // What is in use is always among them, also when it is nobody's advice.
        var used = about.Job.Tools.Cover;
        List<OptionChoice> options = [new(Ptfe, about.Words.Say("cover-sheet.ptfe")),
            new("parchment", about.Words.Say("cover-sheet.parchment")), new("paper", about.Words.Say("cover-sheet.paper")),
            new("carrier", about.Words.Say("cover-sheet.carrier"))];
        return options.Exists(o => o.Id == used.Id) ? options : [.. options, new(used.Id, used.Name.ToLowerInvariant())];
    }

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var source = about.Work.Source;
        if (source.HotAirWm2K is not null)
            return null;
        return source.Cover == Ptfe
            ? new OptionAdvice(Ptfe, about.Words.Say("cover-sheet.ptfe-why"))
            : new OptionAdvice(source.Cover, about.Words.Say("cover-sheet.cover-why", ("source", source.Name)));
    }

    /// <inheritdoc/>
    public string? Said(Job job) => job.Tools.Cover.Id;
}
