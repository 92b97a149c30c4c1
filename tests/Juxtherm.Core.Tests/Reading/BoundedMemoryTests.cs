using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Tests.Reading;

/// <summary>What is remembered stays within its bytes, and what was not asked for longest goes first.</summary>
public sealed class BoundedMemoryTests
{
    [Property(MaxTest = 200)]
    public FsCheck.Property It_never_takes_more_than_it_may_and_never_answers_wrongly() =>
        Prop.ForAll(Gen.Choose(0, 9).SelectMany(key => Gen.Choose(0, 60).Select(size => (key, size))).ListOf().ToArbitrary(), asked =>
        {
            var memory = new BoundedMemory<int, int>(100);
            var last = new Dictionary<int, int>();
            foreach (var (key, size) in asked)
            {
                if (memory.TryGet(key, out var known) && known != last[key])
                    return false;
                memory.Keep(key, size, size);
                last[key] = size;
                if (memory.Bytes is < 0 or > 100)
                    return false;
            }

            memory.Clear();
            return memory.Bytes == 0 && last.Keys.All(k => !memory.TryGet(k, out _));
        });

    [Fact]
    public void What_was_asked_for_lately_outlives_what_was_not()
    {
        var memory = new BoundedMemory<string, int>(30);
        foreach (var (key, n) in new[] { ("a", 1), ("b", 2), ("c", 3) })
            memory.Keep(key, n, 10);
        Assert.True(memory.TryGet("a", out _));
        memory.Keep("d", 4, 10);
        Assert.False(memory.TryGet("b", out _));
        Assert.True(memory.TryGet("a", out var kept));
        Assert.Equal(1, kept);
        memory.Keep("too large", 5, 31);
        Assert.False(memory.TryGet("too large", out _));
        Assert.True(memory.TryGet("d", out _));
    }
}
