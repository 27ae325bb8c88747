using Zygotome.Tests;

namespace Zygotome.Server.Tests;

/// <summary>A job of the demo brought to where only its release is left.</summary>
internal static class NearlyReady
{
    /// <summary>The delta whose balance went stale: changed back, answered, weighed again.</summary>
    public static async Task Finish(Application application, Api client)
    {
        const string Job = "J-0139";
        var loop = application.Job(Job).State.Build.Loops.Single().Id;
        await client.Record(Job, "build/loop-closed", new { loop });
        await client.Power(Job, "wiresOff");
        await client.Record(Job, "bind/failsafe", new { behaviour = "asDeclared", note = "" });
        await client.Record(Job, "build/pack", new { state = "inBay" });
        static object Support(string x, string y, string reading) =>
            new
            {
                x,
                y,
                reading,
            };
        await client.Record(
            Job,
            "balance/weighed",
            new
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
            }
        );
    }
}
