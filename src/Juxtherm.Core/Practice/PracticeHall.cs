using System.Collections.Concurrent;
using System.Globalization;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Practice.Judging;
using Juxtherm.Core.Practice.Making;
using Juxtherm.Core.Practice.Players;
using Juxtherm.Core.Practice.Trying;

namespace Juxtherm.Core.Practice;

/// <summary>Who works at a practice bench.</summary>
public enum Who
{
    /// <summary>Somebody careful who knows nothing of what is hidden.</summary>
    Careful,

    /// <summary>Somebody who knows it.</summary>
    Knowing,

    /// <summary>Somebody who presses everything like a tee.</summary>
    LikeATee,
}

/// <summary>How a case came out beside what somebody careful would have done.</summary>
/// <param name="Own">How it came out.</param>
/// <param name="OwnTrace">What the stack went through.</param>
/// <param name="Careful">How it would have come out.</param>
/// <param name="CarefulTrace">What it would have gone through.</param>
/// <param name="CarefulMoves">What somebody careful would have done.</param>
public sealed record Judged(CameOut Own, IReadOnlyList<TracePhase> OwnTrace, CameOut Careful, IReadOnlyList<TracePhase> CarefulTrace,
    IReadOnlyList<Move> CarefulMoves)
{
    /// <summary>So many presses were found that would have done the same to a piece of the logbook; 0 where it is none.</summary>
    public int Alike { get; init; }

    /// <summary>On so many of them what was done comes out well.</summary>
    public int GoodOfAlike { get; init; }
}

/// <summary>Practice benches: cases that are written down, and endless ones from a number. What is hidden stays in here until a case is
/// over.</summary>
public sealed class PracticeHall
{
    /// <summary>What the id of a case from a number begins with.</summary>
    public const string SeedPrefix = "seed-";

    private const int MostSeeds = 1_000_000;
    private const int MostRemembered = 200;
    private readonly PracticeRoom _room;
    private readonly CaseMaker _maker;
    private readonly FailedPiece _failed;
    private readonly ConcurrentDictionary<string, HiddenCase> _known = new(StringComparer.Ordinal);

    /// <summary>Opens it.</summary>
    /// <param name="planner">Makes plans.</param>
    public PracticeHall(Planner planner)
    {
        _room = new PracticeRoom(planner);
        _maker = new CaseMaker(_room);
        _failed = new FailedPiece(_maker, _room);
    }

    /// <summary>Ids of the cases that are written down, in the order in which they are learned.</summary>
    public static IReadOnlyList<string> Shelf { get; } = [.. CaseShelf.All.Select(c => c.Id)];

    /// <summary>A case as it is met.</summary>
    /// <param name="id">Its id, or <see cref="SeedPrefix"/> and a number from 0.</param>
    /// <returns>Null where there is none.</returns>
    public PracticeCase? Find(string id) => Hidden(id)?.Case;

    /// <summary>Cover sheets and underlays that lie ready for a case.</summary>
    /// <param name="met">The case.</param>
    public (IReadOnlyList<Supply> Covers, IReadOnlyList<Supply> Underlays) Ready(PracticeCase met)
    {
        ArgumentNullException.ThrowIfNull(met);
        return (_room.Covers(met.Job), _room.Underlays(met.Job));
    }

    /// <summary>Whether a job can be rehearsed: one on both faces only where the plate covers each at once.</summary>
    public static bool CanRehearse(Job job) => PartsOfPrint.CanBe(job);

    /// <summary>The ways of doing it on which crafters differ, each tried on a case by careful work that goes it.</summary>
    /// <param name="id">The case.</param>
    /// <param name="units">The reader's units.</param>
    /// <exception cref="ArgumentException">There is no such case.</exception>
    public IReadOnlyList<WayTried> WaysTried(string id, UnitSystem units) => Trying.WaysTried.On(Known(id), _room, units);

    /// <summary>Sets up a rehearsal of somebody's own job, unless it stands already.</summary>
    /// <param name="id">The id that it is known by from now on.</param>
    /// <param name="job">The job, as this workshop would press it, of those that <see cref="CanRehearse"/>.</param>
    /// <param name="seed">A number, from 0: the same job and number are the same bench.</param>
    public void SetUp(string id, Job job, int seed)
    {
        ArgumentNullException.ThrowIfNull(id);
        ArgumentNullException.ThrowIfNull(job);
        if (!_known.ContainsKey(id))
            Keep(id, _maker.Rehearsal(id, job, seed));
    }

    /// <summary>Sets up a piece of the logbook that failed, unless it stands already.</summary>
    /// <param name="id">The id that it is known by from now on.</param>
    /// <param name="entry">The piece.</param>
    /// <param name="seed">A number, from 0: the same piece and number are the same bench.</param>
    /// <returns>False where heat does not explain what came out, or no press would have done that by the model.</returns>
    public bool SetUpFailed(string id, LogEntry entry, int seed)
    {
        ArgumentNullException.ThrowIfNull(id);
        ArgumentNullException.ThrowIfNull(entry);
        if (_known.ContainsKey(id))
            return true;
        if (_failed.Of(id, entry, seed) is not { } made)
            return false;
        Keep(id, made);
        return true;
    }

    /// <summary>What can be seen and felt after moves.</summary>
    /// <param name="id">The case.</param>
    /// <param name="moves">What was done.</param>
    /// <exception cref="MoveRefusedException">One of them cannot be made.</exception>
    /// <exception cref="ArgumentException">There is no such case.</exception>
    public Seen Look(string id, IReadOnlyList<Move> moves) => PracticeBench.Play(Known(id), moves, _room).Look();

    /// <summary>How moves came out, beside what somebody careful would have done.</summary>
    /// <param name="id">The case.</param>
    /// <param name="moves">What was done.</param>
    /// <returns>Null while it is not handed over.</returns>
    /// <exception cref="MoveRefusedException">One of them cannot be made.</exception>
    /// <exception cref="ArgumentException">There is no such case.</exception>
    public Judged? Judge(string id, IReadOnlyList<Move> moves)
    {
        var hidden = Known(id);
        var own = PracticeBench.Play(hidden, moves, _room, traced: true);
        if (!own.Over)
            return null;
        var others = MovesOf(id, Who.Careful)!;
        var careful = PracticeBench.Play(hidden, others, _room, traced: true);
        return new Judged(CameOut.Of(own), own.Trace, CameOut.Of(careful), careful.Trace, others)
        {
            Alike = hidden.Alike.Count,
            GoodOfAlike = hidden.Alike.Count(t => CameOut.Of(PracticeBench.Play(hidden with { Truth = t }, moves, _room)).Good),
        };
    }

    /// <summary>What somebody would do.</summary>
    /// <param name="id">The case.</param>
    /// <param name="who">Who.</param>
    /// <returns>Null where nothing that was tried is good.</returns>
    /// <exception cref="ArgumentException">There is no such case.</exception>
    public IReadOnlyList<Move>? MovesOf(string id, Who who)
    {
        var hidden = Known(id);
        return who switch
        {
            Who.Careful => Player.Careful(hidden.Case, moves => PracticeBench.Play(hidden, moves, _room).Look(), _room),
            Who.LikeATee => Player.LikeATee(hidden.Case, _room),
            _ => Player.Knowing(hidden, _room),
        };
    }

    private HiddenCase Known(string id) => Hidden(id) ?? throw new ArgumentException($"There is no case {id}.", nameof(id));

    private HiddenCase? Hidden(string id)
    {
        ArgumentNullException.ThrowIfNull(id);
        if (_known.TryGetValue(id, out var known))
            return known;
        if (Made(id) is not { } made)
            return null;
        return Keep(id, made);
    }

    private HiddenCase Keep(string id, HiddenCase made)
    {
        if (_known.Count >= MostRemembered)
            _known.Clear();
        return _known.GetOrAdd(id, made);
    }

    private HiddenCase? Made(string id)
    {
        if (id.StartsWith(SeedPrefix, StringComparison.Ordinal))
            return int.TryParse(id.AsSpan(SeedPrefix.Length), NumberStyles.None, CultureInfo.InvariantCulture, out var seed)
                && seed < MostSeeds ? _maker.Of(seed) : null;
        return CaseShelf.All.FirstOrDefault(c => c.Id == id) is { } written ? _maker.Of(written) : null;
    }
}
