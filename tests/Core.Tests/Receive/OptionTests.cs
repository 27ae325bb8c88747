using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Tests.Receive;

/// <summary>One box can be built as several things; a job says as which, and is asked about no other.</summary>
public sealed class OptionTests
{
    // The mail transport with its legs folding or fixed.
    private static readonly SpecSheet Mail = Optional(Bench.Sheet("carrow-mail-1900"));

    private static SpecSheet Optional(SpecSheet sheet)
    {
        static SaidHere When(WhenField field, string choice) =>
            field.Is(Core.Quantities.Ordered.ById<string>().Add("gear", choice));
        static WhenField Of(SheetList list) => list.Fields.OfType<WhenField>().Single();
        return sheet with
        {
            Kit = sheet.Kit.With(
                KitFields.Option.List.Is([
                    KitFields.Option.List.Of(
                        KitFields.Option.Id.Is("gear"),
                        KitFields.Option.Choices.Is(["fixed", "retracts"]),
                        KitFields.Option.Default.Is("fixed")
                    ),
                ])
            ),
            Outputs =
            [
                .. sheet.Outputs.Select(o =>
                    o.Id == "gear" ? o.With(When(Of(OutputFields.Output.List), "retracts")) : o
                ),
            ],
            Steps =
            [
                .. sheet.Steps.Select(s => s.Id == "fit-gear" ? s.With(When(Of(StepFields.List), "fixed")) : s),
                StepFields.List.Of(
                    StepFields.Id.Is("fit-retracts"),
                    StepFields.Stage.Is(Stage.Build),
                    StepFields.Title.Is("Fit the retracts"),
                    StepFields.Parts.Is(Core.Quantities.Ordered.ById<int>().Add("wheel", 2)),
                    When(Of(StepFields.List), "retracts")
                ),
            ],
            Geometry = sheet.Geometry.With(
                GeometryFields.Wheel.List.Is(
                    sheet.Geometry.Wheels.Select(w =>
                        w.With(GeometryFields.Wheel.Retracts.Is(new Printed<bool>.NotStated(false)))
                    )
                )
            ),
        };
    }

    private static string[] Of(Bench bench, string beginning) =>
        [
            .. Ledger
                .Of(bench.State, bench.Now)
                .Where(l => l.Id.StartsWith(beginning, StringComparison.Ordinal))
                .Select(l => l.Id),
        ];

    [Fact]
    public void Nothing_is_asked_of_what_was_not_chosen_and_its_channel_needs_no_port()
    {
        var bench = new Bench(Mail);
        Assert.Empty(Of(bench, "output/gear"));
        Assert.Contains("step/fit-gear", Of(bench, "step/"));
        bench.Do(new OptionChosen("gear", "retracts"));
        Assert.Equal(2, Of(bench, "output/gear").Length);
        Assert.DoesNotContain("step/fit-gear", Of(bench, "step/"));
        Assert.Contains("step/fit-retracts", Of(bench, "step/"));
        Assert.Contains("gear", bench.State.Sheet.Radio.Functions);
        bench.Do(new OptionChosen("gear", "fixed"));
        Assert.Empty(Of(bench, "output/gear"));

        // The landing light still goes by that channel.
        Assert.Contains("gear", bench.State.Sheet.Radio.Functions);
        var dark = Mail with { Outputs = [.. Mail.Outputs.Where(o => o.Id != "landing-light")] };
        Assert.DoesNotContain("gear", new Bench(dark).State.Sheet.Radio.Functions);
        Assert.Empty(Of(new Bench(dark), "called/gear"));
    }

    [Fact]
    public void Until_somebody_says_the_line_is_open_and_nobody_concedes_it()
    {
        var bench = new Bench(Mail);
        Assert.Equal(
            (Standing.NotShown, Concedable.Never),
            (bench.Line("receive/option/gear").Standing, bench.Line("receive/option/gear").Concedable)
        );
        Assert.Contains("asked for as fixed", bench.Line("receive/option/gear").Why, StringComparison.Ordinal);
        bench.Do(new OptionChosen("gear", "fixed"));
        Assert.Equal(Standing.Met, bench.Line("receive/option/gear").Standing);
        Assert.Equal("receive/option", bench.Refused(new OptionChosen("wings", "two"))!.Code);
        Assert.Equal("receive/option-choice", bench.Refused(new OptionChosen("gear", "none"))!.Code);
    }

    [Fact]
    public void Without_a_usual_choice_all_of_them_are_asked_about_until_one_is_said()
    {
        var bench = new Bench(Bench.Parasol);
        Assert.Equal(["balance/wheels", "balance/skis"], Of(bench, "balance/"));
        bench.Do(new OptionChosen("undercarriage", "skis"));
        Assert.Equal(["balance/skis"], Of(bench, "balance/"));
        Assert.Equal(["weight/skis"], Of(bench, "weight/"));
    }

    [Fact]
    public void Once_work_has_begun_only_a_lead_changes_it_with_a_reason_and_not_over_a_step_that_is_done()
    {
        var bench = new Bench(Mail).Unpacked();
        bench.Until("work-hinges");
        bench.Do(new StepStarted("work-hinges"));
        Assert.Equal("receive/lead", bench.Refused(new OptionChosen("gear", "retracts", "changed his mind"))!.Code);
        Assert.Equal("text/missing", bench.Refused(new OptionChosen("gear", "retracts"), Bench.Thorne)!.Code);
        bench.Do(new StepStarted("fit-gear"));
        bench.Pass(TimeSpan.FromMinutes(30));
        bench.Do(new StepDone("fit-gear"));
        var refused = bench.Refused(new OptionChosen("gear", "retracts", "changed his mind"), Bench.Thorne);
        Assert.Equal("receive/option-step", refused!.Code);
        bench.Do(new StepUndone("fit-gear", "taken off again"));
        Assert.Null(bench.Refused(new OptionChosen("gear", "retracts", "changed his mind"), Bench.Thorne));
    }

    [Fact]
    public void What_is_wrong_does_not_go_away_by_building_it_as_something_else()
    {
        var bench = new Bench(Mail);
        bench.Do(new OptionChosen("gear", "retracts"));
        bench = bench.Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        bench.Do(new OutputSeen("gear", "up", OutputAnswer.Otherwise, "one leg hangs"));
        var refused = bench.Refused(new OptionChosen("gear", "fixed", "never mind"), Bench.Thorne);
        Assert.Contains(refused!.Code, (string[])["receive/option-step", "receive/option-wrong"]);
    }

    [Fact]
    public void What_was_seen_wrong_before_any_work_began_does_not_go_away_either()
    {
        var bench = new Bench(Mail);
        bench.Do(new OptionChosen("gear", "retracts"));
        bench.Bound();
        bench.Do(new OutputSeen("gear", "up", OutputAnswer.Otherwise, "one leg hangs"));
        Assert.Equal("receive/option-wrong", bench.Refused(new OptionChosen("gear", "fixed"))!.Code);
    }

    [Fact]
    public void A_row_names_an_option_and_a_choice_that_the_sheet_has_and_a_name_may_stand_once_for_each_choice()
    {
        static IReadOnlyList<SheetError> Errors(string configurations, string when) =>
            SheetReader
                .Read(
                    System.Text.Encoding.UTF8.GetBytes(
                        $$"""
                        {"format":"zygotome-spec-sheet/1",
                         "kit":{"id":"k","name":"K","revision":1,
                           "options":[{"id":"gear","choices":["fixed","retracts"],"default":"fixed"}]},
                         "geometry":{"datum":"d","nose":"-100 mm","lifting":[{"id":"wing","rootLeadingEdge":"0 mm",
                           "panels":[{"root":"200 mm","tip":"200 mm","span":"500 mm","sweep":"0 mm"}]}]},
                         "balance":{"configurations":[{{configurations}}]},
                         "parts":[{"id":"p","name":"P","quantity":1,"when":{{when}}}]}
                        """
                    )
                )
                .Errors;
        Assert.Empty(Errors("", """{"gear":"fixed"}"""));
        Assert.Contains(Errors("", """{"gear":"floats"}"""), e => e.Path == "$.parts[0].when.gear");
        Assert.Contains(Errors("", """{"wings":"two"}"""), e => e.Path == "$.parts[0].when.wings");
        const string one = """{"name":"as flown","range":"1 mm to 2 mm","when":{"gear":"fixed"}}""";
        Assert.Empty(Errors($"{one},{one.Replace("fixed", "retracts", StringComparison.Ordinal)}", "{}"));
        Assert.NotEmpty(Errors($"{one},{one}", "{}"));
    }
}
