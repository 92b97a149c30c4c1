using System.Text.Json;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Reading;

/// <summary>
/// A place in a JSON document that is being read. It knows its pointer, so whatever is wrong is reported with its place, and
/// reading goes on with a harmless value so that one reading finds every fault.
/// </summary>
/// <param name="element">The value that stands here; undefined when it is absent.</param>
/// <param name="pointer">Its JSON Pointer.</param>
/// <param name="problems">Where faults are collected.</param>
public sealed class JsonCursor(JsonElement element, string pointer, Problems problems)
{
    /// <summary>JSON Pointer of this place.</summary>
    public string Pointer { get; } = pointer;

    /// <summary>Whether a value stands here; null counts as none.</summary>
    public bool Exists => element.ValueKind is not (JsonValueKind.Undefined or JsonValueKind.Null);

    /// <summary>A text stands here.</summary>
    public bool IsText => element.ValueKind == JsonValueKind.String;

    /// <summary>Number of items when this is an array, otherwise 0.</summary>
    public int Count => element.ValueKind == JsonValueKind.Array ? element.GetArrayLength() : 0;

    /// <summary>The names of the members when this is an object.</summary>
    public IEnumerable<string> Names => element.ValueKind == JsonValueKind.Object ? element.EnumerateObject().Select(p => p.Name) : [];

    /// <summary>The items of an array.</summary>
    public IEnumerable<JsonCursor> Items => Enumerable.Range(0, Count).Select(i => this[i]);

    /// <summary>The member of that name; a cursor on nothing when there is none.</summary>
    public JsonCursor this[string name] => new(
        element.ValueKind == JsonValueKind.Object && element.TryGetProperty(name, out var member) ? member : default,
        $"{Pointer}/{Escape(name)}", problems);

    /// <summary>The item at that place of an array.</summary>
    public JsonCursor this[int index] => new(index < Count ? element[index] : default, $"{Pointer}/{index}", problems);

    /// <summary>JSON Pointers of what stands below this place.</summary>
    /// <param name="deep">How far down.</param>
    public IEnumerable<string> Pointers(int deep)
    {
        if (deep == 0)
            return [];
        var below = element.ValueKind == JsonValueKind.Array ? Items : Names.Select(n => this[n]);
        return below.Where(c => c.Exists).SelectMany(c => c.Pointers(deep - 1).Prepend(c.Pointer));
    }

    /// <summary>Reports a fault at this place.</summary>
    public void Fault(Phrase says, string code) => problems.Add(Pointer, says, code);

    /// <summary>Requires an object here.</summary>
    /// <returns>True when it is one.</returns>
    public bool IsObject(bool required = true) => Is(JsonValueKind.Object, new Phrase("json-cursor.an-object"), required);

    /// <summary>Requires an array here.</summary>
    /// <returns>True when it is one.</returns>
    public bool IsArray(bool required = true) => Is(JsonValueKind.Array, new Phrase("json-cursor.a-list"), required);

    /// <summary>A text.</summary>
    /// <param name="otherwise">What to return when it is absent; null makes it required.</param>
    /// <param name="longest">Most characters accepted.</param>
    public string Text(string? otherwise = null, int longest = 200)
    {
        if (!Is(JsonValueKind.String, new Phrase("json-cursor.a-text"), required: otherwise is null))
            return otherwise ?? "";
        if (Plain() is not { } text)
            return otherwise ?? "";
        if (text.Length <= longest)
            return text;
        Fault(new Phrase("json-cursor.too-long", ("place", Place), ("text", text.Length), ("longest", longest)), "too-long");
        return otherwise ?? "";
    }

    /// <summary>A number within limits; null when absent or faulty.</summary>
    /// <param name="least">Least value accepted.</param>
    /// <param name="most">Greatest value accepted.</param>
    /// <param name="unit">Unit to name in the message.</param>
    public double? Number(double least, double most, string unit = "")
    {
        if (!Exists)
            return null;
        var isNumber = element.ValueKind == JsonValueKind.Number;
        if (isNumber && element.TryGetDouble(out var value) && double.IsFinite(value) && value >= least && value <= most)
            return value;
        problems.Add(
            new Problem(Pointer,
                new Phrase("json-cursor.number", ("place", Place), ("described", Described()), ("range", Range(least, most, unit))),
                isNumber ? "out-of-range" : "wrong-type")
            {
                Bounds = new OutOfBounds(isNumber && element.TryGetDouble(out var number) ? number : double.NaN, least, most, unit),
            });
        return null;
    }

    /// <summary>A number that must be there.</summary>
    public double RequiredNumber(double least, double most, string unit = "")
    {
        if (Exists)
            return Number(least, most, unit) ?? least;
        Fault(new Phrase("json-cursor.missing", ("place", Place), ("range", Range(least, most, unit))), "missing");
        return least;
    }

    /// <summary>A whole number within limits; null when absent or faulty.</summary>
    public int? Whole(int least, int most, string unit = "")
    {
        var value = Number(least, most, unit);
        if (value is null || Math.Floor(value.Value) == value.Value)
            return (int?)value;
        Fault(new Phrase("json-cursor.wrong-type", ("place", Place), ("value", value), ("range", Range(least, most, unit))), "wrong-type");
        return null;
    }

    /// <summary>True or false.</summary>
    public bool Flag(bool otherwise)
    {
        if (!Exists)
            return otherwise;
        if (element.ValueKind is JsonValueKind.True or JsonValueKind.False)
            return element.GetBoolean();
        Fault(new Phrase("json-cursor.wrong-type-2", ("place", Place), ("described", Described())), "wrong-type");
        return otherwise;
    }

    /// <summary>One of a set of ids.</summary>
    /// <param name="known">What is accepted.</param>
    /// <param name="otherwise">What to return when it is absent; null makes it required.</param>
    /// <returns>The id; null when it is missing or unknown (a fault is reported).</returns>
    public string? Choice(IReadOnlyCollection<string> known, string? otherwise)
    {
        if (!Exists)
        {
            if (otherwise is null)
                Fault(new Phrase("json-cursor.missing-2", ("place", Place), ("known", Thing.List(known))), "missing");
            return otherwise;
        }

        if (element.ValueKind != JsonValueKind.String)
        {
            Fault(new Phrase("json-cursor.wrong-type-3", ("place", Place), ("described", Described()), ("known", Thing.List(known))),
                "wrong-type");
            return null;
        }

        if (Plain() is not { } id)
            return null;
        if (known.Contains(id, StringComparer.Ordinal))
            return id;
        Fault(new Phrase("json-cursor.unknown-id", ("place", Place), ("shorten", Shorten(id)),
            ("list", Thing.List(NearestIds.To(id, known)))), "unknown-id");
        return null;
    }

    /// <summary>Reports members that are not among the names given: in a catalogue they are misspellings.</summary>
    public void OnlyNames(params string[] accepted)
    {
        foreach (var name in Names.Where(n => !accepted.Contains(n, StringComparer.Ordinal)))
            this[name].Fault(
                new Phrase("json-cursor.unknown-member", ("place", Place), ("name", name),
                    ("list", Thing.List(NearestIds.To(name, accepted)))), "unknown-member");
    }

    /// <summary>The text; null when there is a sign in it that is none.</summary>
    private string? Plain()
    {
        Thing sign = new Phrase("json-cursor.half");
        try
        {
            var text = element.GetString()!;
            if (PlainText.Odd(text) is not { } odd)
                return text;
            sign = odd;
        }
        catch (InvalidOperationException)
        {
            // An escape for half of a surrogate pair.
        }

        Fault(PlainText.Complaint(Place, sign), "wrong-type");
        return null;
    }

    private Thing Place => Pointer.Length == 0 ? new Phrase("json-cursor.document") : Pointer;

    private static Phrase Range(double least, double most, string unit) =>
        new("json-cursor.range", ("least", least), ("most", most), ("unit", unit));

    private static string Escape(string name) =>
        name.Replace("~", "~0", StringComparison.Ordinal).Replace("/", "~1", StringComparison.Ordinal);

    private static string Shorten(string text) => text.Length <= 40 ? text : text[..40] + "…";

    private bool Is(JsonValueKind kind, Phrase called, bool required)
    {
        if (element.ValueKind == kind)
            return true;
        if (Exists)
            Fault(new Phrase("json-cursor.wrong-type-4", ("place", Place), ("described", Described()), ("called", called)), "wrong-type");
        else if (required)
            Fault(new Phrase("json-cursor.missing-3", ("place", Place), ("called", called)), "missing");
        return false;
    }

    private Thing Shown()
    {
        try
        {
            return new Phrase("json-cursor.the-text", ("text", Shorten(PlainText.Printable(element.GetString()!))));
        }
        catch (InvalidOperationException)
        {
            return new Phrase("json-cursor.unreadable");
        }
    }

    private Thing Described() => element.ValueKind switch
    {
        JsonValueKind.Object => new Phrase("json-cursor.object"),
        JsonValueKind.Array => new Phrase("json-cursor.list"),
        JsonValueKind.String => Shown(),
        JsonValueKind.Number => Shorten(element.GetRawText()),
        JsonValueKind.True => "true",
        JsonValueKind.False => "false",
        _ => new Phrase("json-cursor.nothing"),
    };
}
