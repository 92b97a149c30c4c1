using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Catalogue.Own;

/// <summary>Reads an own vinyl: a family, and what its wrapper says otherwise.</summary>
internal static class OwnVinyls
{
    private static readonly Provenance Wrapper = new(ProvenanceKind.Wrapper, "the wrapper of this vinyl");

    public static Vinyl? Read(JsonCursor c, CatalogueSnapshot shipped)
    {
        var (id, name) = OwnEntries.Named(c);
        var family = OwnContract.Family.In(c, shipped.Vinyls.Keys);
        var celsius = OwnContract.Celsius.In(c);
        var seconds = OwnContract.Seconds.In(c);
        var pressure = OwnContract.Pressure.Given(c);
        var peel = OwnContract.Peel.Given(c);
        var thickness = OwnContract.VinylThicknessMm.In(c);
        var note = OwnContract.Note.In(c, "");
        var forPress = FiguresOf(c, shipped);
        if (id is null || family is null)
            return null;
        var like = shipped.Vinyls[family];
        return like with
        {
            Id = id,
            Name = name,
            Note = note.Length > 0 ? note : like.Note,
            Thermal = thickness is { } mm ? like.Thermal with { ThicknessMm = new(mm, OwnEntries.Owner) } : like.Thermal,
            Bond = like.Bond with
            {
                ReferenceCelsius = celsius is { } t ? new(t, Wrapper) : like.Bond.ReferenceCelsius,
                ReferenceSeconds = seconds is { } s ? new(s, Wrapper) : like.Bond.ReferenceSeconds,
            },
            Chart = like.Chart with
            {
                Celsius = celsius is { } at ? new(new Span(at, at), Wrapper) : like.Chart.Celsius,
                Seconds = seconds is { } after ? new(new Span(after, after), Wrapper) : like.Chart.Seconds,
                Pressure = pressure is null ? like.Chart.Pressure : new(CatalogueIds.Pressures[pressure], Wrapper),
                Peel = peel is null ? like.Chart.Peel : new(CatalogueIds.Peels[peel], Wrapper),
            },
            ForPress = forPress,
        };
    }

    /// <summary>What was found right under one kind of press each.</summary>
    private static Dictionary<string, WrapperLabel> FiguresOf(JsonCursor vinyl, CatalogueSnapshot shipped)
    {
        var read = new Dictionary<string, WrapperLabel>(StringComparer.Ordinal);
        foreach (var c in OwnContract.Figures.Each(vinyl))
        {
            var press = OwnContract.FigurePress.In(c, shipped.HeatSources.Keys);
            var (celsius, seconds) = (OwnContract.Celsius.In(c), OwnContract.Seconds.In(c));
            var pressure = OwnContract.Pressure.Given(c);
            if (celsius is null && seconds is null)
                c["celsius"].Fault(new Phrase("own-entries.missing-2", ("pointer", c.Pointer)), "missing");
            else if (press is not null
                && !read.TryAdd(press,
                    new WrapperLabel(celsius, seconds, pressure is null
                        ? null : CatalogueIds.Pressures[pressure], null)
                    { For = FigureFor.ThisPress }))
                c["press"].Fault(new Phrase("own-entries.duplicate-2", ("pointer", c.Pointer), ("press", press)), "duplicate");
        }

        return read;
    }
}
