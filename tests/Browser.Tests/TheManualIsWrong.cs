using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>A finding that is the manual's doing is told to the next bench, until a revision says it right.</summary>
public sealed class TheManualIsWrong
{
    private const string IsSo = "Three times, a little further each";

    [Fact]
    public async Task A_finding_becomes_an_erratum_at_its_step_of_the_next_job_and_a_lead_answers_it()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        UnpackState State() => application.Job("J-0147").State.Unpack;
        t.Go("/jobs/J-0147/unpack");
        t.Press("Findings")
            .Act("Record a finding")
            .See("What is wrong here?")
            .Fill("on", "Left aileron")
            .Press("hinge", "about")
            .Press("crack", "kind")
            .Fill("Longest extent, mm", "2");
        t.Press("Record the finding").DoNotSee("What is wrong here?");
        var tag = State().Findings[^1].Tag;
        t.Give($"Pictures: finding {tag}", BoxOpened.SmallPicture());
        t.Until(() => State().Findings[^1].Photos.Count == 1, "it has a picture");
        t.Press("the manual is wrong or silent about this", $"Finding {tag}")
            .Fill("at which step", "Work the hinges free")
            .Fill("the manual says", "Bend every hinge once")
            .Fill("what is so", IsSo)
            .Fill("how that is known", "The skin split at the first bend")
            .Press("Propose the erratum");
        t.Until(() => State().Errata[^1].IsSo == IsSo, "the erratum is proposed");
        Assert.Equal(
            (tag, "4", State().Findings[^1].Photos[0].Hash),
            (State().Errata[^1].Finding, State().Errata[^1].Page, State().Errata[^1].Photo)
        );

        // The next bench reads it before the step, with its picture.
        t.Go("/jobs/J-0151/build")
            .Press("show", "Steps")
            .Press("Work the hinges free")
            .See("Page 4: “Bend every hinge once”")
            .See(IsSo);
        Assert.Single(t.Browser.FindElements(By.CssSelector($"[aria-label='Picture: {IsSo}'] img")));

        // So does whoever types the next revision; a lead then says that it is answered.
        using var lead = t.Another("I. Thorne");
        lead.Go("/sheets/plimsey-1400/1").See("a later one can answer it");
        lead.Press("Type the next revision").See("Errata from benches, not answered yet").See(IsSo);
        lead.Act("Put it on file").See("Plimsey 1400, revision 2");
        lead.Fill($"What was done about: {IsSo}", "Page 4 says three times now")
            .Press("This revision says it right")
            .See("Answered by revision 2");
        Assert.Empty(lead.Complaints());
        t.Go("/jobs/J-0151/build").Press("show", "Steps").Press("Work the hinges free").See(IsSo);
        Assert.Empty(t.Complaints());
    }
}
