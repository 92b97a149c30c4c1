using System.Globalization;
using System.Text.Json;
using Juxtherm.Core.Practice.Path;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Practice;

/// <summary>How far somebody is with a case.</summary>
/// <param name="Review">When it comes again.</param>
/// <param name="On">When it was done last.</param>
/// <param name="Good">It went well.</param>
internal sealed record LearnerCard(SpacedReview Review, DateOnly On, bool Good);

/// <summary>Keeps how far everybody is. Nothing of practice goes anywhere else.</summary>
/// <param name="kept">Where it is kept.</param>
/// <param name="clock">The time.</param>
public sealed class LearnerCards(KeptStore kept, TimeProvider clock)
{
    /// <summary>Longest name.</summary>
    public const int LongestName = 60;

    /// <summary>Everybody who learns here.</summary>
    public async Task<IReadOnlyList<LearnerAnswer>> ListAsync(CancellationToken cancel) =>
        [.. (await ReadAsync(cancel)).Cards.OrderBy(c => c.Key, StringComparer.CurrentCulture).Select(c => Of(c.Key, c.Value))];

    /// <summary>Somebody did a case.</summary>
    /// <param name="name">Who.</param>
    /// <param name="done">Which.</param>
    /// <param name="quality">How well it went, 0 to 5.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<LearnerAnswer> KeepAsync(string name, string done, int quality, CancellationToken cancel)
    {
        while (true)
        {
            var (cards, version) = await ReadAsync(cancel);
            if (!cards.TryGetValue(name, out var own))
                cards[name] = own = new Dictionary<string, LearnerCard>(StringComparer.Ordinal);
            var before = own.GetValueOrDefault(done)?.Review ?? SpacedReview.New;
            own[done] = new LearnerCard(before.After(quality), Today, quality >= SpacedReview.Passed);
            if (await kept.SaveAsync(KeptRow.Practice, JsonSerializer.Serialize(cards, CoreJson.Options), version, cancel))
                return Of(name, own);
        }
    }

    /// <summary>Forgets somebody.</summary>
    /// <returns>They were there.</returns>
    public async Task<bool> ForgetAsync(string name, CancellationToken cancel)
    {
        while (true)
        {
            var (cards, version) = await ReadAsync(cancel);
            if (!cards.Remove(name))
                return false;
            if (await kept.SaveAsync(KeptRow.Practice, JsonSerializer.Serialize(cards, CoreJson.Options), version, cancel))
                return true;
        }
    }

    private DateOnly Today => DateOnly.FromDateTime(clock.GetLocalNow().DateTime);

    private LearnerAnswer Of(string name, IReadOnlyDictionary<string, LearnerCard> cards) => new(name,
        [.. cards.OrderBy(c => c.Key, StringComparer.Ordinal).Select(c =>
            (c.Key, c.Value, Due: c.Value.On.AddDays(c.Value.Review.IntervalDays)))
            .Select(c => new CardAnswer(c.Key, c.Value.Good, c.Due.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), c.Due <= Today))],
        Lessons.Allows(cards.Where(c => c.Value.Good).Select(c => c.Key).ToHashSet(StringComparer.Ordinal)));

    private async Task<(Dictionary<string, Dictionary<string, LearnerCard>> Cards, int Version)> ReadAsync(CancellationToken cancel) =>
        await kept.FindAsync(KeptRow.Practice, cancel) is { } row
            ? (JsonSerializer.Deserialize<Dictionary<string, Dictionary<string, LearnerCard>>>(row.Json, CoreJson.Options)!, row.Version)
            : (new Dictionary<string, Dictionary<string, LearnerCard>>(StringComparer.Ordinal), 0);
}
