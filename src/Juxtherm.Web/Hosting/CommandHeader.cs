namespace Juxtherm.Web.Hosting;

/// <summary>
/// A request that makes something new may carry an id chosen by whoever asks: where its answer was lost on the way, asking again with
/// the same id finds what was made.
/// </summary>
internal static class CommandHeader
{
    /// <summary>The header's name; its value is a UUID.</summary>
    public const string Name = "Juxtherm-Command";

    /// <summary>The id that what is made gets.</summary>
    public static Guid IdOf(Guid? command, TimeProvider clock) => command is { } id && id != Guid.Empty ? id : Guid.CreateVersion7(clock.GetUtcNow());
}
