namespace Zygotome.Tests.Faults;

/// <summary>
/// The demo's delta whose balance went stale: changed back, answered and weighed again, so that only its release is
/// left.
/// </summary>
internal static class NearlyReady
{
    public const string Job = "J-0139";

    private static readonly string[] Calls =
    [
        "aileron/right",
        "aileron/left",
        "elevator/up",
        "elevator/down",
        "rates/low",
    ];

    private static readonly string[] Places =
    [
        "keepers/sv-l",
        "keepers/sv-r",
        "wing/wing-left",
        "wing/wing-right",
        "shut/canopy",
        "shut/hatch",
        "air/intake-right",
        "air/intake-left",
        "air/outlet",
        "loose",
        "propeller/fan/fan",
    ];

    /// <param name="loop">What was changed for now.</param>
    /// <param name="record">Records an entry of a type; the last says whether it was decided on what the screen
    /// showed.</param>
    public static async Task Finish(string loop, Func<string, object, bool, Task> record)
    {
        await record("build/loop-closed", new { loop }, false);
        await record(
            "wire/plugged",
            new
            {
                lead = "main",
                into = "receiver/3",
                signal = true,
            },
            false
        );
        // A fan is held, for its failsafe and for its airflow.
        var held = new
        {
            restrained = true,
            discClear = true,
            second = "I. Thorne",
        };
        static object One(string lamp, string of, string seen) =>
            new
            {
                lamp,
                of,
                @is = seen,
            };
        // The memory is read off the transmitter whenever a pack is connected.
        Task Say(string lamp, string seen, string of = "") =>
            record(
                "build/lamps",
                new
                {
                    said = seen == "connected"
                        ? new[] { One(lamp, of, seen), One("memory", "", "theOneBound") }
                        : [One(lamp, of, seen)],
                },
                seen == "connected"
            );
        await Say("wires", "off", "fan");
        await Say("transmitter", "cutSet");
        await Say("pack", "connected");
        foreach (var call in Calls)
        {
            await record("check/called", new { call, answer = "asExpected" }, false);
        }

        await record(
            "check/range",
            new
            {
                metres = 30,
                motor = false,
                holds = true,
            },
            false
        );
        await Say("pack", "inBay");
        await Say("wires", "on", "fan");
        await Say("transmitter", "cutSet");
        await record("bind/act-opened", new { act = "failsafe", held }, false);
        await Say("pack", "connected");
        await Say("transmitter", "off");
        await record("bind/failsafe", new { behaviour = "asDeclared", note = "" }, false);
        await Say("transmitter", "cutSet");
        await Say("pack", "inBay");
        await record("bind/act-opened", new { act = "cutProof", held }, false);
        await Say("pack", "connected");
        await record("bind/cut-proven", new { on = "left switch, away", seen = "still" }, false);
        await Say("pack", "inBay");
        await record("bind/act-opened", new { act = "motorDirection", held }, false);
        await Say("pack", "connected");
        await Say("transmitter", "live");
        await record("bind/motor-turned", new { motor = "fan", turned = "asItShould" }, false);
        await Say("transmitter", "cutSet");
        await Say("pack", "inBay");
        static object Support(string x, string y, string reading) =>
            new
            {
                x,
                y,
                reading,
            };
        var weighed = new
        {
            configuration = "as flown",
            supports = new[]
            {
                Support("60 mm", "0 mm", "551 g"),
                Support("300 mm", "-150 mm", "217 g"),
                Support("300 mm", "150 mm", "217 g"),
            },
            packFront = "-48 mm",
            propellerPlaced = false,
            level = true,
            instrument = "scales",
        };
        await record("balance/weighed", weighed, false);
        foreach (var ask in Places)
        {
            await record("check/answered", new { ask, right = true }, false);
        }

        await Run(
            "fullPowerRun",
            "fullStick",
            "check/full-power",
            new
            {
                amps = 48,
                volts = 14.2,
                seconds = 8,
            }
        );
        await Run(
            "rangeWithMotor",
            "live",
            "check/range",
            new
            {
                metres = 30,
                motor = true,
                holds = true,
            }
        );

        async Task Run(string act, string stick, string type, object seen)
        {
            await record("bind/act-opened", new { act, held }, false);
            await Say("pack", "connected");
            await Say("transmitter", stick);
            await record(type, seen, false);
            await Say("transmitter", "cutSet");
            await Say("pack", "inBay");
        }
    }
}
