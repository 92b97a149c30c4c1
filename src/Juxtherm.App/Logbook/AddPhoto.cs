using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Store;

namespace Juxtherm.App.Logbook;

/// <summary>Adds photos to a piece.</summary>
/// <param name="store">The logbook.</param>
/// <param name="names">Names of vinyls, blanks and presses.</param>
/// <param name="clock">The time.</param>
public sealed class AddPhoto(LogStore store, LogNames names, TimeProvider clock) : IDisposable
{
    private const int MostPhotos = 12;
    private readonly SemaphoreSlim _door = new(1);

    /// <inheritdoc/>
    public void Dispose() => _door.Dispose();

    /// <summary>Adds one, without what a camera writes into it.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="data">The picture file.</param>
    /// <param name="command">Chosen by whoever asks; asking twice adds one.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LogAnswer>> AddAsync(long id, byte[] data, Guid? command, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return new Missing("entry");
        var problems = new Problems();
        try
        {
            if ((await store.PhotosAsync([id], cancel))[id].Count() >= MostPhotos)
                problems.Add("", new Phrase("add-photo.out-of-range", ("mostPhotos", MostPhotos)), "out-of-range");
            else
            {
                var photo = await ReadAsync(data, cancel);
                await store.AddPhotoAsync(
                    new LogPhotoRow
                    {
                        Id = CommandId.Of(command, clock),
                        LogId = id,
                        AtUtc = clock.GetUtcNow(),
                        Width = photo.Width,
                        Height = photo.Height,
                        Jpeg = photo.Jpeg,
                        Small = photo.Small
                    }, cancel);
            }
        }
        catch (PhotoException e)
        {
            problems.Add("", e.Says, "broken");
        }

        return problems.None ? (await names.AnswersAsync([row], cancel))[0] : new Invalid(problems, "photo");
    }

    /// <summary>One at a time: a large picture takes a few hundred megabytes for a moment.</summary>
    private async Task<Photo> ReadAsync(byte[] data, CancellationToken cancel)
    {
        await _door.WaitAsync(cancel);
        try
        {
            return await Task.Run(() => Photo.Read(data), cancel);
        }
        finally
        {
            _door.Release();
        }
    }
}
