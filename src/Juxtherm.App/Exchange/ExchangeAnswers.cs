namespace Juxtherm.App.Exchange;

/// <summary>What is in a file from another workshop.</summary>
/// <param name="From">What that workshop calls itself.</param>
/// <param name="SignedBy">Its signature, to be compared with what it says of itself.</param>
/// <param name="Before">Something of it was taken in before.</param>
/// <param name="Own">Own vinyls, blanks and presses that are new here.</param>
/// <param name="Jobs">Titles of its jobs that are new here.</param>
/// <param name="Here">How many of its jobs are here already.</param>
/// <param name="Pieces">How many pieces of its logbook are new here.</param>
public sealed record LookedInto(string From, string SignedBy, bool Before, IReadOnlyList<string> Own, IReadOnlyList<string> Jobs,
    int Here, int Pieces);

/// <summary>Something that was taken in: where it was made, what it goes by here, and what it said then.</summary>
/// <param name="From">Where it was made.</param>
/// <param name="Here">Its id here.</param>
/// <param name="Content">Hash of what it said.</param>
public sealed record TakenThing(Origin From, string Here, string Content);

/// <summary>What was taken in from another workshop.</summary>
/// <param name="Id">To take it back by.</param>
/// <param name="From">What that workshop calls itself.</param>
/// <param name="SignedBy">Its signature.</param>
/// <param name="AtUtc">When.</param>
/// <param name="Own">Ids of own vinyls, blanks and presses.</param>
/// <param name="Jobs">Ids of jobs.</param>
/// <param name="Pieces">Keys of pieces of the logbook.</param>
/// <param name="Whole">All of it is there; otherwise the program ended in the middle, and it can be taken back or taken in again.</param>
public sealed record TakenIn(Guid Id, string From, string SignedBy, DateTimeOffset AtUtc, IReadOnlyList<string> Own,
    IReadOnlyList<Guid> Jobs, IReadOnlyList<Guid> Pieces, bool Whole = true)
{
    /// <summary>Where its things were made: by that they are known when they come again, from there or by way of others.</summary>
    public IReadOnlyList<TakenThing> Things { get; init; } = [];
}

/// <summary>A file being taken in.</summary>
/// <param name="Id">Ask again by it.</param>
/// <param name="Total">Jobs in it that are new here; 0 until they are counted.</param>
/// <param name="Ready">Of these checked; they are kept once all are.</param>
public sealed record TakingIn(Guid Id, int Total, int Ready);

/// <summary>What goes to and came from other workshops.</summary>
/// <param name="Seal">This workshop's signature, for the other to compare.</param>
/// <param name="Taken">What was taken in, newest first.</param>
public sealed record ExchangeAnswer(string Seal, IReadOnlyList<TakenIn> Taken);
