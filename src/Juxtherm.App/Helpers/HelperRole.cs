namespace Juxtherm.App.Helpers;

/// <summary>What a device may do.</summary>
public enum HelperRole
{
    /// <summary>Look, and work something out that is not kept.</summary>
    Look,

    /// <summary>Work at the bench, the press and the cutter, use stock, add photos; and look.</summary>
    Press,

    /// <summary>Everything but letting other devices in.</summary>
    Owner,
}
