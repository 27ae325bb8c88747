using System.Net.Http.Headers;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.Extensions.FileProviders;
using Zygotome.Core.Jobs;
using Zygotome.Server.Shop;
using Zygotome.Server.Stages;
using Zygotome.Store;

namespace Zygotome.Server;

/// <summary>Puts the application together. The tests start it the same way, with a clock of their own.</summary>
public static class ZygotomeServer
{
    public const string DatabaseFile = "zygotome.db";

    /// <summary>A job's entries are small; photos have their own, larger door.</summary>
    private const long LargestBody = 1 << 20,
        LargestPhoto = Papers.Pictures.LargestBytes;

    /// <summary>Up to here what is too large is read off and answered; beyond, the connection is closed.</summary>
    private const long LargestDrained = 64 << 20;

    public static WebApplication Build(ServerOptions options, TimeProvider? clock = null)
    {
        var builder = WebApplication.CreateSlimBuilder(
            new WebApplicationOptions { ApplicationName = typeof(ZygotomeServer).Assembly.GetName().Name }
        );
        builder.WebHost.UseUrls(options.Url);
        builder.WebHost.ConfigureKestrel(k =>
        {
            k.Limits.MaxRequestBodySize = LargestDrained;
            k.AddServerHeader = false;
        });
        builder
            .Logging.ClearProviders()
            .AddSimpleConsole(c => c.SingleLine = true)
            .SetMinimumLevel(LogLevel.Warning)
            .AddFilter("Microsoft.AspNetCore.DataProtection", LogLevel.Error);

        var services = builder.Services;
        services.AddSingleton(options).AddSingleton(clock ?? TimeProvider.System).AddSingleton(Core.Jobs.Stages.Kinds);
        services.AddSingleton(_ => Database.Open(Path.Combine(options.Data, DatabaseFile)));
        services
            .AddSingleton<SheetStore>()
            .AddSingleton<BlobStore>()
            .AddSingleton<ShopStore>()
            .AddSingleton<JournalReader>()
            .AddSingleton<JournalWriter>();
        services
            .AddSingleton<ShopSettings>()
            .AddSingleton<DemoImport>()
            .AddSingleton<Openings>()
            .AddSingleton<SignInGuard>()
            .AddSingleton<Readable>()
            .AddSingleton<RuleLog>()
            .AddSingleton<JobDesk>();
        services
            .AddSingleton<JobList>()
            .AddSingleton<PhotoStore>()
            .AddSingleton<MailStore>()
            .AddSingleton<DraftStore>()
            .AddSingleton<SheetFiling>()
            .AddSingleton<DraftDesk>()
            .AddSingleton<ClaimDesk>()
            .AddSingleton<Outbox>();
        services
            .AddDataProtection()
            .SetApplicationName("zygotome")
            .PersistKeysToFileSystem(Directory.CreateDirectory(Path.Combine(options.Data, "keys")));
        services.ConfigureHttpJsonOptions(j =>
        {
            j.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
            j.SerializerOptions.RespectNullableAnnotations = true;
            j.SerializerOptions.RespectRequiredConstructorParameters = true;
            j.SerializerOptions.TypeInfoResolver = (
                j.SerializerOptions.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()
            ).WithAddedModifier(ListsWithoutNulls.Modify);
            j.SerializerOptions.Converters.Add(new Core.Quantities.PostedQuantityJson());
            j.SerializerOptions.Converters.Add(
                new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false)
            );
        });
        services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
        services.AddProblemDetails();
        services.AddSignIn();
        services.AddSignalR();
        services.AddOpenApi(ApiDocument.Configure);

        var app = builder.Build();
        app.UseExceptionHandler(Problems.ExceptionOptions);
        app.UseStatusCodePages(Problems.OnStatus);
        app.Use(SecurityHeaders.Add);
        app.Use(RefuseTooLarge);
        app.Use(RefuseOtherAlphabets);
        ServeUi(app, options);
        app.UseRouting();
        app.UseAuthentication();
        app.UseAuthorization();
        MapRoutes(app, options);

        CatchUp(app);
        app.Services.GetRequiredService<RuleLog>();
        if (options.Demo is { } demo)
        {
            app.Services.GetRequiredService<DemoImport>().Once(demo).GetAwaiter().GetResult();
        }

        // Mail that a crash kept back, and the demo's own.
        app.Services.GetRequiredService<Outbox>().Deliver();

        // An empty shop gets its first person before anybody can ask for the tiles.
        _ = app.Services.GetRequiredService<ShopSettings>().Current;
        return app;
    }

    // Lists that an older file lacks, pictures that nothing names. The jobs' list fills up while people work.
    private static void CatchUp(WebApplication app)
    {
        var services = app.Services;
        services.GetRequiredService<SheetStore>().Rebuild();
        services.GetRequiredService<PhotoStore>().Sweep(services.GetRequiredService<TimeProvider>().GetUtcNow());
        services.GetRequiredService<JobList>();
        app.Lifetime.ApplicationStarted.Register(() => FillLists(services));
    }

    private static void FillLists(IServiceProvider services)
    {
        services.GetRequiredService<JobList>().Start();
        _ = Task.Run(() =>
        {
            try
            {
                services.GetRequiredService<SheetStore>().Refresh();
            }
            catch (System.Data.Common.DbException e)
            {
                services.GetRequiredService<RuleLog>().NotListed("of every sheet", e);
            }
        });
    }

    private static Task RefuseTooLarge(HttpContext context, RequestDelegate next)
    {
        var most = context.Request.Path.StartsWithSegments(PhotoEndpoints.Path) ? LargestPhoto : LargestBody;
        if (context.Request.ContentLength > most)
        {
            context.Response.StatusCode = StatusCodes.Status413PayloadTooLarge;
            return Task.CompletedTask;
        }

        if (context.Features.Get<IHttpMaxRequestBodySizeFeature>() is { IsReadOnly: false } limit)
        {
            limit.MaxRequestBodySize = context.Request.ContentLength is null ? most : limit.MaxRequestBodySize;
        }

        return next(context);
    }

    // JSON is UTF-8; the framework would fail on an alphabet it has never heard of.
    private static Task RefuseOtherAlphabets(HttpContext context, RequestDelegate next) =>
        MediaTypeHeaderValue.TryParse(context.Request.ContentType, out var type)
        && type.CharSet is { } charset
        && !charset.Trim('"').Equals("utf-8", StringComparison.OrdinalIgnoreCase)
            ? Problems
                .Of(
                    StatusCodes.Status415UnsupportedMediaType,
                    "request/charset",
                    "What is sent here is written in UTF-8.",
                    "header Content-Type"
                )
                .ExecuteAsync(context)
            : next(context);

    private static void MapRoutes(WebApplication app, ServerOptions options)
    {
        app.MapGet("/healthz", () => "ok").AllowAnonymous().ExcludeFromDescription();
        app.MapSignIn();
        app.MapJobs();
        app.MapJournal();
        app.MapEntries();
        app.MapOwnDoors();
        app.MapReceive();
        app.MapUnpack();
        app.MapBuild();
        app.MapBind();
        app.MapThrows();
        app.MapBalance();
        app.MapHandOver();
        app.MapSheets();
        app.MapDrawings();
        app.MapDrafts();
        app.MapCustomers();
        app.MapPhotos();
        app.MapBench();
        app.MapShop();
        app.MapHub<LiveHub>("/live");
        app.MapOpenApi();
        LiveHub.Follow(app);
        app.MapFallback(
                "/api/{**rest}",
                (string rest) =>
                    Problems.Of(StatusCodes.Status404NotFound, "route/not-found", $"There is no /api/{rest}.")
            )
            .WithMetadata(new HttpMethodMetadata([HttpMethods.Get]))
            .ExcludeFromDescription();
        if (options.Ui is { } ui && Directory.Exists(ui))
        {
            var index = new PhysicalFileProvider(Path.GetFullPath(ui));
            app.MapFallbackToFile(
                    "index.html",
                    new StaticFileOptions
                    {
                        FileProvider = index,
                        OnPrepareResponse = c => c.Context.Response.Headers.CacheControl = "no-cache",
                    }
                )
                .AllowAnonymous();
        }
    }

    private static void ServeUi(WebApplication app, ServerOptions options)
    {
        if (options.Ui is not { } ui || !Directory.Exists(ui))
        {
            return;
        }

        // Names under assets/ carry the hash of their content.
        app.UseStaticFiles(
            new StaticFileOptions
            {
                FileProvider = new PhysicalFileProvider(Path.GetFullPath(ui)),
                OnPrepareResponse = c =>
                    c.Context.Response.Headers.CacheControl = c.Context.Request.Path.StartsWithSegments("/assets")
                        ? "public, max-age=31536000, immutable"
                        : "no-cache",
            }
        );
    }
}
