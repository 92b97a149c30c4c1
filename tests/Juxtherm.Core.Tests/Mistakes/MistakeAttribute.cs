namespace Juxtherm.Core.Tests.Mistakes;

/// <summary>Where a mistake is caught.</summary>
public enum Caught
{
    /// <summary>The plan does not let it come to that, or says so.</summary>
    Plan,

    /// <summary>While cutting and weeding.</summary>
    Cut,

    /// <summary>At the bench, before it is made.</summary>
    Bench,

    /// <summary>Afterwards: what to do about it.</summary>
    Judged,
}

/// <summary>A test that shows where one of the trade's mistakes is caught.</summary>
/// <param name="number">Its place in the list.</param>
/// <param name="caught">Where.</param>
/// <param name="how">What the program does, in a sentence.</param>
[AttributeUsage(AttributeTargets.Method, AllowMultiple = true)]
public sealed class MistakeAttribute(int number, Caught caught, string how) : Attribute
{
    public int Number => number;

    public Caught Caught => caught;

    public string How => how;
}
