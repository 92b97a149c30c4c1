using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.FontFiles;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Microsoft.Extensions.Hosting;

namespace Juxtherm.App.Artwork;

/// <summary>Fonts that somebody brought: kept with the workshop, and at hand for whoever reads jobs.</summary>
/// <param name="store">Keeps them.</param>
/// <param name="catalogue">Holds them ready.</param>
/// <param name="room">Where files from elsewhere are worked on.</param>
/// <param name="clock">The time.</param>
public sealed class OwnFonts(FontStore store, CatalogueSnapshot catalogue, DrawingRoom room, TimeProvider clock)
    : IHostedService, IDisposable
{
    private const int Most = 200;
    private readonly SemaphoreSlim _one = new(1);

    /// <inheritdoc/>
    public void Dispose() => _one.Dispose();

    /// <summary>Holds ready what is kept: at the start, and after the workshop's data was exchanged.</summary>
    /// <param name="cancellationToken">Gives up.</param>
    public async Task StartAsync(CancellationToken cancellationToken)
    {
        // Listed and held in one go: of two who bring fonts at once, the later sees both.
        await _one.WaitAsync(cancellationToken);
        try
        {
            var kept = await store.ListAsync(cancellationToken);
            catalogue.Fonts.Hold(kept.Select(f => LetterFont.Own(f.Id, f.Name, f.Licence, () => store.Sfnt(f.Id))));
        }
        finally
        {
            _one.Release();
        }
    }

    /// <inheritdoc/>
    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;

    /// <summary>Keeps a font.</summary>
    /// <param name="file">OTF, TTF, WOFF or WOFF2.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<LetterFont>> AddAsync(byte[] file, CancellationToken cancel)
    {
        var read = await room.DoAsync((problems, _) => Read(file, problems), cancel, "font");
        if (read is not { Value: { } font })
            return read.Failure!;
        if (catalogue.Fonts.Find(font.Id) is null && catalogue.Fonts.All.Count(f => f.IsOwn) >= Most)
        {
            var full = new Problems();
            full.Add("", new Phrase("font.too-many", ("most", Most)), "out-of-range");
            return new Invalid(full, "font");
        }

        await store.AddAsync(
            new FontRow { Id = font.Id, Name = font.Name, Licence = font.Licence, AddedUtc = clock.GetUtcNow(), Sfnt = font.Sfnt }, cancel);
        await StartAsync(cancel);
        return catalogue.Fonts.Find(font.Id)!;
    }

    /// <summary>Takes one away; jobs keep the outlines that were set in it.</summary>
    /// <param name="id">Which.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>It was there.</returns>
    public async Task<bool> RemoveAsync(string id, CancellationToken cancel)
    {
        var removed = await store.RemoveAsync(id, cancel);
        await StartAsync(cancel);
        return removed;
    }

    private static FontFile? Read(byte[] file, Problems problems)
    {
        try
        {
            return FontFile.Read(file);
        }
        catch (FontException e)
        {
            problems.Add("", e.Says, "broken");
            return null;
        }
    }
}
