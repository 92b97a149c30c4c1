using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>When a press from the back is done.</summary>
public sealed class BackPressWhen : IOption
{
    /// <summary>Before the peel.</summary>
    public const string Before = "before";

    /// <summary>After the peel.</summary>
    public const string After = "after";

    /// <inheritdoc/>
    public string Id => "backPressWhen";

    /// <inheritdoc/>
    public string Question => "From the back: before the peel or after?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Before, "before the peel, carrier on"), new(After, "after the peel, under a cover")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about is not RehearsedJob { Measured: { BackGainAtOnce: { } gain, BackGainAfterPeel: { } late } } || about.Choose(new BackPress()) != BackPress.Always)
            return null;
        return new OptionAdvice(Before, $"Straight away the piece is still hot, and the press adds {Wording.Share(gain)}; once it has cooled for the peel, {Wording.Share(late)}.");
    }
}
