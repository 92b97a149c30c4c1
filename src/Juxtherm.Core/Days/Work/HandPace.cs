using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Work;

/// <summary>How long this workshop's hands take, as a share of what is typical, by what they do.</summary>
/// <param name="Shares">The shares; what is not in it takes what is typical.</param>
public sealed record HandPace(IReadOnlyDictionary<DayTaskKind, double> Shares)
{
    /// <summary>Nothing is known of these hands.</summary>
    public static HandPace Typical { get; } = new(new Dictionary<DayTaskKind, double>());

    /// <summary>How long something takes, whole s, at least 1.</summary>
    /// <param name="kind">What.</param>
    /// <param name="seconds">What is typical, s.</param>
    public int Of(DayTaskKind kind, double seconds) => Whole(seconds * Shares.GetValueOrDefault(kind, 1));

    /// <summary>What takes as long as it takes, whole s, at least 1.</summary>
    /// <param name="seconds">s.</param>
    public static int Whole(double seconds) => Math.Max(1, (int)Math.Round(seconds, MidpointRounding.AwayFromZero));
}
