namespace Juxtherm.Core.Catalogue;

/// <summary>The reference stack that bond and heat dose are measured on: what charts silently assume.</summary>
public static class ReferencePractice
{
    /// <summary>Heat source id.</summary>
    public const string HeatSource = "swing-platen";

    /// <summary>Vinyl id: plain vinyl, which others hold on.</summary>
    public const string Vinyl = "smooth";

    /// <summary>Material id.</summary>
    public const string Material = "cotton";

    /// <summary>Form id.</summary>
    public const string Form = "tee";

    /// <summary>Cover id.</summary>
    public const string Cover = "ptfe";

    /// <summary>Underlay id.</summary>
    public const string Underlay = "pad";

    /// <summary>Cutter id.</summary>
    public const string Cutter = "table";
}
