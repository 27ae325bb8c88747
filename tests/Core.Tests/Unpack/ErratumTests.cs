using Xunit;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Unpack;

/// <summary>What a manual has wrong or leaves out, proposed from a bench.</summary>
public sealed class ErratumTests
{
    private static readonly StepSpec Step = Bench.Delta.Steps.First(s => s.Page.Length > 0);

    private static ErratumProposed Wrong(string says = "Screw M3 × 20", string page = "7") =>
        new(Step.Id, page, says, "M3 × 16: the longer one bottoms", "Tried: it stands 4 mm proud.");

    [Fact]
    public void What_is_wrong_says_where_what_is_so_and_how_that_is_known()
    {
        var bench = new Bench();
        void Refuses(ErratumProposed erratum, string code, string where) =>
            Assert.Equal((code, where), bench.Refused(erratum) is { } r ? (r.Code, r.Where) : ("", ""));
        Refuses(Wrong() with { Step = "paint-it" }, "unpack/erratum-step", "body.step");
        Refuses(Wrong(page: " "), "unpack/erratum-page", "body.page");
        Refuses(Wrong() with { IsSo = " " }, "text/missing", "body.isSo");
        Refuses(Wrong() with { Reason = "" }, "text/missing", "body.reason");
        Refuses(Wrong() with { Finding = "none" }, "unpack/finding-unknown", "body.finding");
        Refuses(Wrong() with { Hash = "picture" }, "photo/hash", "body.hash");
        Assert.Equal("entry/role", bench.Refused(Wrong(), new Person("msorrel", "M. Sorrel", Role.Counter))?.Code);

        // Where the manual says nothing there is no page to name.
        bench.Do(Wrong(says: "", page: ""));
        Assert.Equal(("", Step.Title), (bench.State.Unpack.Errata[0].Says, bench.State.Unpack.Errata[0].Title));
    }

    [Fact]
    public void It_names_the_finding_it_came_of_and_is_no_evidence_of_anything()
    {
        var bench = new Bench();
        var found = bench.Do(
            new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crease, Bench.Q("4 mm"), 200, -150, "")
        );
        var before = Ledger.Of(bench.State, bench.Now);
        bench.Do(Wrong() with { Finding = found.EntryId });
        Assert.Equal("F1", bench.State.Unpack.Errata[0].Finding);
        Assert.Equal(
            before.Select(l => (l.Id, l.Standing, l.Why)),
            Ledger.Of(bench.State, bench.Now).Select(l => (l.Id, l.Standing, l.Why))
        );
    }

    [Fact]
    public void A_repair_of_this_job_is_no_step_of_the_manual()
    {
        var bench = new Bench();
        var found = bench.Do(
            new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crack, Bench.Q("40 mm"), 200, -150, "")
        );
        bench.Do(new Disposed(found.EntryId, Disposition.Repair, "glue it"));
        var repair = bench.State.Sheet.Steps.First(s => s.Repairs.Length > 0).Id;
        Assert.Equal("unpack/erratum-step", bench.Refused(Wrong() with { Step = repair })!.Code);
    }

    [Fact]
    public void Withdrawn_it_is_proposed_no_longer()
    {
        var bench = new Bench();
        var entry = bench.Do(Wrong());
        bench.Do(new Retracted(entry.EntryId, "The manual was of another kit."));
        Assert.Empty(bench.State.Unpack.Errata);
    }
}
