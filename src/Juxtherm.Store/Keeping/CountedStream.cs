using System.Security.Cryptography;
using Juxtherm.Core.Notices;

namespace Juxtherm.Store.Keeping;

/// <summary>Counts and hashes what goes through it, one way, and lets no more through than was said.</summary>
/// <param name="inner">Where it comes from or goes to; closed with it.</param>
/// <param name="most">Most bytes that are let through.</param>
internal sealed class CountedStream(Stream inner, long most = long.MaxValue) : Stream
{
    private readonly IncrementalHash _hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
    private long _count;

    /// <summary>How much went through.</summary>
    public override long Length => _count;

    public override bool CanRead => inner.CanRead;

    public override bool CanWrite => inner.CanWrite;

    public override bool CanSeek => false;

    public override long Position
    {
        get => _count;
        set => throw new NotSupportedException();
    }

    /// <summary>The hash of what went through, in hexadecimal digits; it begins anew after that.</summary>
    public string Sha256() => Convert.ToHexStringLower(_hash.GetHashAndReset());

    public override int Read(byte[] buffer, int offset, int count) => Read(buffer.AsSpan(offset, count));

    public override int Read(Span<byte> buffer)
    {
        var read = inner.Read(buffer);
        Through(buffer[..read]);
        return read;
    }

    public override async ValueTask<int> ReadAsync(Memory<byte> buffer, CancellationToken cancellationToken = default)
    {
        var read = await inner.ReadAsync(buffer, cancellationToken);
        Through(buffer.Span[..read]);
        return read;
    }

    public override Task<int> ReadAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken) =>
        ReadAsync(buffer.AsMemory(offset, count), cancellationToken).AsTask();

    public override void Write(byte[] buffer, int offset, int count) => Write(buffer.AsSpan(offset, count));

    public override void Write(ReadOnlySpan<byte> buffer)
    {
        Through(buffer);
        inner.Write(buffer);
    }

    public override ValueTask WriteAsync(ReadOnlyMemory<byte> buffer, CancellationToken cancellationToken = default)
    {
        Through(buffer.Span);
        return inner.WriteAsync(buffer, cancellationToken);
    }

    public override Task WriteAsync(byte[] buffer, int offset, int count, CancellationToken cancellationToken) =>
        WriteAsync(buffer.AsMemory(offset, count), cancellationToken).AsTask();

    public override void Flush() => inner.Flush();

    public override long Seek(long offset, SeekOrigin origin) => throw new NotSupportedException();

    public override void SetLength(long value) => throw new NotSupportedException();

    protected override void Dispose(bool disposing)
    {
        if (disposing)
        {
            inner.Dispose();
            _hash.Dispose();
        }

        base.Dispose(disposing);
    }

    private void Through(ReadOnlySpan<byte> bytes)
    {
        _count += bytes.Length;
        if (_count > most)
            throw new KeepingException(new Phrase("archive.longer-than-listed"));
        _hash.AppendData(bytes);
    }
}
