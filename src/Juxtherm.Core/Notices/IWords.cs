namespace Juxtherm.Core.Notices;

/// <summary>Which units the reader thinks in.</summary>
public enum UnitSystem
{
    /// <summary>°C and mm.</summary>
    Metric,

    /// <summary>°F and inches.</summary>
    Us,
}

/// <summary>Says what was found in the reader's language and units. Rules name the sentence and what it is about; the sentence itself
/// stands elsewhere.</summary>
public interface IWords
{
    /// <summary>A sentence, or a part of one.</summary>
    /// <param name="key">Which, as it is kept with the language.</param>
    /// <param name="about">What it is about, by the names that the sentence uses.</param>
    /// <exception cref="KeyNotFoundException">The language has no such sentence.</exception>
    string Say(string key, params ReadOnlySpan<(string Name, Thing Thing)> about);

    /// <summary>A figure or a name by itself.</summary>
    /// <param name="thing">It.</param>
    string Say(Thing thing);

    /// <summary>A sentence that was named where nobody knew its reader.</summary>
    /// <param name="phrase">It.</param>
    string Say(Phrase phrase)
    {
        ArgumentNullException.ThrowIfNull(phrase);
        return Say(phrase.Key, phrase.About);
    }
}

/// <summary>A language.</summary>
public interface ILanguage
{
    /// <summary>It, for a reader.</summary>
    /// <param name="units">The units that the reader thinks in.</param>
    IWords WordsFor(UnitSystem units);
}

/// <summary>A sentence by its name and what it is about, to be said later.</summary>
/// <param name="key">Which.</param>
/// <param name="about">What it is about.</param>
public sealed class Phrase(string key, params (string Name, Thing Thing)[] about)
{
    /// <summary>Which.</summary>
    public string Key { get; } = key;

    /// <summary>What it is about.</summary>
    public ReadOnlySpan<(string Name, Thing Thing)> About => about;

    /// <summary>Its key and what it is about, for whoever looks into a fault.</summary>
    public override string ToString() => $"{Key} ({string.Join(", ", about.Select(a => $"{a.Name} {a.Thing}"))})";
}
