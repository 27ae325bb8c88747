using UglyToad.PdfPig;
using Xunit;
using Zygotome.Core.Drawing;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Unpack;
using Zygotome.Papers;

namespace Zygotome.Core.Tests.Printed;

/// <summary>What the owner is handed says what was done, and never more.</summary>
public sealed class RecordTests
{
    private static string Record(Bench bench)
    {
        return Words(Printed(bench, bench.Release()));
    }

    private static byte[] Printed(Bench bench, Released released) =>
        RecordPdf.Render(
            new RecordPaper(bench.State, released, Bench.Vane, bench.Now, Drawings.Plan(bench.State.Sheet))
        );

    /// <summary>A sheet built to the end, and its record.</summary>
    private static (Bench Bench, byte[] Pdf) Finished(string sheet)
    {
        var bench = new Journal.Finisher(new Bench(Bench.Sheet(sheet))).Finish();
        return (bench, Printed(bench, new Released(1, Ledger.RulesVersion, bench.State.Release!.Sealed, "")));
    }

    private static string Words(byte[] pdf)
    {
        using var document = PdfDocument.Open(pdf);
        return string.Join(" ", document.GetPages().SelectMany(p => p.GetWords()).Select(w => w.Text));
    }

    private static string Hurt(
        Bench bench,
        string size,
        FindingKind kind = FindingKind.Crack,
        PlaceKind place = PlaceKind.Skin
    )
    {
        bench.Do(new FindingRaised("wing-left", place, kind, Bench.Q(size), 200, -150, "Seen under the lamp."));
        return bench.State.Unpack.Findings[^1].Id;
    }

    [Fact]
    public void What_took_the_place_of_the_kits_own_and_what_goes_back_is_on_the_record()
    {
        var bench = new Bench(Bench.Sheet("carrow-mail-1900"));
        bench.Do(new Core.Receive.Carried(Core.Receive.Carriage.Boxed));
        var own = bench.State.Sheet.Servos[0];
        bench.Do(
            new Core.Receive.ServoBrought(
                own.Id,
                new Core.Receive.ServoKind(
                    "grey 9",
                    Torque: Bench.Q("2 kg cm"),
                    Length: Bench.Q("23 mm"),
                    Width: Bench.Q("12 mm"),
                    Height: Bench.Q("24 mm"),
                    Working: Bench.Q("0.2 A"),
                    Stall: Bench.Q("0.9 A")
                )
            )
        );
        new Journal.Finisher(bench).Finish();
        var text = Words(Printed(bench, new Released(1, Ledger.RulesVersion, bench.State.Release!.Sealed, "")));
        Assert.Contains("grey 9 as the servo for left aileron, by R. Vane.", text, StringComparison.Ordinal);
        Assert.Contains("Back to the owner: the kit's own servo for left aileron.", text, StringComparison.Ordinal);
        Assert.Contains("Packs flown together, in this order: ", text, StringComparison.Ordinal);
        Assert.Contains("Carried in its box.", text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_repair_nobody_looked_at_again_is_not_called_sound()
    {
        var bench = Bench.Ready();
        var id = Hurt(bench, "18 mm");
        bench.Do(new Disposed(id, Disposition.Repair, ""));
        bench.Do(new Repaired(id, "Contact glue under tape", NoGlue: true));
        bench.Balanced().True().LookedOver();
        bench.Do(new Conceded($"finding/{id}", "The owner was waiting; he looks at it himself."), Bench.Thorne);
        var text = Record(bench);
        Assert.Contains("Contact glue under tape. Not re-inspected.", text, StringComparison.Ordinal);
        Assert.DoesNotContain(
            "sound",
            text[
                text.IndexOf("Findings and repairs", StringComparison.Ordinal)..text.IndexOf(
                    "Every requirement",
                    StringComparison.Ordinal
                )
            ],
            StringComparison.Ordinal
        );
        Assert.Contains("Conceded by I. Thorne", text, StringComparison.Ordinal);
        Assert.Contains("The owner was waiting", text, StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_used_as_it_is_left_alone_or_looked_at_by_its_own_repairer_is_said_so()
    {
        var bench = Bench.Ready(alone: true);
        var (scuff, crack, own) = (
            Hurt(bench, "8 mm", FindingKind.Scuff, PlaceKind.Decal),
            Hurt(bench, "14 mm"),
            Hurt(bench, "15 mm")
        );
        bench.Do(new Disposed(scuff, Disposition.UseAsIs, "Under the decal."));
        bench.Do(new Disposed(own, Disposition.Repair, ""));
        bench.Do(new Repaired(own, "Glued", NoGlue: true));
        bench.Do(new Reinspected(own, true));
        bench.Balanced().True().LookedOver();
        bench.Do(new Conceded($"finding/{crack}", "Hairline, does not open."), Bench.Thorne);
        var text = Record(bench);
        Assert.Contains("Used as it is, decided by R. Vane. Under the decal.", text, StringComparison.Ordinal);
        Assert.Contains("Not repaired.", text, StringComparison.Ordinal);
        Assert.Contains("Re-inspected by R. Vane (self-inspected): sound.", text, StringComparison.Ordinal);
        Assert.Contains("Seen under the lamp.", text, StringComparison.Ordinal);
    }

    [Fact]
    public void Retractions_substitutes_and_the_owners_acceptance_are_printed_with_who_and_why()
    {
        var bench = Bench.Ready();
        var counted = bench.Do(new Counted("pushrod", 1));
        bench.Do(new Retracted(counted.EntryId, "Counted twice."));
        bench.Do(bench.Weighing(178));
        bench.Do(new Conceded("balance/as flown", "Flown so before.", "I accept two millimetres aft."), Bench.Thorne);
        var text = Record(bench);
        Assert.Contains("Counted twice.", text, StringComparison.Ordinal);
        Assert.Contains("The owner wrote: I accept two millimetres aft.", text, StringComparison.Ordinal);
        Assert.Contains("178.0 mm", text, StringComparison.Ordinal);
        Assert.Contains("local law", text, StringComparison.Ordinal);
        Assert.Contains("Lithium packs", text, StringComparison.Ordinal);
    }

    [Fact]
    public void The_same_release_prints_the_same_bytes_and_a_glider_has_no_timer()
    {
        var bench = Bench.Ready();
        var released = bench.Release();
        Assert.Equal(Printed(bench, released), Printed(bench, released));
        var text = Words(Finished("lowen-2600").Pdf);
        Assert.Contains("the sheet states no draw", text, StringComparison.Ordinal);
    }

    /// <summary>Every line of the ledger is in the record, whichever sheet: none falls off a page.</summary>
    [Theory]
    [MemberData(nameof(Journal.FinishedTests.Sheets), MemberType = typeof(Journal.FinishedTests))]
    public void Every_requirement_of_every_sheet_is_on_some_page(string name)
    {
        var (bench, pdf) = Finished(name);
        using var document = PdfDocument.Open(pdf);
        var words = document
            .GetPages()
            .SelectMany(p => p.GetWords().Select(w => w.Text))
            .GroupBy(w => w)
            .ToDictionary(g => g.Key, g => g.Count());
        foreach (
            var group in bench
                .State.Release!.Ledger.SelectMany(l => l.Text.Split(' ').Where(w => w.Length > 3))
                .GroupBy(w => w)
        )
        {
            Assert.True(
                words.GetValueOrDefault(group.Key) >= group.Count(),
                $"\"{group.Key}\" is in the ledger {group.Count()} times and in the record "
                    + $"{words.GetValueOrDefault(group.Key)}"
            );
        }

        Assert.All(
            document.GetPages(),
            p =>
                Assert.All(
                    p.GetWords(),
                    w =>
                        Assert.True(
                            w.BoundingBox.Right <= p.Width && w.BoundingBox.Left >= 0 && w.BoundingBox.Bottom >= 0,
                            $"\"{w.Text}\" leaves its page"
                        )
                )
        );
    }
}
