namespace Juxtherm.Core.Practice.Bench;

/// <summary>What is done before a piece is pressed: reading its label, taking things off the shelf, and pressing scraps.</summary>
internal sealed partial class PracticeBench
{
    private const double ReadingSeconds = 5;
    private const double TakingSeconds = 10;

    // A scrap on a hem: preheated like the piece, and cold on the bench before it is judged (common practice).
    private const double PatchPreheatSeconds = 5;
    private const double PatchColdSeconds = 120;

    private string? ReadLabel()
    {
        if (!Case.HasLabel)
            return "no-label";
        if (!_labelRead)
            _clock += ReadingSeconds;
        _labelRead = true;
        return null;
    }

    /// <summary>A scrap of every layer on a hem of the same cloth, with the press as it stands.</summary>
    private string? Patch(double seconds)
    {
        var scrap = new PracticeBench(_hidden, _room, traced: false)
        {
            _taken = _taken,
            _about = _about,
            _dial = _dial,
            _pressure = _pressure,
        };
        foreach (var (prop, state) in _props)
            scrap._props[prop] = state;
        List<Move> moves = [.. _about.Work.Material.PreheatSeconds.Value > 0 ? [new Move(MoveKind.Close) { Seconds = PatchPreheatSeconds }]
            : Array.Empty<Move>(), new Move(MoveKind.Lay) { Layers = FirstFace, Part = 1 },
            new Move(MoveKind.Close) { Seconds = seconds, Part = 1 }, new Move(MoveKind.ToBench) { Seconds = PatchColdSeconds },
            new Move(MoveKind.Peel) { Part = 1 }];
        foreach (var move in moves)
            if (scrap.Do(move) is { } why)
                return why;
        var looks = scrap.Looks();
        _patch = new PatchSeen(looks, scrap.Signs(looks));
        _clock += scrap._clock;
        return null;
    }

    private IReadOnlyList<string> FirstFace =>
        [.. _about.Layers.Where(l => l.Layer.Face == _about.Layers[0].Layer.Face).Select(l => l.Id)];

    private string? Take(Move move)
    {
        // What lies there is not exchanged under it.
        if (_parts is not null)
            return "too-late";
        var (ready, taken) = move.Kind switch
        {
            MoveKind.Cover => (_room.Covers(_hidden.Real).Select(s => s.Id), _taken with { Cover = move.Supply }),
            MoveKind.Underlay => (_room.Underlays(_hidden.Real).Select(s => s.Id), _taken with { Underlay = move.Supply }),
            _ => (Case.Shelf.Select(v => v.Id), _taken with { Vinyl = move.Supply }),
        };
        if (!ready.Contains(move.Supply, StringComparer.Ordinal))
            return "no-such-supply";
        _taken = taken;
        _about = _room.About(_hidden.Real, taken);
        _trace = new BenchTrace(_about);
        _clock += TakingSeconds;
        return null;
    }
}
