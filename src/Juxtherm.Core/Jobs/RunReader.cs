using System.Globalization;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Jobs;

/// <summary>Reads what a job file says of its run, of settings used or tried, and of methods.</summary>
internal static class RunReader
{
    /// <summary>The day on which a job is handed over; null when it does not say.</summary>
    public static DateOnly? DueOf(JsonCursor job)
    {
        if (!job[JobContract.Due.Name].Exists)
            return null;
        var said = JobContract.Due.In(job);
        if (DateOnly.TryParseExact(said, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var due))
            return due;
        job[JobContract.Due.Name].Fault(new Phrase("job-reader.due", ("said", said)), "wrong-type");
        return null;
    }

    /// <summary>The pieces of a run, one garment or several each.</summary>
    public static List<PieceEntry> PiecesOf(JsonCursor job)
    {
        var list = RunMembers.Names.In(job);
        if (list.Count > NameList.Most)
            list.Fault(new Phrase("job-reader.out-of-range-3", ("list", list.Count), ("most", NameList.Most)), "out-of-range");
        var read = new List<PieceEntry>();
        foreach (var c in list.Items.Take(NameList.Most).Where(c => c.IsObject()))
        {
            read.Add(new PieceEntry(
                RunMembers.Name.In(c, "").Trim(), RunMembers.Size.Given(c), JobParts.Colour(RunMembers.Colour, c),
                RunMembers.Count.In(c) ?? 1, RunMembers.Proofed.In(c), JobParts.Colour(RunMembers.GarmentColour, c),
                RunMembers.WidthMm.In(c)));
        }

        // Files of before told sizes apart from names.
        var bySize = SizesOf(job);
        return read.Count > 0 ? read : bySize;
    }

    private static List<PieceEntry> SizesOf(JsonCursor job) =>
        [.. RunMembers.Sizes.Each(job).Select(i => (Size: RunMembers.RunSize.In(i), Count: RunMembers.RunCount.In(i)))
            .Where(i => i is { Size: not null, Count: > 0 }).Select(i => new PieceEntry("", i.Size, null, i.Count!.Value, Proofed: false))];

    public static List<PatchResult> PatchesOf(JsonCursor job)
    {
        var list = SettingMembers.Patches.In(job);
        var found = new List<PatchResult>();
        if (list.Items.Count() > JobReader.MostPatches)
            list.Fault(new Phrase("job-reader.out-of-range", ("items", list.Items.Count()), ("mostPatches", JobReader.MostPatches)),
                "out-of-range");
        foreach (var item in list.Items.Where(i => i.IsObject()))
        {
            var (celsius, seconds) = (SettingMembers.Celsius.In(item), SettingMembers.Seconds.In(item));
            if (SettingMembers.Outcome.In(item) is { } outcome && celsius is { } c && seconds is { } t)
                found.Add(
                    new PatchResult(c, t, SettingMembers.Outcomes[outcome])
                    { Pressure = JobParts.Pressure(SettingMembers.Pressure, item), At = AtOf(item), On = OnOf(item) });
        }

        return found;
    }

    private static DateTimeOffset? AtOf(JsonCursor patch)
    {
        var said = SettingMembers.At.In(patch, "");
        if (said.Length == 0)
            return null;
        if (DateTimeOffset.TryParse(said, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var at))
            return at.ToUniversalTime();
        patch[SettingMembers.At.Name].Fault(new Phrase("job-reader.no-time", ("pointer", patch.Pointer), ("said", said)), "type");
        return null;
    }

    private static PatchOn? OnOf(JsonCursor patch) => SettingMembers.On.Given(patch) is { } on
        ? new PatchOn(SettingMembers.HeatSource.In(on, ""), SettingMembers.Vinyl.In(on, ""), SettingMembers.Material.In(on, "")) : null;

    public static UsedSetting? UsedOf(JsonCursor job)
    {
        if (SettingMembers.Used.Given(job) is not { } c)
            return null;
        var (celsius, seconds, from) = (SettingMembers.Celsius.In(c), SettingMembers.Seconds.In(c), SettingMembers.From.In(c, ""));
        foreach (var needed in new[] { SettingMembers.Celsius.Name, SettingMembers.Seconds.Name }.Where(n => !c[n].Exists))
            c[needed].Fault(new Phrase("job-reader.missing-2", ("pointer", c.Pointer), ("needed", needed)), "missing");
        var (pressure, back) = (JobParts.Pressure(SettingMembers.Pressure, c), SettingMembers.BackSeconds.In(c));
        return celsius is { } at && seconds is { } time
            ? new UsedSetting(at, time, from) { Pressure = pressure, BackSeconds = back } : null;
    }

    /// <summary>What the job says of the ways of doing it; what it leaves to the advice is not in it.</summary>
    public static Dictionary<string, string> ChoicesOf(JsonCursor job)
    {
        var choices = ChoiceMembers.Choices.In(job);
        var said = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var question in ChoiceMembers.Questions)
        {
            if (question.In(choices, JobReader.Advise) is { } option && option != JobReader.Advise)
                said[question.Name] = option;
        }

        return said;
    }

    /// <summary>Notices that the crafter accepts: the code, and a word of their own.</summary>
    public static Dictionary<string, string> AcceptedOf(JsonCursor job)
    {
        var said = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var item in ChoiceMembers.Accepted.Each(job))
        {
            var word = ChoiceMembers.Word.In(item);
            if (word.Trim().Length == 0)
                item[ChoiceMembers.Word.Name].Fault(new Phrase("job-reader.missing-3", ("pointer", item.Pointer)), "missing");
            said[ChoiceMembers.Code.In(item)] = word;
        }

        return said;
    }
}
