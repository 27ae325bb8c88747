using BenchmarkDotNet.Attributes;
using Zygotome.Core.Wire;

namespace Zygotome.Bench;

/// <summary>A port map of sixteen ports, laid, against one of eight, and one that is four ports short.</summary>
[MemoryDiagnoser]
public class PortsLaid
{
    private static readonly string[] Commands =
    [
        "aileron",
        "elevator",
        "throttle",
        "rudder",
        "flap",
        "gear",
        "brakes",
        "lights",
        "bay doors",
        "hook",
    ];

    private readonly PortAsk _eight = Ask(8, 8);
    private readonly PortAsk _sixteen = Ask(22, 16);
    private readonly PortAsk _short = Ask(22, 6);

    [Benchmark(Baseline = true)]
    public int EightPorts() => PortMaps.Ranked(_eight).Length;

    [Benchmark]
    public int SixteenPorts() => PortMaps.Ranked(_sixteen).Length;

    [Benchmark]
    public int FourPortsShort() => PortMaps.Ranked(_short).Length;

    // Every third goes the other way, so that pairs compete for ports.
    private static PortAsk Ask(int plugs, int ports) =>
        new(
            [
                .. Enumerable
                    .Range(0, plugs)
                    .Select(i => new Plug($"{i}", $"{i}", Commands[i % Commands.Length], [$"{i}"])
                    {
                        Turn = i % 3 == 0 ? -1 : 1,
                        Unit = Commands[i % Commands.Length],
                        Stall = 0.9,
                    }),
            ],
            ports
        )
        {
            Usual = ["aileron", "elevator", "throttle", "rudder"],
        };
}
