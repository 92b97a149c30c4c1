using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Which cover sheet is used.</summary>
public sealed class CoverSheet : IOption
{
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
        return OfferedSupplies.Choices(about.Catalogue.Covers.Values, about.Job.Tools.Cover);
    }

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var source = about.Work.Source;
        if (source.HotAirWm2K is not null)
            return null;
        return source.Usual.Cover == ReferencePractice.Cover
            ? new OptionAdvice(source.Usual.Cover, about.Words.Say("cover-sheet.ptfe-why"))
            : new OptionAdvice(source.Usual.Cover, about.Words.Say("cover-sheet.cover-why", ("source", source.Name)));
    }

    /// <inheritdoc/>
    public string? Said(Job job) => job.Tools.Cover.Id;
}
