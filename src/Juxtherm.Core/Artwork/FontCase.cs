using System.Collections.Immutable;

namespace Juxtherm.Core.Artwork;

/// <summary>The fonts at hand: those that ship, and the workshop's own.</summary>
public sealed class FontCase
{
    private ImmutableList<LetterFont> _own = [];

    /// <summary>All of them, its own last.</summary>
    public IReadOnlyList<LetterFont> All => [.. LetterFont.All, .. _own];

    /// <summary>Counts how often its fonts have changed: what was read of a job before may be out of date.</summary>
    public int Edition { get; private set; }

    /// <summary>A font; null where it is not at hand.</summary>
    /// <param name="id">Its id.</param>
    public LetterFont? Find(string id) => LetterFont.All.Concat(_own).FirstOrDefault(f => f.Id == id);

    /// <summary>Exchanges the workshop's own.</summary>
    /// <param name="own">They.</param>
    public void Hold(IEnumerable<LetterFont> own)
    {
        ArgumentNullException.ThrowIfNull(own);
        var before = _own.ToDictionary(f => f.Id, StringComparer.Ordinal);
        _own = [.. own.Select(f => before.GetValueOrDefault(f.Id) ?? f)];
        if (!before.Keys.ToHashSet(StringComparer.Ordinal).SetEquals(_own.Select(f => f.Id)))
            Edition++;
    }
}
