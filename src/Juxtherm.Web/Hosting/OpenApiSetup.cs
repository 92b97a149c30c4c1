using Microsoft.AspNetCore.OpenApi;

namespace Juxtherm.Web.Hosting;

/// <summary>The description of the service that the front end's client is made from.</summary>
internal static class OpenApiSetup
{
    public static void Configure(OpenApiOptions options)
    {
        options.AddDocumentTransformer((document, _, _) =>
        {
            document.Info.Title = "Juxtherm";
            document.Info.Version = "1";
            // The address differs from start to start and says nothing.
            document.Servers?.Clear();
            return Task.CompletedTask;
        });
        // A value type can be made without its constructor, so nothing of it counts as required; it is always written whole.
        options.AddSchemaTransformer((schema, context, _) =>
        {
            var type = Nullable.GetUnderlyingType(context.JsonTypeInfo.Type) ?? context.JsonTypeInfo.Type;
            if (type.IsValueType && !type.IsPrimitive && !type.IsEnum && schema.Properties is { Count: > 0 } properties)
                schema.Required = new HashSet<string>(properties.Keys, StringComparer.Ordinal);
            return Task.CompletedTask;
        });
    }
}
