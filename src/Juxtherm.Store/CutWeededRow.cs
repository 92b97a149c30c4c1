namespace Juxtherm.Store;

/// <summary>Something ticked off while weeding.</summary>
public sealed class CutWeededRow
{
    public Guid CutId { get; set; }

    /// <summary>As <c>list/sheet/unit</c>.</summary>
    public required string Key { get; set; }
}
