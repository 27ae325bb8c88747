namespace Zygotome.Server.Door;

/// <summary>
/// The page loads nothing from elsewhere and runs no script but its own files; nothing private is kept between browser
/// and server. Added as an answer begins, so that errors have them too.
/// </summary>
internal static class SecurityHeaders
{
    private const string Policy =
        "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src 'self'; "
        + "connect-src 'self'; "
        + "object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public static Task Add(HttpContext context, RequestDelegate next)
    {
        context.Response.OnStarting(Write, context);
        return next(context);
    }

    private static Task Write(object of)
    {
        var context = (HttpContext)of;
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy = Policy;
        headers.XContentTypeOptions = "nosniff";
        headers.XFrameOptions = "DENY";
        headers["Referrer-Policy"] = "no-referrer";
        headers["Cross-Origin-Opener-Policy"] = "same-origin";
        headers["Cross-Origin-Resource-Policy"] = "same-origin";
        headers["Permissions-Policy"] = "camera=(self), microphone=(), geolocation=()";
        if (context.Request.IsHttps)
        {
            headers.StrictTransportSecurity = "max-age=31536000";
        }

        // What the shop knows stays out of every cache, but what says otherwise of itself (pictures, drawings).
        if (headers.CacheControl.Count == 0 && !IsPage(context.Request.Path))
        {
            headers.CacheControl = "no-store";
        }

        return Task.CompletedTask;
    }

    private static bool IsPage(PathString path) => path.StartsWithSegments("/assets") || path == "/index.html";
}
