using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Tests.Reading;

/// <summary>What is worked out is kept as long as there is room, and not longer than what it was worked out of.</summary>
public class WorkMemoryTests
{
    private readonly record struct Of(string Key);

    private readonly record struct Other(string Key);

    [Fact]
    public void What_is_known_is_not_worked_out_again()
    {
        var (memory, made) = (new WorkMemory(), 0);
        int Make() => ++made;
        Assert.Equal(1, memory.Get(new Of("a"), Make, _ => 10));
        Assert.Equal(1, memory.Get(new Of("a"), Make, _ => 10));
        Assert.Equal(2, memory.Get(new Other("a"), Make, _ => 10));
        Assert.Equal(20, memory.Bytes);
    }

    [Fact]
    public void What_was_not_asked_for_longest_makes_room()
    {
        var memory = new WorkMemory(25);
        foreach (var key in new[] { "a", "b", "a", "c" })
            memory.Get(new Of(key), () => key, _ => 10);
        Assert.Equal("a", memory.Get(new Of("a"), () => "made anew", _ => 10));
        Assert.Equal("made anew", memory.Get(new Of("b"), () => "made anew", _ => 10));
        Assert.InRange(memory.Bytes, 0, 25);
    }

    [Fact]
    public void What_belongs_to_one_thing_is_no_other_s()
    {
        var memory = new WorkMemory();
        var (one, two) = (new object(), new object());
        Assert.Equal("one", memory.Of(one, 1, () => "one"));
        Assert.Equal("two", memory.Of(two, 1, () => "two"));
        Assert.Equal("one", memory.Of(one, 1, () => "three"));
    }
}
