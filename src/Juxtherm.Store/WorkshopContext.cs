using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Juxtherm.Store;

/// <summary>The workshop's database.</summary>
/// <param name="options">Where it is.</param>
public sealed class WorkshopContext(DbContextOptions<WorkshopContext> options) : DbContext(options)
{
    public DbSet<JobRow> Jobs => Set<JobRow>();

    public DbSet<RunRow> Runs => Set<RunRow>();

    public DbSet<RunTraceRow> RunTraces => Set<RunTraceRow>();

    public DbSet<RunEventRow> RunEvents => Set<RunEventRow>();

    public DbSet<LogRow> Log => Set<LogRow>();

    public DbSet<ShelfRow> Shelf => Set<ShelfRow>();

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
        modelBuilder.Entity<LogRow>(entry =>
        {
            entry.HasOne<RunRow>().WithMany().HasForeignKey(e => e.RunId).OnDelete(DeleteBehavior.Restrict);
            entry.HasIndex(e => e.AtUtc);
            entry.HasIndex(e => new { e.RunId, e.Piece }).IsUnique();
        });
    }

    private sealed class UtcTicks() : ValueConverter<DateTimeOffset, long>(time => time.UtcTicks, ticks => new DateTimeOffset(ticks, TimeSpan.Zero));
}

/// <summary>For the migration tools only.</summary>
internal sealed class WorkshopContextFactory : IDesignTimeDbContextFactory<WorkshopContext>
{
    public WorkshopContext CreateDbContext(string[] args) => new(new DbContextOptionsBuilder<WorkshopContext>().UseSqlite("Data Source=design.db").Options);
}
