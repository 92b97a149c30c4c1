namespace Juxtherm.Core.Artwork.Tracing;

/// <summary>Finds the few colours that a picture is made of: k-means (Lloyd 1982) over its pixels, begun with those farthest apart, so that
/// the same picture gives the same colours.</summary>
internal static class Palette
{
    private const int MostSampled = 20_000;
    private const int Rounds = 12;
    private const byte Opaque = 128;

    /// <summary>The colours, and which of them each pixel is; −1 for transparent.</summary>
    /// <param name="picture">The picture.</param>
    /// <param name="count">How many, from 1.</param>
    public static ((byte R, byte G, byte B)[] Colours, sbyte[] Of) Find(Raster picture, int count)
    {
        var rgba = picture.Rgba;
        var pixels = picture.Width * picture.Height;
        var step = Math.Max(1, pixels / MostSampled);
        var sample = new List<(double R, double G, double B)>();
        for (var i = 0; i < pixels; i += step)
        {
            if (rgba[4 * i + 3] >= Opaque)
                sample.Add((rgba[4 * i], rgba[4 * i + 1], rgba[4 * i + 2]));
        }

        var centres = Begin(sample, count);
        for (var round = 0; round < Rounds; round++)
        {
            var sums = new (double R, double G, double B, int N)[centres.Count];
            foreach (var p in sample)
            {
                var at = Nearest(centres, p);
                sums[at] = (sums[at].R + p.R, sums[at].G + p.G, sums[at].B + p.B, sums[at].N + 1);
            }

            for (var k = 0; k < centres.Count; k++)
                centres[k] = sums[k].N == 0 ? centres[k] : (sums[k].R / sums[k].N, sums[k].G / sums[k].N, sums[k].B / sums[k].N);
        }

        var of = new sbyte[pixels];
        for (var i = 0; i < pixels; i++)
            of[i] = rgba[4 * i + 3] < Opaque ? (sbyte)-1 : (sbyte)Nearest(centres, (rgba[4 * i], rgba[4 * i + 1], rgba[4 * i + 2]));
        return ([.. centres.Select(c => ((byte)Math.Round(c.R), (byte)Math.Round(c.G), (byte)Math.Round(c.B)))], of);
    }

    private static List<(double R, double G, double B)> Begin(List<(double R, double G, double B)> sample, int count)
    {
        var centres = new List<(double R, double G, double B)>();
        if (sample.Count == 0)
            return centres;
        // The commonest colour first, then always what is farthest from all so far, weighed by how common it is.
        var common = sample.GroupBy(p => ((int)p.R / 16, (int)p.G / 16, (int)p.B / 16))
            .Select(g => (Colour: (g.Average(p => p.R), g.Average(p => p.G), g.Average(p => p.B)), N: g.Count()))
            .OrderByDescending(g => g.N).ThenBy(g => g.Colour).ToList();
        centres.Add(common[0].Colour);
        while (centres.Count < Math.Min(count, common.Count))
            centres.Add(common.MaxBy(g => Math.Sqrt(g.N) * centres.Min(c => Apart(c, g.Colour))).Colour);
        return centres;
    }

    private static int Nearest(List<(double R, double G, double B)> centres, (double R, double G, double B) p)
    {
        var (best, least) = (0, double.PositiveInfinity);
        for (var k = 0; k < centres.Count; k++)
        {
            if (Apart(centres[k], p) is var apart && apart < least)
                (best, least) = (k, apart);
        }

        return best;
    }

    // Green weighs most in the eye (weights of a common approximation, from memory).
    private static double Apart((double R, double G, double B) a, (double R, double G, double B) b) =>
        2 * Math.Pow(a.R - b.R, 2) + 4 * Math.Pow(a.G - b.G, 2) + 3 * Math.Pow(a.B - b.B, 2);
}
