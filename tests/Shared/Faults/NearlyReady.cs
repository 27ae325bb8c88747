namespace Zygotome.Tests.Faults;

/// <summary>
/// The demo's delta whose balance went stale: changed back, answered and weighed again, so that only its release is
/// left.
/// </summary>
internal static class NearlyReady
{
    public const string Job = "J-0139";

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
    }
}
