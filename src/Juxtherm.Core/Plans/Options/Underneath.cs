using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>What the work lies on.</summary>
public sealed class Underneath : IOption
{
    /// <inheritdoc/>
    public string Id => "underlay";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("underneath.question");

    /// <inheritdoc/>
    public string Pointer => "/tools/underlay";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return OfferedSupplies.Choices(about.Catalogue.Underlays.Values, about.Job.Tools.Underlay);
    }

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var (form, source) = (about.Work.Form, about.Work.Source);
        if (!form.Supported)
            return null;
        return form.Framed && about.Catalogue.Underlays.Values.FirstOrDefault(u => u.BearsFrames) is { } bearing
            ? new OptionAdvice(bearing.Id, about.Words.Say("underneath.board-why"))
            : new OptionAdvice(source.Usual.Underlay, about.Words.Say("underneath.underlay-why"));
    }

    /// <inheritdoc/>
    public string? Said(Job job) => job.Tools.Underlay.Id;
}
