using Xunit;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Unpack;

namespace Zygotome.Core.Tests.Unpack;

/// <summary>What is found at the box beyond a crack: contacts, seals, tacky paint, glue that harms, misprints.</summary>
public sealed class FoundAtTheBoxTests
{
    private static string Found(Bench bench, FindingRaised finding, Disposition? decided = Disposition.Repair)
    {
        var id = bench.Do(finding).EntryId;
        if (decided is { } d)
        {
            bench.Do(new Disposed(id, d, ""));
        }

        return id;
    }

    private static void Call(Bench bench, string function, bool right = true)
    {
        var call = Directions.Calls(bench.State.Sheet).Single(c => c.Function == function);
        bench.Do(
            new DirectionSeen(
                function,
                [.. call.Expected.Select(e => new Seen(e.Surface.Id, right ? e.Movement : Movement.None))]
            )
        );
    }

    [Fact]
    public void A_contact_put_back_stays_unproven_until_it_was_wiggled_while_called_out()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire);
        var id = Found(
            bench,
            new FindingRaised("lead-ail-left", PlaceKind.Lead, FindingKind.OutOfHousing, Bench.Q("0 mm"), 100, -180, "")
        );
        bench.Do(new Repaired(id, "Contact in until it clicked", NoGlue: true));
        Assert.Equal("unpack/not-called", bench.Refused(new Reinspected(id, true, Wiggled: true), Bench.Thorne)!.Code);
        bench.Power();
        bench.Do(new Bound("MEMORY", 2, "button"));
        bench.Failsafe();

        // What moved nothing proves nothing, and neither does another command.
        Call(bench, "rudder");
        Call(bench, "aileron", right: false);
        Assert.Equal("unpack/not-called", bench.Refused(new Reinspected(id, true, Wiggled: true), Bench.Thorne)!.Code);
        Call(bench, "aileron");
        Assert.Equal("unpack/wiggle", bench.Refused(new Reinspected(id, true), Bench.Thorne)!.Code);
        Assert.Contains("not proven", bench.Line($"finding/{id}").Why, StringComparison.Ordinal);
        bench.Do(new Reinspected(id, true, Wiggled: true), Bench.Thorne);
        Assert.Equal(Standing.Met, bench.Line($"finding/{id}").Standing);
    }

    [Fact]
    public void A_lead_mended_makes_stale_what_was_called_through_it_and_nothing_else()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Bound();
        var id = Found(
            bench,
            new FindingRaised("lead-ail-left", PlaceKind.Lead, FindingKind.OutOfHousing, Bench.Q("0 mm"), 100, -180, "")
        );
        bench.Do(new Repaired(id, "Contact in until it clicked", NoGlue: true, Grams: Bench.Q("0 g")));
        Assert.Equal(Standing.Stale, bench.Line("direction/aileron").Standing);
        Assert.Equal(Standing.Met, bench.Line("direction/rudder").Standing);
        Assert.Equal(Standing.Met, bench.Line("bind/failsafe").Standing);
    }

    [Fact]
    public void What_has_no_length_is_claimed_without_one_and_at_its_place_as_people_say_it()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        bench.Do(
            new FindingRaised("lead-ail-left", PlaceKind.Lead, FindingKind.OutOfHousing, Bench.Q("0 mm"), 100, -180, "")
        );
        Assert.Equal(
            "F1: contact out of its housing, left aileron lead, flight-critical",
            Assert.Single(Claims.Of(bench.State)).Text
        );
    }

    [Fact]
    public void What_lies_behind_a_sealed_canopy_plans_its_opening_and_is_not_sound_before_its_seal_is()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        Assert.Equal(
            "unpack/behind",
            bench
                .Refused(
                    new FindingRaised(
                        "body-fuselage",
                        PlaceKind.ScalePart,
                        FindingKind.Loose,
                        Bench.Q("0 mm"),
                        180,
                        0,
                        "",
                        Behind: "windscreen"
                    )
                )!
                .Code
        );
        var id = Found(
            bench,
            new FindingRaised(
                "body-fuselage",
                PlaceKind.ScalePart,
                FindingKind.Loose,
                Bench.Q("0 mm"),
                180,
                0,
                "pilot loose",
                Behind: "cockpit"
            )
        );
        var step = bench.State.Sheet.Steps.Single(s => s.Repairs == id);
        Assert.StartsWith("Open cockpit rim first", step.Text, StringComparison.Ordinal);
        bench.Do(
            new Repaired(id, "Glued on its seat", Adhesive: new Adhesive("c", "foam-safe contact", 15, 240, false))
        );
        bench.Pass(TimeSpan.FromHours(6));
        Assert.Equal("unpack/seal", bench.Refused(new Reinspected(id, true), Bench.Thorne)!.Code);
        Assert.Equal("unpack/seal", bench.Refused(new Reinspected(id, true, Sealed: false), Bench.Thorne)!.Code);
        Assert.True(bench.Line($"finding/{id}").Open);
        bench.Do(new Reinspected(id, true, Sealed: true), Bench.Thorne);
        Assert.False(bench.Line($"finding/{id}").Open);
    }

    [Fact]
    public void Tacky_paint_keeps_tape_off_its_part_until_it_was_looked_at_again()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        bench.Until("join-wing").Until("fit-tailplane");
        var id = Found(
            bench,
            new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Tacky, Bench.Q("80 mm"), 60, -300, ""),
            decided: null
        );
        Assert.Equal("unpack/dries", bench.Refused(new Disposed(id, Disposition.UseAsIs, "it will dry"))!.Code);

        // Joining the wing takes masking tape to it; the tailplane is nowhere near.
        Assert.Contains("tacky", bench.Refused(new StepStarted("join-wing"))!.Text, StringComparison.Ordinal);
        Assert.Null(bench.Refused(new StepStarted("fit-tailplane")));
        bench.Do(new Reinspected(id, false));
        Assert.NotNull(bench.Refused(new StepStarted("join-wing")));
        bench.Pass(TimeSpan.FromDays(2));
        bench.Do(new Reinspected(id, true));
        Assert.Null(bench.Refused(new StepStarted("join-wing")));
        Assert.Contains("dry", bench.Line($"finding/{id}").Why, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("slow epoxy", "EPO", "EPO", "structural", true)]
    [InlineData("slow epoxy", "EPO", "carbon", "structural", false)]
    [InlineData("foam-safe contact", "EPS", "EPS", "structural", false)]
    [InlineData("contact glue", "EPS", "EPS", "structural", true)]
    [InlineData("hot melt", "EPS", "plywood", "service", true)]
    [InlineData("hot melt", "EPO", "EPO", "structural", true)]
    [InlineData("hot melt", "EPO", "EPO", "service", false)]
    [InlineData("foam-safe instant glue", "clear canopy plastic", "EPO", "canopy", true)]
    [InlineData("quick epoxy", "balsa", "plywood", "hinge", true)]
    [InlineData("the tin from the club", "EPO", "EPO", "structural", false)]
    public void Glue_that_harms_a_joint_is_known(string name, string a, string b, string kind, bool harms) =>
        Assert.Equal(
            harms,
            HarmfulGlue.Of(
                new Adhesive("x", name, 10, 100, name.EndsWith("epoxy", StringComparison.Ordinal)),
                new BondSpec(a, b, kind)
            )
                is not null
        );

    [Fact]
    public void Harmful_glue_is_refused_for_a_repair_as_for_a_joint_and_what_was_used_all_the_same_is_a_leads_to_concede()
    {
        var bench = new Bench(Bench.Parasol).Unpacked();
        var epoxy = new Adhesive("slow", "slow epoxy", 60, 720, true);
        var id = Found(
            bench,
            new FindingRaised("wing-left", PlaceKind.Skin, FindingKind.Crack, Bench.Q("20 mm"), 60, -300, "")
        );
        var repaired = new Repaired(id, "Closed under tape", Adhesive: epoxy, BenchCelsius: Bench.Q("20 °C"));
        Assert.Equal("build/harms", bench.Refused(repaired)!.Code);
        bench.Do(repaired with { Reason = "the contact glue was dry" });
        bench.Pass(TimeSpan.FromHours(13));
        var step = bench.State.Sheet.Steps.Single(s => s.Repairs == id);
        var line = bench.Line($"step/{step.Id}");
        Assert.Equal((Standing.NotMet, Concedable.ByLead), (line.Standing, line.Concedable));
        Assert.Contains("the contact glue was dry", line.Why, StringComparison.Ordinal);

        // A joint of the sheet: the school that takes the manual's epoxy makes it no harm.
        bench.Until("fit-fin");
        bench.Do(new StepStarted("fit-fin"));
        Assert.Equal("build/harms", bench.Refused(new StepDone("fit-fin", epoxy, Bench.Q("20 °C")))!.Code);
        bench.Do(new SchoolChosen(Schools.FoamGlue, "epoxy", "the owner wants it stiff"));
        bench.End("fit-fin", epoxy);
        Assert.NotEqual(Standing.NotMet, bench.Line("step/fit-fin").Standing);
    }

    [Fact]
    public void Stack_and_depth_measured_at_the_bench_judge_the_listed_screw_too()
    {
        var sheet = Bench.Parasol;
        var bench = new Bench(
            sheet with
            {
                Parts =
                [
                    .. sheet.Parts.Select(p =>
                        p.Id == "screw-m3x16"
                            ? p.With(
                                PartFields.Stack.Is(new Printed<double>.NotStated(false)),
                                PartFields.Depth.Is(new Printed<double>.NotStated(false))
                            )
                            : p
                    ),
                ],
            }
        );
        var taken = new SubstituteAccepted(
            "screw-m3x16",
            2,
            Bench.Q("3 mm"),
            Bench.Q("12 mm"),
            Bench.Q("4 mm"),
            Bench.Q("9 mm")
        );
        Assert.Null(bench.State.Sheet.Part("screw-m3x16")!.Fastener!.Stack);
        bench.Do(taken);
        var substitute = Assert.Single(bench.State.Unpack.Substitutes);
        Assert.True(substitute.Misprint);
        Assert.Contains("misprint", substitute.Why, StringComparison.Ordinal);
    }
}
