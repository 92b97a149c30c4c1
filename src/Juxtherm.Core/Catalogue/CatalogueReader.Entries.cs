using Juxtherm.Core.Heat;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Catalogue;

public static partial class CatalogueReader
{
    private static Vinyl VinylOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "smoothFace", "hidesWeave", "pile", "note", "thermal", "activationCelsius", "chartCelsius",
            "chartSeconds", "referenceCelsius", "referenceSeconds",
            "pressure", "peel", "holdsFromBond", "targetBond", "mostBurden", "finishSeconds", "heatsOnce", "mirrored", "notUnder", "liesOn",
            "carriesOthers", "stackBurden", "loftyStackBurden", "shrinkPercent", "tackSeconds", "smallestDetailMm", "weedEffort",
            "directional", "blade", "forceGrams", "passes");
        return new Vinyl(
            c["id"].Text(), c["id"].Text(), c["name"].Text(), c["note"].Text(""), ThermalOf(c["thermal"], sources),
            new VinylChart(Spread(c["chartCelsius"], sources, 80, 220), Spread(c["chartSeconds"], sources, 1, 120),
                Pressure(c["pressure"], sources),
                Read(c["peel"], sources, v => CatalogueIds.Peels[v.Choice([.. CatalogueIds.Peels.Keys], null) ?? "warm"])),
            new VinylBond(Number(c["activationCelsius"], sources, 40, 150), Number(c["referenceCelsius"], sources, 80, 220),
                Number(c["referenceSeconds"], sources, 1, 120), Number(c["holdsFromBond"], sources, 0.05, 10),
                Number(c["targetBond"], sources, 0.05, 10), Number(c["mostBurden"], sources, 0.5, 100)),
            new VinylAtPress(Number(c["finishSeconds"], sources, 0, 30), Number(c["tackSeconds"], sources, 1, 15),
                Truth(c["heatsOnce"], sources), Number(c["shrinkPercent"], sources, 0, 5),
                c["notUnder"].Names.ToDictionary(name => name, name => Read(c["notUnder"][name], sources, v => v.Text()),
                    StringComparer.Ordinal)),
            new VinylStacking(Read(c["liesOn"], sources, Word<LiesOn>), Truth(c["carriesOthers"], sources),
                Number(c["stackBurden"], sources, 0.5, 50), Number(c["loftyStackBurden"], sources, 0.5, 50)),
            new VinylCut(Truth(c["mirrored"], sources), Number(c["smallestDetailMm"], sources, 0.1, 20),
                Number(c["weedEffort"], sources, 0.1, 10), Truth(c["directional"], sources), Read(c["blade"], sources, Word<Blade>),
                Number(c["forceGrams"], sources, 5, 1000), Number(c["passes"], sources, 1, 6)))
        {
            SmoothSurface = c["smoothFace"].Flag(false),
            HidesWeave = c["hidesWeave"].Flag(false),
            Pile = c["pile"].Flag(false),
        };
    }

    private static Material MaterialOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "kind", "care", "lofty", "uncertain", "uncertaintyStops", "neverPressed", "thermal", "limitCelsius",
            "limitConsequence", "dyeMigrationCelsius", "demand", "preheatSeconds", "prewash", "wantsPressure", "cracks",
            "notTumbled", "washedByHand");
        return new Material(
            c["id"].Text(), c["name"].Text(), KindOf(c["kind"]), CareOf(c["care"]), ThermalOf(c["thermal"], sources),
            new MaterialLimit(Number(c["limitCelsius"], sources, 50, 600), c["limitConsequence"].Text(),
                Optional(c["dyeMigrationCelsius"], sources, 80, 250)),
            Number(c["demand"], sources, 0.1, 20), Number(c["preheatSeconds"], sources, 0, 60), Truth(c["prewash"], sources),
            Truth(c["lofty"], sources),
            new MaterialDoubt(Words(c["uncertain"], sources), c["uncertaintyStops"].Flag(false), Words(c["neverPressed"], sources)))
        {
            Cracks = c["cracks"].Flag(false),
            NotTumbled = c["notTumbled"].Exists ? Truth(c["notTumbled"], sources) : null,
            WashedByHand = c["washedByHand"].Exists ? Truth(c["washedByHand"], sources) : null,
            WantsPressure = c["wantsPressure"].Exists ? Pressure(c["wantsPressure"], sources) : null,
        };
    }

    private static Sourced<PressureLevel> Pressure(JsonCursor c, Dictionary<string, Provenance> sources) =>
        Read(c, sources, v => CatalogueIds.Pressures[v.Choice([.. CatalogueIds.Pressures.Keys], null) ?? "medium"]);

    private static HeatSource HeatSourceOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "heldByHand", "presses", "pressureKPa", "plate", "plateWidthMm", "plateHeightMm", "dialCelsius",
            "dialStep", "dialUnit", "dialOffsetK", "backPressSeconds", "pressesFromBack", "marks", "longerPreheatSeconds", "hotAirWm2K",
            "duty", "underlay", "cover", "steamPossible", "pressureAdjustable", "hinged", "dialErrorK", "pressureErrorFactor");
        if (c["marks"].Exists == c["dialStep"].Exists)
            c.Fault(new Phrase("catalogue-reader.missing", ("pointer", c.Pointer)), "missing");
        c["presses"].IsArray();
        return new HeatSource(
            c["id"].Text(), c["name"].Text(), c["id"].Text(), [.. c["presses"].Items.Select(ShapeOf)],
            new PressPlate(
                Read(c["plate"], sources, v => new Plate(
                    v["heatCapacityJm2K"].RequiredNumber(1000, 2_000_000), v["maxPowerWm2"].RequiredNumber(1000, 200_000),
                    v["controlBandK"].RequiredNumber(0.5, 50), v["idleLossWm2K"].RequiredNumber(0, 100))),
                Number(c["plateWidthMm"], sources, 10, 2000), Number(c["plateHeightMm"], sources, 10, 2000)),
            new PressDial(Spread(c["dialCelsius"], sources, 40, 600), Optional(c["dialStep"], sources, 1, 50),
                c["dialUnit"].Choice(["F", "C"], "F") == "C" ? DegreeUnit.C : DegreeUnit.F,
                Optional(c["dialOffsetK"], sources, -40, 40) ?? NoOffset, Number(c["dialErrorK"], sources, 0, 60),
                [.. c["marks"].Items.Select(m =>
                    new DialMark(m["mark"].Text(longest: 10), Number(m["celsius"], sources, 40, 600),
                        Spread(m["band"], sources, 40, 600)))]),
            new PressPressure(
                CatalogueIds.Pressures.ToDictionary(p => p.Value, p => Number(c["pressureKPa"][p.Key], sources, 0.1, 500)),
                c["pressureAdjustable"].Flag(true), Number(c["pressureErrorFactor"], sources, 1, 5)),
            new PressHabits(c["underlay"].Text(), c["cover"].Text(), Optional(c["longerPreheatSeconds"], sources, 0, 60),
                Number(c["backPressSeconds"], sources, 1, 60)),
            c["steamPossible"].Flag(false), c["hinged"].Flag(false), Optional(c["hotAirWm2K"], sources, 5, 500))
        {
            HeldByHand = c["heldByHand"].Flag(false),
            PressesFromBack = c["pressesFromBack"].Flag(false),
            Duty = Optional(c["duty"], sources, 0.05, 1),
        };
    }

    private static ItemForm FormOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "shape", "layers", "materials", "usualMaterial", "widthMm", "heightMm", "supported", "framed", "bib",
            "filled", "cuffed", "pointed", "knotted");
        c["materials"].IsArray();
        return new ItemForm(
            c["id"].Text(), c["name"].Text(), ShapeOf(c["shape"]), Number(c["layers"], sources, 1, 4),
            [.. c["materials"].Items.Select(KindOf)],
            c["usualMaterial"].Text(), Number(c["widthMm"], sources, 10, 3000), Number(c["heightMm"], sources, 10, 3000), c["supported"]
            .Flag(true), c["framed"].Flag(false))
        {
            Bib = c["bib"].Flag(false),
            Filled = c["filled"].Flag(false),
            Cuffed = c["cuffed"].Flag(false),
            Pointed = c["pointed"].Flag(false),
            Knotted = c["knotted"].Flag(false),
        };
    }

    private static FormMeasures MeasuresOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("form", "pattern", "usualSize", "measures");
        c["measures"].IsArray();
        return new FormMeasures(
            c["form"].Text(), c["pattern"].Text(), c["usualSize"].Exists ? c["usualSize"].Text() : null,
            [.. c["measures"].Items.Where(m => m.IsObject()).Select(m =>
            {
                m.OnlyNames("id", "name", "how", "values");
                return new Measure(m["id"].Text(), m["name"].Text(), m["how"].Text(),
                    m["values"].Names.ToDictionary(size => size, size => Number(m["values"][size], sources, 1, 3000),
                        StringComparer.Ordinal));
            })]);
    }

    private static Supply SupplyOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "thermal", "damp", "bearsFrames", "yields", "melts", "theCarrier", "offeredAs");
        return new Supply(c["id"].Text(), c["name"].Text(), c["thermal"].Exists ? ThermalOf(c["thermal"], sources) : null)
        {
            Damp = c["damp"].Flag(false),
            BearsFrames = c["bearsFrames"].Flag(false),
            Yields = c["yields"].Flag(false),
            Melts = c["melts"].Flag(false),
            IsCarrier = c["theCarrier"].Flag(false),
            OfferedAs = c["offeredAs"].Exists ? c["offeredAs"].Text() : null,
        };
    }

    private static WorkFigures WorkOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("laySeconds", "turnSeconds", "warmPeelFromSeconds", "warmPeelAboveCelsius", "hardPeelSeconds", "hardPeelBelowCelsius",
            "coldPeelBelowCelsius", "hotPeelWithinSeconds", "longestPressSeconds", "shortestPressSeconds", "cureHours",
            "doseReferenceCelsius", "doseZKelvin", "pressureExponent",
            "weedSeconds", "weedSecondsPerCentre", "weedSecondsPerPiece", "weedSecondsPerMetre", "weedSecondsPerDelicatePlace",
            "cutMarginMm", "cutEdgeMm", "rollWidthMm", "smallestOffcutMm", "testShapeMm", "jointOverlapMm", "loadMatSeconds",
            "alignSeconds", "nestAbovePercent", "feedExtraMm", "liftSeconds", "packSeconds", "packSecondsPerPiece", "unknownCutSeconds",
            "stayUnderSeconds", "transferSheetUses");
        return new WorkFigures(
            Number(c["laySeconds"], sources, 0, 600), Number(c["turnSeconds"], sources, 0, 120),
            new PeelFigures(Number(c["warmPeelFromSeconds"], sources, 0, 60), Number(c["warmPeelAboveCelsius"], sources, 25, 90),
                Spread(c["hardPeelSeconds"], sources, 1, 300), Number(c["hardPeelBelowCelsius"], sources, 35, 150),
                Number(c["coldPeelBelowCelsius"], sources, 20, 60), Number(c["hotPeelWithinSeconds"], sources, 1, 30)),
            Number(c["longestPressSeconds"], sources, 10, 600),
            Number(c["shortestPressSeconds"], sources, 1, 20),
            Number(c["cureHours"], sources, 0, 200), Number(c["doseReferenceCelsius"], sources, 50, 200),
            Number(c["doseZKelvin"], sources, 5, 200), Number(c["pressureExponent"], sources, 0, 2),
            new WeedingFigures(
                Number(c["weedSeconds"], sources, 0, 600), Number(c["weedSecondsPerCentre"], sources, 0, 120),
                Number(c["weedSecondsPerPiece"], sources, 0, 120),
                Number(c["weedSecondsPerMetre"], sources, 0, 600), Number(c["weedSecondsPerDelicatePlace"], sources, 0, 120)),
            new CuttingFigures(
                Number(c["cutMarginMm"], sources, 0, 50), Number(c["cutEdgeMm"], sources, 0, 50),
                Number(c["rollWidthMm"], sources, 50, 2000), Number(c["smallestOffcutMm"], sources, 10, 500),
                Number(c["testShapeMm"], sources, 5, 50), Number(c["jointOverlapMm"], sources, 0, 5),
                Number(c["loadMatSeconds"], sources, 0, 600), Number(c["alignSeconds"], sources, 0, 600),
                Number(c["nestAbovePercent"], sources, 0, 100), Number(c["feedExtraMm"], sources, 0, 500),
                Number(c["transferSheetUses"], sources, 1, 1000)),
            new HandlingFigures(
                Number(c["liftSeconds"], sources, 1, 120), Number(c["packSeconds"], sources, 1, 3600),
                Number(c["packSecondsPerPiece"], sources, 0, 600), Number(c["unknownCutSeconds"], sources, 1, 3600),
                Number(c["stayUnderSeconds"], sources, 0, 600)));
    }

    private static Cutter CutterOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "cutWidthMm", "matLengthMm", "matlessLengthMm", "guidesMm", "mostForceGrams", "forceStepGrams",
            "cutMmPerSecond", "travelMmPerSecond", "liftSeconds");
        return new Cutter(
            c["id"].Text(), c["name"].Text(), Number(c["cutWidthMm"], sources, 50, 2000), Number(c["matLengthMm"], sources, 50, 3000),
            Number(c["matlessLengthMm"], sources, 50, 30_000), Number(c["guidesMm"], sources, 50, 2500),
            Number(c["mostForceGrams"], sources, 10, 2000), Number(c["forceStepGrams"], sources, 1, 100),
            Number(c["cutMmPerSecond"], sources, 1, 2000), Number(c["travelMmPerSecond"], sources, 1, 3000),
            Number(c["liftSeconds"], sources, 0, 5));
    }
}
