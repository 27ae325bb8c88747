using OpenQA.Selenium;
using Xunit;
using Zygotome.Core.Quantities;
using Zygotome.Core.Throws;
using Zygotome.Tests;

namespace Zygotome.Browser.Tests;

/// <summary>A kit nobody has a sheet of: typed by keyboard from its paper, built, and released without a lie.</summary>
public sealed class TypedFromPaper
{
    // A plank with two elevons, on four pages.
    private static readonly Dictionary<string, string> Paper = new()
    {
        ["$.kit.source"] = "sheet of four pages",
        ["$.balance.configurations[0].range"] = "18 mm to 25 mm",
        ["$.balance.allUpWeight"] = "360 g to 460 g",
        ["$.radio.bind"] = "button",
        ["$.servos[0].id"] = "sv-left",
        ["$.servos[0].drives"] = "elevon-left",
        ["$.servos[0].torque"] = "1.6",
        ["$.servos[1].id"] = "sv-right",
        ["$.servos[1].drives"] = "elevon-right",
        ["$.servos[1].torque"] = "1.6",
        ["$.parts[0].id"] = "spar",
        ["$.parts[0].name"] = "Carbon spar",
        ["$.parts[0].bag"] = "A",
        ["$.parts[1].id"] = "pushrod",
        ["$.parts[1].name"] = "Pushrod with clevis",
        ["$.parts[1].bag"] = "B",
        ["$.parts[1].quantity"] = "2",
    };

    [Fact]
    public async Task A_plank_with_two_elevons_is_typed_by_keyboard_built_and_released_without_a_lie()
    {
        await using var application = await Application.Start();
        using var lead = new Technician(application.Url).SignIn("I. Thorne");
        Sheet(lead);

        using var t = lead.Another("R. Vane");
        var id = Receive(t);
        Unpack(t);
        Build(t, application);
        Bind(t);
        Throws(t, application, id);
        // The whole last look without a pointer.
        t.Switched().WithoutPointer(keys => keys.CalledOut());
        Motor(t);
        t.Carded();
        Balance(t);
        t.Stage("Check").Room("Steps", "Check").Work(application, "Every screw, clevis, latch and lead pulled");
        t.Look(("Motor wires", "on"), ("Propeller", "on"), ("Flight pack", "in bay"));
        t.WithoutPointer(keys => keys.LookedOver());
        t.Whole().Stage("Hand over").See("Everything is shown").Act("Release").See("Sealed as");
        var state = application.Job(id).State;
        Assert.All(state.Release!.Ledger, line => Assert.False(line.Open, line.Id));
        Assert.Empty(state.Concessions);
        Assert.Empty(state.Given);
        Assert.Empty(t.Complaints());
    }

    private static void Sheet(Technician t)
    {
        t.Go("/sheets").See("New sheet");
        t.Reach("New sheet", Keys.Enter).See("from the lid of the box");
        t.Reach("name of the kit", "Teal Plank 900")
            .Pick("Class", "plank")
            .Reach("span", "900")
            .Reach("length", "420")
            .Reach("empty", "330")
            .Reach("horns to fit", Keys.Space)
            .Reach("Begin the sheet", Keys.Enter)
            .See("the first revision");
        new Typist(t, Paper, new() { ["Add a servo"] = 2, ["Add a part"] = 2 }).Type(pages: 11);
        t.See("0 assumed, 0 doubted");
        t.Reach("Put it on file", Keys.Enter).See("Teal Plank 900, revision 1");
        t.Reach("I looked it through", Keys.Enter).See("Confirmed by");
    }

    private static string Receive(Technician t)
    {
        t.Press("Receive a kit")
            .See("spec sheet")
            .Fill("Find a sheet", "plank")
            .Press("Teal Plank 900")
            .Press("A new customer")
            .Fill("name", "E. Dunnock")
            .Press("Packs")
            .Fill("mass on the scale", "48")
            .Fill("length", "55")
            .Fill("width", "20")
            .Fill("height", "16")
            .Fill("cells", "2")
            .Fill("capacity", "650")
            .See("Balances")
            .Act("Take it in")
            .See("Outside of the box")
            .Fill("Volts of pack 1", "4.1 4.1")
            .Press("pack 1: measured")
            .See("4.1, 4.1 V");
        return t.Browser.Url.Split('/')[^2];
    }

    private static void Unpack(Technician t)
    {
        t.Stage("Unpack");
        foreach (var paper in new[] { "manual", "throws", "balance", "parts list" })
        {
            t.Act($"Found: {paper}");
        }

        t.Act("Bag A: all here").Act("Bag B: all here");
        FullJob.Walk(t);
    }

    private static void Build(Technician t, Application application)
    {
        t.Stage("Build");
        t.Work(application, "Join the wing halves", "slow epoxy");
        t.Wait(application, TimeSpan.FromHours(14));
        t.Work(application, "Fit the fins upright", "foam-safe contact");
        t.Wait(application, TimeSpan.FromHours(14));
        t.Work(application, "Horns and pushrods");
        t.Stage("Wire");
        t.Work(application, "Plug the receiver").Wired();
    }

    private static void Bind(Technician t)
    {
        t.ToBind().Room("Bound").Fill("model memory", "PLANK").Press("It is bound");
        t.Look(
            ("Propeller", "off"),
            ("Motor wires", "on"),
            ("Transmitter", "on, cut set"),
            ("Flight pack", "connected")
        );
        t.See("Which memory").Compared("PLANK").Room("Failsafe");
        FullJob.Failsafe(t);
        t.Room("Directions")
            .See("Aileron stick right")
            .Act("As the picture shows")
            .See("Elevator stick back")
            .Act("As the picture shows")
            .See("On to: cut");
    }

    // Each in the middle of its band, as the sheet prints it.
    private static void Throws(Technician t, Application application, string id)
    {
        t.Stage("Throws");
        var state = application.Job(id).State;
        foreach (var target in ThrowTargets.Of(state.Sheet, state.Rules))
        {
            FullJob.Choose(t, target.Name, target.Rate);
            FullJob.Type(t, Numbers.Say(Math.Round(Math.Abs(target.Band!.Middle), 1)));
        }

        foreach (var side in new[] { "Left", "Right" })
        {
            t.Fill($"{side} elevon, neutral (up is +), mm", "2" + Keys.Enter);
        }

        FullJob.Free(t);
    }

    private static void Balance(Technician t)
    {
        t.Look(("Flight pack", "in bay")).See("in bay");
        t.Stage("Balance").Press("start", "Before weighing").Press("done", "Before weighing").DoNotSee("waits for");
        (string X, string Y, string Reads)[] supports =
        [
            ("-80", "0", "191.5"),
            ("120", "-150", "94.2"),
            ("120", "150", "94.2"),
        ];
        for (var i = 0; i < 3; i++)
        {
            t.Fill($"Support {i + 1}, x", supports[i].X)
                .Fill($"Support {i + 1}, y", supports[i].Y)
                .Fill($"Support {i + 1}, grams", supports[i].Reads);
        }

        t.Fill("front of the pack, mm", "-90").Act("Record the weighing").See("It lies in the target band");
    }

    // By tape on the bare shaft, before the propeller goes on.
    private static void Motor(Technician t)
    {
        t.Stage("Bind");
        t.Look(("Propeller", "off"), ("Motor wires", "on"), ("Transmitter", "on, cut set"), ("Flight pack", "in bay"));
        t.Room("Cut")
            .Fill("the switch it is on", "left switch, away")
            .Press("Begin: try the cut")
            .PackOn()
            .Press("Every shaft stood still")
            .See("Tried with the shafts bare");
        t.Look(("Flight pack", "in bay"))
            .Room("Motors")
            .Press("Begin: tape on the bare shaft")
            .PackOn()
            .Press("Throttle is live")
            .Press("as it should")
            .See("Throttle low, cut set, before anything else.")
            .Press("Transmitter on, cut set")
            .See("Begin: tape on the bare shaft");
    }
}
