using Juxtherm.Core.Logbook;
using Juxtherm.Core.Runs;
using Juxtherm.Store;

namespace Juxtherm.App.Logbook;

/// <summary>Looks things up in the logbook.</summary>
/// <param name="store">The logbook.</param>
/// <param name="names">Names of vinyls, blanks and presses.</param>
public sealed class ReadLogbook(LogStore store, LogNames names)
{
    /// <summary>One entry.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LogAnswer>> FindAsync(long id, CancellationToken cancel) =>
        await names.AnswerAsync(await store.FindAsync(id, cancel), cancel);

    /// <summary>What can be chosen from when looking for something.</summary>
    /// <param name="cancel">Stops it.</param>
    public async Task<LogChoicesAnswer> ChoicesAsync(CancellationToken cancel)
    {
        var found = await store.ChoicesAsync(cancel);
        var name = await names.NamerAsync(cancel);
        IReadOnlyList<LogChoice> Named(IReadOnlyList<string> ids) =>
            [.. ids.Select(id => new LogChoice(id, name(id))).OrderBy(c => c.Name, StringComparer.OrdinalIgnoreCase)];
        return new LogChoicesAnswer(Named(found.Vinyls), Named(found.Materials), Named(found.HeatSources), found.Lots, found.People);
    }

    /// <summary>Alike outcomes of a vinyl on a material under a press, by setting.</summary>
    /// <param name="vinyl">Vinyl id.</param>
    /// <param name="material">Material id.</param>
    /// <param name="heatSource">Heat source id.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<IReadOnlyList<LogMarkAnswer>> MarksAsync(string vinyl, string material, string heatSource,
        CancellationToken cancel) =>
        [.. (await store.MarksAsync(vinyl, material, heatSource, cancel)).Select(m =>
            new LogMarkAnswer(m.Celsius, m.Seconds, Showings.Of([.. m.Outcomes.Select(LogRows.Of<Outcome>)], []), m.Outcomes, m.Count))];
}
