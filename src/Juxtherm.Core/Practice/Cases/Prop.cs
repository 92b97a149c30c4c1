using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Practice.Cases;

/// <summary>What comes of a thing that was left as it should not be.</summary>
public enum Consequence
{
    /// <summary>Nothing that is seen: it was luck.</summary>
    Luck,

    /// <summary>Time is lost.</summary>
    TimeLost,

    /// <summary>Vinyl is lost, and has to be cut again.</summary>
    VinylLost,

    /// <summary>What it was pressed on is lost.</summary>
    ClothLost,

    /// <summary>It lifts, at once or in the wash.</summary>
    Lifts,

    /// <summary>It holds, and does not look right.</summary>
    LooksWrong,

    /// <summary>Somebody could have been hurt.</summary>
    Hurt,
}

/// <summary>When a thing is seen to.</summary>
public enum PropPlace
{
    /// <summary>At the cutter and the weeding table.</summary>
    Cutting,

    /// <summary>At the press, before it closes.</summary>
    Press,

    /// <summary>When it is handed over.</summary>
    After,
}

/// <summary>How a thing may stand.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
public sealed record PropState(string Id, Phrase Name);

/// <summary>A prop: something on the table that stands in one way or another, and can be changed with a hand.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Place">When it is seen to.</param>
/// <param name="Mistake">The mistake that is made where it is left wrong, by its number in the list of mistakes.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Wrong">As one is tempted to leave it.</param>
/// <param name="Right">As it should be.</param>
/// <param name="Does">What comes of it.</param>
/// <param name="Happens">What is seen then.</param>
public sealed record Prop(string Id, PropPlace Place, int Mistake, Phrase Name, PropState Wrong, PropState Right, Consequence Does,
    Phrase Happens)
{
    /// <summary>Seconds that seeing to it takes.</summary>
    public double Seconds { get; init; } = 10;

    /// <summary>A way in which it may stand.</summary>
    /// <param name="state">Id of a state.</param>
    public bool Has(string state) => state == Wrong.Id || state == Right.Id;
}
