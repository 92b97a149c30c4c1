using Juxtherm.App;

namespace Juxtherm.Web.Hosting;

/// <summary>Answers what a use case came to.</summary>
internal static class Answers
{
    /// <summary>What was asked for, or why it came to nothing.</summary>
    public static IResult Of<T>(Result<T> result)
        where T : class => Of(result, value => Results.Ok(value));

    /// <summary>The same, with an answer of its own where it was done.</summary>
    public static IResult Of<T>(Result<T> result, Func<T, IResult> done)
        where T : class => result.Value is { } value ? done(value) : Of(result.Failure!);

    private static IResult Of(Failure failure) => failure switch
    {
        Invalid invalid => ProblemAnswers.Invalid(invalid.Problems, invalid.What),
        Missing missing => ProblemAnswers.NotFound(missing.What),
        Refused refused => ProblemAnswers.Conflict(refused.Code, refused.Why, refused.Now),
        _ => throw new InvalidOperationException($"{failure.GetType().Name} has no answer."),
    };
}
