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
    public string Question => "The last press: with the carrier or without?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Cover, "carrier off, under a cover"), new(Carrier, "carrier still on")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about.IsOneGo() || about.Choose(new LayersMethod()) != LayersMethod.Tack)
            return null;
        return about.Work.HasCover
            ? new OptionAdvice(Cover, "Without the carrier the vinyl can sink in until the weave shows through, which is the best sign that it holds.")
            : new OptionAdvice(Carrier, "There is no cover sheet here, and bare vinyl must not touch the plate.");
    }
}
