using Juxtherm.App.Logbook;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Learning;

/// <summary>Switches something learned.</summary>
/// <param name="Key">Its key.</param>
/// <param name="On">Whether plans use it.</param>
public sealed record LessonSwitch(string Key, bool On);

/// <summary>Notes a repair.</summary>
/// <param name="Repaired">Whether there was one, just now.</param>
public sealed record PressRepaired(bool Repaired);

/// <summary>Strikes a test patch.</summary>
/// <param name="Struck">Whether it counts no more.</param>
public sealed record PatchStrike(bool Struck);

/// <summary>A plate to note as measured.</summary>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="DialCelsius">What the dial showed, 50 to 250 °C.</param>
/// <param name="ReadCelsius">What was measured, 20 to 300 °C.</param>
/// <param name="Means">probe or strip.</param>
public sealed record PlateReadingRequest(string HeatSource, double DialCelsius, double ReadCelsius, string Means);

/// <summary>What the workshop has learned: looked at, switched, and taught by a thermometer.</summary>
/// <param name="learning">What was learned.</param>
/// <param name="catalogues">Presses.</param>
/// <param name="store">Readings and switches.</param>
/// <param name="names">Names of presses.</param>
/// <param name="clock">The time.</param>
public sealed class Teach(WorkshopLearning learning, WorkshopCatalogue catalogues, LogStore store, LogNames names, TimeProvider clock)
{
    private static readonly string[] Means = [.. Enum.GetValues<PlateMeans>().Select(LogRows.Word)];

    /// <summary>All of it.</summary>
    public async Task<LearnedAnswer> LookAsync(CancellationToken cancel)
    {
        var name = await names.NamerAsync(cancel);
        return new LearnedAnswer(await learning.LessonsAsync(cancel),
            [.. (await store.ReadingsAsync(cancel))
                .Select(r =>
                    new PlateReadingAnswer(r.Id, r.HeatSource, name(r.HeatSource), r.AtUtc, r.DialCelsius, r.ReadCelsius, r.Means))],
            [.. (await store.PatchesAsync(cancel))
                .Select(p => new KeptPatchAnswer(p.Id, [name(p.HeatSource), name(p.Vinyl), name(p.Material)], p.AtUtc, p.Celsius,
                    p.Seconds, p.Pressure, p.Outcome, p.Struck))], await store.RepairsAsync(cancel));
    }

    /// <summary>Uses something learned, or leaves it out.</summary>
    /// <param name="ask">What.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LearnedAnswer>> SwitchAsync(LessonSwitch ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        if (!(await learning.LessonsAsync(cancel)).Any(l => l.Key == ask.Key))
            return new Missing("thing that was learned");
        await store.SwitchAsync(ask.Key, ask.On, cancel);
        learning.Forget();
        return await LookAsync(cancel);
    }

    /// <summary>Notes a plate that was measured.</summary>
    /// <param name="ask">What was read.</param>
    /// <param name="command">Chosen by whoever asks; asking twice counts once.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LearnedAnswer>> MeasuredAsync(PlateReadingRequest ask, Guid? command, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var problems = new Problems();
        var sources = (await catalogues.FindAsync(cancel)).HeatSources;
        if (!sources.ContainsKey(ask.HeatSource ?? ""))
            problems.Add("/heatSource",
                new Phrase("learned-request.unknown-id", ("heatSource", ask.HeatSource),
                    ("list", Thing.List(NearestIds.To(ask.HeatSource ?? "", [.. sources.Keys])))), "unknown-id");
        problems.Outside("/dialCelsius", ask.DialCelsius, 50, 250, "°C");
        problems.Outside("/readCelsius", ask.ReadCelsius, 20, 300, "°C");
        if (!Means.Contains(ask.Means, StringComparer.Ordinal))
            problems.Add("/means", new Phrase("learned-request.unknown-id-2", ("means", ask.Means)), "unknown-id");
        if (!problems.None)
            return new Invalid(problems, "reading");
        await store.AddReadingAsync(
            new PlateReadingRow
            {
                HeatSource = ask.HeatSource!,
                AtUtc = clock.GetUtcNow(),
                DialCelsius = ask.DialCelsius,
                ReadCelsius = ask.ReadCelsius,
                Means = ask.Means,
                CommandId = CommandId.Of(command, clock)
            }, cancel);
        learning.Forget();
        return await LookAsync(cancel);
    }

    /// <summary>Notes that a press was repaired just now, or takes that back.</summary>
    /// <param name="heatSource">Heat source id.</param>
    /// <param name="repaired">Whether it was.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LearnedAnswer>> RepairedAsync(string heatSource, bool repaired, CancellationToken cancel)
    {
        if (!(await catalogues.FindAsync(cancel)).HeatSources.ContainsKey(heatSource))
            return new Missing("press");
        await store.RepairedAsync(heatSource, repaired ? clock.GetUtcNow() : null, cancel);
        learning.Forget();
        await learning.LessonsAsync(cancel);
        return await LookAsync(cancel);
    }

    /// <summary>Strikes a test patch, or takes that back.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="struck">Whether it counts no more.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LearnedAnswer>> StrikeAsync(long id, bool struck, CancellationToken cancel)
    {
        if (!await store.StrikePatchAsync(id, struck, cancel))
            return new Missing("test patch");
        learning.Forget();
        await learning.LessonsAsync(cancel);
        return await LookAsync(cancel);
    }

    /// <summary>Takes a reading away.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LearnedAnswer>> ForgetAsync(long id, CancellationToken cancel)
    {
        if (!await store.RemoveReadingAsync(id, cancel))
            return new Missing("measured plate");
        learning.Forget();
        return await LookAsync(cancel);
    }
}
