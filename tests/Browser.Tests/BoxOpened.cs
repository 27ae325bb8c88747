using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>A box with three shortages and four findings of different grades, a claim sent and answered.</summary>
public sealed class BoxOpened
{
    private static readonly (string Part, string About, string Kind, string Size, string Grade)[] Wrong =
    [
        ("right wing", "decal", "scuff", "20", "cosmetic"),
        ("fuselage", "skin", "crack", "6", "functional"),
        ("left wing", "skin", "crack", "34", "structural"),
        ("Rudder", "hinge", "parting", "12", "flight-critical"),
    ];

    private static string Receive(Technician t)
    {
        t.Go("/jobs/new").See("spec sheet").Press("Plimsey 1400").Press("A. Quill");
        t.Press("Packs")
            .Fill("mass on the scale", "286")
            .Fill("length", "118")
            .Fill("width", "36")
            .Fill("height", "30")
            .Fill("capacity", "2700")
            .See("Balances");
        t.Press("Box, date")
            .Fill("supplier", "Fenwater Trade")
            .Press("crushed", "carton")
            .Act("Take it in")
            .See("Outside of the box");
        return t.Browser.Url.Split('/')[^2];
    }

    [Fact]
    public async Task Shortages_and_findings_are_claimed_answered_and_counted_again()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        var job = Receive(t);
        UnpackState State() => application.Job(job).State.Unpack;
        var picture = SmallPicture();
        t.Give("Pictures: the box", picture);
        t.Until(() => application.Job(job).State.Receive.BoxPhotos.Count == 1, "the box is photographed");

        t.Stage("Unpack").Act("Found: manual").Act("Found: throws");
        t.Press("balance: not in the box")
            .Fill("Source of balance", "the maker's file, edition 2")
            .Press("record")
            .Act("Found: parts list");
        t.Until(() => State().Papers.Count == 4, "every paper answered");

        // Three shortages: several at once by digits, one by one, undone once.
        t.Press("Parts").Act("Bag A: all here").Press("Bag B");
        t.Press("Machine screw 3 × 16 mm").Fill("Several at once", "6").Press("add").See("Machine screw 3 × 12 mm");
        t.Fill("Several at once", "4").Press("add").See("Control horn").Fill("Several at once", "4").Press("add");
        t.Until(() => State().CountOf("horn") == 4, "four horns");
        t.Press("One Control horn more");
        t.Until(() => State().CountOf("horn") == 5, "one too many");
        t.Press("Control horn").Press("undo");
        t.Until(() => State().CountOf("horn") == 4, "undone");
        t.Press("Pushrod with clevis").Fill("Several at once", "5").Press("add");
        t.Until(() => State().CountOf("pushrod") == 5, "all pushrods");
        t.Press("Bag B is counted").See("remain possible");
        t.Press("Bag C")
            .Press("Axle")
            .Fill("Several at once", "2")
            .Press("add")
            .See("Wheel 75 mm")
            .Fill("Several at once", "1")
            .Press("add");
        t.Until(() => State().CountOf("wheel") == 1, "one wheel");
        t.Press("Wheel collar, bore")
            .Fill("Several at once", "4")
            .Press("add")
            .Press("Ski with spring")
            .Fill("Several at once", "2")
            .Press("add");
        t.Until(() => State().CountOf("ski") == 2, "two skis");
        t.Press("Bag C is counted").Press("Bag D").Press("Propeller 11x5.5").Press("One Propeller 11x5.5 more");
        t.Until(() => State().CountOf("propeller") == 1, "a propeller");
        t.Press("Bag D is counted").See("1 short");
        Assert.Equal(
            ["horn", "spinner", "wheel"],
            Claims.Of(application.Job(job).State).Where(c => c.IsPart).Select(c => c.Id).Order(StringComparer.Ordinal)
        );
        t.Press("Bag B").Press("Control horn").See("blocks: Horns and pushrods");

        // Four findings of four grades, one of them from below and one from the walk.
        foreach (var (part, about, kind, size, grade) in Wrong)
        {
            t.Press("Findings")
                .Act("Record a finding")
                .See("What is wrong here?")
                .Fill("on", part)
                .Press(about, "about")
                .Press(kind, "kind")
                .Fill("Longest extent, mm", size)
                .See(grade);
            t.Press("Record the finding").DoNotSee("What is wrong here?");
        }

        t.Until(() => State().Findings.Count == 4, "four findings");
        Assert.Equal(
            [Grade.Cosmetic, Grade.Functional, Grade.Structural, Grade.FlightCritical],
            State().Findings.Select(f => f.Grading.Grade)
        );
        t.Give("Pictures: finding F4", picture);
        t.Until(() => State().Findings[3].Photos.Count == 1, "F4 has a picture");
        t.See("before the promised day").Press("repair", "Finding F3").See("It is a step of the job");
        t.Press("Turn over")
            .See("left and right change sides")
            .See("4 findings not seen from here")
            .Press("From its left")
            .See("seen from its left")
            .Press("From above");

        // What was found on the walk answers its place.
        t.Press("Walk")
            .Press("Rudder: hinge line")
            .Press("something is wrong")
            .See("What is wrong here?")
            .Press("crack", "kind")
            .Fill("Longest extent, mm", "4")
            .Press("Record the finding")
            .See("F5");
        Assert.Equal(WalkAnswer.Finding, State().Walk["hinge/rudder"].Answer);

        // The claim: gathered by itself, one line taken out, sent into the outbox, answered, parts arrived.
        t.Press("Claim").See("10 days left").See("1 × Spinner with collet, bag D");
        t.Find(By.XPath("//label[contains(., 'F5')]//input")).Click();
        t.Fill("what is asked for", "Parts by Friday, please.")
            .Act("Send the claim: 6 lines")
            .See("Claim 1 to Fenwater Trade");
        var mail = Assert.Single(Directory.GetFiles(application.Outbox, $"{job}-*"));
        Assert.EndsWith($"{job}-claim-1.eml", mail, StringComparison.Ordinal);
        var text = await File.ReadAllTextAsync(mail, TestContext.Current.CancellationToken);
        Assert.Contains("To: Fenwater Trade <claims@fenwater.invalid>", text, StringComparison.Ordinal);
        Assert.Contains("application/pdf", text, StringComparison.Ordinal);
        Assert.Contains("F4-1.jpg", text, StringComparison.Ordinal);
        Assert.DoesNotContain("Quill", text, StringComparison.Ordinal);
        Assert.Equal("%PDF"u8.ToArray(), application.Blob(State().Claims[0].LetterHash)!.Bytes[..4]);
        t.Fill("What they wrote about claim 1", "On its way.")
            .Press("accepted in part", "Answer to claim 1")
            .See("accepted in part: On its way.");
        t.Press("The parts arrived").See("The parts are here.").Press("Parts").See("Bag B").See("open");
        Assert.False(State().CountedBags.ContainsKey("B"));
        Assert.Empty(t.Complaints());
        File.Delete(picture);
    }

    [Fact]
    public async Task The_same_by_keyboard_alone()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/unpack?room=parts").See("Machine screw 3 × 12 mm");
        UnpackState State() => application.Job("J-0150").State.Unpack;
        var sequence = application.Job("J-0150").State.Seq;

        // Digits belong to the count: one more wheel collar, then taken back.
        t.Reach("Bag D", Keys.Enter).Reach("Wheel collar", Keys.Enter).See("3 of 4");
        t.Reach("Several at once", "1", Keys.Enter).See("4 of 4").Reach("undo", Keys.Enter).See("3 of 4");

        // A fourth finding, of a fourth grade.
        t.Reach("Parts", Keys.ArrowRight, Keys.ArrowRight)
            .See("F3")
            .Reach("Record a finding", Keys.Enter)
            .See("What is wrong here?");
        t.Reach("on", "fuselage")
            .Pick("about", "decal")
            .Pick("kind", "scuff")
            .Reach("Longest extent", "15")
            .See("cosmetic")
            .Reach("Record the finding", Keys.Enter)
            .See("F4");
        Assert.Equal(4, State().Findings.Select(f => f.Grading.Grade).Distinct().Count());

        t.Reach("Findings", Keys.ArrowRight)
            .See("what is asked for")
            .Reach("what is asked for", "New parts.")
            .Reach("Send the claim", Keys.Enter)
            .See("Claim 1 to Fenwater Trade");
        t.Reach("What they wrote about claim 1", "Sent today.")
            .Reach("accepted", Keys.Enter)
            .See("accepted: Sent today.")
            .Reach("The parts arrived", Keys.Enter)
            .See("The parts are here.");
        Assert.Equal(ClaimAnswerKind.Accepted, State().Claims[0].Answer!.Kind);
        Assert.Single(Directory.GetFiles(application.Outbox, "J-0150-*"));
        Assert.True(application.Job("J-0150").State.Seq >= sequence + 6);
    }

    [Fact]
    public async Task A_screw_in_hand_is_judged_by_the_rule_and_drawn_at_true_size()
    {
        await using var application = await Application.Start();
        using var t = new Technician(application.Url).SignIn();
        t.Go("/jobs/J-0150/unpack?room=parts")
            .Press("Bag B")
            .Press("Machine screw 3 × 12 mm")
            .Press("another screw in hand");
        t.See("exactly 50 mm");
        t.Execute<object>(
            "const r = document.querySelector('input[type=range]'); "
                + "Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(r, 4); "
                + "r.dispatchEvent(new Event('input', { bubbles: true }))"
        );
        t.Press("it is 50 mm").DoNotSee("exactly 50 mm");
        t.Fill("thread", "3").Fill("length, mm", "10").See("It will not do.").See("too short");
        t.Fill("length, mm", "14").See("It will do.").See("in hand, 3 × 14");
        var width = t.Execute<object>(
            "return Number([...document.querySelectorAll('[aria-label=Substitute] li "
                + "svg')].at(-1).getAttribute('width'))"
        );
        Assert.Equal(
            (14 + (3 * 0.6)) * 4 + 4,
            Convert.ToDouble(width, System.Globalization.CultureInfo.InvariantCulture),
            1
        );
        t.Fill("how many", "2").Press("Take them as substitutes").See("accepted by R. Vane");
        Assert.Equal(12, application.Job("J-0150").State.Unpack.CountOf("screw-m3x12"));
    }

    [Fact]
    public async Task Two_people_count_one_bag_and_both_see_every_count()
    {
        await using var application = await Application.Start();
        using var one = new Technician(application.Url).SignIn();
        using var two = new Technician(application.Url).SignIn("I. Thorne");
        foreach (var t in new[] { one, two })
        {
            t.Go("/jobs/J-0154/unpack?room=parts")
                .See("Bag B")
                .Press("Bag B")
                .Press("Machine screw 2 × 8 mm")
                .See("0 of 8");
        }

        for (var i = 0; i < 2; i++)
        {
            one.Press("One Machine screw 2 × 8 mm more");
            two.Fill("Several at once", "2").Press("add");
        }

        one.See("6 of 8");
        two.See("6 of 8");
        Assert.Equal(6, application.Job("J-0154").State.Unpack.CountOf("screw-m2x8"));
    }

    /// <summary>A picture as a camera would send it.</summary>
    internal static string SmallPicture()
    {
        var file = Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid():N}.jpg");
        using var bitmap = new SkiaSharp.SKBitmap(640, 480);
        using var canvas = new SkiaSharp.SKCanvas(bitmap);
        canvas.Clear(SkiaSharp.SKColors.SlateGray);
        using var image = SkiaSharp.SKImage.FromBitmap(bitmap);
        using var data = image.Encode(SkiaSharp.SKEncodedImageFormat.Jpeg, 90);
        File.WriteAllBytes(file, data.ToArray());
        return file;
    }
}
