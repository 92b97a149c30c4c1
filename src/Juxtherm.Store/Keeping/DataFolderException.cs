using Juxtherm.Core.Notices;

namespace Juxtherm.Store.Keeping;

/// <summary>The data folder cannot be used. The message says why and what to do.</summary>
/// <param name="says">What the reader is told.</param>
/// <param name="inner">What lay behind it.</param>
public class DataFolderException(Phrase says, Exception? inner = null) : SaidException(says, inner);

/// <summary>There is no room left on the disk.</summary>
/// <param name="says">What the reader is told.</param>
/// <param name="inner">What lay behind it.</param>
public sealed class NoRoomException(Phrase says, Exception? inner = null) : DataFolderException(says, inner);

/// <summary>The database is damaged. Nothing was changed; one of its backups can be put in its place.</summary>
/// <param name="says">What the reader is told.</param>
/// <param name="path">The data folder.</param>
/// <param name="inner">What lay behind it.</param>
public sealed class DamagedDataException(Phrase says, string path, Exception? inner = null) : DataFolderException(says, inner)
{
    /// <summary>The data folder.</summary>
    public string FolderPath => path;
}
