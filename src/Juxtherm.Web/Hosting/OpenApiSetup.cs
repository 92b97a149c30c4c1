using Microsoft.AspNetCore.OpenApi;

namespace Juxtherm.Web.Hosting;

/// <summary>Describes the service so that the front end's client can be generated.</summary>
internal static class OpenApiSetup
{
    public static void Configure(OpenApiOptions options) => options.AddDocumentTransformer((document, _, _) =>
    {
        document.Info.Title = "Juxtherm";
        document.Info.Version = "1";
        // The address differs from start to start and says nothing.
        document.Servers?.Clear();
        return Task.CompletedTask;
    });
}
