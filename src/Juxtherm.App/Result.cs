using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.App;

/// <summary>Why a use case came to nothing; nothing was changed.</summary>
public abstract record Failure;

/// <summary>What was given cannot be read.</summary>
/// <param name="Problems">Everything that is wrong.</param>
/// <param name="What">What was given, as it is called in the answer.</param>
public sealed record Invalid(Problems Problems, string What = "job") : Failure;

/// <summary>Nothing is kept under that id.</summary>
/// <param name="What">What was looked for.</param>
public sealed record Missing(string What) : Failure;

/// <summary>It does not fit what is kept now.</summary>
/// <param name="Code">A stable word.</param>
/// <param name="Why">For the reader.</param>
/// <param name="Now">What is kept now; null where that helps nobody.</param>
public sealed record Refused(string Code, string Why, object? Now = null) : Failure
{
    /// <summary>What was refused on the way.</summary>
    /// <param name="refused">By whom, and why.</param>
    /// <param name="words">Says it.</param>
    internal static Refused Of(RefusedException refused, IWords words) => new(refused.Code, words.Say(refused.Says));
}

/// <summary>What a use case came to: what was asked for, or why it came to nothing.</summary>
/// <typeparam name="T">What was asked for.</typeparam>
public readonly record struct Result<T>
    where T : class
{
    private Result(T? value, Failure? failure) => (Value, Failure) = (value, failure);

    /// <summary>What was asked for; null where it came to nothing.</summary>
    public T? Value { get; }

    /// <summary>Why it came to nothing; null where it did not.</summary>
    public Failure? Failure { get; }

    internal static Result<T> Of(T value) => new(value, null);

    /// <summary>What was asked for.</summary>
    public static implicit operator Result<T>(T value) => new(value, null);

    /// <summary>It came to nothing.</summary>
    public static implicit operator Result<T>(Failure failure) => new(null, failure);
}

/// <summary>Results of what is only known by an interface.</summary>
public static class Result
{
    /// <summary>What was asked for.</summary>
    /// <param name="value">It.</param>
    public static Result<T> Done<T>(T value)
        where T : class => Result<T>.Of(value);
}
