using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Whether the piece is turned over and pressed from the back.</summary>
public sealed class BackPress : IOption
{
    // As good as the bond wanted.
    private const double Enough = 0.98;

    /// <summary>Press from the back.</summary>
    public const string Always = "always";

    /// <summary>Do not.</summary>
    public const string Never = "never";

    /// <inheritdoc/>
    public string Id => "backPress";

    /// <inheritdoc/>
    public string Question => "A press from the back?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Always, "press from the back"), new(Never, "no press from the back")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about is not RehearsedJob { Measured: { BackGainAtOnce: { } gain } measured })
            return null;
        var after = measured.BackGainAfterPeel is { } late ? $" After the peel it would add {Wording.Share(late)}." : "";
        var figures = $"{measured.BackSeconds:0} s from the back, straight away, add {Wording.Share(gain)} to the {Wording.Share(measured.BondBeforeBack)} of the bond that the front press gives.{after}";
        var material = about.Work.Material;
        var most = Math.Min(material.LimitCelsius.Value, material.DyeMigrationCelsius?.Value ?? double.PositiveInfinity);
        // What was done before is done so again.
        if (about.Job.Used is { } used)
            return used.BackSeconds > 0 ? new OptionAdvice(Always, $"{figures} So it was done before.") : new OptionAdvice(Never, $"{figures} It was not pressed from the back before.");
        if (measured.BackHottestCelsius > most)
            return new OptionAdvice(Never, $"{figures} But the back would get to {about.Words.Temperature(measured.BackHottestCelsius)}, more than {material.Name.ToLowerInvariant()} should.");
        if (about.IsBackByCustom() && measured.BackIsBorne)
            return new OptionAdvice(Always, $"{figures} {Wording.StartingWithA(about.Work.Source.Name)} presses lightly: heat from both sides bonds through, and the front needs less.");
        if (measured.BondBeforeBack >= Enough)
            return new OptionAdvice(Never, $"{figures} The front press is enough.");
        return gain < Measured.WorthDoing ? new OptionAdvice(Never, $"{figures} It would change nothing.") : new OptionAdvice(Always, $"{figures} The glue line is still short of what is wanted, so it is worth turning the piece over.");
    }
}
