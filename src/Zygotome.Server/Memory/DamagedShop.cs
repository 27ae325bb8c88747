using Zygotome.Server.Door;
using Zygotome.Store;

namespace Zygotome.Server.Memory;

/// <summary>
/// What is served where a shop's file cannot be: words on what is wrong, what of it can still be read, and what to do.
/// It writes nothing.
/// </summary>
internal static class DamagedShop
{
    public static WebApplication Build(ServerOptions options, DataFolder folder, string words)
    {
        var builder = WebApplication.CreateSlimBuilder();
        builder.WebHost.UseUrls(options.Url);
        builder.Logging.ClearProviders().AddSimpleConsole(c => c.SingleLine = true).SetMinimumLevel(LogLevel.Warning);
        builder.Services.AddSingleton(_ => folder);
        var readable = StillReadable.Of(folder.DatabaseFile);
        var app = builder.Build();

        // Asked for, so that the folder is let go with the application.
        _ = app.Services.GetRequiredService<DataFolder>();
        app.Use(SecurityHeaders.Add);
        app.Use(new Hosts(options.Hosts).Check);
        app.MapGet("/healthz", () => Results.Text($"damaged: {words}", statusCode: 503));
        app.Map(
            "/api/{**rest}",
            () =>
                Problems.Of(
                    StatusCodes.Status503ServiceUnavailable,
                    "shop/damaged",
                    words,
                    "",
                    [new("readable", readable)]
                )
        );
        Pages.Serve(app, options);
        Pages.Fallback(app, options);
        return app;
    }
}
