namespace Juxtherm.Core.Tests;

/// <summary>140 columns: what is longer is not read. Samples of other languages in raw texts may be as wide as they are.</summary>
public class ColumnsTests
{
    private const int Most = 140;
    private const string Raw = "\"\"\"";

    [Fact]
    public void No_line_is_wider() => Assert.Empty(
        from folder in new[] { "src", "tests", "benchmarks" }
        from file in Directory.GetFiles(Path.Combine(Shipped.Repository, folder), "*.cs", SearchOption.AllDirectories)
        where !file.Contains("/obj/", StringComparison.Ordinal) && !file.Contains("/Migrations/", StringComparison.Ordinal)
        from line in Wide(File.ReadAllLines(file))
        select $"{Path.GetRelativePath(Shipped.Repository, file)}:{line}");

    private static IEnumerable<int> Wide(string[] lines)
    {
        var raw = false;
        for (var i = 0; i < lines.Length; i++)
        {
            var quotes = (lines[i].Length - lines[i].Replace(Raw, "", StringComparison.Ordinal).Length) / Raw.Length;
            if (lines[i].Length > Most && !raw && quotes == 0)
                yield return i + 1;
            raw ^= quotes % 2 == 1;
        }
    }
}
