namespace Juxtherm.App.Helpers;

/// <summary>Who asks for what is just being done, as far down as it is done.</summary>
public static class Asking
{
    private static readonly AsyncLocal<Asker?> Current = new();

    /// <summary>The device that asks; null for the machine itself.</summary>
    public static Asker? Now
    {
        get => Current.Value;
        set => Current.Value = value;
    }
}

/// <summary>A device that asks.</summary>
/// <param name="Device">It.</param>
public sealed record Asker(PairedDevice Device)
{
    /// <summary>What it did was already said in so many words.</summary>
    public bool Said { get; set; }
}
