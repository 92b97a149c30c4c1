using System.Xml;
using System.Xml.Linq;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>Reads a drawing. Nothing in it is run, nothing outside it is fetched, and what it may ask for is bounded.</summary>
public static class SvgReader
{
    /// <summary>Longest text accepted, characters.</summary>
    public const int LongestText = 4_000_000;

    /// <summary>Deepest nesting accepted.</summary>
    public const int Deepest = 100;

    /// <summary>Reads the text of a drawing.</summary>
    /// <param name="svg">The text.</param>
    /// <param name="problems">Filled with what is wrong.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>What is painted, in mm; null when anything is wrong.</returns>
    /// <exception cref="OperationCanceledException">It took longer than the caller would wait.</exception>
    public static Drawing? Read(string svg, Problems problems, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(svg);
        ArgumentNullException.ThrowIfNull(problems);
        try
        {
            if (svg.Length > LongestText)
                throw new RefusedDrawing(new Phrase("svg-reader.too-large", ("svg", svg.Length), ("longestText", LongestText)),
                    "too-large");
            var budget = new WorkLimit(cancel);
            return new SvgPainter(Parse(svg), budget).Paint();
        }
        catch (RefusedDrawing refused)
        {
            problems.Add("", refused.Says, refused.Code);
        }
        catch (XmlException e)
        {
            problems.Add("", new Phrase("svg-reader.broken", ("lineNumber", e.LineNumber), ("linePosition", e.LinePosition)), "broken");
        }

        return null;
    }

    private static XElement Parse(string svg)
    {
        // A document type is passed over unread: its entities are not known, and using one is an error.
        var settings = new XmlReaderSettings
        {
            DtdProcessing = DtdProcessing.Ignore,
            XmlResolver = null,
            MaxCharactersInDocument = LongestText,
            MaxCharactersFromEntities = 1024,
            IgnoreComments = true,
            IgnoreProcessingInstructions = true
        };
        using (var look = XmlReader.Create(new StringReader(svg), settings))
        {
            var elements = 0;
            while (look.Read())
            {
                if (look.Depth > Deepest)
                    throw new RefusedDrawing(new Phrase("svg-reader.too-large-2", ("deepest", Deepest)), "too-large");
                if (look.NodeType == XmlNodeType.Element && ++elements > WorkLimit.MostElements)
                    throw new RefusedDrawing(new Phrase("svg-reader.too-large-3", ("mostElements", WorkLimit.MostElements)), "too-large");
            }
        }

        using var reader = XmlReader.Create(new StringReader(svg), settings);
        var root = XElement.Load(reader);
        return root.Name.LocalName == "svg"
            ? root : throw new RefusedDrawing(new Phrase("svg-reader.wrong-root", ("name", root.Name.LocalName)), "wrong-type");
    }
}

/// <summary>Ground painted in one colour.</summary>
/// <param name="Colour">As <c>#rrggbb</c>.</param>
/// <param name="Ground">Where, mm.</param>
internal sealed record PaintedShape(string Colour, NetTopologySuite.Geometries.Geometry Ground);

/// <summary>A drawing as it is painted.</summary>
public sealed class Drawing
{
    private readonly LeftOut _leftOut;

    internal Drawing(double widthMm, double heightMm, IReadOnlyList<PaintedShape> shapes, LeftOut leftOut)
    {
        WidthMm = widthMm;
        HeightMm = heightMm;
        Shapes = shapes;
        _leftOut = leftOut;
    }

    /// <summary>Width of its page, mm.</summary>
    public double WidthMm { get; }

    /// <summary>Height of its page, mm.</summary>
    public double HeightMm { get; }

    /// <summary>It says of itself that it is reversed for cutting.</summary>
    public bool SaysReversed { get; init; }

    /// <summary>What was left out or taken otherwise than drawn.</summary>
    /// <param name="words">Says it.</param>
    public IReadOnlyList<Notice> Notices(IWords words) => _leftOut.Notices(words);

    /// <summary>Painted ground, the lowest first.</summary>
    internal IReadOnlyList<PaintedShape> Shapes { get; }
}
