using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.App.Artwork;

/// <summary>Where drawings are worked on, few at a time, so that large ones cannot take all the memory together.</summary>
public sealed class DrawingRoom : IDisposable
{
    private const int AtOnce = 2;
    private static readonly TimeSpan LongestWait = TimeSpan.FromSeconds(20);

    // Whoever sees how far it is, and can stop it, may wait longer.
    private static readonly TimeSpan LongestWatched = TimeSpan.FromMinutes(3);
    private readonly SemaphoreSlim _doors = new(AtOnce);

    /// <inheritdoc/>
    public void Dispose() => _doors.Dispose();

    /// <summary>Does something that may take long, with bounded patience.</summary>
    /// <param name="work">What; null where it cannot be done, and then the problems say why.</param>
    /// <param name="cancel">Stops it.</param>
    /// <param name="what">What was given, as it is called in the answer.</param>
    /// <param name="told">Is told how far it is, 0 to 1; null where nobody wants to know.</param>
    public async Task<Result<T>> DoAsync<T>(Func<Problems, CancellationToken, T?> work, CancellationToken cancel, string what = "job",
        Action<double>? told = null)
        where T : class
    {
        ArgumentNullException.ThrowIfNull(work);
        var (problems, longest) = (new Problems(), told is null ? LongestWait : LongestWatched);
        await _doors.WaitAsync(cancel);
        try
        {
            using var patience = CancellationTokenSource.CreateLinkedTokenSource(cancel);
            patience.CancelAfter(longest);
            using var until = Patience.Until(patience.Token, told);
            return await Task.Run(() => work(problems, patience.Token), cancel) is { } done ? done : new Invalid(problems, what);
        }
        catch (OperationCanceledException) when (!cancel.IsCancellationRequested)
        {
            problems.Add("", new Phrase("artwork-request.too-large", ("total", longest.TotalSeconds)), "too-large");
            return new Invalid(problems, what);
        }
        finally
        {
            _doors.Release();
        }
    }
}
