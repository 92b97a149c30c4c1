namespace Juxtherm.Core.Reading;

/// <summary>
/// How long whoever asked will wait, and how far it is. It goes along with the call instead of through every signature: what works out
/// shapes lies deep under readers and planners that wait for nothing themselves.
/// </summary>
public static class Patience
{
    private static readonly AsyncLocal<Asked?> Current = new();

    /// <summary>Lets all that is worked out within be given up.</summary>
    /// <param name="cancel">Gives up.</param>
    /// <param name="told">Is told how far it is, 0 to 1; null where nobody wants to know.</param>
    /// <returns>Ends it.</returns>
    public static IDisposable Until(CancellationToken cancel, Action<double>? told = null) => Enter(new Asked(told, 0, 1, cancel));

    /// <summary>What is worked out within is only so much of the whole.</summary>
    /// <param name="from">Share of the whole at its beginning.</param>
    /// <param name="to">Share of the whole at its end.</param>
    /// <returns>Ends it.</returns>
    public static IDisposable Part(double from, double to) =>
        Enter(Current.Value is { } asked ? asked with { From = asked.At(from), To = asked.At(to) } : null);

    /// <summary>Looked at in every long loop.</summary>
    /// <exception cref="OperationCanceledException">Whoever asked has gone, or the time is over.</exception>
    public static void Look() => Current.Value?.Cancel.ThrowIfCancellationRequested();

    /// <summary>Tells how far it is.</summary>
    /// <param name="done">So much is done.</param>
    /// <param name="of">Of so much; above 0.</param>
    public static void Tell(int done, int of)
    {
        if (Current.Value is { Told: { } told } asked)
            told(asked.At(Math.Clamp((double)done / of, 0, 1)));
    }

    private static Back Enter(Asked? asked)
    {
        var before = Current.Value;
        Current.Value = asked;
        return new Back(before);
    }

    private sealed record Asked(Action<double>? Told, double From, double To, CancellationToken Cancel)
    {
        public double At(double share) => From + share * (To - From);
    }

    private sealed class Back(Asked? before) : IDisposable
    {
        public void Dispose() => Current.Value = before;
    }
}
