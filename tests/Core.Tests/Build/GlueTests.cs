using Xunit;
using Zygotome.Core.Build;
using Zygotome.Core.Journal;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Build;

/// <summary>A joint from the moment its glue is open.</summary>
public sealed class GlueTests
{
    private static readonly Adhesive Contact = new("contact", "foam-safe contact", 15, 240, false);
    private static readonly Adhesive Epoxy = new("slow", "slow epoxy", 60, 720, true);

    private static Bench Fin()
    {
        var bench = new Bench(Bench.Parasol).Unpacked().Until("fit-fin");
        bench.Do(new StepStarted("fit-fin"));
        return bench;
    }

    private static string Waits(Bench bench) =>
        string.Join(
            ' ',
            StepGraph
                .Of(bench.State, bench.Now)
                .SelectMany(s => s.WaitsFor)
                .Where(w => w.StartsWith("Glue the fin", StringComparison.Ordinal))
        );

    private static StepProgress Of(Bench bench) => bench.State.Progress("fit-fin")!;

    [Fact]
    public void Nothing_is_opened_before_the_right_way_round_the_fit_and_the_faces_are_answered()
    {
        var bench = Fin();
        Assert.Equal("build/asked", bench.Refused(new GlueOpened("fit-fin", Contact))!.Code);
        bench.Do(new Answered("fit-fin", "orientation", false));
        bench.Answer("fit-fin", AskWhen.Dry);
        Assert.Null(bench.Refused(new GlueOpened("fit-fin", Contact)));
        Assert.Equal("build/not-open", bench.Refused(new Answered("fit-fin", "clear/1", true))!.Code);
        bench.Do(new GlueOpened("fit-fin", Contact));
        bench.Do(new Answered("fit-fin", "clear/1", true));
    }

    [Fact]
    public void Answered_not_so_holds_the_glue_back()
    {
        var bench = Fin().Answer("fit-fin", AskWhen.Dry);
        bench.Do(new Answered("fit-fin", "orientation", false));
        Assert.Equal("ask/orientation", bench.Refused(new GlueOpened("fit-fin", Contact))!.Where);
    }

    [Fact]
    public void Contact_glue_waits_its_own_time_is_held_as_the_sheet_says_and_cures_from_when_its_faces_met()
    {
        var bench = Fin().Answer("fit-fin", AskWhen.Dry);
        bench.Do(new GlueOpened("fit-fin", Contact));
        Assert.Equal("build/glue-order", bench.Refused(new GlueActed("fit-fin", GlueAct.LetGo))!.Code);
        Assert.Equal("build/glue-time", bench.Refused(new GlueActed("fit-fin", GlueAct.Pressed))!.Code);
        bench.Pass(TimeSpan.FromMinutes(10));
        bench.Do(new GlueActed("fit-fin", GlueAct.Pressed));
        var met = bench.Now;
        Assert.Equal("build/glue-order", bench.Refused(new StepDone("fit-fin"))!.Code);
        bench.Pass(TimeSpan.FromSeconds(20));
        Assert.Contains(
            " s too early: it has to hold first",
            bench.Refused(new GlueActed("fit-fin", GlueAct.LetGo))!.Text
        );
        bench.Pass(TimeSpan.FromSeconds(20));
        bench.Do(new GlueActed("fit-fin", GlueAct.LetGo));
        bench.Answer("fit-fin", AskWhen.Open);
        bench.Pass(TimeSpan.FromMinutes(3));
        bench.Do(new StepDone("fit-fin"));
        Assert.Equal((met, met.AddMinutes(15)), (Of(bench).CuresFrom, Of(bench).HandleAt));
    }

    [Theory]
    [InlineData("seconds", "Pressed,LetGo")]
    [InlineData("re-part", "Pressed,Parted,PressedAgain,LetGo")]
    [InlineData("product", "Pressed,LetGo")]
    public void The_school_of_contact_glue_says_how_it_is_joined(string school, string acts)
    {
        Assert.Equal(acts, string.Join(',', GluePlan.Of(Contact, school, null).Select(s => s.Act)));
        Assert.Equal(school == "seconds", GluePlan.Of(Contact, school, null).All(s => s.Meanwhile != "wait"));
        Assert.Equal("Pressed,LetGo", string.Join(',', GluePlan.Of(Epoxy, school, null).Select(s => s.Act)));
    }

    [Fact]
    public void Working_time_runs_on_and_after_it_the_faces_meet_only_with_a_reason_and_are_pulled_later()
    {
        var bench = Fin().Answer("fit-fin", AskWhen.Dry);
        bench.Do(new SchoolChosen(Schools.ContactGlue, "seconds", "it stays movable"));
        bench.Do(new GlueOpened("fit-fin", Contact));
        bench.Pass(TimeSpan.FromMinutes(16));
        Assert.Contains("working time is over", bench.Refused(new GlueActed("fit-fin", GlueAct.Pressed))!.Text);
        bench.Do(new GlueActed("fit-fin", GlueAct.Pressed, "it was still wet"));
        bench.Pass(TimeSpan.FromMinutes(1));
        bench.Do(new GlueActed("fit-fin", GlueAct.LetGo));
        bench.Answer("fit-fin", AskWhen.Open);
        bench.Do(new StepDone("fit-fin"));
        Assert.Equal("build/not-open", bench.Refused(new GlueActed("fit-fin", GlueAct.LetGo))!.Code);
        var line = bench.Line("step/fit-fin/pull");
        Assert.Equal((Standing.NotShown, Concedable.Never), (line.Standing, line.Concedable));
        Assert.Equal("build/curing", bench.Refused(new Answered("fit-fin", "pull", true))!.Code);

        // A reason for a late joint is no leave to handle it early.
        Assert.Contains("can be handled", Waits(bench), StringComparison.Ordinal);
        bench.Pass(TimeSpan.FromHours(13));
        bench.Do(new Answered("fit-fin", "pull", true));
        Assert.Equal(Standing.Met, bench.Line("step/fit-fin/pull").Standing);
    }

    [Fact]
    public void Opened_anew_it_is_asked_about_anew()
    {
        var bench = Fin().Answer("fit-fin", AskWhen.Dry);
        bench.Do(new GlueOpened("fit-fin", Contact));
        bench.Do(new Answered("fit-fin", "clear/1", true));
        bench.Do(new GlueActed("fit-fin", GlueAct.Pressed, "it looked dry"));
        bench.Do(new GlueOpened("fit-fin", Contact));
        Assert.Equal("", Of(bench).Glue!.Doubt);
        Assert.Contains(
            StepAsks.Unsettled(bench.State, bench.State.Sheet.Step("fit-fin")!, AskWhen.Open),
            a => a.Id == "clear/1"
        );
    }

    [Fact]
    public void What_must_still_move_is_asked_before_it_sets_and_after_and_stuck_is_never_conceded()
    {
        var bench = Fin().Asked("fit-fin");
        bench.Do(bench.Done("fit-fin"));
        Assert.Equal("build/curing", bench.Refused(new Answered("fit-fin", "free/1", true))!.Code);
        bench.Pass(TimeSpan.FromHours(13));
        Assert.Equal(Standing.NotShown, bench.Line("step/fit-fin/free/1").Standing);
        bench.Do(new Answered("fit-fin", "free/1", false));
        var line = bench.Line("step/fit-fin/free/1");
        Assert.Equal((Standing.NotMet, Concedable.Never), (line.Standing, line.Concedable));
        bench.Do(new Answered("fit-fin", "free/1", true));
        Assert.Equal(Standing.Met, bench.Line("step/fit-fin/free/1").Standing);
    }

    [Fact]
    public void Handled_too_early_only_with_a_reason_and_then_a_pull_is_asked_for()
    {
        var bench = Fin().Asked("fit-fin");
        bench.Do(bench.Done("fit-fin"));
        Assert.Equal("build/curing", bench.Refused(new StepHandled("fit-fin"))!.Code);
        bench.Do(new StepHandled("fit-fin", "the owner waits"));
        Assert.DoesNotContain("can be handled", Waits(bench), StringComparison.Ordinal);
        Assert.Equal("build/curing", bench.Refused(new Answered("fit-fin", "pull", true))!.Code);
        bench.Pass(TimeSpan.FromHours(13));
        bench.Do(new Answered("fit-fin", "pull", false));
        Assert.Equal(Standing.NotMet, bench.Line("step/fit-fin/pull").Standing);
    }

    [Fact]
    public void A_step_done_once_more_asks_once_more()
    {
        var bench = Fin().Asked("fit-fin");
        bench.Do(bench.Done("fit-fin"));
        bench.Do(new StepUndone("fit-fin", "it came off"));
        Assert.Equal("build/asked", bench.Refused(new GlueOpened("fit-fin", Contact))!.Code);
        Assert.Null(Of(bench).Glue);
    }

    [Fact]
    public void Glue_that_harms_is_refused_when_it_is_opened_and_too_cold_a_bench_too()
    {
        var bench = Fin().Answer("fit-fin", AskWhen.Dry);
        Assert.Equal("build/harms", bench.Refused(new GlueOpened("fit-fin", Epoxy, Bench.Q("20 °C")))!.Code);
        Assert.Equal(
            "build/too-cold",
            bench.Refused(new GlueOpened("fit-fin", Epoxy, Bench.Q("8 °C"), "it is all there is"))!.Code
        );
        bench.Do(new GlueOpened("fit-fin", Epoxy, Bench.Q("20 °C"), "it is all there is"));
        Assert.Contains("brittle", Of(bench).Glue!.Harm, StringComparison.Ordinal);
    }
}
