using System.Collections.Immutable;
using System.Security.Claims;
using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Drawing;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Server.Door;
using Zygotome.Server.Shop;
using Zygotome.Store;

namespace Zygotome.Server.Stages;

internal static class ReceiveEndpoints
{
    private const int MostAtOnce = 20;

    private static readonly ImmutableSortedDictionary<string, string> Unsaid = Ordered.ById<string>();

    public static void MapReceive(this IEndpointRouteBuilder app)
    {
        app.MapPost("/api/jobs", Open).For(Core.Job.Stages.Kinds.Of<JobOpened>().By);
        app.MapPost("/api/receive/outlook", Outlook);
        app.MapGet(
            "/api/jobs/{id}/receive",
            (
                string id,
                JobDesk desk,
                ShopStore shop,
                ShopSettings settings,
                SheetStore sheets,
                JobList list,
                MemoryStore memory
            ) => desk.View(id, (state, ledger) => View(state, ledger, desk, shop, settings, sheets, list, memory))
        );
        app.MapGet(
            "/api/receive/sheet/{id}/{revision:int}",
            Results<Ok<CounterSheetView>, ProblemHttpResult> (string id, int revision, SheetStore sheets) =>
                sheets.Find(id, revision) is { } sheet
                    ? TypedResults.Ok(
                        new CounterSheetView([
                            .. sheet.Kit.Options.DistinctBy(o => o.Id).Select(o => Of(o, sheet, Unsaid)),
                        ])
                    )
                    : Problems.NotFound($"sheet {id} revision {revision}")
        );
        app.MapGet(
            "/api/jobs/{id}/receive/move/{revision:int}",
            (string id, int revision, JobDesk desk, SheetStore sheets, ClaimsPrincipal user) =>
                Move(id, revision, desk, sheets, user)
        );
    }

    private static ReceiveView View(
        JobState state,
        IReadOnlyList<LedgerLine> ledger,
        JobDesk desk,
        ShopStore shop,
        ShopSettings settings,
        SheetStore sheets,
        JobList list,
        MemoryStore memory
    )
    {
        var r = state.Receive;
        var customer = shop.Customer(r.CustomerId);
        var kit = state.Sheet.Kit;
        return new ReceiveView(
            CustomerId: r.CustomerId,
            Customer: desk.CustomerName(state),
            Contact: customer?.Contact ?? "",
            Notes: customer?.Notes ?? "",
            Order: r.Order,
            OrderOthers:
            [
                .. desk.Each(
                    list.InOrder(r.Order).Where(line => line.Job != state.JobId),
                    line => new OrderLine(
                        line.Job,
                        line.Facts.Kit,
                        line.Facts.Outlook.Words(line.Facts.TimeZone, desk.Now)
                    )
                ).Made,
            ],
            SheetId: kit.Id,
            Sheet: kit.Name,
            Revision: r.SheetRevision,
            OtherRevisions: [.. sheets.Revisions(kit.Id).Select(x => (int)x.Revision).Where(x => x != r.SheetRevision)],
            Source: kit.Source,
            Battery: r.Battery,
            Packs: [.. r.Packs.Select(p => PackHeldView.Of(r, p))],
            ReceiverChannels: r.ReceiverChannels,
            Receiver: r.Receiver,
            Transmitter: r.Transmitter,
            AddOns:
            [
                .. r.AddOns.Select(a => new AddOnView(
                    Name: a.Name,
                    Mass: a.Mass,
                    At: a.At,
                    State: a.State,
                    Port: a.Port,
                    Why: a.Why
                )),
            ],
            Promised: r.Promised,
            BalanceSchool: state.BalanceSchool == BalanceSchool.Middle ? "middle third" : "forward third",
            ReceivedBy: state.Opening!.By.Name,
            ReceivedAt: state.Opening!.RecordedAt,
            ReceivedOn: r.ReceivedOn,
            Supplier: r.Supplier,
            ClaimUntil: r.ClaimUntil,
            ClaimDaysLeft: Core.Unpack.Claims.DaysLeft(state, desk.Today),
            Carton: r.Carton,
            CartonWords: CartonWords.Of(r.Carton),
            CartonNote: r.CartonNote,
            BoxPhotos: [.. r.BoxPhotos.Select(p => new PhotoMark(p.Hash, p.Note))],
            PacksAsked: PacksTogether.Asked(state.Sheet),
            Servos: [.. state.Sheet.Servos.Select(s => ServoPlaceView.Of(s, state))],
            Drives: [.. state.Sheet.Power.Motors.Select(m => DriveView.Of(m, state))],
            Back: ServoFit.Back(state),
            Channels: ChannelsView.Of(
                state,
                memory.Of<RememberedChannels>(MemoryTopic.Channels, r.CustomerId, state.JobId) is [var last, ..]
                    ? last
                    : null
            ),
            Carried: r.Carried,
            Carriages:
            [
                .. SchoolEffect
                    .OfCarriage(state, settings.Current.Stock)
                    .Select(c => new CarriageView(c.How, c.Effect)),
            ],
            Options: [.. state.Built.Kit.Options.DistinctBy(o => o.Id).Select(o => Of(o, state.Built, state.Options))],
            Schools: [.. Schools.All.Select(s => Of(s, state, settings.Current.Stock))],
            Budget: BudgetView.Of(Budget.Of(state), state.Sheet),
            ToBuy: ToBuy.Of(state, settings.Current.Stock),
            Gaps: [.. state.Stages.Gaps(state.Sheet, state.Rules).Select(g => new GapView(g.Id, g.Text, g.Why))],
            Lines: [.. ledger.Where(l => l.Stage == Stage.Receive)]
        );
    }

    private static OptionView Of(
        KitOption option,
        Core.Sheets.SpecSheet sheet,
        ImmutableSortedDictionary<string, string> said
    ) =>
        new(
            Id: option.Id,
            Name: option.Name,
            Taken: KitChoices.Taken(sheet, said).GetValueOrDefault(option.Id, ""),
            Said: KitChoices.Said(option, said) is not null,
            Choices:
            [
                .. option.Choices.Select(c => new ChoiceView(
                    c,
                    string.Join("; ", KitChoices.Brings(sheet, option, c))
                )),
            ]
        );

    private static SchoolView Of(School s, JobState state, Stock stock)
    {
        var effects = SchoolEffect.Of(state, s, stock);
        var answer = state.Schools.GetValueOrDefault(s.Id);
        return new SchoolView(
            Id: s.Id,
            Question: s.Question,
            Chosen: answer?.Option ?? s.Default.Id,
            IsDefault: answer is null || answer.Option == s.Default.Id,
            Reason: answer?.Reason ?? "",
            By: answer?.By.Name ?? "",
            Options: [.. s.Options.Select((o, i) => new SchoolOptionView(o.Id, o.Text, o.Reason, effects[i], o.Undone))]
        );
    }

    private static Results<Ok<MoveView>, ProblemHttpResult> Move(
        string id,
        int revision,
        JobDesk desk,
        SheetStore sheets,
        ClaimsPrincipal user
    )
    {
        if (desk.Find(id) is not { } job)
        {
            return Problems.NotFound($"job {id}");
        }

        return sheets.Find(job.State.Filed.Kit.Id, revision) is { } sheet
            ? TypedResults.Ok(
                new MoveView(
                    revision,
                    sheet.Hash,
                    MovePreview.Of(
                        job.Knowing(sheet, sheets.Confirmation(sheet.Hash)).State,
                        sheet,
                        desk.Now,
                        user.Person()
                    )
                )
            )
            : Problems.NotFound($"revision {revision} of {job.State.Filed.Kit.Name}");
    }

    private static Results<Ok<OutlookView>, ProblemHttpResult> Outlook(OutlookPost post, SheetStore sheets)
    {
        if (sheets.Find(post.SheetId, post.SheetRevision)?.Choosing(post.Options ?? Unsaid) is not { } sheet)
        {
            return Problems.NotFound($"sheet {post.SheetId} revision {post.SheetRevision}");
        }

        var (ports, portsWhy) = CounterChecks.PortsEnough(
            sheet,
            post.ReceiverChannels,
            post.Receiver?.Ports,
            [.. (post.AddOns ?? []).Where(a => !string.IsNullOrWhiteSpace(a.Port)).Select(a => a.Name)]
        );
        var bought = post.ReceiverChannels > 0;
        var speaks = CounterChecks.Protocol(post.Protocol, post.Receiver?.Protocol);
        var asked = new Budget.Asked(
            sheet,
            [.. post.Packs.Take(MostAtOnce).Select(p => new PackHeld(p.Name, p.Battery))],
            post.Receiver,
            [.. (post.AddOns ?? []).Take(MostAtOnce).Select(a => new AddOn(a.Name, a.Mass, a.At, a.State))],
            post.BalanceSchool
        );
        return TypedResults.Ok(
            new OutlookView(
                PortsEnough: bought ? ports : null,
                PortsWhy: bought
                    ? portsWhy
                    : $"The receiver is still to be bought: {sheet.Radio.Functions.Length} ports or more.",
                SpeaksAlike: speaks?.Alike,
                SpeaksWhy: speaks?.Why ?? "",
                Budget: BudgetView.Of(Budget.Of(asked), sheet),
                Drawing: DrawingView.Of(Drawings.Plan(sheet))
            )
        );
    }

    private static async Task<Results<Ok<EntriesAnswer>, ProblemHttpResult>> Open(
        ReceivePost post,
        ClaimsPrincipal user,
        SheetStore sheets,
        ShopStore shop,
        ShopSettings settings,
        Openings openings,
        JournalReader reader,
        JournalWriter writer
    )
    {
        if (post.EntryId.Length is < 1 or > 60)
        {
            return Problems.Of(422, "entry/id", "An entry id has 1 to 60 characters.", "entryId");
        }

        if (post.MorePacks?.Count > MostAtOnce || post.AddOns?.Count > MostAtOnce)
        {
            return Problems.Of(422, "receive/many", $"At most {MostAtOnce} packs and add-ons at once.", "morePacks");
        }

        if (sheets.Find(post.SheetId, post.SheetRevision) is not { } sheet)
        {
            return Problems.Of(
                422,
                "receive/sheet",
                $"There is no sheet {post.SheetId} revision {post.SheetRevision}.",
                "sheetId"
            );
        }

        var supplier = settings.Current.Suppliers.FirstOrDefault(s => s.Id == post.SupplierId);
        if (post.SupplierId.Length > 0 && supplier is null)
        {
            return Problems.Of(
                422,
                "receive/supplier",
                $"The shop has no supplier \"{post.SupplierId}\".",
                "supplierId"
            );
        }

        if (!Customer(post.Customer, shop).Try(out var customer, out var refusal))
        {
            return Problems.Of(refusal);
        }

        return await openings.One(
            post.EntryId,
            async number =>
            {
                // A repeat finds the job its first sending opened, as it was opened.
                var first = reader.Find(number)?.Journal[0].Body as JobOpened;
                var proposals = Proposals(post, Opened(post, number, first, customer, sheet, supplier, settings));
                var isNew = first is null && post.Customer.Id is null;
                var answer = await writer.Record(
                    new Post(number, proposals, user.Person(), post.Look) { NewCustomer = isNew ? customer : null }
                );
                return EntriesEndpoint.Answer(answer, proposals, number, reader);
            }
        );
    }

    private static JobOpened Opened(
        ReceivePost post,
        string number,
        JobOpened? first,
        Customer customer,
        Core.Sheets.SpecSheet sheet,
        Supplier? supplier,
        ShopSettings settings
    ) =>
        new(
            Number: number,
            CustomerId: first?.CustomerId ?? customer.Id,
            SheetId: post.SheetId,
            SheetRevision: post.SheetRevision,
            SheetHash: sheet.Hash,
            Battery: post.Battery,
            ReceiverChannels: post.ReceiverChannels,
            Promised: post.Promised,
            Shelf: post.Shelf,
            BalanceSchool: post.BalanceSchool,
            Rules: first?.Rules ?? settings.Rules,
            Order: post.Order.Length > 0 ? post.Order : $"O-{number.Split('-')[^1]}",
            ReceivedOn: post.ReceivedOn,
            Supplier: first?.Supplier ?? supplier,
            Receiver: post.Receiver,
            Carton: post.Carton,
            CartonNote: post.CartonNote,
            PackName: post.PackName,
            Options: post.Options is { Count: > 0 } ? post.Options : null
        );

    private static Proposal[] Proposals(ReceivePost post, JobOpened opened)
    {
        var bodies = new List<EntryBody> { opened };
        bodies.AddRange((post.MorePacks ?? []).Select(p => new PackBrought(p.Name, p.Battery)));
        bodies.AddRange(post.AddOns ?? []);
        bodies.AddRange(post.Transmitter is { } transmitter ? [transmitter] : []);
        bodies.AddRange(post.Carried is Carriage.NotSaid ? [] : [new Carried(post.Carried)]);
        return
        [
            .. bodies.Select(
                (b, i) =>
                    new Proposal(
                        i == 0 ? post.EntryId : $"{post.EntryId}-{i}",
                        Core.Job.Stages.Kinds.TypeOf(b),
                        b,
                        post.ObservedAt,
                        null
                    )
            ),
        ];
    }

    private static Outcome<Customer> Customer(PostedCustomer posted, ShopStore shop)
    {
        if (posted.Id is { } id)
        {
            return shop.Customer(id) is { } known
                ? known
                : new Refusal("receive/customer", "There is no such customer.", "customer.id");
        }

        return CustomerEndpoints.Refused(posted.Name, posted.Contact, posted.Notes, "customer.") is { } refusal
            ? refusal
            : new Customer($"c-{Guid.NewGuid():N}", posted.Name.Trim(), posted.Contact.Trim(), posted.Notes.Trim());
    }
}
