using Juxtherm.Core.Artwork;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs;

/// <summary>One action at the press.</summary>
/// <param name="Index">Place among the piece's steps, from 0.</param>
/// <param name="Stage">Which part of the work.</param>
/// <param name="Kind">How it ends.</param>
/// <param name="Text">What to do with the hands.</param>
/// <param name="Seconds">How long it takes or must last, s.</param>
/// <param name="PressOrder">The press it belongs to; 0 for pressing again, null for none.</param>
public sealed record BenchStep(int Index, WorkStage Stage, StepKind Kind, string Text, double Seconds, int? PressOrder)
{
    /// <summary>Steps numbered in their order.</summary>
    /// <param name="steps">The steps.</param>
    public static IReadOnlyList<BenchStep> Numbered(IEnumerable<BenchStep> steps) => [.. steps.Select((s, i) => s with { Index = i })];

    /// <summary>By when after it began it should be done, s; null where there is no hurry.</summary>
    public double? WithinSeconds { get; init; }

    /// <summary>While it waits it lies where it was pressed, so nothing else can be.</summary>
    public bool KeepsPlace { get; init; }

    /// <summary>It belongs to the preheat.</summary>
    public bool Preheats { get; init; }

    /// <summary>Vinyl lies on the piece from here on.</summary>
    public bool Lays { get; init; }

    /// <summary>Vinyl is laid on this face in it; null where none is laid.</summary>
    public Face? Laying { get; init; }

    /// <summary>Which placement of the plate it is, from 1; all passes of a gun are one.</summary>
    public int Go { get; init; } = 1;

    /// <summary>Its press as the trace of the plan numbers it: the same press on the first part of the print; null for none.</summary>
    public int? TracedAs { get; init; }

    /// <summary>The other side lies up than the press before had up.</summary>
    public bool TurnedOver { get; init; }

    /// <summary>It makes up for a plate that was opened early; afterwards the work goes on where it was.</summary>
    public bool MakesUp { get; init; }
}

/// <summary>Something to see to once before the first piece.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Text">What.</param>
public sealed record CheckItem(string Id, string Text)
{
    /// <summary>How long the plate is closed for it, or it is left to cool, s; null where nothing is timed.</summary>
    public double? TimedSeconds { get; init; }
}

/// <summary>Everything that is done at one press, taken from a plan for that press and frozen.</summary>
/// <param name="Checks">What is seen to once.</param>
/// <param name="Steps">What is done for each piece, in order.</param>
public sealed record StationScript(IReadOnlyList<CheckItem> Checks, IReadOnlyList<BenchStep> Steps)
{
    /// <summary>From which piece in a row its later steps hold, from 1.</summary>
    public int SteadyFrom { get; init; } = int.MaxValue;

    /// <summary>The steps once what lies underneath is warm.</summary>
    public IReadOnlyList<BenchStep> SteadySteps { get; init; } = [];

    /// <summary>The steps of a piece.</summary>
    /// <param name="piece">It.</param>
    public IReadOnlyList<BenchStep> StepsOf(Piece piece)
    {
        ArgumentNullException.ThrowIfNull(piece);
        return piece.InRow + 1 >= SteadyFrom ? SteadySteps : Steps;
    }

    /// <summary>Takes a plan apart.</summary>
    /// <param name="plan">The plan.</param>
    public static StationScript Of(Plan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var patch = plan.Presses.FirstOrDefault(p => p.Purpose == PressPurpose.Patch);
        double? Timed(PlanStep step) =>
            step.Check switch { Preparation.Patch => patch?.Seconds, Preparation.PatchLook => step.Seconds, _ => null };
        var atPress = plan.Steps.Where(s => s.Kind != StepKind.Know).ToList();
        var presses = plan.Presses.ToDictionary(p => p.Order);
        var tracedAs = plan.Whole.SelectMany(w => w.OnParts.Select(p => (p.Order, First: w.OnParts[0].Order)))
            .ToDictionary(p => p.Order, p => p.First);
        var laid = false;
        var holds = new Dictionary<int, int>();
        int Go(PlanStep step, PlannedPress? press) =>
            press is { Sections.Count: > 1 } ? holds.GetValueOrDefault(press.Order) + (step.Kind == StepKind.Hold ? 0 : 1) : 1;
        BenchStep Step(PlanStep step, int index)
        {
            var press = step.PressOrder is { } order ? presses.GetValueOrDefault(order) : null;
            laid |= press?.Laid.Count > 0;
            if (step.Kind == StepKind.Hold && press is not null)
                holds[press.Order] = holds.GetValueOrDefault(press.Order) + 1;
            return new BenchStep(index, step.Stage, step.Kind, step.Text, step.Seconds, step.PressOrder)
            {
                Preheats = press?.Purpose == PressPurpose.Preheat,
                Lays = laid,
                Laying = step is { Stage: WorkStage.Press, Kind: StepKind.Do } && press is { Laid.Count: > 0 }
                && !holds.ContainsKey(press.Order) ? press.Face : null,
                Go = Go(step, press),
                TracedAs = press is null ? null : tracedAs.GetValueOrDefault(press.Order, press.Order),
                KeepsPlace = step.Kind == StepKind.Wait && press?.Peel.Place == Peel.OnUnderlay,
                WithinSeconds = step is { Stage: WorkStage.Peel, Kind: StepKind.Do }
                && press is { Peel: { Method: not Catalogue.PeelMethod.Cold, ToSeconds: { } to } }
                ? Math.Max(1, to - press.Peel.FromSeconds) : null,
            };
        }

        var steps = atPress.Where(s => !s.OncePerRun).Select(Step).ToList();
        return new StationScript(
            [.. atPress.Where(s => s.OncePerRun)
                .Select((s, i) => new CheckItem(s.Check ?? $"once-{i}", s.Text) { TimedSeconds = Timed(s) })],
            steps) is var first && plan.Batch is { SteadySteps.Count: > 0 } batch
            ? first with { SteadyFrom = batch.FromPiece, SteadySteps = Steady(plan, batch, steps) } : first;
    }

    /// <summary>The steps with those put in that later pieces have otherwise.</summary>
    private static IReadOnlyList<BenchStep> Steady(Plan plan, PlanBatch batch, List<BenchStep> steps)
    {
        var of = plan.Steps.Select((s, i) => (Step: s, Index: i)).Where(s => s.Step is { Kind: not StepKind.Know, OncePerRun: false })
            .Select(s => batch.SteadySteps.FirstOrDefault(t => t.Index == s.Index)).ToList();
        return [.. steps.Zip(of, (step, then) => then is null ? step : step with { Seconds = then.Seconds, Text = then.Text })];
    }
}

/// <summary>A garment of a run as it is wanted at the beginning.</summary>
/// <param name="Name">What goes on it; empty where they are all alike.</param>
/// <param name="Size">Its size; null when not said.</param>
/// <param name="Colour">Colour of its vinyl; null for the layer's own.</param>
/// <param name="GarmentColour">Colour of the garment; null for the item's own.</param>
/// <param name="WidthMm">How wide the name is set, mm; null for letters as high as all.</param>
public sealed record WantedPiece(string Name, string? Size, string? Colour, string? GarmentColour = null, double? WidthMm = null)
{
    /// <summary>As a list of pieces has it.</summary>
    public PieceEntry Entry => new(Name, Size, Colour, 1, false, GarmentColour, WidthMm);
}

/// <summary>A run as it was frozen.</summary>
/// <param name="Pieces">The garments.</param>
/// <param name="Named">Their names are cut in vinyl: another name has to be cut anew.</param>
/// <param name="Stations">The presses that have joined, in order.</param>
public sealed record BenchScript(IReadOnlyList<WantedPiece> Pieces, bool Named, IReadOnlyList<StationScript> Stations)
{
    /// <summary>Says what comes up at the press.</summary>
    public required IWords Words { get; init; }

    /// <summary>A plate opened early is to be closed again for what is missing. Runs of earlier rules went on to the next step.</summary>
    public bool NamesShortHolds { get; init; } = true;

    /// <summary>What a job wants: a garment for each of its pieces, or as many alike as its quantity says.</summary>
    /// <param name="job">The job.</param>
    public static (IReadOnlyList<WantedPiece> Pieces, bool Named) Wanted(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        var named = job.Names.Any() && job.NameLayer is not null;
        List<WantedPiece> pieces = [.. job.Pieces.SelectMany(p => Enumerable.Repeat(
            new WantedPiece(p.Name, p.Size ?? job.Blank.Size, p.Colour, p.GarmentColour, p.WidthMm), p.Count))];
        // A quantity beyond the list is garments of which nothing else is known.
        var further = named ? 0 : Math.Max(pieces.Count == 0 ? job.Quantity : 0, job.Quantity - pieces.Count);
        return ([.. pieces, .. Enumerable.Repeat(new WantedPiece("", job.Blank.Size, null), further)], named);
    }

    /// <summary>A run at one press.</summary>
    /// <param name="plan">Its plan.</param>
    /// <param name="job">Its job.</param>
    /// <param name="words">Says what comes up at the press.</param>
    public static BenchScript Of(Plan plan, Job job, IWords words)
    {
        var (pieces, named) = Wanted(job);
        return new BenchScript(pieces, named, [StationScript.Of(plan)]) { Words = words };
    }
}
