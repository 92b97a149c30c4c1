using System.Text;
using System.Text.Json;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store.Keeping;

namespace Juxtherm.App.Helpers;

/// <summary>Something that was done from a helper's device.</summary>
/// <param name="AtUtc">When.</param>
/// <param name="Device">What the device is called.</param>
/// <param name="What">What was done, as “peeled piece 3”.</param>
public sealed record Deed(DateTimeOffset AtUtc, string Device, string What);

/// <summary>Writes down what is done from helpers' devices, beside the database; jobs and names do not stand in it.</summary>
/// <param name="folder">The data folder.</param>
/// <param name="language">Says it.</param>
/// <param name="clock">The time.</param>
public sealed class DeedLog(DataFolder folder, ILanguage language, TimeProvider clock)
{
    /// <summary>The file within the data folder.</summary>
    public const string FileName = "devices.log";

    private const long LargestBytes = 2 * 1024 * 1024;
    private readonly Lock _one = new();

    /// <summary>Writes down what a device did, where one asks.</summary>
    /// <param name="what">What.</param>
    public void Say(Phrase what)
    {
        if (Asking.Now is not { } asker)
            return;
        asker.Said = true;
        var deed = new Deed(clock.GetUtcNow(), asker.Device.Name, language.WordsFor(UnitSystem.Metric).Say(what));
        lock (_one)
        {
            var path = PathOf(FileName);
            if (File.Exists(path) && new FileInfo(path).Length > LargestBytes)
                File.Move(path, PathOf(FileName + ".old"), overwrite: true);
            File.AppendAllText(path, JsonSerializer.Serialize(deed, CoreJson.Options) + "\n", Encoding.UTF8);
        }
    }

    /// <summary>What was done last, newest first.</summary>
    /// <param name="most">How many at most.</param>
    public IReadOnlyList<Deed> Last(int most)
    {
        lock (_one)
        {
            var path = PathOf(FileName);
            return File.Exists(path) ? [.. File.ReadLines(path).Reverse().Take(most).Select(Read).OfType<Deed>()] : [];
        }
    }

    // A line that was being written as the program ended is left out.
    private static Deed? Read(string line)
    {
        try
        {
            return JsonSerializer.Deserialize<Deed>(line, CoreJson.Options);
        }
        catch (JsonException)
        {
            return null;
        }
    }

    private string PathOf(string name) => Path.Combine(folder.Path, name);
}
