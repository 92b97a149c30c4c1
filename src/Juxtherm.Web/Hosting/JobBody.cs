namespace Juxtherm.Web.Hosting;

/// <summary>Reads what endpoints have in common from a request.</summary>
internal static class JobBody
{
    /// <summary>The body as text, exactly as it was sent.</summary>
    public static async Task<string> ReadAsync(HttpRequest request, CancellationToken cancel)
    {
        if (!request.HasJsonContentType())
            throw new BadHttpRequestException("Not JSON.", StatusCodes.Status415UnsupportedMediaType);
        using var reader = new StreamReader(request.Body);
        return await reader.ReadToEndAsync(cancel);
    }
}
