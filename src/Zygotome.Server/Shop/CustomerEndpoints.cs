using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Store;

namespace Zygotome.Server.Shop;

public sealed record CustomerPut(string Name, string Contact, string Notes);

/// <summary>
/// Customers, searched by any of their words; personal data that can be changed and is in no journal.
/// </summary>
internal static class CustomerEndpoints
{
    public static void MapCustomers(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/customers", (ShopStore shop, string? find) => shop.Customers(find, 40));
        app.MapPut(
            "/api/customers/{id}",
            Results<Ok<Customer>, ProblemHttpResult> (string id, CustomerPut put, ShopStore shop) =>
            {
                if (shop.Customer(id) is null)
                {
                    return Problems.NotFound($"customer {id}");
                }

                if (Refused(put.Name, put.Contact, put.Notes, "") is { } refusal)
                {
                    return Problems.Of(refusal);
                }

                var customer = new Customer(id, put.Name.Trim(), put.Contact.Trim(), put.Notes.Trim());
                shop.PutCustomer(customer);
                return TypedResults.Ok(customer);
            }
        );
    }

    public static Refusal? Refused(string name, string contact, string notes, string at) =>
        Texts.Reason(name, $"{at}name", "A customer has a name.")
        ?? Texts.Fits(name, $"{at}name", 120)
        ?? Texts.Fits(contact, $"{at}contact", 200)
        ?? Texts.Fits(notes, $"{at}notes");
}
