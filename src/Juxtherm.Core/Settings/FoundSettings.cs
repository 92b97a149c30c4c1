using System.Collections.Concurrent;
using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Settings;

/// <summary>
/// Remembers settings that were found, with their windows: most edits of a job change neither the stack nor the chart, and
/// are answered from here at once.
/// </summary>
/// <param name="catalogue">The catalogue that they belong to.</param>
public sealed class FoundSettings(CatalogueSnapshot catalogue)
{
    private const int MostRemembered = 512;
    private readonly ConcurrentDictionary<Question, FoundSetting> _known = new();

    /// <summary>The setting that serves all layers.</summary>
    /// <param name="aims">What the layers ask; all on the same blank under the same press.</param>
    /// <param name="pressureKPa">Pressure, kPa.</param>
    /// <param name="preheatSeconds">Preheat, s.</param>
    public FoundSetting Find(IReadOnlyList<LayerAim> aims, double pressureKPa, double preheatSeconds)
    {
        ArgumentNullException.ThrowIfNull(aims);
        var question = new Question(aims, pressureKPa, preheatSeconds);
        if (_known.TryGetValue(question, out var known))
            return known;
        if (_known.Count >= MostRemembered)
            _known.Clear();
        return _known[question] = SettingSearch.Find(aims, pressureKPa, preheatSeconds, catalogue);
    }

    private sealed class Question(IReadOnlyList<LayerAim> aims, double pressureKPa, double preheatSeconds) : IEquatable<Question>
    {
        private readonly IReadOnlyList<LayerAim> _aims = aims;
        private readonly (double Pressure, double Preheat) _press = (pressureKPa, preheatSeconds);

        public bool Equals(Question? other) => other is not null && _press == other._press && _aims.SequenceEqual(other._aims);

        public override bool Equals(object? obj) => Equals(obj as Question);

        // The names tell most questions apart; figures are compared when the names agree.
        public override int GetHashCode()
        {
            var hash = new HashCode();
            hash.Add(_press);
            foreach (var aim in _aims)
            {
                hash.Add(aim.Work.Vinyl.Id, StringComparer.Ordinal);
                hash.Add(aim.Work.Material.Id, StringComparer.Ordinal);
                hash.Add(aim.Work.Source.Id, StringComparer.Ordinal);
                hash.Add(aim.Chart.Celsius.Value);
                hash.Add(aim.Chart.Seconds.Value);
            }

            return hash.ToHashCode();
        }
    }
}
