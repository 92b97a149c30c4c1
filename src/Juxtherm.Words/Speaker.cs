using System.Globalization;
using Fluid;
using Fluid.Values;
using Juxtherm.Core.Notices;

namespace Juxtherm.Words;

/// <summary>Says things in a language and in a reader's units.</summary>
internal sealed class Speaker(Language language, UnitSystem units, TemplateOptions options) : IWords
{
    // Beyond it a decimal overflows.
    private const double MostDecimal = 7e27;

    private readonly Figures _figures = new(units);

    /// <inheritdoc/>
    public string Say(string key, params ReadOnlySpan<(string Name, Thing Thing)> about)
    {
        var context = new TemplateContext(options) { CultureInfo = CultureInfo.InvariantCulture };
        foreach (var (name, thing) in about)
            context.SetValue(name, Value(thing));
        return language.Template(key).Render(context);
    }

    /// <inheritdoc/>
    public string Say(Thing thing) => Value(thing).ToStringValue();

    private FluidValue Value(Thing thing) => (thing.Kind, thing.Value) switch
    {
        (_, null) => NilValue.Instance,
        (ThingKind.Temperature, double celsius) => new StringValue(_figures.Temperature(celsius)),
        (ThingKind.OtherTemperature, double celsius) =>
            new StringValue(new Figures(units == UnitSystem.Us ? UnitSystem.Metric : UnitSystem.Us).Temperature(celsius)),
        (ThingKind.Time, double seconds) => new StringValue(Figures.Time(seconds)),
        (ThingKind.Length, double mm) => new StringValue(_figures.Length(mm)),
        (ThingKind.FineLength, double mm) => new StringValue(_figures.Fine(mm)),
        (ThingKind.Share, double share) => new StringValue(Figures.Share(share)),
        (ThingKind.Flag, bool yes) => BooleanValue.Create(yes),
        (ThingKind.Number, int count) => NumberValue.Create(count),
        (ThingKind.Number, double figure) when Math.Abs(figure) < MostDecimal => NumberValue.Create((decimal)figure),
        (ThingKind.Number, double figure) => new StringValue(figure.ToString(CultureInfo.InvariantCulture)),
        (ThingKind.List, IReadOnlyList<string> names) => new ArrayValue([.. names.Select(n => new StringValue(n))]),
        (ThingKind.Phrase, Phrase phrase) => new StringValue(Say(phrase.Key, phrase.About)),
        (_, var text) => new StringValue(text.ToString()!),
    };
}
