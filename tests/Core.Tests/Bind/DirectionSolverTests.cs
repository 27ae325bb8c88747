using Xunit;
using Zygotome.Core.Bind;

namespace Zygotome.Core.Tests.Bind;

/// <summary>Which way everything goes, solved from one round of observations.</summary>
public sealed class DirectionSolverTests
{
    private static Dictionary<string, int> Goes(params (string Function, int Sign)[] way) =>
        way.ToDictionary(w => w.Function, w => w.Sign);

    private static DirectionWorld Pair(string left, string right, string one, string other, int inverted = 1) =>
        new(
            [left, right],
            [(left, 0, [left]), (right, 1, [right])],
            new() { [left] = Goes((one, -inverted), (other, 1)), [right] = Goes((one, inverted), (other, 1)) }
        );

    private static readonly Dictionary<string, Func<DirectionWorld>> Aircraft = new()
    {
        ["elevons"] = () => Pair("elevon left", "elevon right", "aileron", "elevator"),
        ["flaperons"] = () => Pair("flaperon left", "flaperon right", "aileron", "flap"),
        ["V-tail"] = () => Pair("ruddervator left", "ruddervator right", "rudder", "elevator", -1),
        ["inverted V-tail"] = () => Pair("ruddervator left", "ruddervator right", "rudder", "elevator"),
        ["four-surface brakes"] = () =>
            new(
                ["outer left", "outer right", "inner left", "inner right"],
                [
                    ("outer left", 0, ["outer left"]),
                    ("outer right", 1, ["outer right"]),
                    ("inner left", 2, ["inner left"]),
                    ("inner right", 3, ["inner right"]),
                ],
                new()
                {
                    ["outer left"] = Goes(("aileron", -1), ("airbrake", 1)),
                    ["outer right"] = Goes(("aileron", 1), ("airbrake", 1)),
                    ["inner left"] = Goes(("aileron", -1), ("flap", -1), ("airbrake", -1)),
                    ["inner right"] = Goes(("aileron", 1), ("flap", -1), ("airbrake", -1)),
                }
            ),
        ["a channel each"] = () =>
            new(
                ["aileron", "aileron 2", "elevator", "rudder"],
                [
                    ("sv-ail-l", 0, ["aileron-left"]),
                    ("sv-ail-r", 1, ["aileron-right"]),
                    ("sv-ele", 2, ["elevator"]),
                    ("sv-rud", 3, ["rudder", "water-rudder"]),
                ],
                new()
                {
                    ["aileron-left"] = Goes(("aileron", -1)),
                    ["aileron-right"] = Goes(("aileron", 1)),
                    ["elevator"] = Goes(("elevator", 1)),
                    ["rudder"] = Goes(("rudder", 1)),
                    ["water-rudder"] = Goes(("rudder", 1)),
                }
            ),
        ["Y-leads"] = () =>
            new(
                ["aileron", "rudder"],
                [
                    ("sv-ail-l", 0, ["aileron-left"]),
                    ("sv-ail-r", 0, ["aileron-right"]),
                    ("sv-rud", 1, ["rudder"]),
                    ("sv-wheel", 1, ["tail-wheel"]),
                ],
                new()
                {
                    ["aileron-left"] = Goes(("aileron", -1)),
                    ["aileron-right"] = Goes(("aileron", 1)),
                    ["rudder"] = Goes(("rudder", 1)),
                    ["tail-wheel"] = Goes(("rudder", 1)),
                }
            ),
    };

    public static TheoryData<string> All => [.. Aircraft.Keys];

    [Theory]
    [MemberData(nameof(All))]
    public void Whatever_is_plugged_reversed_or_turned_wrongly_one_round_of_advice_makes_every_function_right(string of)
    {
        var worlds = 0;
        foreach (var world in DirectionWorld.Every(Aircraft[of]).Where(w => of != "Y-leads" || Unmoved(w)))
        {
            worlds++;
            var was = world.IsRight;
            var advice = DirectionSolver.Solve(world.Ask());
            Assert.All(advice, a => Assert.True(a.Settles || a.Fixes.IsEmpty, a.Line));
            Assert.Equal(was, advice.All(a => a.Fixes.IsEmpty));
            foreach (var one in advice)
            {
                Assert.True(world.Take(one));
            }

            // Two channels of one function look alike until one of them is reversed: crossed, that takes two more.
            var crossed = of == "a channel each" && (world.Plugs["sv-ail-l"], world.Plugs["sv-ail-r"]) == (1, 0);
            for (var look = 0; crossed && look < 2; look++)
            {
                Assert.All(DirectionSolver.Solve(world.Ask()), a => Assert.True(world.Take(a)));
            }

            Assert.True(world.IsRight, string.Join("; ", advice.Select(a => a.Line)));
            Assert.All(DirectionSolver.Solve(world.Ask()), a => Assert.Empty(a.Fixes));
        }

        Assert.True(worlds >= 32);
    }

    // Halves of one Y-lead in each other's place are the same wiring.
    private static bool Unmoved(DirectionWorld world) => world.Plugs["sv-ail-l"] == 0 && world.Plugs["sv-ail-r"] == 0;

    [Theory]
    [InlineData("elevons")]
    [InlineData("flaperons")]
    [InlineData("V-tail")]
    [InlineData("inverted V-tail")]
    public void Exactly_one_of_the_eight_set_ups_of_a_mixed_pair_is_right(string of)
    {
        foreach (var world in DirectionWorld.Every(Aircraft[of]))
        {
            var setUps = Assert.Single(DirectionSolver.Solve(world.Ask())).SetUps!;
            Assert.Equal(8, setUps.All.Length);
            Assert.Single(setUps.All, s => s.IsRight);
            Assert.Equal(world.IsRight, setUps.Right == setUps.Now);
            Assert.False(setUps.All[setUps.Right!.Value].Crossed);
        }
    }

    [Theory]
    [InlineData("elevons")]
    [InlineData("V-tail")]
    public void Where_both_rows_of_the_mix_agree_no_set_up_is_right_and_the_mix_is_named(string of)
    {
        foreach (var world in DirectionWorld.Every(Aircraft[of]).Where(w => w.Plugs.Values.SequenceEqual([0, 1])))
        {
            var turned = world.Mix[1].Keys.First();
            world.Mix[1][turned] *= -1;
            var advice = Assert.Single(DirectionSolver.Solve(world.Ask()));
            var fix = Assert.Single(advice.Fixes);
            Assert.Equal(FixKind.Mix, fix.Kind);
            Assert.False(advice.Settles);
            Assert.Null(advice.SetUps!.Right);
            Assert.DoesNotContain(advice.SetUps.All, s => s.IsRight);
        }
    }

    [Fact]
    public void A_radio_that_has_one_row_of_the_mix_the_other_way_round_takes_a_second_look_and_no_third()
    {
        foreach (var world in DirectionWorld.Every(Aircraft["elevons"]))
        {
            foreach (var function in world.Mix[1].Keys.ToArray())
            {
                world.Mix[1][function] *= -1;
            }

            for (var round = 0; round < 2 && !world.IsRight; round++)
            {
                Assert.True(world.Take(Assert.Single(DirectionSolver.Solve(world.Ask()))));
            }

            Assert.True(world.IsRight);
        }
    }

    [Fact]
    public void With_one_stick_alone_a_wrong_elevon_asks_for_the_other_stick_too()
    {
        foreach (var world in DirectionWorld.Every(Aircraft["elevons"]))
        {
            var right = new[] { "elevon left", "elevon right" }.All(p =>
                world.Moves(p, "aileron") == (p == "elevon left" ? -1 : 1)
            );
            var advice = Assert.Single(DirectionSolver.Solve(world.Ask("aileron")));
            Assert.Equal(right ? [] : [FixKind.CallToo], advice.Fixes.Select(f => f.Kind));
            Assert.All(advice.Fixes, f => Assert.Equal("elevator", f.Of));
            Assert.Null(advice.SetUps);
        }
    }

    [Fact]
    public void What_never_moved_is_sent_to_its_plug_and_nothing_else_is_advised_of_it()
    {
        foreach (var dead in new[] { "sv-ail-l", "sv-ele", "sv-rud" })
        {
            var world = Aircraft["a channel each"]();
            world.Plugs[dead] = -1;
            var fix = Assert.Single(DirectionSolver.Solve(world.Ask()).SelectMany(a => a.Fixes));
            Assert.Equal((FixKind.Plug, dead), (fix.Kind, fix.Of));
            Assert.Contains("its plug", fix.Words, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void Half_of_a_Y_lead_that_stands_still_is_named_by_that_half()
    {
        var world = Aircraft["Y-leads"]();
        world.Plugs["sv-ail-r"] = -1;
        var fix = Assert.Single(DirectionSolver.Solve(world.Ask()).SelectMany(a => a.Fixes));
        Assert.Equal((FixKind.Plug, "sv-ail-r"), (fix.Kind, fix.Of));
    }

    [Fact]
    public void A_water_rudder_that_stands_still_beside_a_rudder_that_moves_is_a_rod_and_no_plug()
    {
        var world = Aircraft["a channel each"]();
        world.Natural["water-rudder"] = 0;
        var fix = Assert.Single(DirectionSolver.Solve(world.Ask()).SelectMany(a => a.Fixes));
        Assert.Equal((FixKind.Rod, "water-rudder"), (fix.Kind, fix.Of));
    }

    [Fact]
    public void A_rudder_that_follows_the_ailerons_too_is_a_mix_to_take_out()
    {
        var world = Aircraft["a channel each"]();
        world.Mix[3]["aileron"] = 1;
        var fix = Assert.Single(DirectionSolver.Solve(world.Ask()).SelectMany(a => a.Fixes));
        Assert.Equal((FixKind.Mix, "aileron"), (fix.Kind, fix.Of));
        Assert.Contains("levelling", fix.Or, StringComparison.Ordinal);
    }

    [Fact]
    public void One_servo_that_answers_two_sticks_in_ways_that_cannot_both_be_is_looked_at_again()
    {
        var world = new DirectionWorld(
            ["v", "w"],
            [("sv", 0, ["one", "two"]), ("sw", 1, ["three"])],
            new()
            {
                ["one"] = Goes(("rudder", 1), ("elevator", 1)),
                ["two"] = Goes(("rudder", 1), ("elevator", 1)),
                ["three"] = Goes(("rudder", -1), ("elevator", 1)),
            }
        );
        var ask = world.Ask();
        var seen = ask.Seen.SetItem("rudder", ask.Seen["rudder"].SetItem("two", -1));
        var fix = Assert.Single(DirectionSolver.Solve(ask with { Seen = seen }).SelectMany(a => a.Fixes));
        Assert.Equal(FixKind.LookAgain, fix.Kind);
        Assert.Contains("one and two", fix.Words, StringComparison.Ordinal);
    }

    [Fact]
    public void An_arm_is_turned_while_that_is_cheap_and_a_free_channel_taken_once_throws_were_measured()
    {
        var world = Aircraft["Y-leads"]();
        var ask = world.Ask() with { FreePorts = 2 };
        var before = Assert.Single(DirectionSolver.Solve(ask).SelectMany(a => a.Fixes));
        Assert.Equal(FixKind.ArmSide, before.Kind);
        Assert.Contains("free channel", before.Or, StringComparison.Ordinal);

        var measured = ask with { Drives = [.. ask.Drives.Select(d => d with { WasMeasured = true })] };
        var after = Assert.Single(DirectionSolver.Solve(measured).SelectMany(a => a.Fixes));
        Assert.Equal(FixKind.OwnChannel, after.Kind);
        Assert.Contains("measure again", after.Or, StringComparison.Ordinal);
    }

    [Fact]
    public void Nothing_seen_is_no_advice_and_whatever_is_seen_breaks_nothing()
    {
        var ask = Aircraft["a channel each"]().Ask();
        Assert.Empty(DirectionSolver.Solve(ask with { Seen = ask.Seen.Clear() }));
        Assert.Empty(DirectionSolver.Solve(new DirectionAsk([], [], ask.Seen)));

        // Every picture somebody may tap, the impossible ones included.
        var places = ask.Seen["rudder"].Keys.ToArray();
        for (var picture = 0; picture < Math.Pow(3, places.Length); picture++)
        {
            var seen = ask.Seen["rudder"];
            for (var (i, left) = (0, picture); i < places.Length; i++, left /= 3)
            {
                seen = seen.SetItem(places[i], (left % 3) - 1);
            }

            var advice = DirectionSolver.Solve(ask with { Seen = ask.Seen.SetItem("rudder", seen) });
            Assert.All(advice, a => Assert.All(a.Fixes, f => Assert.NotEmpty(f.Words)));
        }
    }
}
