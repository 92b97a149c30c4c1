namespace Juxtherm.Core.Practice.Cases;

/// <summary>Props whose state heat and pressure can feel, and those states.</summary>
internal static class PropIds
{
    public const string Cover = "cover";
    public const string NoCover = "bare";
    public const string Steam = "steam";
    public const string SteamOn = "on";
    public const string Clock = "clock";
    public const string ByFeel = "by-feel";
    public const string Strips = "strips";
    public const string Levelled = "levelled";
}
