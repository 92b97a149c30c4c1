namespace Juxtherm.Store;

/// <summary>A piece in the logbook. Figures are raw: °C, s, kPa.</summary>
public sealed class LogRow
{
    public long Id { get; set; }

    /// <summary>Its name wherever it is taken: what is read in twice is kept once.</summary>
    public Guid Key { get; set; } = Guid.NewGuid();

    /// <summary>The run that it came of; null for what was read in.</summary>
    public Guid? RunId { get; set; }

    public DateTimeOffset AtUtc { get; set; }

    public required string Title { get; set; }

    public int Piece { get; set; }

    public int Pieces { get; set; }

    public required string Material { get; set; }

    public required string Form { get; set; }

    public required string HeatSource { get; set; }

    public required string Cover { get; set; }

    public required string Underlay { get; set; }

    public double Celsius { get; set; }

    public double PlannedSeconds { get; set; }

    public double PressedSeconds { get; set; }

    public required string Pressure { get; set; }

    public double PressureKPa { get; set; }

    public double PredictedBond { get; set; }

    public required string Note { get; set; }

    /// <summary>Whose it is; empty where pieces are all alike.</summary>
    public string Name { get; set; } = "";

    /// <summary>Pressed again after the first look, s.</summary>
    public double PressedAgainSeconds { get; set; }

    /// <summary>Pressed from the back, s.</summary>
    public double BackSeconds { get; set; }

    /// <summary>Where its setting came from; empty in entries from before that was kept.</summary>
    public string Set { get; set; } = "";

    /// <summary>It came right in the end; null in entries from before that was asked.</summary>
    public bool? EndedWell { get; set; }

    /// <summary>The plate as it closed, where it was measured.</summary>
    public double? PlateCelsius { get; set; }

    /// <summary>It came of a worked example: it teaches nothing.</summary>
    public bool Example { get; set; }

    /// <summary>It was pressed in another workshop: it teaches nothing of this one's presses, pace and spoilage.</summary>
    public bool Elsewhere { get; set; }

    /// <summary>Somebody said that it should not count: it teaches nothing.</summary>
    public bool Struck { get; set; }

    /// <summary>ln of the bond that it had by the catalogue over that from which it holds; null where it tells nothing of one
    /// vinyl.</summary>
    public double? LnRoom { get; set; }

    /// <summary>Which model and catalogue those figures were reckoned by; empty for none, or for one from before that was kept.</summary>
    public string HeatBy { get; set; } = "";

    /// <summary>How much that rises per kelvin of the plate, 1/K.</summary>
    public double? BondPerK { get; set; }

    /// <summary>ln of its heat dose over the most that its vinyl takes.</summary>
    public double? LnBurden { get; set; }

    /// <summary>How much that rises per kelvin of the plate, 1/K.</summary>
    public double? BurdenPerK { get; set; }

    /// <summary>How much hotter than its dial the plate was taken to be for these, K.</summary>
    public double? HeatOffsetK { get; set; }

    public List<LogWashRow> Washes { get; } = [];

    public List<LogPhotoRow> Photos { get; } = [];

    /// <summary>Its vinyls, what was seen, its lots.</summary>
    public List<LogWordRow> Words { get; } = [];

    /// <summary>Its words of one kind in order.</summary>
    /// <param name="kind">One of <see cref="LogWordRow"/>.</param>
    public IReadOnlyList<string> Said(string kind) => [.. Words.Where(w => w.Kind == kind).OrderBy(w => w.At).Select(w => w.Word)];

    /// <summary>Puts its words of one kind in the place of those it had.</summary>
    /// <param name="kind">One of <see cref="LogWordRow"/>.</param>
    /// <param name="words">All of them in order.</param>
    public void Say(string kind, IEnumerable<string> words)
    {
        // Rows are changed where they are: one with the same key cannot go and come at once.
        var kept = Words.Where(w => w.Kind == kind).ToDictionary(w => w.At);
        var count = 0;
        foreach (var word in words)
        {
            if (kept.TryGetValue(count, out var row))
                row.Word = word;
            else
                Words.Add(new LogWordRow { LogId = Id, Kind = kind, At = count, Word = word });
            count++;
        }

        Words.RemoveAll(w => w.Kind == kind && w.At >= count);
    }
}

/// <summary>How a piece looked after so many washes.</summary>
public sealed class LogWashRow
{
    public long Id { get; set; }

    public long LogId { get; set; }

    public DateTimeOffset AtUtc { get; set; }

    public int Washes { get; set; }

    /// <summary>fine, edges-lift, cracked, faded or came-off.</summary>
    public required string Look { get; set; }

    public required string Note { get; set; }

    /// <summary>Chosen by whoever said it, saying it twice counts once; null where it was read in.</summary>
    public Guid? CommandId { get; set; }
}

/// <summary>A photo of a piece, made small, with nothing in it but the picture.</summary>
public sealed class LogPhotoRow
{
    public Guid Id { get; set; }

    public long LogId { get; set; }

    public DateTimeOffset AtUtc { get; set; }

    public int Width { get; set; }

    public int Height { get; set; }

    public required byte[] Jpeg { get; set; }

    /// <summary>The same, a few hundred pixels wide.</summary>
    public required byte[] Small { get; set; }
}

/// <summary>A plate that somebody measured.</summary>
public sealed class PlateReadingRow
{
    public long Id { get; set; }

    public required string HeatSource { get; set; }

    public DateTimeOffset AtUtc { get; set; }

    /// <summary>What the dial showed, °C.</summary>
    public double DialCelsius { get; set; }

    /// <summary>What was measured on the plate, °C.</summary>
    public double ReadCelsius { get; set; }

    /// <summary>probe or strip.</summary>
    public required string Means { get; set; }

    /// <summary>Chosen by whoever measured, saying it twice counts once; null for readings from before that was asked.</summary>
    public Guid? CommandId { get; set; }
}

/// <summary>A test patch, kept for every later job on the same press, vinyl and blank.</summary>
public sealed class PatchRow
{
    public long Id { get; set; }

    /// <summary>The job in which it was pressed; it outlives that.</summary>
    public Guid JobId { get; set; }

    public required string HeatSource { get; set; }

    public required string Vinyl { get; set; }

    public required string Material { get; set; }

    /// <summary>What the plate was set to, °C.</summary>
    public double Celsius { get; set; }

    /// <summary>Time closed, s.</summary>
    public double Seconds { get; set; }

    /// <summary>light, medium or firm; null for as the plan said.</summary>
    public string? Pressure { get; set; }

    /// <summary>What came of it, as a job file says it.</summary>
    public required string Outcome { get; set; }

    /// <summary>When it was judged: with the job what it is known by.</summary>
    public DateTimeOffset AtUtc { get; set; }

    /// <summary>Somebody struck it.</summary>
    public bool Struck { get; set; }
}

/// <summary>A press that was repaired: what was learned of its plate before says nothing of it any more.</summary>
public sealed class PressRepairRow
{
    /// <summary>Heat source id.</summary>
    public required string HeatSource { get; set; }

    public DateTimeOffset AtUtc { get; set; }
}

/// <summary>Something learned that somebody switched off.</summary>
public sealed class LearnedOffRow
{
    public required string Key { get; set; }
}

/// <summary>What the logbook has taught by now, so that a start need not wait until it is learned again.</summary>
public sealed class LearnedRow : IReckonedRow
{
    /// <summary>The only one.</summary>
    public const int Only = 1;

    public int Id { get; set; }

    /// <summary>What plans are corrected by; empty for nothing.</summary>
    public required string CorrectionJson { get; set; }
}
