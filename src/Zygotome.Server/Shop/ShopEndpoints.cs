using Zygotome.Core.Build;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

/// <summary>What the screens need of the shop.</summary>
public sealed record ShopView(string Name, string TimeZone, IReadOnlyList<Customer> Customers, IReadOnlyList<ShopInstrument> Instruments, IReadOnlyList<Adhesive> Adhesives);

internal static class ShopEndpoints
{
    public static void MapShop(this IEndpointRouteBuilder app) => app.MapGet("/api/shop", (ShopStore store, ShopSettings settings) =>
        new ShopView(settings.Current.Shop, settings.Current.TimeZone, store.Customers(), settings.Current.Instruments, settings.Current.Adhesives));
}
