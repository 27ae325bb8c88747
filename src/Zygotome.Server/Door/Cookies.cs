namespace Zygotome.Server.Door;

/// <summary>
/// What a browser keeps for us: the token of its sign-in while it is open, and for long the token of the device itself.
/// No script reads either, no other site sends either, and behind TLS neither travels without it.
/// </summary>
internal static class Cookies
{
    private const string SessionName = "zygotome",
        DeviceName = "zygotome-device";

    // As long as browsers keep any.
    private static readonly TimeSpan DeviceAge = TimeSpan.FromDays(400);

    public static string? Session(HttpRequest request) => Read(request, SessionName);

    public static string? Device(HttpRequest request) => Read(request, DeviceName);

    public static void KeepSession(HttpContext http, string token) =>
        http.Response.Cookies.Append(SessionName, token, Options(http));

    public static void KeepDevice(HttpContext http, string token)
    {
        var options = Options(http);
        options.MaxAge = DeviceAge;
        http.Response.Cookies.Append(DeviceName, token, options);
    }

    public static void DropSession(HttpContext http) => http.Response.Cookies.Delete(SessionName, Options(http));

    private static string? Read(HttpRequest request, string name) =>
        request.Cookies.TryGetValue(name, out var token) && token.Length is > 0 and <= 64 ? token : null;

    private static CookieOptions Options(HttpContext http) =>
        new()
        {
            HttpOnly = true,
            SameSite = SameSiteMode.Strict,
            Secure = http.Request.IsHttps,
            Path = "/",
        };
}
