using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Cutting.Stock;

/// <summary>Vinyl on hand as a table: CSV with a heading, in and out.</summary>
public static class StockTable
{
    /// <summary>Most lines read at once.</summary>
    public const int Most = 2000;

    /// <summary>Longest label, lot or colour name, characters.</summary>
    public const int LongestText = 80;

    /// <summary>Widest accepted, mm.</summary>
    public const double WidestMm = 2000;

    /// <summary>Narrowest piece accepted, mm.</summary>
    public const double NarrowestMm = 10;

    /// <summary>Longest accepted, mm.</summary>
    public const double LongestMm = 200_000;

    private static readonly string[] Columns = ["kind", "vinyl", "colour", "colour name", "width mm", "length mm", "corner width mm",
        "corner length mm", "lot", "label", "price per metre", "low mm"];

    /// <summary>Writes a table.</summary>
    /// <param name="stock">What is on hand.</param>
    public static string Write(IEnumerable<VinylStock> stock)
    {
        ArgumentNullException.ThrowIfNull(stock);
        var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, new CsvConfiguration(CultureInfo.InvariantCulture)))
        {
            foreach (var column in Columns)
                csv.WriteField(column);
            csv.NextRecord();
            foreach (var s in stock)
            {
                csv.WriteField(s.Kind.ToString().ToLowerInvariant());
                csv.WriteField(PlainText.Cell(s.Vinyl));
                csv.WriteField(s.Colour);
                csv.WriteField(PlainText.Cell(s.ColourName));
                foreach (var mm in new[] { s.WidthMm, s.LengthMm, s.CornerWidthMm, s.CornerLengthMm })
                    csv.WriteField(Math.Round(mm, 1));
                csv.WriteField(PlainText.Cell(s.Lot));
                csv.WriteField(PlainText.Cell(s.Label));
                csv.WriteField(s.PricePerMetre);
                csv.WriteField(s.LowMm);
                csv.NextRecord();
            }
        }

        return text.ToString();
    }

    /// <summary>Reads a table. Ids are given by whoever keeps it.</summary>
    /// <param name="text">CSV with a heading; columns in any order, kind, vinyl, colour, width mm and length mm needed.</param>
    /// <param name="vinyls">Vinyl ids that are known.</param>
    /// <param name="problems">Filled with everything that is wrong, by line.</param>
    public static IReadOnlyList<VinylStock> Read(string text, IReadOnlyCollection<string> vinyls, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(problems);
        var parter = text.Split('\n')[0].Contains(';', StringComparison.Ordinal)
            ? ";" : text.Split('\n')[0].Contains('\t', StringComparison.Ordinal) ? "\t" : ",";
        var config = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            Delimiter = parter,
            HasHeaderRecord = false,
            TrimOptions = TrimOptions.Trim,
            BadDataFound = null,
            MissingFieldFound = null
        };
        using var csv = new CsvParser(new StringReader(text.Replace("\r\n", "\n", StringComparison.Ordinal)), config);
        if (!csv.Read())
        {
            TableFaults.Empty(problems, Columns);
            return [];
        }

        var heading = (csv.Record ?? []).Select(h => h.Trim().ToLowerInvariant()).ToArray();
        foreach (var needed in new[] { "kind", "vinyl", "colour", "width mm",
            "length mm" }.Where(n => !heading.Contains(n, StringComparer.Ordinal)))
            problems.Add("", new Phrase("stock-table.missing", ("needed", needed), ("columns", Thing.List(Columns))), "missing");
        TableFaults.Unknown(problems, heading, Columns);
        var read = new List<VinylStock>();
        while (problems.None && csv.Read())
        {
            var cells = csv.Record ?? [];
            if (Array.TrueForAll(cells, string.IsNullOrWhiteSpace))
                continue;
            if (read.Count == Most)
                TableFaults.TooLong(problems, Most);
            else
                read.Add(Line(new Row(cells, heading, csv.RawRow, problems), vinyls));
        }

        return problems.None ? read : [];
    }

    private static VinylStock Line(Row row, IReadOnlyCollection<string> vinyls)
    {
        var kind = row.Choice("kind", [.. Enum.GetNames<StockKind>().Select(n => n.ToLowerInvariant())]);
        return new VinylStock(
            "", Enum.TryParse<StockKind>(kind, ignoreCase: true, out var what)
            ? what : StockKind.Sheet, row.Choice("vinyl", vinyls), row.Colour("colour"), row.Text("colour name"),
            row.Number("width mm", NarrowestMm, WidestMm) ?? NarrowestMm, row.Number("length mm", 0, LongestMm)
            ?? 0, row.Number("corner width mm", 0, WidestMm) ?? 0, row.Number("corner length mm", 0, LongestMm) ?? 0,
            row.Text("lot"), row.Text("label"), row.Number("price per metre", 0, 10_000), row.Number("low mm", 0, LongestMm) ?? 0);
    }

    private sealed class Row(string[] cells, string[] heading, int line, Problems problems)
    {
        public string Text(string column)
        {
            var text = Cell(column);
            if (PlainText.Odd(text) is { } sign)
                Fault(PlainText.Complaint(column, sign), "wrong-type");
            if (text.Length > LongestText)
                Fault(new Phrase("row.too-long", ("column", column), ("length", text.Length), ("longest", LongestText)), "too-long");
            return text;
        }

        public string Choice(string column, IReadOnlyCollection<string> known)
        {
            var id = Cell(column).ToLowerInvariant();
            if (!known.Contains(id, StringComparer.Ordinal))
                Fault(new Phrase("row.unknown-id", ("column", column), ("id", id), ("nearest", Thing.List(NearestIds.To(id, known)))),
                    "unknown-id");
            return id;
        }

        public string Colour(string column)
        {
            var said = Cell(column);
            var hex = Artwork.ColourWords.Hex(said);
            if (hex is null)
                Fault(new Phrase("row.no-colour", ("column", column), ("said", said)), "wrong-type");
            return hex ?? "";
        }

        public double? Number(string column, double least, double most)
        {
            var said = Cell(column);
            if (said.Length == 0 && least == 0)
                return null;
            if (double.TryParse(said, NumberStyles.Float, CultureInfo.InvariantCulture, out var n) && n >= least && n <= most)
                return n;
            Fault(new Phrase("row.no-number", ("column", column), ("said", said), ("least", least), ("most", most)), "out-of-range");
            return null;
        }

        private string Cell(string column) =>
            Array.IndexOf(heading, column) is >= 0 and var i && i < cells.Length ? PlainText.OfCell(cells[i].Trim()) : "";

        private void Fault(Phrase text, string code) => problems.Add("", new Phrase("row.fault", ("line", line), ("text", text)), code);
    }
}
