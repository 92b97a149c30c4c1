using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>How the distance below a collar is counted.</summary>
public sealed class DropCounting : IOption
{
    /// <summary>With a tape.</summary>
    public const string Measured = "measured";

    /// <summary>In finger breadths.</summary>
    public const string Fingers = Jobs.Choices.Fingers;

    /// <inheritdoc/>
    public string Id => "placement";

    /// <inheritdoc/>
    public string Question => "How is the place below the collar found?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Measured, "measured"), new(Fingers, "in finger breadths")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var blank = about.Job.Blank;
        if (!blank.Faces.TryGetValue(blank.Face, out var shape) || shape.Collar is null)
            return null;
        return new OptionAdvice(Measured, $"{about.Words.Length(CollarDrop.Measured(blank.Size))} below the collar's lower edge comes out alike on every piece. Others lay {CollarDrop.InWords(blank.Size)}.");
    }
}
