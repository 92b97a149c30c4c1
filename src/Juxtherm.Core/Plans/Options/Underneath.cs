using Juxtherm.Core.Notices;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>What the work lies on.</summary>
public sealed class Underneath : IOption
{
    /// <summary>A board.</summary>
    public const string Board = "board";

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
        var used = about.Job.Tools.Underlay;
        List<OptionChoice> options = [new("pad", "pad"), new("mat", about.Words.Say("underneath.mat")), new("pillow", "pillow"),
            new("towel", about.Words.Say("underneath.towel")), new(Board, "board"), new("none", about.Words.Say("underneath.none"))];
        return options.Exists(o => o.Id == used.Id) ? options : [.. options, new(used.Id, used.Name.ToLowerInvariant())];
    }

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var (form, source) = (about.Work.Form, about.Work.Source);
        if (!form.Supported)
            return null;
        return form.Framed
            ? new OptionAdvice(Board, about.Words.Say("underneath.board-why"))
            : new OptionAdvice(source.Underlay, about.Words.Say("underneath.underlay-why"));
    }

    /// <inheritdoc/>
    public string? Said(Job job) => job.Tools.Underlay.Id;
}
