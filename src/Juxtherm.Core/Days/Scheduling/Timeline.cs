namespace Juxtherm.Core.Days.Scheduling;

/// <summary>How much is left of something, from moment to moment.</summary>
internal sealed class Timeline
{
    private readonly List<int> _at = [int.MinValue];
    private readonly List<int> _free;

    /// <summary>Always as much.</summary>
    /// <param name="free">How much there is at first.</param>
    public Timeline(int free) => _free = [free];

    /// <summary>As many hands as there are.</summary>
    /// <param name="hands">How many there are, from moment to moment.</param>
    public Timeline(IReadOnlyList<HandsFrom> hands)
        : this(0)
    {
        foreach (var step in hands)
            Add(step.From, int.MaxValue, step.Count - _free[Index(step.From)]);
    }

    /// <summary>How much is left at a moment.</summary>
    public int FreeAt(int moment) => _free[Index(moment)];

    /// <summary>Takes one for a while.</summary>
    public void Take(int from, int to) => Add(from, to, -1);

    /// <summary>
    /// From when on one is to be had for the whole of a while, if not from its beginning; null where it is to be had.
    /// </summary>
    public int? NotBefore(int from, int to)
    {
        int? until = null;
        for (var i = Index(from); i < _at.Count && _at[i] < to; i++)
            if (_free[i] < 1)
                until = i + 1 < _at.Count ? _at[i + 1] : int.MaxValue;
        return until;
    }

    private void Add(int from, int to, int amount)
    {
        if (from >= to)
            return;
        var first = Split(from);
        var last = to == int.MaxValue ? _at.Count : Split(to);
        for (var i = first; i < last; i++)
            _free[i] += amount;
    }

    private int Split(int at)
    {
        var i = Index(at);
        if (_at[i] == at)
            return i;
        _at.Insert(i + 1, at);
        _free.Insert(i + 1, _free[i]);
        return i + 1;
    }

    private int Index(int moment)
    {
        var found = _at.BinarySearch(moment);
        return found >= 0 ? found : ~found - 1;
    }
}
