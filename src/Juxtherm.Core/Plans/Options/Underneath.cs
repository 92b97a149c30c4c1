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
    public string Question => "What lies underneath?";

    /// <inheritdoc/>
    public string Pointer => "/tools/underlay";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var used = about.Job.Tools.Underlay;
        List<OptionChoice> options = [new("pad", "pad"), new("mat", "pressing mat"), new("pillow", "pillow"), new("towel", "folded towel"), new(Board, "board"), new("none", "bare plate")];
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
            ? new OptionAdvice(Board, "Inside a frame a board holds against the plate and, unlike a towel, brings no moisture under the print.")
            : new OptionAdvice(source.Underlay, $"It gives way a little, so that every part of the print is pressed. Change to a pillow where seams cannot be kept off, to the bare plate where small things must lie level.");
    }

    /// <inheritdoc/>
    public string? Said(Job job) => job.Tools.Underlay.Id;
}
