using System.Text.Json;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Runs;
using Juxtherm.Store;

namespace Juxtherm.App.Logbook;

/// <summary>Entries of the logbook as they are kept, and back.</summary>
public static class LogRows
{
    public static LogRow Row(LogEntry entry, Guid? runId, string heatBy)
    {
        var row = new LogRow
        {
            Key = entry.Key,
            RunId = runId,
            AtUtc = entry.At,
            Title = entry.Title,
            Piece = entry.Piece,
            Pieces = entry.Pieces,
            Material = entry.Item.Material,
            Form = entry.Item.Form,
            HeatSource = entry.Under.HeatSource,
            Cover = entry.Under.Cover,
            Underlay = entry.Under.Underlay,
            Celsius = entry.Pressed.Celsius,
            PlannedSeconds = entry.Pressed.PlannedSeconds,
            PressedSeconds = entry.Pressed.Seconds,
            Pressure = Word(entry.Pressed.Pressure),
            PressureKPa = entry.Pressed.PressureKPa,
            PredictedBond = entry.PredictedBond,
            Note = entry.Note,
            Name = entry.Name,
            PressedAgainSeconds = entry.PressedAgainSeconds,
            BackSeconds = entry.BackSeconds,
            Set = Word(entry.Set),
            EndedWell = entry.EndedWell,
            PlateCelsius = entry.PlateCelsius,
            Example = entry.Example,
            Elsewhere = entry.Elsewhere,
            Struck = entry.Struck,
        };
        row.Say(LogWordRow.Vinyl, entry.Item.Vinyl.Split(',', StringSplitOptions.RemoveEmptyEntries));
        row.Say(LogWordRow.Outcome, entry.Outcomes.Select(Word));
        row.Say(LogWordRow.Lot, entry.Lots);
        row.Say(LogWordRow.By, entry.By);
        row.Say(LogWordRow.Teaches, entry.Teaches is { } vinyl ? [vinyl] : []);
        SetHeat(row, entry.Heat, heatBy);
        row.Washes.AddRange(
            entry.Washes.Select(w => new LogWashRow { AtUtc = w.At, Washes = w.Washes, Look = Word(w.Look), Note = w.Note }));
        return row;
    }

    /// <summary>Writes what the heat of a piece was reckoned to be, and by what.</summary>
    public static void SetHeat(LogRow row, HeatHad? heat, string by) =>
        (row.HeatBy, row.LnRoom, row.BondPerK, row.LnBurden, row.BurdenPerK, row.HeatOffsetK) = (heat is null
            ? "" : by, heat?.LnRoom, heat?.BondPerK, heat?.LnHeatDose, heat?.HeatDosePerK, heat?.OffsetK);

    public static LogEntry Entry(LogRow row) => new(
        row.AtUtc, row.Title, row.Piece, row.Pieces, new LoggedItem(Vinyls(row), row.Material, row.Form),
        new LoggedPress(row.HeatSource, row.Cover, row.Underlay),
        new LoggedSetting(row.Celsius, row.PlannedSeconds, row.PressedSeconds, Of<PressureLevel>(row.Pressure), row.PressureKPa),
        row.PredictedBond, Outcomes(row), row.Note)
    {
        Key = row.Key,
        Name = row.Name,
        PressedAgainSeconds = row.PressedAgainSeconds,
        BackSeconds = row.BackSeconds,
        Set = row.Set.Length == 0 ? SettingOrigin.Found : Of<SettingOrigin>(row.Set),
        EndedWell = row.EndedWell ?? true,
        PlateCelsius = row.PlateCelsius,
        Lots = row.Said(LogWordRow.Lot),
        By = row.Said(LogWordRow.By),
        Teaches = row.Said(LogWordRow.Teaches) is [var first, ..] ? first : null,
        Example = row.Example,
        Elsewhere = row.Elsewhere,
        Struck = row.Struck,
        Heat = row is { LnRoom: { } room, BondPerK: { } slope, LnBurden: { } dose, BurdenPerK: { } rise }
        ? new HeatHad(room, slope, dose, rise, row.HeatOffsetK ?? 0) : null,
        Washes = [.. row.Washes.Select(Wash)],
    };

    public static Wash Wash(LogWashRow row) => new(row.AtUtc, row.Washes, Of<WashLook>(row.Look), row.Note);

    public static IReadOnlyList<Outcome> Outcomes(LogRow row) => [.. row.Said(LogWordRow.Outcome).Select(Of<Outcome>)];

    /// <summary>Vinyl ids, separated by commas.</summary>
    public static string Vinyls(LogRow row) => string.Join(',', row.Said(LogWordRow.Vinyl));

    public static string Word<T>(T value)
        where T : struct, Enum => JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString());

    /// <summary>A word as it was kept; only this program writes them.</summary>
    public static T Of<T>(string word)
        where T : struct, Enum => Enum.Parse<T>(word.Replace("-", "", StringComparison.Ordinal), ignoreCase: true);
}
