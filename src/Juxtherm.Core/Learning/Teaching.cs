using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Logbook;

namespace Juxtherm.Core.Learning;

/// <summary>An entry with the run that it came of.</summary>
/// <param name="Entry">The entry.</param>
/// <param name="RunId">Its run; null for what was read in.</param>
public sealed record Logged(LogEntry Entry, Guid? RunId)
{
    /// <summary>What was pressed together; of what was read in, what has one title on one day.</summary>
    public string Run => RunId?.ToString() ?? $"{Entry.Title} {Entry.At:yyyy-MM-dd}";
}

/// <summary>How a plate was measured.</summary>
public enum PlateMeans
{
    /// <summary>With a probe.</summary>
    Probe,

    /// <summary>With a heat strip.</summary>
    Strip,
}

/// <summary>Reads off the logbook what it says of plates and vinyls.</summary>
public static class Teaching
{
    /// <summary>A piece as evidence; null where it teaches nothing.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="source">Its press as the catalogue has it now.</param>
    public static Evidence? Of(Logged piece, HeatSource source)
    {
        ArgumentNullException.ThrowIfNull(piece);
        ArgumentNullException.ThrowIfNull(source);
        var entry = piece.Entry;
        return entry.Showed is { } showed
            ? new Evidence(piece.Run, entry.Under.HeatSource, entry.Teaches ?? entry.Item.Vinyl, entry.Item.Material,
                entry.Heat!.At(source.Dial.OffsetK.Value), showed)
            : null;
    }

    /// <summary>A plate that somebody measured.</summary>
    /// <param name="source">The press.</param>
    /// <param name="dialCelsius">What its dial showed, °C.</param>
    /// <param name="readCelsius">What was measured, °C.</param>
    /// <param name="means">With what.</param>
    public static PlateReading Reading(HeatSource source, double dialCelsius, double readCelsius, PlateMeans means)
    {
        ArgumentNullException.ThrowIfNull(source);
        return new PlateReading(source.Id, readCelsius - dialCelsius - source.Dial.OffsetK.Value, means == PlateMeans.Strip
            ? LearningFigures.StripSpreadK : LearningFigures.ProbeSpreadK);
    }

    /// <summary>Plates as they were read while they closed. Of a run the middle one counts: one probe in one place is one reading, however
    /// often it is read.</summary>
    /// <param name="pieces">Pieces under which the plate was measured.</param>
    /// <param name="sources">Presses by id; what is not among them is passed over.</param>
    public static IEnumerable<PlateReading> Readings(IEnumerable<Logged> pieces, IReadOnlyDictionary<string, HeatSource> sources)
    {
        ArgumentNullException.ThrowIfNull(sources);
        return pieces.Where(p => p.Entry.PlateCelsius is not null && sources.ContainsKey(p.Entry.Under.HeatSource))
            .GroupBy(p => (p.Run, p.Entry.Under.HeatSource)).Select(run =>
        {
            var off = run.Select(p => p.Entry.PlateCelsius!.Value - p.Entry.Pressed.Celsius).Order().ElementAt(run.Count() / 2);
            return Reading(sources[run.Key.HeatSource], 0, off, PlateMeans.Probe);
        });
    }
}
