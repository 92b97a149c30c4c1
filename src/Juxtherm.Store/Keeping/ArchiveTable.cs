using System.Globalization;
using System.Reflection;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Juxtherm.Store.Keeping;

/// <summary>A table of an archive: rows as objects of plain values, by the database's own model, so that a new column needs no second entry
/// here.</summary>
internal sealed class ArchiveTable
{
    private readonly IEntityType _type;
    private readonly List<PropertyInfo> _members;

    private ArchiveTable(IEntityType type)
    {
        _type = type;
        _members = [.. type.GetProperties().Select(p => p.PropertyInfo!).OrderBy(p => p.Name, StringComparer.Ordinal)];
        Name = JsonNamingPolicy.KebabCaseLower.ConvertName(type.GetTableName()!);
    }

    public string Name { get; }

    /// <summary>All tables; what others refer to comes before them.</summary>
    public static IReadOnlyList<ArchiveTable> Of(WorkshopContext context)
    {
        var left = context.Model.GetEntityTypes().Where(t => !t.ClrType.IsAssignableTo(typeof(IReckonedRow)))
            .OrderBy(t => t.Name, StringComparer.Ordinal).ToList();
        var ordered = new List<IEntityType>();
        while (left.Count > 0)
        {
            var next = left.First(t => t.GetForeignKeys().All(f => f.PrincipalEntityType == t || ordered.Contains(f.PrincipalEntityType)));
            ordered.Add(next);
            left.Remove(next);
        }

        return [.. ordered.Select(t => new ArchiveTable(t))];
    }

    /// <summary>Some of a row's values are files of their own.</summary>
    public bool HasFiles => _type.ClrType == typeof(JobRow) || _type.ClrType == typeof(LogPhotoRow)
        || _type.ClrType == typeof(FontRow);

    /// <summary>All rows, one at a time, in the order of the key, so that the same workshop makes the same archive.</summary>
    public IAsyncEnumerable<object> RowsAsync(WorkshopContext context, CancellationToken cancel) =>
        (IAsyncEnumerable<object>)typeof(ArchiveTable)
        .GetMethod(nameof(EachAsync), BindingFlags.NonPublic | BindingFlags.Instance)!.MakeGenericMethod(_type.ClrType)
        .Invoke(this, [context, cancel])!;

    private async IAsyncEnumerable<object> EachAsync<T>(WorkshopContext context,
        [System.Runtime.CompilerServices.EnumeratorCancellation] CancellationToken cancel)
        where T : class
    {
        IOrderedQueryable<T>? ordered = null;
        foreach (var key in _type.FindPrimaryKey()!.Properties)
        {
            var row = System.Linq.Expressions.Expression.Parameter(typeof(T));
            var by = System.Linq.Expressions.Expression.Lambda(System.Linq.Expressions.Expression.Property(row, key.PropertyInfo!), row);
            var name = ordered is null ? nameof(Queryable.OrderBy) : nameof(Queryable.ThenBy);
            var method = typeof(Queryable).GetMethods().Single(m => m.Name == name && m.GetParameters().Length == 2)
                .MakeGenericMethod(typeof(T), key.ClrType);
            ordered = (IOrderedQueryable<T>)method.Invoke(null,
                [(IQueryable<T>?)ordered ?? context.Set<T>().AsNoTracking().IgnoreAutoIncludes(), by])!;
        }

        await foreach (var row in ordered!.AsAsyncEnumerable().WithCancellation(cancel))
            yield return row;
    }

    public JsonObject Node(object row)
    {
        var node = new JsonObject();
        foreach (var member in _members.Where(m => m.PropertyType != typeof(byte[])))
            node[JsonNamingPolicy.CamelCase.ConvertName(member.Name)] = Plain(member.GetValue(row));
        return node;
    }

    /// <summary>Members of a row that are files of their own.</summary>
    public static IEnumerable<(string Member, string Path, byte[] Content)> Files(object row)
    {
        if (row is JobRow job)
            yield return ("json", $"jobs/{job.Id}.juxtherm.json", Encoding.UTF8.GetBytes(job.Json));
        if (row is LogPhotoRow photo)
        {
            yield return ("jpeg", $"photos/{photo.Id}.jpg", photo.Jpeg);
            yield return ("small", $"photos/{photo.Id}-small.jpg", photo.Small);
        }
        if (row is FontRow font)
            yield return ("sfnt", $"fonts/{font.Id}.otf", font.Sfnt);
    }

    /// <summary>A row of an archive. What it does not say is as it is in a new one; what is not known here is passed over.</summary>
    public object Row(JsonObject node, Func<string, byte[]> content)
    {
        var row = Activator.CreateInstance(_type.ClrType)!;
        foreach (var member in _members)
        {
            if (!node.TryGetPropertyValue(JsonNamingPolicy.CamelCase.ConvertName(member.Name), out var value))
                continue;
            if (member.PropertyType == typeof(byte[]))
                member.SetValue(row, content((string)value!));
            else if (member is { Name: nameof(JobRow.Json) } && row is JobRow)
                member.SetValue(row, Encoding.UTF8.GetString(content((string)value!)));
            else
                member.SetValue(row, Value(value, member.PropertyType));
        }

        return row;
    }

    private static JsonNode? Plain(object? value) => value switch
    {
        null => null,
        DateTimeOffset time => JsonValue.Create(time.UtcDateTime.ToString("O", CultureInfo.InvariantCulture)),
        Guid id => JsonValue.Create(id.ToString()),
        _ => JsonSerializer.SerializeToNode(value),
    };

    private static object? Value(JsonNode? node, Type type)
    {
        if (node is null)
            return null;
        var plain = Nullable.GetUnderlyingType(type) ?? type;
        if (plain == typeof(DateTimeOffset))
            return DateTimeOffset.Parse((string)node!, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal);
        return node.Deserialize(plain);
    }
}
