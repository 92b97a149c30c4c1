namespace Juxtherm.Web.Hosting;

/// <summary>
/// A request that makes something new may carry an id chosen by whoever asks: where its answer was lost on the way, asking again with
/// the same id finds what was made.
/// </summary>
internal static class CommandHeader
{
    /// <summary>The header's name; its value is a UUID.</summary>
    public const string Name = "Juxtherm-Command";
}
