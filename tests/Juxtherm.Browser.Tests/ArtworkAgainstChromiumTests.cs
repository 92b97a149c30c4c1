using System.Globalization;
using System.Text;
using System.Text.Json;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;

namespace Juxtherm.Browser.Tests;

/// <summary>
/// Areas by colour against a browser's own painting: two icon sets from the package registry (MIT and CC BY-SA 4.0) are imported and
/// painted,
/// pixels of each colour are counted, and the two must agree within 1 %. What does not is listed with its reason in docs/artwork-check.md.
/// </summary>
public sealed class ArtworkAgainstChromiumTests : BrowserTest
{
    // A colour that shows in a few pixels only is counted again on a finer picture.
    private static readonly int[] Pixels = [640, 1920, 5760];
    private const double Agree = 0.01;
    private const int EveryNthOfTheLargeSet = 80;

    internal sealed record Icon(string Name, string Svg, double Width, double Height)
    {
        /// <summary>The same, so many pixels a side.</summary>
        public string Sized(int pixels) => Svg.Replace(
            string.Create(CultureInfo.InvariantCulture, $"width=\"{Width}\" height=\"{Height}\" viewBox"),
            $"width=\"{pixels}\" height=\"{pixels}\" preserveAspectRatio=\"none\" viewBox", StringComparison.Ordinal);
    }

    internal static IEnumerable<Icon> Set(string package, int every)
    {
        using var json =
            JsonDocument.Parse(File.ReadAllText(Path.Combine(Repository(), "web", "node_modules", "@iconify-json", package, "icons.json")));
        var (width, height) = (json.RootElement.GetProperty("width").GetDouble(), json.RootElement.GetProperty("height").GetDouble());
        var all = json.RootElement.GetProperty("icons").EnumerateObject().OrderBy(i => i.Name, StringComparer.Ordinal)
            .Where((_, i) => i % every == 0).ToList();
        foreach (var icon in all)
        {
            double Side(string name, double otherwise) => icon.Value.TryGetProperty(name, out var v) ? v.GetDouble() : otherwise;
            var (w, h) = (Side("width", width), Side("height", height));
            // Crisp edges, so that every pixel has one of the drawing's own colours.
            yield return new Icon($"{package}/{icon.Name}",
                string.Create(CultureInfo.InvariantCulture,
                    $"<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" " +
                        $"shape-rendering=\"crispEdges\" width=\"{w}\" height=\"{h}\" viewBox=\"0 " +
                            $"0 {w} {h}\">{icon.Value.GetProperty("body").GetString()}</svg>"), w, h);
        }
    }

    /// <summary>Pixels by colour as the browser paints them; what is not wholly opaque goes under its own name.</summary>
    private Dictionary<string, double> Painted(Icon icon, int pixels)
    {
        const string count = """
            const [svg, side, done] = arguments;
            const image = new Image();
            image.onerror = () => done('');
            image.onload = () => {
              const canvas = document.createElement('canvas');
              canvas.width = canvas.height = side;
              const pen = canvas.getContext('2d', { willReadFrequently: true });
              pen.drawImage(image, 0, 0, side, side);
              const seen = new Uint32Array(pen.getImageData(0, 0, side, side).data.buffer);
              const counts = new Map();
              for (let i = 0, from = 0; i < seen.length; i = from) {
                while (from < seen.length && seen[from] === seen[i]) from++;
                counts.set(seen[i], (counts.get(seen[i]) ?? 0) + from - i);
              }
              const name = (p) => (p >>> 24 === 255 ? '#' + [p & 255, (p >>> 8) & 255, (p >>> 16) & 255].map((c) => c.toString(16).padStart(2, '0')).join('') : p >>> 24 === 0 ? 'none' : 'blend');
              const named = {};
              for (const [p, n] of counts) named[name(p)] = (named[name(p)] ?? 0) + n;
              done(JSON.stringify(named));
            };
            image.src = 'data:image/svg+xml;base64,' + svg;
            """;
        var answer = (string)Driver.ExecuteAsyncScript(count, Convert.ToBase64String(Encoding.UTF8.GetBytes(icon.Sized(pixels))), pixels)!;
        var area = icon.Width * icon.Height * Math.Pow(25.4 / 96, 2);
        return JsonSerializer.Deserialize<Dictionary<string, double>>(answer)!.ToDictionary(p => p.Key,
            p => p.Value * area / pixels / pixels, StringComparer.Ordinal);
    }

    internal static Dictionary<string, double> Imported(Icon icon)
    {
        var problems = new Problems();
        var drawing = SvgReader.Read(icon.Svg, problems, CancellationToken.None);
        Assert.True(drawing is not null, $"{icon.Name}: {string.Join(' ', problems.Found.Select(p => p.Says))}");
        return ColourLayers.Of(drawing, Separation.Seen, CancellationToken.None)
            .ToDictionary(l => l.Colour, l => l.AreaMm2, StringComparer.Ordinal);
    }

    private static List<(string Colour, double Off)> Off(Dictionary<string, double> ours, Dictionary<string, double> theirs) =>
    [
        .. theirs.Where(p => p.Key != "none").Select(p => (p.Key, Math.Abs(ours.GetValueOrDefault(p.Key) - p.Value) / p.Value))
            .Concat(ours.Where(p => !theirs.ContainsKey(p.Key)).Select(p => (p.Key, 1.0))).Where(p => p.Item2 > Agree),
    ];

    [Fact]
    [Trait("Run", "thorough")]
    public void Areas_by_colour_agree_with_what_a_browser_paints()
    {
        Driver.Manage().Timeouts().AsynchronousJavaScript = Slowness.Of(20);
        Open("/health/ready");
        var good = 0;
        var misses = new List<string>();
        foreach (var icon in Set("flat-color-icons", 2).Concat(Set("openmoji", EveryNthOfTheLargeSet)))
        {
            var ours = Imported(icon);
            List<(string Colour, double Off)> off = [];
            foreach (var pixels in Pixels)
            {
                off = Off(ours, Painted(icon, pixels));
                if (off.Count == 0)
                    break;
            }

            if (off.Count == 0)
                good++;
            else
            {
                var colours = off.Select(p => string.Create(CultureInfo.InvariantCulture, $"{p.Colour} {p.Off:P1}"));
                misses.Add($"{icon.Name} {string.Join(' ', colours)}");
            }
        }

        var explained = File.ReadAllText(Path.Combine(Repository(), "docs", "artwork-check.md"));
        var unexplained = misses.Where(m => !explained.Contains($"`{m.Split(' ')[0]}`", StringComparison.Ordinal)).ToList();
        Assert.True(unexplained.Count == 0, $"{good} agree, {misses.Count} do not; not explained:\n{string.Join('\n', unexplained)}");
        Assert.True(good >= 200, $"only {good} agree");
    }
}
