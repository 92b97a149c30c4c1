using Juxtherm.Core.Certainty;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Learning;

/// <summary>What a lesson is about.</summary>
public enum LessonKind
{
    /// <summary>A press's plate.</summary>
    Plate,

    /// <summary>What a vinyl on a blank wants.</summary>
    Demand,
}

/// <summary>One thing that the logbook taught.</summary>
/// <param name="Key">Its name, to switch it by.</param>
/// <param name="Kind">What it is about.</param>
/// <param name="About">Press, or vinyl and blank, for the reader.</param>
/// <param name="Text">What was learned.</param>
/// <param name="Why">What it rests on.</param>
/// <param name="Value">What is believed: offset in K, or factor.</param>
/// <param name="Applied">What plans use of it: offset in K, or factor.</param>
/// <param name="Low">One chance in twenty that it is below.</param>
/// <param name="High">One chance in twenty that it is above.</param>
/// <param name="Prior">What the catalogue's own figure leaves open: K either way, or the factor either way.</param>
/// <param name="Pieces">Pieces looked at.</param>
/// <param name="Readings">Times measured.</param>
/// <param name="Counts">It is enough to change plans; otherwise it is only shown.</param>
/// <param name="On">It is not switched off.</param>
public sealed record Lesson(
    string Key, LessonKind Kind, string About, string Text, string Why, double Value, double Applied, double Low, double High, double Prior,
    int Pieces, int Readings, bool Counts, bool On);

/// <summary>Puts beliefs into words, and into what plans are corrected by.</summary>
/// <param name="nameOf">Names presses, vinyls and materials by their ids.</param>
/// <param name="off">Keys of what is switched off.</param>
/// <param name="words">Says it.</param>
public sealed class Lessons(Func<string, string> nameOf, IReadOnlySet<string> off, IWords words)
{
    // Less than this is not worth moving a dial.
    private const double LeastOffsetK = 0.5;
    private const double LeastFactor = 1.03;

    // A belief as wide as before teaches nothing.
    private const double NoNarrower = 0.95;
    private const double SurestErrorK = 1;
    private const double SurerFrom = 0.8;

    /// <summary>Lessons, presses first.</summary>
    /// <param name="beliefs">What is believed.</param>
    public IReadOnlyList<Lesson> Of(Beliefs beliefs)
    {
        ArgumentNullException.ThrowIfNull(beliefs);
        return [.. beliefs.Plates.Select(Plate), .. beliefs.Demands.Select(Demand)];
    }

    /// <summary>What plans are corrected by: what counts and is not switched off.</summary>
    /// <param name="beliefs">What is believed.</param>
    public WorkshopCorrection Correction(Beliefs beliefs)
    {
        ArgumentNullException.ThrowIfNull(beliefs);
        var plates = beliefs.Plates.Where(p => Counts(p) && !off.Contains(KeyOf(p)))
            .Select(p =>
                new PlateCorrection(p.HeatSource, Applied(p),
                    Math.Round(Math.Clamp(p.SpreadK * LearningFigures.SpreadsInError, SurestErrorK, Math.Max(SurestErrorK, p.PriorErrorK))
                        * 2) / 2, Rests(p.Pieces, p.Readings))).ToList();
        var demands = beliefs.Demands.Where(d => (Counts(d) || IsSurer(d)) && !off.Contains(KeyOf(d)))
            .Select(d =>
                new DemandCorrection(d.Vinyl, d.Material, Counts(d) ? Applied(d) : 1, Rests(d.Held + d.Short + d.TooMuch, 0))
                {
                    Belief = Belief.FromLogbook(Math.Round(SpreadLeft(d), 2)),
                }).ToList();
        return plates.Count + demands.Count == 0 ? WorkshopCorrection.None : new WorkshopCorrection(plates, demands);
    }

    /// <summary>How much of a belief plans follow: less than all of it, and the less the less was learned.</summary>
    private static double Followed(double learned) => LearningFigures.Caution * Math.Sqrt(learned);

    private static double Applied(PlateBelief plate) => Math.Round(plate.OffsetK * Followed(plate.Learned) * 2) / 2;

    private static double Applied(DemandBelief demand) => Math.Round(Math.Pow(demand.Factor, Followed(demand.Learned)), 2);

    private static string KeyOf(PlateBelief plate) => PlateKey(plate.HeatSource);

    private static string KeyOf(DemandBelief demand) => DemandKey(demand.Vinyl, demand.Material);

    /// <summary>Key of what was learned of a press.</summary>
    /// <param name="heatSource">Its id.</param>
    public static string PlateKey(string heatSource) => $"plate:{heatSource}";

    /// <summary>Key of what was learned of a vinyl on a material.</summary>
    /// <param name="vinyl">Vinyl id.</param>
    /// <param name="material">Material id.</param>
    public static string DemandKey(string vinyl, string material) => $"demand:{vinyl}:{material}";

    private static bool Counts(PlateBelief plate) =>
        Math.Abs(Applied(plate)) >= LeastOffsetK || plate.SpreadK * LearningFigures.SpreadsInError < NoNarrower * plate.PriorErrorK;

    private static bool Counts(DemandBelief demand) => Math.Max(Applied(demand), 1 / Applied(demand)) >= LeastFactor;

    /// <summary>What is still unknown of a demand once plans follow as much of it as they do, as ln.</summary>
    private static double SpreadLeft(DemandBelief demand)
    {
        var spread = Math.Log(demand.High / demand.Low) / (2 * LearningFigures.SpreadsShown);
        var notFollowed = Math.Log(demand.Factor) - (Counts(demand) ? Math.Log(Applied(demand)) : 0);
        return Math.Sqrt(spread * spread + notFollowed * notFollowed);
    }

    /// <summary>It is known so much better than before that plans may be shorter, or have to be less sure of themselves.</summary>
    private static bool IsSurer(DemandBelief demand) => SpreadLeft(demand) < SurerFrom * LearningFigures.DemandSpread;

    private static string Rests(int pieces, int readings)
    {
        var parts = new List<string>();
        if (pieces > 0)
            parts.Add(pieces == 1 ? "1 piece" : $"{pieces} pieces");
        if (readings > 0)
            parts.Add(readings == 1 ? "1 measured plate" : $"{readings} measured plates");
        return $"your logbook: {string.Join(", ", parts)}";
    }

    private Lesson Plate(PlateBelief plate)
    {
        var name = nameOf(plate.HeatSource);
        var text = Math.Abs(plate.OffsetK) < LeastOffsetK
            ? words.Say("lessons.plate-text")
            : words.Say("lessons.plate-text-2", ("offsetK", plate.OffsetK));
        var how = plate.Readings > 0
            ? words.Say("lessons.plate-how", ("readings", plate.Readings), ("pieces", plate.Pieces))
            : words.Say("lessons.plate-how-2", ("pieces", plate.Pieces));
        return new Lesson(
            KeyOf(plate), LessonKind.Plate, name, text, how, Math.Round(plate.OffsetK, 1), Applied(plate), Math.Round(plate.LowK, 1),
            Math.Round(plate.HighK, 1), plate.PriorErrorK, plate.Pieces, plate.Readings, Counts(plate), !off.Contains(KeyOf(plate)));
    }

    private Lesson Demand(DemandBelief demand)
    {
        var about = words.Say("lessons.demand-about", ("nameOf", nameOf(demand.Vinyl)), ("nameOf2", nameOf(demand.Material)));
        var text = !Counts(demand)
            ? words.Say("lessons.demand-text")
            : words.Say("lessons.demand-text-2", ("factor", demand.Factor));
        var all = demand.Held + demand.Short + demand.TooMuch;
        var parts = new[] { (demand.Held, "held"), (demand.Short, words.Say("lessons.demand-parts")),
            (demand.TooMuch, words.Say("lessons.demand-parts-2")) }.Where(p => p.Item1 > 0).Select(p => $"{p.Item1} {p.Item2}");
        return new Lesson(
            KeyOf(demand), LessonKind.Demand, about, text,
            words.Say("lessons.demand", ("all", all), ("parts", Thing.List(parts)), ("mostPerRun", LearningFigures.MostPerRun)),
            Math.Round(demand.Factor, 2), Applied(demand), Math.Round(demand.Low, 2), Math.Round(demand.High, 2),
            Math.Round(Math.Exp(LearningFigures.DemandSpread * LearningFigures.SpreadsInError), 2), all, 0, Counts(demand),
            !off.Contains(KeyOf(demand)));
    }
}
