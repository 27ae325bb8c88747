using System.Net.Http.Headers;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.HttpOverrides;
using Zygotome.Core.Journal;
using Zygotome.Server.Door;
using Zygotome.Server.Memory;
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

    /// <summary>Opens the folder, brings in what it lacks, and answers the application, not yet started.</summary>
    /// <exception cref="FolderRefusedException">The folder cannot be served from.</exception>
    public static WebApplication Build(ServerOptions options, TimeProvider? clock = null)
    {
        clock ??= TimeProvider.System;
        var folder = DataFolder.Open(options, clock);
        if (folder.Damage is { } damage)
        {
            return DamagedShop.Build(options, folder, damage);
        }

        try
        {
            return Build(options, folder, clock);
        }
        catch (Exception e) when (FileTrouble.Of(e) is { What: Trouble.Damaged } trouble)
        {
            return DamagedShop.Build(options, folder, $"{DatabaseFile} is damaged: {trouble.Words}.");
        }
        catch
        {
            folder.Dispose();
            throw;
        }
    }

    private static WebApplication Build(ServerOptions options, DataFolder folder, TimeProvider clock)
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
        builder.Logging.ClearProviders().AddSimpleConsole(c => c.SingleLine = true).SetMinimumLevel(LogLevel.Warning);

        var services = builder.Services;
        services.AddSingleton(options).AddSingleton(clock).AddSingleton(Core.Job.Stages.Kinds);

        // Made by the container, so that it lets go of the folder when the application ends.
        services.AddSingleton(_ => folder);
        services.AddSingleton(of => Database.Open(of.GetRequiredService<DataFolder>().DatabaseFile));
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
            .AddSingleton<Readable>()
            .AddSingleton<RuleLog>()
            .AddScoped<JobDesk>();
        services
            .AddSingleton<JobList>()
            .AddSingleton<PhotoStore>()
            .AddSingleton<MailStore>()
            .AddSingleton<DraftStore>()
            .AddSingleton<ErratumStore>()
            .AddSingleton<MemoryStore>()
            .AddSingleton<SheetFiling>()
            .AddSingleton<DraftDesk>()
            .AddSingleton<ClaimDesk>()
            .AddSingleton<ReleaseDesk>()
            .AddSingleton<MailFolder>()
            .AddHostedService<Housekeeping>();
        services
            .AddSingleton<Verifier>()
            .AddHostedService(of => of.GetRequiredService<Verifier>())
            .AddSingleton<Backups>()
            .AddHostedService(of => of.GetRequiredService<Backups>());
        services.ConfigureHttpJsonOptions(j =>
        {
            j.SerializerOptions.NumberHandling = JsonNumberHandling.Strict;
            j.SerializerOptions.RespectNullableAnnotations = true;
            j.SerializerOptions.RespectRequiredConstructorParameters = true;
            j.SerializerOptions.TypeInfoResolver = (
                j.SerializerOptions.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()
            ).WithAddedModifier(ListsWithoutNulls.Modify);
            j.SerializerOptions.Converters.Add(new Core.Quantities.PostedMeasureJson());
            j.SerializerOptions.Converters.Add(
                new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false)
            );
        });
        services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
        services.AddProblemDetails();
        services.AddSignIn();
        services.AddSignalR();
        services.AddSingleton<LiveConnections>();
        services.Configure<ForwardedHeadersOptions>(f =>
        {
            f.ForwardedHeaders =
                ForwardedHeaders.XForwardedFor | ForwardedHeaders.XForwardedProto | ForwardedHeaders.XForwardedHost;
            f.KnownProxies.Clear();
            f.KnownIPNetworks.Clear();
            foreach (var proxy in options.Proxies)
            {
                f.KnownProxies.Add(proxy);
            }
        });
        services.AddOpenApi(ApiDocument.Configure);

        var app = builder.Build();
        if (options.Proxies.Count > 0)
        {
            app.UseForwardedHeaders();
        }

        app.Use(SecurityHeaders.Add);
        app.UseExceptionHandler(Problems.ExceptionOptions);
        app.UseStatusCodePages(Problems.OnStatus);
        app.Use(new Hosts(options.Hosts).Check);
        app.Use(HeadAsGet);
        app.Use(Origins.Check);
        app.Use(RefuseTooLarge);
        app.Use(RefuseOtherAlphabets);
        Pages.Serve(app, options);
        app.Use(app.Services.GetRequiredService<FirstStart>().Gate);
        app.Use(new ReadOnlyShop(app.Services.GetRequiredService<Database>()).Check);
        app.UseRouting();
        app.UseAuthentication();
        app.UseAuthorization();
        MapRoutes(app, options);

        CatchUp(app);
        app.Services.GetRequiredService<RuleLog>();
        if (options.Demo is { } demo && DemoMark.In(options.Data) is { Done: false } mark)
        {
            app.Services.GetRequiredService<DemoImport>().Once(demo, mark.Begun).GetAwaiter().GetResult();
            mark.Finish(options.Data);
        }

        // Mail that a crash kept back, and the demo's own.
        app.Services.GetRequiredService<MailFolder>().Deliver();
        return app;
    }

    // Lists that an older file lacks. The jobs' list fills up while people work.
    private static void CatchUp(WebApplication app)
    {
        var services = app.Services;
        services.GetRequiredService<SheetStore>().Rebuild();
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

    // What can be fetched can be asked about; the server itself leaves the body out.
    private static Task HeadAsGet(HttpContext context, RequestDelegate next)
    {
        if (HttpMethods.IsHead(context.Request.Method))
        {
            context.Request.Method = HttpMethods.Get;
        }

        return next(context);
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
        app.MapSignIn();
        app.MapFirstStart();
        app.MapJobs();
        app.MapJournal();
        app.MapEntries();
        app.MapOwnDoors();
        app.MapReceive();
        app.MapUnpack();
        app.MapBuild();
        app.MapWire();
        app.MapBind();
        app.MapCheck();
        app.MapSettings();
        app.MapThrows();
        app.MapBalance();
        app.MapHandOver();
        app.MapSheets();
        app.MapDrawings();
        app.MapDrafts();
        app.MapErrata();
        app.MapCustomers();
        app.MapPhotos();
        app.MapBench();
        app.MapShop();
        app.MapCatalogue();
        app.MapPeople();
        app.MapMemory();
        app.MapHub<LiveHub>(LiveHub.Path);
        app.MapOpenApi();
        _ = app.Services.GetRequiredService<LiveConnections>();
        app.MapFallback(
                "/api/{**rest}",
                (string rest) =>
                    Problems.Of(StatusCodes.Status404NotFound, "route/not-found", $"There is no /api/{rest}.")
            )
            .WithMetadata(new HttpMethodMetadata([HttpMethods.Get]))
            .ExcludeFromDescription();
        Pages.Fallback(app, options);
    }
}
