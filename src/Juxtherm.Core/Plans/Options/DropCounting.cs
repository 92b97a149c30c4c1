using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
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
    public string Question(IWords words) => words.Say("drop-counting.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Measured, "measured"), new(Fingers, about.Words.Say("drop-counting.fingers"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var blank = about.Job.Blank;
        if (!blank.Faces.TryGetValue(blank.Face, out var shape) || shape.Collar is null)
            return null;
        return new OptionAdvice(Measured,
            about.Words.Say("drop-counting.measured-why", ("measured", Thing.Mm(CollarDrop.Measured(blank.Size))),
                ("inWords", CollarDrop.InWords(blank.Size))));
    }
}
