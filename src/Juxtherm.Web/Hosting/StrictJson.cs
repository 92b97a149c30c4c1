using System.Text.Json;
using System.Text.Json.Serialization.Metadata;

namespace Juxtherm.Web.Hosting;

/// <summary>A body says what it must: null is no text, list or object, and what cannot be left out is not.</summary>
internal static class StrictJson
{
    /// <summary>Applies that to options still open to change.</summary>
    public static void Configure(JsonSerializerOptions options)
    {
        options.RespectNullableAnnotations = true;
        options.TypeInfoResolver = (options.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()).WithAddedModifier(NothingLeftOut);
    }

    /// <summary>A text, list or object that is not said to be nullable has to be there; figures left out are zero, and are looked at where
    /// they are used.</summary>
    private static void NothingLeftOut(JsonTypeInfo type)
    {
        if (type.Kind != JsonTypeInfoKind.Object || !type.Type.Assembly.GetName().Name!.StartsWith("Juxtherm", StringComparison.Ordinal))
            return;
        foreach (var member in type.Properties)
        {
            if (member.AssociatedParameter is { IsNullable: false, HasDefaultValue: false, ParameterType.IsValueType: false })
                member.IsRequired = true;
        }
    }
}
