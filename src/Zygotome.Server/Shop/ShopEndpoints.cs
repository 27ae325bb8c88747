using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Server.Door;

namespace Zygotome.Server.Shop;

/// <summary>What the screens need of the shop.</summary>
/// <param name="Cut">What is missing of what was sealed, in words; the shop is read-only then.</param>
public sealed record ShopView(
    string Name,
    string TimeZone,
    IReadOnlyList<ShopInstrument> Instruments,
    IReadOnlyList<Adhesive> Adhesives,
    IReadOnlyList<AdhesiveKindView> AdhesiveKinds,
    IReadOnlyList<Supplier> Suppliers,
    IReadOnlyList<ReceiverKind> Receivers,
    IReadOnlyList<DeviceKind> Boards,
    IReadOnlyList<DeviceKind> Stabilisers,
    IReadOnlyList<ConnectorKind> Connectors,
    string? Cut
);

/// <summary>A kind of adhesive, with what is usual for it: minutes at 20 °C, seconds held.</summary>
public sealed record AdhesiveKindView(
    AdhesiveKind Kind,
    string Name,
    double Working,
    double Hold,
    double Handle,
    double Full
);

/// <summary>A glue that the list lacks, in one line; what is left out is usual for its kind.</summary>
public sealed record AdhesivePost(
    string Name,
    AdhesiveKind Kind,
    double? WorkingMinutes = null,
    double? HoldSeconds = null,
    double? HandleMinutes = null,
    double? FullMinutes = null
);

/// <summary>A tool that the list lacks: tip, and how far it reaches.</summary>
public sealed record ToolPost(string Name);

internal static class ShopEndpoints
{
    public static void MapShop(this IEndpointRouteBuilder app)
    {
        app.MapPost("/api/shop/adhesives", Glue).For(Posters.Bench);
        app.MapPost("/api/shop/tools", Tool).For(Posters.Bench);
        app.MapGet(
            "/api/shop",
            (ShopSettings settings, Store.Database database) =>
                new ShopView(
                    Name: settings.Current.Shop,
                    TimeZone: settings.Current.TimeZone,
                    Instruments: settings.Current.Instruments,
                    Adhesives: settings.Current.Adhesives,
                    AdhesiveKinds:
                    [
                        .. Core.Sheets.AdhesiveKinds.All.Select(u => new AdhesiveKindView(
                            Kind: u.Kind,
                            Name: u.Name,
                            Working: u.Working,
                            Hold: u.Hold,
                            Handle: u.Handle,
                            Full: u.Full
                        )),
                    ],
                    Suppliers: settings.Current.Suppliers,
                    Receivers: settings.Current.Receivers,
                    Boards: settings.Current.Boards,
                    Stabilisers: settings.Current.Stabilisers,
                    Connectors: settings.Current.Connectors,
                    Cut: database.Cut
                )
        );
    }

    private static Results<Ok<Adhesive>, ProblemHttpResult> Glue(AdhesivePost post, ShopSettings settings)
    {
        var usual = AdhesiveKinds.Of(post.Kind);
        var glue = new Adhesive(
            Listed.Id(post.Name),
            post.Name.Trim(),
            post.HandleMinutes ?? usual.Handle,
            post.FullMinutes ?? Math.Max(usual.Full, post.HandleMinutes ?? 0),
            post.Kind == AdhesiveKind.Epoxy
        )
        {
            Kind = post.Kind,
            WorkingMinutes = post.WorkingMinutes,
            HoldSeconds = post.HoldSeconds,
        };
        var refused =
            Listed.Refused(post.Name, settings.Current.Adhesives.Select(a => a.Name)) ?? Listed.Possible(glue);
        return refused is not null ? Problems.Of(refused) : TypedResults.Ok(settings.Add(glue));
    }

    private static Results<Ok<ToolPost>, ProblemHttpResult> Tool(ToolPost post, ShopSettings settings) =>
        Listed.Refused(post.Name, settings.Current.Tools) is { } refused
            ? Problems.Of(refused)
            : TypedResults.Ok(new ToolPost(settings.AddTool(post.Name.Trim())));
}

/// <summary>What is put on one of the shop's lists in one line.</summary>
internal static class Listed
{
    private const int Most = 80;

    /// <summary>"quick grip" is <c>quick-grip</c>.</summary>
    public static string Id(string name) =>
        string.Join('-', name.Trim().ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries));

    /// <summary>The refusal of a name that is none, or is listed already.</summary>
    public static Refusal? Refused(string name, IEnumerable<string> listed) =>
        Texts.Reason(name, "body.name", "Say what it is called.")
        ?? Texts.Fits(name, "body.name", Most)
        ?? (
            listed.Any(l => Id(l) == Id(name))
                ? new Refusal("shop/listed", $"\"{name.Trim()}\" is on the list already.", "body.name")
                : null
        );

    /// <summary>The refusal of times that no glue has.</summary>
    public static Refusal? Possible(Adhesive glue) =>
        Outside(glue.HandleMinutes, 20_000, "body.handleMinutes")
        ?? Outside(glue.FullMinutes, 20_000, "body.fullMinutes")
        ?? Outside(glue.WorkingMinutes ?? 1, 1440, "body.workingMinutes")
        ?? Outside(glue.HoldSeconds ?? 1, 86_400, "body.holdSeconds")
        ?? (
            glue.FullMinutes < glue.HandleMinutes
                ? new Refusal("shop/times", "Full strength comes after handling.", "body.fullMinutes")
                : null
        );

    private static Refusal? Outside(double value, double most, string where) =>
        double.IsFinite(value) && value >= 0 && value <= most
            ? null
            : new Refusal("shop/times", $"From 0 to {most}, not {value}.", where);
}
