using System.Globalization;
using Fluid;
using Fluid.Values;

namespace Juxtherm.Words;

/// <summary>What a sentence of English may do with what it is about.</summary>
internal static class Filters
{
    /// <summary>All of them.</summary>
    public static TemplateOptions Options()
    {
        var options = new TemplateOptions();
        Add(options, "a", (it, _) => Figures.A(it.ToStringValue()));
        Add(options, "first_up", (it, _) => Figures.FirstUp(it.ToStringValue()));
        Add(options, "times", (it, _) => Figures.Times((int)it.ToNumberValue()));
        Add(options, "bond", (it, _) => Figures.Bond((double)it.ToNumberValue()));
        Add(options, "size", (it, _) => Figures.Size(it.ToStringValue()));
        Add(options, "seconds_to", (it, given) => Figures.Span((double)it.ToNumberValue(), (double)given.At(0).ToNumberValue()));
        Add(options, "number", (it, given) => ((double)it.ToNumberValue())
            .ToString(given.At(0).ToStringValue(), CultureInfo.InvariantCulture));
        Add(options, "or_mark", (it, given) => Figures.SetTo(given.At(0).IsNil() ? null : given.At(0).ToStringValue(), it.ToStringValue()));
        return options;
    }

    private static void Add(TemplateOptions options, string name, Func<FluidValue, FilterArguments, string> turn) =>
        options.Filters.AddFilter(name, (it, given, _) => new ValueTask<FluidValue>(new StringValue(turn(it, given))));
}
