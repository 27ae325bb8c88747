using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;

namespace Zygotome.Server.Shop;

/// <summary>What the screens need of the shop.</summary>
/// <param name="Cut">What is missing of what was sealed, in words; the shop is read-only then.</param>
public sealed record ShopView(
    string Name,
    string TimeZone,
    IReadOnlyList<ShopInstrument> Instruments,
    IReadOnlyList<Adhesive> Adhesives,
    IReadOnlyList<Supplier> Suppliers,
    IReadOnlyList<ReceiverKind> Receivers,
    string? Cut
);

internal static class ShopEndpoints
{
    public static void MapShop(this IEndpointRouteBuilder app) =>
        app.MapGet(
            "/api/shop",
            (ShopSettings settings, Store.Database database) =>
                new ShopView(
                    Name: settings.Current.Shop,
                    TimeZone: settings.Current.TimeZone,
                    Instruments: settings.Current.Instruments,
                    Adhesives: settings.Current.Adhesives,
                    Suppliers: settings.Current.Suppliers,
                    Receivers: settings.Current.Receivers,
                    Cut: database.Cut
                )
        );
}
