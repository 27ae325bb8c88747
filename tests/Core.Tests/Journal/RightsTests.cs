using System.Text;
using System.Text.Json;
using Xunit;
using Zygotome.Core.Balance;
using Zygotome.Core.Build;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Journal;

/// <summary>Who may post what, over all kinds; what the shop knows better than whoever posts.</summary>
public sealed class RightsTests
{
    private static readonly ShopLists Lists = new(
        [new Adhesive("slow-epoxy", "slow epoxy", 60, 720, true)],
        [new Instrument("steel rule", 0.5, "rule", "mm"), new Instrument("bench scales", 1, "scales", "g")],
        [new Supplier("ostrel", "Ostrel and Dow", "spares@ostrel.invalid", 14)],
        ["ithorne"],
        21
    );

    private static readonly Role[] Roles = [Role.Counter, Role.Technician, Role.Lead];

    public static TheoryData<string> Kinds => [.. Stages.Kinds.All.Select(k => k.Type)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Each_kind_is_refused_to_whom_it_is_not_for_before_anything_else_is_asked_of_it(string type)
    {
        var kind = Stages.Kinds.Find(type)!;
        var any = new AnyBody(new Random(20261126));
        var bench = new Bench();
        if (kind.AfterRelease)
        {
            bench = Bench.Ready();
            bench.Do(bench.Release());
        }

        for (var i = 0; i < 20; i++)
        {
            var body = any.Of(kind, bench);
            foreach (var role in Roles)
            {
                var refused = bench.Refused(body, new Person("x", "X", role))?.Code;
                Assert.True(
                    refused is "entry/role" == !kind.By.May(role) || refused is "job/opened" or "job/released",
                    $"{type} by a {role}: {refused ?? "taken"}"
                );
            }
        }
    }

    [Fact]
    public void Alone_in_a_shop_one_may_record_every_kind()
    {
        var bench = new Bench(alone: true);
        var any = new AnyBody(new Random(1));
        Assert.All(Stages.Kinds.All, kind => Assert.NotEqual("entry/role", bench.Refused(any.Of(kind, bench))?.Code));
    }

    [Fact]
    public void What_grants_confirms_or_stands_in_for_the_maker_is_a_leads_and_what_moves_the_model_is_not_the_counters()
    {
        string[] leads = [.. Stages.Kinds.All.Where(k => k.By == Posters.Lead).Select(k => k.Type)];
        Assert.Equal(
            [
                "receive/value-given",
                "receive/sheet-moved",
                "receive/sheet-confirmed",
                "unpack/regraded",
                "build/step-added",
                "build/step-moved",
                "build/step-skipped",
                "build/step-split",
                "build/step-put-back",
                "build/cure-began",
                "handover/conceded",
            ],
            leads
        );
        Assert.All(
            Stages.Kinds.All.Where(k => k.Type.Split('/')[0] is "build" or "bind" or "throws" or "balance"),
            k => Assert.False(k.By.May(Role.Counter), k.Type)
        );
        Assert.Equal(
            ["receive/opened", "receive/sheet-confirmed", "unpack/claim-sent", "handover/released"],
            Stages.Kinds.All.Where(k => k.OwnDoor).Select(k => k.Type)
        );
    }

    private static Outcome<JsonElement> Fill<T>(object body)
        where T : EntryBody =>
        Lists.Fill(Stages.Kinds.Of<T>(), JsonSerializer.SerializeToElement(body, EntryJson.Lenient));

    private static T Read<T>(object body)
        where T : EntryBody =>
        Stages
            .Kinds.ReadPosted(
                Stages.Kinds.Of<T>().Type,
                JsonSerializer.SerializeToElement(body, EntryJson.Lenient),
                () => Lists
            )
            .Match(b => (T)b, r => throw new InvalidOperationException($"{r.Where}: {r.Text}"));

    [Fact]
    public void A_thing_of_the_shops_lists_is_named_by_its_id_and_copied_in_as_the_shop_has_it()
    {
        var done = Read<StepDone>(new { step = "fit-fin", adhesive = "slow-epoxy" });
        Assert.Equal(new Adhesive("slow-epoxy", "slow epoxy", 60, 720, true), done.Adhesive);
        var read = Read<NeutralRead>(
            new
            {
                surface = "rudder",
                offset = "0",
                instrument = "rule",
            }
        );
        Assert.Equal(new Instrument("steel rule", 0.5, "rule", "mm"), read.Instrument);
        Assert.Equal("Ostrel and Dow", Read<SupplierSaid>(new { supplier = "ostrel" }).Supplier.Name);
        Assert.Equal(["ithorne"], Read<Reinspected>(new { finding = "f", sound = true }).Leads!);
        Assert.Equal(
            0.5,
            Read<NeutralRead>(
                new
                {
                    surface = "rudder",
                    offset = "0",
                    instrument = "transmitter",
                }
            ).Instrument.U
        );
    }

    [Fact]
    public void Times_uncertainties_and_leads_of_the_senders_own_are_refused_with_their_place()
    {
        Refused<StepDone>(
            new
            {
                step = "fit-fin",
                adhesive = new
                {
                    id = "slow-epoxy",
                    name = "slow epoxy",
                    handleMinutes = 0,
                },
            },
            "entry/by-id",
            "body.adhesive"
        );
        Refused<StepDone>(new { step = "fit-fin", adhesive = "spit" }, "entry/not-listed", "body.adhesive");
        Refused<Weighed>(new { instrument = new { name = "scales", u = 1e-12 } }, "entry/by-id", "body.instrument");
        Refused<Weighed>(new { instrument = 3 }, "entry/by-id", "body.instrument");
        Refused<Repaired>(
            new
            {
                finding = "f",
                how = "x",
                handleMinutes = 0,
            },
            "entry/server-says",
            "body.handleMinutes"
        );
        Refused<Reinspected>(
            new
            {
                finding = "f",
                sound = true,
                leads = Array.Empty<string>(),
            },
            "entry/server-says",
            "body.leads"
        );

        static void Refused<T>(object body, string code, string where)
            where T : EntryBody
        {
            var refusal = Fill<T>(body).Refused!;
            Assert.Equal((code, where), (refusal.Code, refusal.Where));
        }
    }

    [Fact]
    public void A_bench_nobody_measured_is_taken_to_be_cold()
    {
        Assert.Equal(18, Read<StepDone>(new { step = "s", adhesive = "slow-epoxy" }).BenchCelsius?.Value);
        Assert.Equal(
            24,
            Read<StepDone>(
                new
                {
                    step = "s",
                    adhesive = "slow-epoxy",
                    benchCelsius = 24,
                }
            ).BenchCelsius?.Value
        );
        Assert.Null(Read<StepDone>(new { step = "s" }).BenchCelsius);
        var cold = (Lists with { BenchCelsius = 12 }).Fill(
            Stages.Kinds.Of<StepDone>(),
            JsonSerializer.SerializeToElement(new { step = "s", adhesive = "slow-epoxy" })
        );
        Assert.Equal(12, cold.OrDefault().GetProperty("benchCelsius").GetDouble());
    }

    [Fact]
    public void An_instrument_that_reads_something_else_is_refused()
    {
        var bench = Bench.Ready().Power();
        var scales = new Instrument("bench scales", 1, "scales", "g");
        var refused = bench.Refused(new NeutralRead("elevon-left", Bench.Q("2 mm"), scales))!;
        Assert.Equal(("instrument/reads", "body.instrument"), (refused.Code, refused.Where));
        Assert.Null(
            bench.Refused(new NeutralRead("elevon-left", Bench.Q("2 mm"), new Instrument("rule", 0.5, "rule", "mm")))
        );
    }

    [Fact]
    public void The_table_of_rights_in_the_documents_is_the_one_in_the_code()
    {
        var file = ProjectFolder.File("docs", "rights.md");
        var made = Document();
        if (Environment.GetEnvironmentVariable("ZYGOTOME_WRITE") == "1")
        {
            File.WriteAllText(file, made);
        }

        Assert.True(File.ReadAllText(file) == made, "docs/rights.md is not of this code; ZYGOTOME_WRITE=1 writes it.");
    }

    private static string Document()
    {
        var text = new StringBuilder(
            """
            # Who may record what

            Made from the kinds of entry in the code; a test compares it, and writes it when it is run with `ZYGOTOME_WRITE=1`. In a
            shop of one, that person is its lead. A finding that grounds or carries is re-inspected by a lead who had no hand in its
            repair, by a technician only where every lead had; any other by whoever had none, but the counter. Only a lead lets
            structural damage be used as it is, and takes the owner's own balance point.

            Own door: not recorded as an entry but asked for, `POST /api/jobs`, `/api/jobs/{id}/claims`, `/api/jobs/{id}/release`;
            numbers, rules, letters and ledgers are made by the server. Looked up: posted as the id of something the shop lists, and
            copied in as the shop has it. Server's: said by the server, refused in a post.

            | Kind | Counter | Technician | Lead | Own door | Looked up | Server's |
            | --- | --- | --- | --- | --- | --- | --- |

            """
        );
        foreach (var kind in Stages.Kinds.All)
        {
            var looked = kind.LooksUp.ToLookup(l => l.ServerSays, l => l.Field);
            var may = Roles.Select(r => kind.By.May(r) ? "yes" : "");
            text.Append('|')
                .AppendJoin(
                    '|',
                    new[] { $"`{kind.Type}`" }
                        .Concat(may)
                        .Append(kind.OwnDoor ? "yes" : "")
                        .Append(string.Join(", ", looked[false]))
                        .Append(string.Join(", ", looked[true]))
                        .Select(cell => cell.Length > 0 ? $" {cell} " : " ")
                )
                .Append("|\n");
        }

        return text.ToString();
    }
}
