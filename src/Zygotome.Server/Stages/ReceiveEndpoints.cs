using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Airframe;
using Zygotome.Core.Jobs;
using Zygotome.Core.Receive;
using Zygotome.Server.Shop;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

/// <summary>The owner: one on file by id, or a new one by name.</summary>
public sealed record PostedCustomer(string Name, string? Id = null, string Contact = "", string Notes = "");

/// <summary>A kit handed over the counter.</summary>
public sealed record ReceivePost(
    string EntryId, PostedCustomer Customer, string SheetId, int SheetRevision, Battery Battery, int ReceiverChannels, DateOnly Promised, string Shelf, BalanceSchool BalanceSchool, DateTimeOffset ObservedAt, string Look);

public sealed record OutlookPost(string SheetId, int SheetRevision, Battery Battery, int ReceiverChannels);

/// <summary>What can be said while the owner is still there.</summary>
public sealed record OutlookView(bool PackFits, string PackWhy, bool PortsEnough, string PortsWhy, DrawingView Drawing);

public sealed record ReceiveView(
    string Customer, string Contact, string Notes, string Sheet, int Revision, string Source, Battery Battery, int ReceiverChannels, DateOnly Promised, string BalanceSchool, string ReceivedBy, DateTimeOffset ReceivedAt,
    IReadOnlyList<LedgerLine> Lines);

internal static class ReceiveEndpoints
{
    public static void MapReceive(this IEndpointRouteBuilder app)
    {
        app.MapPost("/api/jobs", Open);
        app.MapPost("/api/receive/outlook", Outlook);
        app.MapGet("/api/jobs/{id}/receive", (string id, JobDesk desk, ShopStore shop) => desk.View(id, (state, ledger) =>
        {
            var r = state.Receive;
            var customer = shop.Customer(r.CustomerId);
            return new ReceiveView(
                desk.CustomerName(state), customer?.Contact ?? "", customer?.Notes ?? "", state.Sheet.Kit.Name, r.SheetRevision, state.Sheet.Kit.Source, r.Battery!, r.ReceiverChannels, r.Promised,
                r.BalanceSchool == BalanceSchool.Middle ? "middle third" : "forward third", r.OpenedBy!.Name, r.OpenedAt!.Value, [.. ledger.Where(l => l.Stage == Stage.Receive)]);
        }));
    }

    private static Results<Ok<OutlookView>, ProblemHttpResult> Outlook(OutlookPost post, SheetStore sheets)
    {
        if (sheets.Find(post.SheetId, post.SheetRevision) is not { } sheet)
        {
            return Problems.NotFound($"sheet {post.SheetId} revision {post.SheetRevision}");
        }

        var (fits, fitsWhy) = ReceiveRequirements.PackFits(sheet, post.Battery);
        var (ports, portsWhy) = ReceiveRequirements.PortsEnough(sheet, post.ReceiverChannels);
        return TypedResults.Ok(new OutlookView(fits, fitsWhy, ports, portsWhy, DrawingView.Of(Drawings.Plan(sheet))));
    }

    private static async Task<Results<Ok<EntriesAnswer>, ProblemHttpResult>> Open(
        ReceivePost post, ClaimsPrincipal user, SheetStore sheets, ShopStore shop, ShopSettings settings, JobNumbers numbers, JournalReader reader, JournalWriter writer)
    {
        if (post.EntryId.Length is < 1 or > 64)
        {
            return Problems.Of(422, "entry/id", "An entry id has 1 to 64 characters.", "entryId");
        }

        if (sheets.Find(post.SheetId, post.SheetRevision) is not { } sheet)
        {
            return Problems.Of(422, "receive/sheet", $"There is no sheet {post.SheetId} revision {post.SheetRevision}.", "sheetId");
        }

        if (!Customer(post.Customer, shop).Try(out var customer, out var refusal))
        {
            return Problems.Of(refusal);
        }

        // A repeat finds the job its first sending opened, under the number it then got.
        var number = reader.Entry(post.EntryId)?.JobId ?? numbers.Next();
        var first = (reader.Find(number)?.Journal[0].Body as JobOpened)?.CustomerId;
        var opened = new JobOpened(
            number, first ?? customer.Id, post.SheetId, post.SheetRevision, sheet.Hash, post.Battery, post.ReceiverChannels, post.Promised, post.Shelf, post.BalanceSchool, settings.Current.Rules);
        var answer = await writer.Record(new Post(number, [new Draft(post.EntryId, "receive/opened", opened, post.ObservedAt, null)], user.Person(), post.Look));
        if (answer is PostAnswer.Recorded && first is null && post.Customer.Id is null)
        {
            shop.PutCustomer(customer);
        }

        return EntriesEndpoint.Answer(answer, number, reader);
    }

    private static Outcome<Customer> Customer(PostedCustomer posted, ShopStore shop)
    {
        if (posted.Id is { } id)
        {
            return shop.Customer(id) is { } known ? known : new Refusal("receive/customer", "There is no such customer.", "customer.id");
        }

        var refusal = Texts.Reason(posted.Name, "customer.name", "A customer has a name.") ?? Texts.Fits(posted.Name, "customer.name", 120)
            ?? Texts.Fits(posted.Contact, "customer.contact", 200) ?? Texts.Fits(posted.Notes, "customer.notes");
        return refusal is null ? new Customer($"c-{Guid.NewGuid():N}", posted.Name.Trim(), posted.Contact.Trim(), posted.Notes.Trim()) : refusal;
    }
}
