using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Says all presses of a plan in one line, with turning over and peeling where they come: whoever reads nothing else does all of
/// it.</summary>
internal static class PressLine
{
    /// <summary>The line.</summary>
    /// <param name="presses">All presses in order.</param>
    /// <param name="words">Says it.</param>
    public static string Of(IReadOnlyList<PlannedPress> presses, IWords words)
    {
        var whole = Plan.WholeOf(presses);
        var faces = whole.Where(w => w.Press.Purpose == PressPurpose.Press).Select(w => w.Press.Face).Distinct().Count() > 1;
        var goes = whole.Select(GoesOf).Distinct().ToList();
        // What is done on every part alike is said once.
        var parts = goes is [> 1 and var all] ? all : 1;
        var (line, before) = (new List<string>(), (PlannedPress?)null);
        foreach (var at in whole)
        {
            var (press, onParts) = at;
            if (before is not null && SideOf(press) != SideOf(before))
                line.Add(words.Say("press-line.turn"));
            var done = Done(press, faces, words);
            if (parts == 1 && GoesOf(at) is > 1 and var often)
                done = words.Say("press-line.goes", ("goes", often), ("done", done));
            // What stands before the first is said before the line.
            if (before is not null && (press.Celsius, press.DialMark) != (before.Celsius, before.DialMark))
                done = words.Say("press-line.set", ("set", SetOf(press, words)), ("done", done));
            line.Add(done);
            if (onParts[^1].Peel.Method != PeelMethod.None)
                line.Add(words.Say("press-line.peel", ("method", onParts[^1].Peel.Method)));
            before = press;
        }

        var said = string.Join(", ", line);
        return parts == 1 ? said : words.Say("press-line.parts", ("parts", parts), ("line", said));
    }

    /// <summary>What the plate is set to.</summary>
    /// <param name="press">The press.</param>
    /// <param name="words">Says it.</param>
    public static string SetOf(PlannedPress press, IWords words) =>
        words.Say("planner.set", ("celsius", Thing.Celsius(press.Celsius)), ("dialMark", press.DialMark));

    private static int GoesOf(WholePress press) => Math.Max(press.OnParts.Count, press.OnParts.Max(p => p.Sections.Count));

    // From the back, what was the back lies up.
    private static Face SideOf(PlannedPress press) =>
        press.Purpose == PressPurpose.Back ? press.Face == Face.Front ? Face.Back : Face.Front : press.Face;

    private static string Done(PlannedPress press, bool faces, IWords words)
    {
        var seconds = Thing.Seconds(press.Seconds);
        return press.Purpose switch
        {
            PressPurpose.Preheat => words.Say("press-line.preheat", ("seconds", seconds)),
            PressPurpose.Tack => words.Say("press-line.tack", ("seconds", seconds)),
            PressPurpose.Back => words.Say("press-line.more", ("seconds", seconds)),
            PressPurpose.Finish => words.Say("press-line.finish", ("seconds", seconds)),
            _ when faces => words.Say("press-line.face", ("seconds", seconds), ("face", press.Face)),
            _ => words.Say("press-line.press", ("seconds", seconds)),
        };
    }
}
