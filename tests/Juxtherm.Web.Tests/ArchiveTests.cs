using System.Reflection;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Juxtherm.Testing;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Juxtherm.Web.Tests;

/// <summary>Random workshops go into an archive and come out of it the same, whatever stands in them.</summary>
public sealed class ArchiveTests : IDisposable
{
    private const int MostRows = 5;
    private static readonly DateTimeOffset Now = new(2026, 5, 1, 9, 0, 0, TimeSpan.Zero);
    private static readonly string[] Words = ["", "Tarn", "ünï – 雪 ☃", "two\nlines\tand \"quotes\"", "{ \"json\": [1, 2] }", "\\ / \u0001",
        "=1+1", new string('x', 5000)];
    private readonly string _folder = Workshop.NewFolder();

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    [Theory]
    [Trait("Run", "thorough")]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(6)]
    [InlineData(7)]
    [InlineData(8)]
    public async Task What_goes_in_comes_out(int seed)
    {
        var cancel = TestContext.Current.CancellationToken;
        await using var here = await NewAsync("here.db");
        Fill(here, new Random(seed));
        await here.SaveChangesAsync(cancel);
        here.ChangeTracker.Clear();
        using var archive = new MemoryStream();
        await WorkshopArchive.WriteAsync(here, archive, Now, cancel);
        archive.Position = 0;
        Assert.Equal(Now, await WorkshopArchive.ReadAsync(archive, Path.Combine(_folder, "there.db"), cancel));
        await using var there = At("there.db");
        var rows = 0;
        // What is reckoned from the rest is in no archive.
        foreach (var type in here.Model.GetEntityTypes().Where(t => !t.ClrType.IsAssignableTo(typeof(IReckonedRow))))
        {
            var (mine, theirs) = (Rows(here, type), Rows(there, type));
            Assert.Equal(mine, theirs);
            rows += mine.Count;
        }

        Assert.True(rows > 20, $"only {rows} rows");
    }

    [Fact]
    public async Task An_archive_of_before_comes_in_with_the_words_of_now()
    {
        var cancel = TestContext.Current.CancellationToken;
        await using var here = await NewAsync("here.db");
        here.CutPresets.Add(new CutPresetRow { Vinyl = "smooth", Cutter = "table", Blade = "everyday" });
        here.CutPresets.Add(new CutPresetRow { Vinyl = "glitter", Cutter = "table", Blade = "deep" });
        await here.SaveChangesAsync(cancel);
        using var archive = new MemoryStream();
        await WorkshopArchive.WriteAsync(here, archive, Now, cancel);
        archive.Position = 0;
        await WorkshopArchive.ReadAsync(archive, Path.Combine(_folder, "there.db"), cancel);
        await using var there = At("there.db");
        Assert.Equal(["deep", "plain"], await there.CutPresets.OrderBy(p => p.Vinyl).Select(p => p.Blade).ToListAsync(cancel));
    }

    [Fact]
    public async Task A_cut_at_any_place_is_refused_and_leaves_nothing_behind()
    {
        var cancel = TestContext.Current.CancellationToken;
        await using var here = await NewAsync("here.db");
        Fill(here, new Random(7));
        await here.SaveChangesAsync(cancel);
        using var archive = new MemoryStream();
        await WorkshopArchive.WriteAsync(here, archive, Now, cancel);
        var whole = archive.ToArray();
        for (var part = 0; part < 20; part++)
        {
            using var cut = new MemoryStream(whole[..(whole.Length * part / 20)]);
            await Assert.ThrowsAsync<KeepingException>(() => WorkshopArchive.ReadAsync(cut, Path.Combine(_folder, "there.db"), cancel));
            Assert.False(File.Exists(Path.Combine(_folder, "there.db")));
        }
    }

    private WorkshopContext At(string name) =>
        new(new DbContextOptionsBuilder<WorkshopContext>().UseSqlite($"Data Source={Path.Combine(_folder, name)};Pooling=False").Options);

    private async Task<WorkshopContext> NewAsync(string name)
    {
        var context = At(name);
        await context.Database.MigrateAsync(TestContext.Current.CancellationToken);
        return context;
    }

    /// <summary>Rows of every table, with whatever its columns can hold; what refers to others refers to rows that are there.</summary>
    private static void Fill(WorkshopContext context, Random chance)
    {
        var made = new Dictionary<IEntityType, List<object>>();
        var left = context.Model.GetEntityTypes().ToList();
        while (left.Count > 0)
        {
            var type = left.First(t => t.GetForeignKeys().All(f => made.ContainsKey(f.PrincipalEntityType)));
            left.Remove(type);
            var count = chance.Next(1, MostRows + 1);
            // One to one: no more of these than of those.
            if (type.GetForeignKeys().Any(f => f.IsUnique))
                count = Math.Min(count, type.GetForeignKeys().Min(f => made[f.PrincipalEntityType].Count));
            made[type] = [.. Enumerable.Range(0, count).Select(i => Row(type, i, made, chance))];
            context.AddRange(made[type]);
        }
    }

    private static object Row(IEntityType type, int index, Dictionary<IEntityType, List<object>> made, Random chance)
    {
        var row = Activator.CreateInstance(type.ClrType)!;
        foreach (var property in type.GetProperties())
        {
            var member = property.PropertyInfo!;
            if (property.GetContainingForeignKeys().FirstOrDefault() is { } foreign)
            {
                var principals = made[foreign.PrincipalEntityType];
                var principal = principals[index % principals.Count];
                member.SetValue(row, foreign.PrincipalKey.Properties[0].PropertyInfo!.GetValue(principal));
            }
            else
                member.SetValue(row, Value(property, index, chance));
        }

        return row;
    }

    private static object? Value(IProperty property, int index, Random chance)
    {
        var type = Nullable.GetUnderlyingType(property.ClrType) ?? property.ClrType;
        var keyed = property.IsKey() || property.IsIndex();
        if (property.IsNullable && chance.Next(3) == 0)
            return null;
        // What has to be told apart is counted, everything else is drawn.
        return type == typeof(string) ? keyed ? $"{Words[chance.Next(3)]}{index}" : Words[chance.Next(Words.Length)]
            : type == typeof(decimal) ? chance.Next(1_000_000) / 100m
            : type == typeof(Guid) ? Guid.NewGuid()
            : type == typeof(DateTimeOffset) ? Now.AddTicks(chance.NextInt64(1L << 50))
            : type == typeof(bool) ? chance.Next(2) == 0
            : type == typeof(int) ? keyed ? index + 1 : chance.Next(int.MinValue, int.MaxValue)
            : type == typeof(long) ? (long)index + 1
            : type == typeof(double) ? (chance.NextDouble() - 0.5) * Math.Pow(10, chance.Next(-300, 300))
            : type == typeof(byte[]) ? Bytes(chance)
            : throw new NotSupportedException($"No random value of {type}.");
    }

    private static byte[] Bytes(Random chance)
    {
        var bytes = new byte[chance.Next(1, 3000)];
        chance.NextBytes(bytes);
        return bytes;
    }

    private static List<string> Rows(WorkshopContext context, IEntityType type)
    {
        var set = (IQueryable<object>)typeof(DbContext).GetMethod(nameof(DbContext.Set), Type.EmptyTypes)!.MakeGenericMethod(type.ClrType)
            .Invoke(context, null)!;
        var members = type.GetProperties().Select(p => p.PropertyInfo!).ToList();
        static string Text(PropertyInfo member, object row) =>
            member.GetValue(row)
            switch
            {
                byte[] bytes => Convert.ToHexString(bytes),
                double figure =>
                figure.ToString("R", System.Globalization.CultureInfo.InvariantCulture),
                var other => $"{other}"
            };
        return [.. set.AsNoTracking().AsEnumerable().Select(r => string.Join('\u0001', members.Select(m => Text(m, r))))
            .Order(StringComparer.Ordinal)];
    }
}
