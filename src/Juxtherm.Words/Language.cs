using System.Collections.Concurrent;
using Fluid;
using Juxtherm.Core.Notices;

namespace Juxtherm.Words;

/// <summary>The sentences of a language, as its folder has them.</summary>
public sealed class Language : ILanguage
{
    private static readonly FluidParser Parser = new();

    private readonly IReadOnlyDictionary<string, string> _sentences;
    private readonly ConcurrentDictionary<string, IFluidTemplate> _templates = new(StringComparer.Ordinal);

    private readonly Speaker _metric;
    private readonly Speaker _us;

    private Language(IReadOnlyDictionary<string, string> sentences)
    {
        _sentences = sentences;
        var options = Filters.Options();
        (_metric, _us) = (new Speaker(this, UnitSystem.Metric, options), new Speaker(this, UnitSystem.Us, options));
    }

    /// <summary>American English.</summary>
    public static Language English { get; } = Of(SentenceFiles.Shipped("en"));

    /// <summary>A language from its files.</summary>
    /// <param name="files">Their names and what stands in them.</param>
    /// <exception cref="FormatException">A line is no sentence, or a key stands twice.</exception>
    public static Language Of(IEnumerable<(string Name, string Text)> files) => new(SentenceFiles.Read(files));

    /// <summary>Its sentences by their keys, as they stand in the folder.</summary>
    public IReadOnlyDictionary<string, string> Sentences => _sentences;

    /// <inheritdoc/>
    public IWords WordsFor(UnitSystem units) => units == UnitSystem.Us ? _us : _metric;

    /// <summary>A sentence, ready to be filled in.</summary>
    /// <param name="key">Which.</param>
    /// <exception cref="KeyNotFoundException">There is no such sentence.</exception>
    internal IFluidTemplate Template(string key) =>
        _templates.GetOrAdd(key,
            k => Parse(k, _sentences.TryGetValue(k, out var said)
                ? said : throw new KeyNotFoundException($"No sentence is called “{k}”.")));

    private static IFluidTemplate Parse(string key, string said) =>
        Parser.TryParse(said, out var template, out var error)
        ? template : throw new FormatException($"The sentence “{key}” cannot be read: {error}");
}
