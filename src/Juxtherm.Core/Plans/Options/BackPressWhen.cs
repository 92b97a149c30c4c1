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
    public string Question(IWords words) => words.Say("back-press-when.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Before, about.Words.Say("back-press-when.before")), new(After, about.Words.Say("back-press-when.after"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about is not RehearsedJob { Measured: { BackGainAtOnce: { } gain, BackGainAfterPeel: { } late } }
            || about.Choose(new BackPress()) != BackPress.Always)
            return null;
        return new OptionAdvice(Before,
            about.Words.Say("back-press-when.before-why", ("gain", Thing.Share(gain)), ("late", Thing.Share(late))));
    }
}
