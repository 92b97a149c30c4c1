using System.Diagnostics.CodeAnalysis;

namespace Juxtherm.Core.Reading;

/// <summary>Remembers what is dear to work out, up to so many bytes; what was not asked for longest is forgotten first.</summary>
/// <typeparam name="TKey">What it is found by.</typeparam>
/// <typeparam name="TValue">What is remembered.</typeparam>
/// <param name="mostBytes">Most that all of it may take, bytes; what is larger alone is not remembered.</param>
/// <param name="same">Compares keys; null for the usual way.</param>
public sealed class BoundedMemory<TKey, TValue>(long mostBytes, IEqualityComparer<TKey>? same = null)
    where TKey : notnull
{
    private readonly Lock _one = new();
    private readonly Dictionary<TKey, LinkedListNode<(TKey Key, TValue Value, long Bytes)>> _known = new(same);
    private readonly LinkedList<(TKey Key, TValue Value, long Bytes)> _order = new();

    /// <summary>What it all takes, bytes.</summary>
    public long Bytes { get; private set; }

    /// <summary>Finds something.</summary>
    public bool TryGet(TKey key, [MaybeNullWhen(false)] out TValue value)
    {
        lock (_one)
        {
            if (!_known.TryGetValue(key, out var node))
            {
                value = default;
                return false;
            }

            _order.Remove(node);
            _order.AddLast(node);
            value = node.Value.Value;
            return true;
        }
    }

    /// <summary>Remembers something in the place of what was known under its key.</summary>
    /// <param name="key">What it is found by.</param>
    /// <param name="value">It.</param>
    /// <param name="bytes">About what it takes, bytes, not below zero.</param>
    /// <exception cref="ArgumentOutOfRangeException">The bytes are below zero.</exception>
    public void Keep(TKey key, TValue value, long bytes)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(bytes);
        lock (_one)
        {
            Drop(key);
            if (bytes > mostBytes)
                return;
            _known[key] = _order.AddLast((key, value, bytes));
            Bytes += bytes;
            while (Bytes > mostBytes)
                Drop(_order.First!.Value.Key);
        }
    }

    /// <summary>Forgets something.</summary>
    public void Forget(TKey key)
    {
        lock (_one)
            Drop(key);
    }

    /// <summary>Forgets everything.</summary>
    public void Clear()
    {
        lock (_one)
        {
            _known.Clear();
            _order.Clear();
            Bytes = 0;
        }
    }

    private void Drop(TKey key)
    {
        if (!_known.Remove(key, out var node))
            return;
        _order.Remove(node);
        Bytes -= node.Value.Bytes;
    }
}
