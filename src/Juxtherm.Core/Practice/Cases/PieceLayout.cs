namespace Juxtherm.Core.Practice.Cases;

/// <summary>How the layers of a case lie.</summary>
internal enum PieceLayout
{
    /// <summary>Each on the one below, and smaller.</summary>
    Stacked,

    /// <summary>One print, wider than a small plate.</summary>
    Wide,

    /// <summary>The first on the front, the second on the back.</summary>
    BothFaces,

    /// <summary>Beside each other on the bare blank.</summary>
    SideBySide,
}
