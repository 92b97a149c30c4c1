using System.Collections.Concurrent;
using System.Runtime.CompilerServices;

namespace Juxtherm.Core.Reading;

/// <summary>
/// What is dear to work out of jobs and drawings, kept from one edit to the next. Whoever reads jobs hands it to the reader; each key has a
/// type of its own.
/// </summary>
/// <param name="mostBytes">Most that all of it may take, bytes.</param>
public sealed class WorkMemory(long mostBytes = WorkMemory.UsualBytes)
{
    /// <summary>What one workshop remembers, bytes.</summary>
    public const long UsualBytes = 64 * 1024 * 1024;

    private readonly BoundedMemory<object, object?> _known = new(mostBytes);
    private readonly ConditionalWeakTable<object, ConcurrentDictionary<object, object>> _of = [];

    /// <summary>What it all takes, bytes.</summary>
    public long Bytes => _known.Bytes;

    /// <summary>What is known under a key, worked out where it is not.</summary>
    /// <param name="key">What it depends on, compared by value.</param>
    /// <param name="make">Works it out.</param>
    /// <param name="bytes">About what key and value take, bytes.</param>
    public TValue Get<TValue>(object key, Func<TValue> make, Func<TValue, long> bytes)
    {
        if (_known.TryGet(key, out var known))
            return (TValue)known!;
        var made = make();
        _known.Keep(key, made, bytes(made));
        return made;
    }

    /// <summary>What was worked out of one immutable thing; forgotten with it.</summary>
    /// <param name="owner">The thing; a changed copy is another.</param>
    /// <param name="key">What is asked of it.</param>
    /// <param name="make">Works it out.</param>
    public TValue Of<TValue>(object owner, object key, Func<TValue> make)
        where TValue : notnull => (TValue)_of.GetOrCreateValue(owner).GetOrAdd(key, _ => make());
}
