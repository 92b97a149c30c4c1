using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>
/// Remembers what was carried out in the model: most edits of a job, such as moving artwork, change nothing that heat can feel.
/// </summary>
/// <param name="catalogue">The catalogue.</param>
internal sealed class Rehearsals(CatalogueSnapshot catalogue)
{
    private const long MostBytes = 24 * 1024 * 1024;
    private const int BytesPerFigure = 8;

    // By then underlay and plate are as warm as they get.
    private const int MostPieces = 20;

    private readonly ConditionalWeakTable<RehearsedPresses, ConcurrentDictionary<int, IReadOnlyList<PieceInRun>>> _runs = [];
    private readonly ConditionalWeakTable<RehearsedPresses, ConcurrentDictionary<int, IReadOnlyList<RunHelp>>> _helps = [];
    private readonly BoundedMemory<Key, RehearsedPresses> _known = new(MostBytes);

    /// <summary>A sequence carried out.</summary>
    /// <param name="about">The job, with its settings.</param>
    /// <param name="sequence">The presses.</param>
    public RehearsedPresses Of(SetJob about, IReadOnlyList<SequencePress> sequence)
    {
        var key = new Key(about, sequence);
        if (_known.TryGet(key, out var known))
            return known;
        var rehearsal = Rehearser.Of(about, sequence, catalogue, id => SheetNames.Of(id, about));
        _known.Keep(key, rehearsal, rehearsal.Phases.Sum(p => (long)p.Times.Count * (p.Sheets.Count + 7)) * BytesPerFigure);
        return rehearsal;
    }

    /// <summary>The pieces of a run, until they are alike.</summary>
    /// <param name="about">The job, with its settings.</param>
    /// <param name="first">Its first piece, carried out.</param>
    /// <param name="pieces">How many, from 1.</param>
    public IReadOnlyList<PieceInRun> InARun(SetJob about, RehearsedPresses first, int pieces)
    {
        var most = Math.Min(pieces, MostPieces);
        return most < 2 ? [] : _runs.GetValue(first, _ => new()).GetOrAdd(most, n => RunOfMany.Of(about, first, n, catalogue));
    }

    /// <summary>What would help a run.</summary>
    /// <param name="about">The job, with its settings.</param>
    /// <param name="first">Its first piece, carried out.</param>
    /// <param name="run">Its pieces, until they are alike.</param>
    /// <param name="pieces">How many, from 1.</param>
    public IReadOnlyList<RunHelp> Helping(SetJob about, RehearsedPresses first, IReadOnlyList<PieceInRun> run, int pieces) =>
        _helps.GetValue(first, _ => new()).GetOrAdd(Math.Min(pieces, MostPieces), n => RunHelps.Of(about, first, run, n, catalogue));

    /// <summary>A layer as heat feels it.</summary>
    private sealed record Felt(string Id, Workpiece Work, ReferenceDose Reference, double MostHeatDose, Face Face, string Under);

    /// <summary>Everything that a rehearsal depends on.</summary>
    private sealed class Key : IEquatable<Key>
    {
        private readonly IReadOnlyList<Felt> _layers;
        private readonly IReadOnlyList<PressSet> _sets;
        private readonly string _presses;

        public Key(SetJob about, IReadOnlyList<SequencePress> sequence)
        {
            _layers = [.. about.Layers.Select(l =>
                new Felt(l.Id, l.Work, l.Reference, l.MostHeatDose, l.Layer.Face, string.Join('\n', about.Stack.Under(l.Id))))];
            _sets = [.. sequence.Select(p => p.Set)];
            var presses = sequence.Select(p => Text(about, p));
            _presses = FormattableString.Invariant($"{about.BackSeconds} {about.CanBeTurned} {string.Join('\n', presses)}");
        }

        private static string Text(SetJob about, SequencePress press)
        {
            var laying = press.Laid.Count == 0 ? 0 : Rehearser.LayingSeconds(about, press.Laid);
            var (laid, layers) = (string.Join('\t', press.Laid), string.Join('\t', press.Layers));
            return FormattableString.Invariant(
                $"{press.Purpose} {press.Seconds} {press.UntilBonded} {press.Peel} {laying} {laid}\r{layers}");
        }

        public bool Equals(Key? other) =>
            other is not null && _presses == other._presses && _layers.SequenceEqual(other._layers) && _sets.SequenceEqual(other._sets);

        public override bool Equals(object? obj) => Equals(obj as Key);

        // The presses tell most apart; figures are compared when they agree.
        public override int GetHashCode() => StringComparer.Ordinal.GetHashCode(_presses);
    }
}
