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
    public string Question(IWords words) => words.Say("back-press.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Always, about.Words.Say("back-press.always")), new(Never, about.Words.Say("back-press.never"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about is not RehearsedJob { Measured: { BackGainAtOnce: { } gain } measured })
            return null;
        var after = measured.BackGainAfterPeel is { } late ? about.Words.Say("back-press.after", ("late", Thing.Share(late))) : "";
        var figures = about.Words.Say("back-press.figures", ("back", measured.BackSeconds), ("gain", Thing.Share(gain)),
            ("bondBeforeBack", Thing.Share(measured.BondBeforeBack)), ("after", after));
        var material = about.Work.Material;
        var most = Math.Min(material.Limit.Celsius.Value, material.Limit.DyeMigrationCelsius?.Value ?? double.PositiveInfinity);
        // What was done before is done so again.
        if (about.Job.Used is { } used)
            return used.BackSeconds > 0
                ? new OptionAdvice(Always, about.Words.Say("back-press.always-why", ("figures", figures)))
                : new OptionAdvice(Never, about.Words.Say("back-press.never-why", ("figures", figures)));
        if (measured.BackHottestCelsius > most)
            return new OptionAdvice(Never,
                about.Words.Say("back-press.never-why-2", ("figures", figures), ("backHottest", Thing.Celsius(measured.BackHottestCelsius)),
                    ("material", material.Name)));
        if (about.IsBackByCustom() && measured.BackIsBorne)
            return new OptionAdvice(Always,
                about.Words.Say("back-press.always-why-2", ("figures", figures), ("source", about.Work.Source.Name)));
        if (measured.BondBeforeBack >= Enough)
            return new OptionAdvice(Never, about.Words.Say("back-press.never-why-3", ("figures", figures)));
        return gain < Measured.WorthDoing
            ? new OptionAdvice(Never, about.Words.Say("back-press.never-why-4", ("figures", figures)))
            : new OptionAdvice(Always, about.Words.Say("back-press.always-why-3", ("figures", figures)));
    }
}
