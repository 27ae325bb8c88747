using UglyToad.PdfPig;
using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.MarkOut;
using Zygotome.Core.Sheets.Table;
using Zygotome.Papers;

namespace Zygotome.Core.Tests.Build;

/// <summary>Marks: measured from a named edge before the knife, never over what lies hidden.</summary>
public sealed class MarkOutTests
{
    private const string Bay = "cut-radio-bay";
    private static readonly Instrument Rule = new("rule", 0.5, "rule", "mm");

    private static Bench Cutting()
    {
        var bench = new Bench(Bench.Sheet("wicken-1350")).Unpacked();
        bench.Begin("lay-out");
        bench.Do(bench.Done("lay-out"));
        bench.Do(new StepStarted(Bay));
        return bench;
    }

    private static Marked At(string mark, string at) => new(Bay, mark, Bench.Q(at), Rule);

    private static Mark Mark(string sheet, string step, string id) =>
        Marks.Of(Bench.Sheet(sheet).Step(step)!).Single(m => m.Id == id);

    [Fact]
    public void A_mark_over_the_rod_tube_is_refused_with_how_deep_it_lies()
    {
        var bench = Cutting();
        var refusal = bench.Refused(At("4", "30 mm"))!;
        Assert.Equal("build/mark-crosses", refusal.Code);
        Assert.Contains("Rudder rod tube, 3 mm deep", refusal.Text, StringComparison.Ordinal);

        // The same on the left, where no tube lies, is only out of its limits.
        bench.Do(At("3", "30 mm"));
        Assert.Equal(Standing.NotMet, bench.Line($"mark/{Bay}/3").Standing);
    }

    [Fact]
    public void What_is_cut_elsewhere_than_planned_needs_a_reason_and_its_line_stays_open()
    {
        var bench = Cutting();
        Assert.Equal("build/asked", bench.Refused(bench.Done(Bay))?.Code);
        bench.Answer(Bay, AskWhen.Dry, AskWhen.Closing);
        bench.Do(At("1", "318 mm"));
        Assert.Equal("build/untrue", bench.Refused(bench.Done(Bay))?.Code);
        bench.Do(bench.Done(Bay) with { Reason = "The owner's receiver is longer." });
        Assert.Equal(Standing.NotMet, bench.Line($"mark/{Bay}/1").Standing);
        Assert.False(bench.Line($"mark/{Bay}/2").Open);
        Assert.Equal("build/step-done", bench.Refused(At("1", "310 mm"))?.Code);
    }

    [Fact]
    public void What_a_bay_8_mm_further_aft_does_to_the_balance_is_its_mass_times_the_way_over_the_whole()
    {
        var bench = Cutting();
        var mark = Mark("wicken-1350", Bay, "1");
        var whole = Budget.Of(bench.State).Parts.Sum(p => p.Grams);
        Assert.Equal(66 * 8 / whole, MarkBalance.Shift(bench.State, mark, 318)!.Value, 6);
        Assert.Equal("The balance goes 0.5 mm aft with it.", MarkBalance.Words(bench.State, mark, 318));
        Assert.Equal("", MarkBalance.Words(bench.State, mark, 310));
        Assert.Null(MarkBalance.Shift(bench.State, Mark("wicken-1350", Bay, "2"), 400));
    }

    [Fact]
    public void A_score_that_stays_above_a_spar_is_let_be_and_one_as_deep_is_not()
    {
        var sheet = Bench.Sheet("tarn-midge-620");
        var mark = Mark("tarn-midge-620", "score-dihedral", "1");
        var (line, hidden) = (Marks.Laid(sheet, mark, 150)!, Marks.HiddenIn(sheet).ToArray());
        Assert.Equal("spar", Marks.Crossed(sheet, mark, line, hidden)?.Part);
        var shallow = mark with { Spec = mark.Spec.With(StepFields.Mark.Depth.Is(Bench.Q("0.5 mm"))) };
        Assert.Null(Marks.Crossed(sheet, shallow, line, hidden));
    }

    [Fact]
    public void What_a_step_still_puts_in_is_not_hidden_yet()
    {
        var bench = new Bench(Bench.Sheet("tarn-midge-620")).Unpacked();
        var mark = Mark("tarn-midge-620", "score-dihedral", "1");
        Assert.Null(MarkLines.Crossed(bench.State, mark, 150));
        bench.Steps(Stage.Build);
        Assert.Equal("spar", MarkLines.Crossed(bench.State, mark, 150)?.Part);
    }

    [Theory]
    [InlineData("tip", 40, "root", 630)]
    [InlineData("centre line", 100, "root", 100)]
    public void The_same_place_from_two_edges_is_one_line(string one, double at, string other, double far)
    {
        var sheet = Bench.Sheet("wicken-1350");
        MarkLine From(string edge, double mm) => Marks.Laid(sheet, new Mark("1", Spec(edge), "right"), mm)!;
        Assert.Equal(From(one, at), From(other, far));
        Assert.True(From(one, at).FromY > 0);
    }

    private static MarkSpec Spec(string edge) =>
        Bench.Sheet("tarn-midge-620").Step("score-dihedral")!.Marks[0].With(StepFields.Mark.From.Is(edge));

    [Fact]
    public void The_template_is_printed_at_full_size_with_a_line_of_50_mm()
    {
        var sheet = Bench.Sheet("wicken-1350");
        using var pdf = PdfDocument.Open(MarkTemplate.Pdf(sheet, sheet.Step(Bay)!, default)!);
        // From the nose to 380 mm: two pages.
        Assert.Equal(2, pdf.NumberOfPages);
        var page = pdf.GetPage(1);
        Assert.Contains("50 mm", page.Text, StringComparison.Ordinal);
        const double fifty = 50 * 72 / 25.4;
        Assert.Contains(page.Paths, p => p.GetBoundingRectangle() is { } box && Math.Abs(box.Width - fifty) < 0.05);
    }

    [Fact]
    public void A_step_without_marks_has_no_template()
    {
        var sheet = Bench.Sheet("wicken-1350");
        Assert.Null(MarkTemplate.Pdf(sheet, sheet.Step("lay-out")!, default));
    }
}
