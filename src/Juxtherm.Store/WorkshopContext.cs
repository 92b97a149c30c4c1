using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Juxtherm.Store;

/// <summary>The workshop's database.</summary>
/// <param name="options">Where it is.</param>
public sealed class WorkshopContext(DbContextOptions<WorkshopContext> options) : DbContext(options)
{
    public DbSet<JobRow> Jobs => Set<JobRow>();

    public DbSet<JobCardRow> JobCards => Set<JobCardRow>();

    public DbSet<LearnedRow> Learned => Set<LearnedRow>();

    public DbSet<SetAsideRow> SetAside => Set<SetAsideRow>();

    public DbSet<RunRow> Runs => Set<RunRow>();

    public DbSet<RunTraceRow> RunTraces => Set<RunTraceRow>();

    public DbSet<RunStationRow> RunStations => Set<RunStationRow>();

    public DbSet<RunEventRow> RunEvents => Set<RunEventRow>();

    public DbSet<LogRow> Log => Set<LogRow>();

    public DbSet<LogWashRow> LogWashes => Set<LogWashRow>();

    /// <summary>Vinyls, outcomes and lots of pieces in the logbook.</summary>
    public DbSet<LogWordRow> LogWords => Set<LogWordRow>();

    /// <summary>What was ticked off while weeding.</summary>
    public DbSet<CutWeededRow> CutWeeded => Set<CutWeededRow>();

    public DbSet<LogPhotoRow> LogPhotos => Set<LogPhotoRow>();

    public DbSet<PlateReadingRow> PlateReadings => Set<PlateReadingRow>();

    /// <summary>Test patches.</summary>
    public DbSet<PatchRow> Patches => Set<PatchRow>();

    public DbSet<PressRepairRow> PressRepairs => Set<PressRepairRow>();

    public DbSet<LearnedOffRow> LearnedOff => Set<LearnedOffRow>();

    public DbSet<ShelfRow> Shelf => Set<ShelfRow>();

    public DbSet<StockRow> Stock => Set<StockRow>();

    public DbSet<StockMoveRow> StockMoves => Set<StockMoveRow>();

    public DbSet<ColourMatchRow> ColourMatches => Set<ColourMatchRow>();

    public DbSet<CutRow> Cuts => Set<CutRow>();

    public DbSet<CutPresetRow> CutPresets => Set<CutPresetRow>();

    /// <summary>Fonts that somebody brought.</summary>
    public DbSet<FontRow> Fonts => Set<FontRow>();

    /// <summary>What there is just one of.</summary>
    public DbSet<KeptRow> Kept => Set<KeptRow>();

    /// <summary>Items on hand.</summary>
    public DbSet<BlankStockRow> BlankStock => Set<BlankStockRow>();

    public DbSet<BlankMoveRow> BlankMoves => Set<BlankMoveRow>();

    public DbSet<QuoteRow> Quotes => Set<QuoteRow>();

    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
    {
        ArgumentNullException.ThrowIfNull(configurationBuilder);
        // SQLite cannot order its own form of a time with an offset; ticks of UTC it can.
        configurationBuilder.Properties<DateTimeOffset>().HaveConversion<UtcTicks>();
    }

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        ArgumentNullException.ThrowIfNull(modelBuilder);
        modelBuilder.Entity<JobRow>(job =>
        {
            job.Property(j => j.Title).HasMaxLength(120);
            job.Property(j => j.Version).IsConcurrencyToken();
            job.HasIndex(j => new { j.DeletedUtc, j.UpdatedUtc });
        });
        modelBuilder.Entity<JobCardRow>(card =>
        {
            card.HasKey(c => c.JobId);
            card.HasOne<JobRow>().WithOne().HasForeignKey<JobCardRow>(c => c.JobId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<LearnedRow>(learned => learned.Property(l => l.Id).ValueGeneratedNever());
        modelBuilder.Entity<LogWashRow>(wash => wash.HasIndex(w => new { w.LogId, w.CommandId }).IsUnique());
        modelBuilder.Entity<RunRow>(run =>
        {
            run.Property(r => r.Sequence).IsConcurrencyToken();
            run.HasIndex(r => new { r.Status, r.StartedUtc });
            run.HasIndex(r => r.JobId);
            run.HasMany(r => r.Events).WithOne().HasForeignKey(e => e.RunId).OnDelete(DeleteBehavior.Restrict);
        });
        modelBuilder.Entity<RunTraceRow>(trace =>
        {
            trace.HasKey(t => t.RunId);
            trace.HasOne<RunRow>().WithOne(r => r.Trace).HasForeignKey<RunTraceRow>(t => t.RunId).OnDelete(DeleteBehavior.Restrict);
        });
        modelBuilder.Entity<RunStationRow>(station =>
        {
            station.HasKey(s => new { s.RunId, s.Number });
            station.HasOne<RunRow>().WithMany(r => r.Stations).HasForeignKey(s => s.RunId).OnDelete(DeleteBehavior.Restrict);
        });
        modelBuilder.Entity<RunEventRow>(said =>
        {
            said.HasKey(e => new { e.RunId, e.Sequence });
            said.HasIndex(e => new { e.RunId, e.CommandId }).IsUnique();
        });
        modelBuilder.Entity<ShelfRow>(own =>
        {
            own.HasKey(o => o.Id);
            own.Property(o => o.Version).IsConcurrencyToken();
            own.HasIndex(o => new { o.DeletedUtc, o.Kind, o.Name });
        });
        modelBuilder.Entity<StockRow>(stock =>
        {
            stock.Property(s => s.Version).IsConcurrencyToken();
            stock.HasIndex(s => new { s.DeletedUtc, s.Vinyl, s.Colour });
            stock.HasMany(s => s.Moves).WithOne().HasForeignKey(m => m.StockId).OnDelete(DeleteBehavior.Restrict);
        });
        modelBuilder.Entity<ColourMatchRow>(match => match.HasKey(m => new { m.Vinyl, m.Wanted, m.OnShelf }));
        modelBuilder.Entity<StockMoveRow>(move => move.HasIndex(m => new { m.StockId, m.CommandId, m.Kind }).IsUnique());
        modelBuilder.Entity<CutRow>(cut =>
        {
            cut.Property(c => c.Version).IsConcurrencyToken();
            cut.HasIndex(c => new { c.JobId, c.CreatedUtc });
            cut.HasMany(c => c.Weeded).WithOne().HasForeignKey(w => w.CutId).OnDelete(DeleteBehavior.Cascade);
            cut.Navigation(c => c.Weeded).AutoInclude();
            cut.HasMany(c => c.Commands).WithOne().HasForeignKey(c => c.CutId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<CutWeededRow>(weeded => weeded.HasKey(w => new { w.CutId, w.Key }));
        modelBuilder.Entity<CutCommandRow>(command => command.HasKey(c => new { c.CutId, c.CommandId }));
        modelBuilder.Entity<CutPresetRow>(preset => preset.HasKey(p => new { p.Vinyl, p.Cutter }));
        MakeLogbook(modelBuilder);
        MakeMoney(modelBuilder);
    }

    private static void MakeMoney(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<KeptRow>(kept =>
        {
            kept.HasKey(k => k.Key);
            kept.Property(k => k.Version).IsConcurrencyToken();
        });
        modelBuilder.Entity<BlankStockRow>(blank =>
        {
            blank.Property(b => b.Version).IsConcurrencyToken();
            blank.HasIndex(b => new { b.DeletedUtc, b.Form, b.Material });
            blank.HasMany(b => b.Moves).WithOne().HasForeignKey(m => m.BlankId).OnDelete(DeleteBehavior.Restrict);
        });
        modelBuilder.Entity<BlankMoveRow>(move => move.HasIndex(m => new { m.BlankId, m.CommandId, m.Kind }).IsUnique());
        modelBuilder.Entity<QuoteRow>(quote =>
        {
            quote.Property(q => q.Version).IsConcurrencyToken();
            quote.HasIndex(q => q.Number).IsUnique();
            quote.HasIndex(q => q.JobId);
        });
    }

    private static void MakeLogbook(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<LogRow>(entry =>
        {
            entry.HasOne<RunRow>().WithMany().HasForeignKey(e => e.RunId).OnDelete(DeleteBehavior.Restrict);
            entry.HasIndex(e => e.AtUtc);
            entry.HasIndex(e => e.Key).IsUnique();
            entry.HasIndex(e => new { e.RunId, e.Piece }).IsUnique();
            // What lies on the picture of how much room, and what is learned from, is asked for by vinyl, blank and press.
            entry.HasIndex(e => new { e.Material, e.HeatSource, e.AtUtc });
            entry.HasIndex(e => e.Name);
            entry.HasMany(e => e.Words).WithOne().HasForeignKey(w => w.LogId).OnDelete(DeleteBehavior.Cascade);
            entry.Navigation(e => e.Words).AutoInclude();
            entry.HasMany(e => e.Washes).WithOne().HasForeignKey(w => w.LogId).OnDelete(DeleteBehavior.Cascade);
            entry.HasMany(e => e.Photos).WithOne().HasForeignKey(p => p.LogId).OnDelete(DeleteBehavior.Cascade);
        });
        modelBuilder.Entity<LogWordRow>(word =>
        {
            word.HasKey(w => new { w.LogId, w.Kind, w.At });
            // With the entry: whether one has a word is asked of each of ever so many.
            word.HasIndex(w => new { w.Kind, w.Word, w.LogId });
        });
        modelBuilder.Entity<PlateReadingRow>(reading => reading.HasIndex(r => new { r.HeatSource, r.AtUtc }));
        // A copied job has the same patches; they are kept once.
        modelBuilder.Entity<PatchRow>(patch => patch.HasIndex(p => new { p.AtUtc, p.HeatSource, p.Vinyl, p.Material }).IsUnique());
        modelBuilder.Entity<PressRepairRow>(repair => repair.HasKey(r => r.HeatSource));
        modelBuilder.Entity<LearnedOffRow>(off => off.HasKey(o => o.Key));
    }

    private sealed class UtcTicks() : ValueConverter<DateTimeOffset, long>(time => time.UtcTicks,
        ticks => new DateTimeOffset(ticks, TimeSpan.Zero));
}

/// <summary>For the migration tools only.</summary>
internal sealed class WorkshopContextFactory : IDesignTimeDbContextFactory<WorkshopContext>
{
    public WorkshopContext CreateDbContext(string[] args) =>
        new(new DbContextOptionsBuilder<WorkshopContext>().UseSqlite("Data Source=design.db").Options);
}
