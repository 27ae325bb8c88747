using Zygotome.Core.Build;
using Zygotome.Core.Receive;

namespace Zygotome.Server.Shop;

/// <summary>What the screens need of the shop.</summary>
public sealed record ShopView(
    string Name,
    string TimeZone,
    IReadOnlyList<ShopInstrument> Instruments,
    IReadOnlyList<Adhesive> Adhesives,
    IReadOnlyList<Supplier> Suppliers,
    IReadOnlyList<ReceiverKind> Receivers
);

internal static class ShopEndpoints
{
    public static void MapShop(this IEndpointRouteBuilder app) =>
        app.MapGet(
            "/api/shop",
            (ShopSettings settings) =>
                new ShopView(
                    settings.Current.Shop,
                    settings.Current.TimeZone,
                    settings.Current.Instruments,
                    settings.Current.Adhesives,
                    settings.Current.Suppliers,
                    settings.Current.Receivers
                )
        );
}
