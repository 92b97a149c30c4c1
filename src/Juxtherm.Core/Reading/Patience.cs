namespace Juxtherm.Core.Reading;

/// <summary>
/// How long whoever asked will wait. It goes along with the call instead of through every signature: what works out shapes lies deep under
/// readers and planners that wait for nothing themselves.
/// </summary>
public static class Patience
{
    private static readonly AsyncLocal<CancellationToken> Current = new();

    /// <summary>Lets all that is worked out within be given up.</summary>
    /// <param name="cancel">Gives up.</param>
    /// <returns>Ends it.</returns>
    public static IDisposable Until(CancellationToken cancel)
    {
        var before = Current.Value;
        Current.Value = cancel;
        return new Back(before);
    }

    /// <summary>Looked at in every long loop.</summary>
    /// <exception cref="OperationCanceledException">Whoever asked has gone, or the time is over.</exception>
    public static void Look() => Current.Value.ThrowIfCancellationRequested();

    private sealed class Back(CancellationToken before) : IDisposable
    {
        public void Dispose() => Current.Value = before;
    }
}
