namespace Juxtherm.App;

/// <summary>Ids of what is made by a command.</summary>
public static class CommandId
{
    /// <summary>The id that what is made gets: the one that was chosen by whoever asked, or a new one.</summary>
    /// <param name="command">The one that was chosen.</param>
    /// <param name="clock">The time.</param>
    public static Guid Of(Guid? command, TimeProvider clock) =>
        command is { } id && id != Guid.Empty ? id : Guid.CreateVersion7(clock.GetUtcNow());
}
