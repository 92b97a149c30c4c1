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
    public string Question => "What goes over it?";

    /// <inheritdoc/>
    public string Pointer => "/tools/cover";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        // What is in use is always among them, also when it is nobody's advice.
        var used = about.Job.Tools.Cover;
        List<OptionChoice> options = [new(Ptfe, "PTFE sheet"), new("parchment", "baking parchment"), new("paper", "uncoated paper"), new("carrier", "the carrier alone")];
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
            ? new OptionAdvice(Ptfe, "A PTFE sheet spreads the heat, lets go of glue and can be wiped. Paper and parchment take a little longer to warm through, which the time accounts for; bare vinyl always needs something over it.")
            : new OptionAdvice(source.Cover, $"In {Wording.A(source.Name)} the wrap or carrier holds the vinyl; a sheet more would only crease.");
    }

    /// <inheritdoc/>
    public string? Said(Job job) => job.Tools.Cover.Id;
}
