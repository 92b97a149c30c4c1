using System.Globalization;

namespace Juxtherm.Core.Notices;

/// <summary>Something that a sentence is about: a name, a count, a figure with its unit, a choice, or several of them.</summary>
public readonly struct Thing
{
    private Thing(object? value, ThingKind kind) => (Value, Kind) = (value, kind);

    /// <summary>It; null for nothing.</summary>
    public object? Value { get; }

    /// <summary>What it is.</summary>
    public ThingKind Kind { get; }

    /// <summary>A temperature.</summary>
    /// <param name="celsius">°C.</param>
    public static Thing Celsius(double celsius) => new(celsius, ThingKind.Temperature);

    /// <summary>A temperature as a reader of the other units has it.</summary>
    /// <param name="celsius">°C.</param>
    public static Thing InOtherUnits(double celsius) => new(celsius, ThingKind.OtherTemperature);

    /// <summary>A time.</summary>
    /// <param name="seconds">s.</param>
    public static Thing Seconds(double seconds) => new(seconds, ThingKind.Time);

    /// <summary>A length as a hand measures it.</summary>
    /// <param name="mm">mm.</param>
    public static Thing Mm(double mm) => new(mm, ThingKind.Length);

    /// <summary>A small length, to a tenth of a millimetre.</summary>
    /// <param name="mm">mm.</param>
    public static Thing FineMm(double mm) => new(mm, ThingKind.FineLength);

    /// <summary>A share of what is wanted: bond or heat dose.</summary>
    /// <param name="share">1 is all of it.</param>
    public static Thing Share(double share) => new(share, ThingKind.Share);

    /// <summary>Several names.</summary>
    /// <param name="names">They, in order.</param>
    public static Thing List(IEnumerable<string> names) => new(names.ToList(), ThingKind.List);

    /// <summary>Several counts.</summary>
    /// <param name="counts">They, in order.</param>
    public static Thing List(IEnumerable<int> counts) => List(counts.Select(c => c.ToString(CultureInfo.InvariantCulture)));

    /// <summary>A name or a part of a sentence.</summary>
    public static implicit operator Thing(string? name) => new(name, ThingKind.Text);

    /// <summary>A count.</summary>
    public static implicit operator Thing(int count) => new(count, ThingKind.Number);

    /// <summary>A figure without a unit.</summary>
    public static implicit operator Thing(double figure) => new(figure, ThingKind.Number);

    /// <summary>A count, or nothing.</summary>
    public static implicit operator Thing(int? count) => count is { } some ? some : default;

    /// <summary>A count, or nothing.</summary>
    public static implicit operator Thing(long count) => (double)count;

    /// <summary>A count.</summary>
    public static implicit operator Thing(long? count) => count is { } some ? (double)some : default;

    /// <summary>A figure, or nothing.</summary>
    public static implicit operator Thing(double? figure) => figure is { } some ? some : default;

    /// <summary>A sentence or a part of one.</summary>
    public static implicit operator Thing(Phrase? phrase) => new(phrase, ThingKind.Phrase);

    /// <summary>Yes or no.</summary>
    public static implicit operator Thing(bool yes) => new(yes, ThingKind.Flag);

    /// <summary>One of a few, by its name.</summary>
    public static implicit operator Thing(Enum one) => new(one?.ToString(), ThingKind.Text);

    /// <inheritdoc/>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{Kind} {Value}");
}

/// <summary>What a <see cref="Thing"/> is.</summary>
public enum ThingKind
{
    /// <summary>A name or a part of a sentence.</summary>
    Text,

    /// <summary>A count or a figure without a unit.</summary>
    Number,

    /// <summary>Yes or no.</summary>
    Flag,

    /// <summary>°C.</summary>
    Temperature,

    /// <summary>°C, said in the units that the reader does not think in.</summary>
    OtherTemperature,

    /// <summary>s.</summary>
    Time,

    /// <summary>mm.</summary>
    Length,

    /// <summary>mm, to a tenth.</summary>
    FineLength,

    /// <summary>Of what is wanted.</summary>
    Share,

    /// <summary>A sentence that was named elsewhere.</summary>
    Phrase,

    /// <summary>Names.</summary>
    List,
}
