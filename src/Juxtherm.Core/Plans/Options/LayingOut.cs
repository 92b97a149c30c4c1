using Juxtherm.Core.Notices;
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
    public string Question(IWords words) => words.Say("laying-out.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Table, about.Words.Say("laying-out.table")), new(Plate, about.Words.Say("laying-out.plate"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (!about.Work.Form.Supported)
            return null;
        return about.Job.Quantity == 1
            ? new OptionAdvice(Table, about.Words.Say("laying-out.table-why"))
            : new OptionAdvice(Plate, about.Words.Say("laying-out.plate-why"));
    }
}
