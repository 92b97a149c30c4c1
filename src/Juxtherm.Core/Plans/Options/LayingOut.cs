using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Where the artwork is laid on the item.</summary>
public sealed class LayingOut : IOption
{
    /// <summary>On the table, then carried over.</summary>
    public const string Table = "table";

    /// <summary>On the plate.</summary>
    public const string Plate = "plate";

    /// <inheritdoc/>
    public string Id => "layingOut";

    /// <inheritdoc/>
    public string Question => "Where is the artwork laid?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Table, "on the table, smoothed, then carried over"), new(Plate, "on the plate")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (!about.Work.Form.Supported)
            return null;
        return about.Job.Quantity == 1
            ? new OptionAdvice(Table, "For a single piece there is time to look at it from above, and no hand works under a hot plate. Sticky carriers hold on the way; dry ones want a strip of tape.")
            : new OptionAdvice(Plate, "With several pieces each is laid where it is pressed, on the warm cloth; keep the heat away while hands are at it.");
    }
}
