using Microsoft.Extensions.FileProviders;

namespace Zygotome.Server;

/// <summary>The built interface, served as files; every address that is not ours is its first page.</summary>
internal static class Pages
{
    public static void Serve(WebApplication app, ServerOptions options)
    {
        if (Files(options) is not { } files)
        {
            return;
        }

        // Names under assets/ carry the hash of their content.
        app.UseStaticFiles(
            new StaticFileOptions
            {
                FileProvider = files,
                OnPrepareResponse = c =>
                    c.Context.Response.Headers.CacheControl = c.Context.Request.Path.StartsWithSegments("/assets")
                        ? "public, max-age=31536000, immutable"
                        : "no-cache",
            }
        );
    }

    public static void Fallback(WebApplication app, ServerOptions options)
    {
        if (Files(options) is not { } files)
        {
            return;
        }

        app.MapFallbackToFile(
                "index.html",
                new StaticFileOptions
                {
                    FileProvider = files,
                    OnPrepareResponse = c => c.Context.Response.Headers.CacheControl = "no-cache",
                }
            )
            .AllowAnonymous();
    }

    private static PhysicalFileProvider? Files(ServerOptions options) =>
        options.Ui is { } ui && Directory.Exists(ui) ? new PhysicalFileProvider(Path.GetFullPath(ui)) : null;
}
