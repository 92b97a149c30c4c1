using System.Globalization;
using System.Text;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Artwork.Tracing;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Testing;
using Juxtherm.Words;

namespace Juxtherm.Browser.Tests;

/// <summary>
/// Drawings that a browser turned into pixels, traced back: what is cut must be as much as what was drawn, within 1.5 %. The drawings are
/// those of <see cref="ArtworkAgainstChromiumTests"/>.
/// </summary>
public sealed class DrawingsTracedBackTests : BrowserTest
{
    private const int Pixels = 1200;
    private const double WidthMm = 150;
    private const double Agree = 0.015;
    private const int EveryNthOfTheLargeSet = 80;

    /// <summary>A drawing as a picture, nothing behind it and its edges soft as a screen shows them.</summary>
    private byte[] Picture(ArtworkAgainstChromiumTests.Icon icon)
    {
        const string draw = """
            const [svg, side, done] = arguments;
            const image = new Image();
            image.onerror = () => done('');
            image.onload = () => {
              const canvas = document.createElement('canvas');
              canvas.width = canvas.height = side;
              canvas.getContext('2d').drawImage(image, 0, 0, side, side);
              done(canvas.toDataURL('image/png').split(',')[1]);
            };
            image.src = 'data:image/svg+xml;base64,' + svg;
            """;
        var soft = icon.Sized(Pixels).Replace("shape-rendering=\"crispEdges\"", "", StringComparison.Ordinal);
        var file = Convert.ToBase64String(Encoding.UTF8.GetBytes(soft));
        return Convert.FromBase64String((string)Driver.ExecuteAsyncScript(draw, file, Pixels)!);
    }

    private static double Traced(byte[] picture)
    {
        var traced = PictureTracer.Trace(PicturePixels.Read(picture), new TraceWishes(WidthMm) { SpeckMm2 = 0.05 },
            Language.English.WordsFor(UnitSystem.Metric), CancellationToken.None)!;
        var drawing = SvgReader.Read(traced.Svg, new Problems(), CancellationToken.None)!;
        return ColourLayers.Of(drawing, Separation.Seen, CancellationToken.None).Sum(l => l.AreaMm2);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void What_is_traced_is_as_much_as_was_drawn()
    {
        Driver.Manage().Timeouts().AsynchronousJavaScript = Slowness.Of(20);
        Open("/health/ready");
        var off = new List<(string Name, double Off)>();
        foreach (var icon in ArtworkAgainstChromiumTests.Set("flat-color-icons", 2)
            .Concat(ArtworkAgainstChromiumTests.Set("openmoji", EveryNthOfTheLargeSet)))
        {
            var pageMm2 = icon.Width * icon.Height * Math.Pow(25.4 / 96, 2);
            var drawn = ArtworkAgainstChromiumTests.Imported(icon).Values.Sum() / pageMm2;
            off.Add((icon.Name, Traced(Picture(icon)) / (WidthMm * WidthMm) / drawn - 1));
        }

        var explained = File.ReadAllText(Path.Combine(Repository(), "docs", "artwork-check.md"));
        var misses = off.Where(o => Math.Abs(o.Off) > Agree).ToList();
        var unexplained = misses.Where(m => !explained.Contains($"`traced/{m.Name}`", StringComparison.Ordinal))
            .Select(m => string.Create(CultureInfo.InvariantCulture, $"{m.Name} {m.Off:P2}")).ToList();
        var typical = off.Select(o => Math.Abs(o.Off)).Order().ElementAt(off.Count / 2);
        Assert.True(unexplained.Count == 0,
            string.Create(CultureInfo.InvariantCulture,
                $"{off.Count - misses.Count} of {off.Count} agree, half within {typical:P3}; not: {string.Join(' ', unexplained)}"));
        Assert.True(off.Count - misses.Count >= 200, $"only {off.Count - misses.Count} agree");
    }
}
