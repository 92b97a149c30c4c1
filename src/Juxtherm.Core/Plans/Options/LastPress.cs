using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Whether the carrier is still on in the last press over several layers.</summary>
public sealed class LastPress : IOption
{
    /// <summary>Carrier off, under a cover.</summary>
    public const string Cover = "cover";

    /// <summary>Carrier still on.</summary>
    public const string Carrier = "carrier";

    /// <inheritdoc/>
    public string Id => "lastPress";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("last-press.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Cover, about.Words.Say("last-press.cover")), new(Carrier, about.Words.Say("last-press.carrier"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about.IsOneGo() || about.Choose(new LayersMethod()) != LayersMethod.Tack)
            return null;
        return about.Work.HasCover
            ? new OptionAdvice(Cover, about.Words.Say("last-press.cover-why"))
            : new OptionAdvice(Carrier, about.Words.Say("last-press.carrier-why"));
    }
}
