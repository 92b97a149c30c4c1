using System.Text;

namespace Juxtherm.Words;

/// <summary>Reads the files of a language: a line for each sentence, its key before the equals sign; an indented line goes on with the one
/// before, and a # begins a remark.</summary>
internal static class SentenceFiles
{
    /// <summary>The files of a language that ships.</summary>
    /// <param name="language">Its folder.</param>
    public static IEnumerable<(string Name, string Text)> Shipped(string language)
    {
        var assembly = typeof(SentenceFiles).Assembly;
        foreach (var name in assembly.GetManifestResourceNames().Where(n => n.StartsWith(language + "/", StringComparison.Ordinal)))
        {
            using var reader = new StreamReader(assembly.GetManifestResourceStream(name)!, Encoding.UTF8);
            yield return (name, reader.ReadToEnd());
        }
    }

    /// <summary>All sentences by their keys.</summary>
    /// <param name="files">The files of a language.</param>
    /// <exception cref="FormatException">A line is no sentence, or a key stands twice.</exception>
    public static IReadOnlyDictionary<string, string> Read(IEnumerable<(string Name, string Text)> files)
    {
        var found = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var (name, text) in files)
        {
            foreach (var (key, said) in Sentences(text, name))
            {
                if (!found.TryAdd(key, said))
                    throw new FormatException($"{name}: “{key}” stands twice.");
            }
        }

        return found;
    }

    private static IEnumerable<(string Key, string Said)> Sentences(string text, string file)
    {
        (string Key, StringBuilder Said)? last = null;
        foreach (var line in text.Split('\n').Where(l => l.Length > 0 && l[0] != '#'))
        {
            if (line[0] == ' ')
            {
                (last ?? throw new FormatException($"{file}: nothing stands before “{line}”.")).Said.Append(' ').Append(line.Trim());
                continue;
            }

            if (last is { } done)
                yield return (done.Key, Unquoted(done.Said.ToString()));
            var at = line.IndexOf(" = ", StringComparison.Ordinal);
            if (at < 0)
                throw new FormatException($"{file}: “{line}” is no sentence.");
            last = (line[..at], new StringBuilder(line[(at + 3)..].Trim()));
        }

        if (last is { } end)
            yield return (end.Key, Unquoted(end.Said.ToString()));
    }

    // Quotes keep the blanks at the ends of a part of a sentence.
    private static string Unquoted(string said) => said is ['"', .. var inner, '"'] ? inner : said;
}
