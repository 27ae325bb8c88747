using System.Collections.Immutable;
using BenchmarkDotNet.Attributes;
using Zygotome.Core.Bind;

namespace Zygotome.Bench;

/// <summary>
/// Directions of an elevon pair solved, against those of twelve channels of which every plug is one place off and every
/// second one reversed.
/// </summary>
[MemoryDiagnoser]
public class DirectionsSolved
{
    private readonly DirectionAsk _pair = Ask(2);
    private readonly DirectionAsk _twelve = Ask(12);

    [Benchmark(Baseline = true)]
    public int ElevonPair() => DirectionSolver.Solve(_pair).Length;

    [Benchmark]
    public int TwelveChannels() => DirectionSolver.Solve(_twelve).Length;

    // Pairs of mixed surfaces, each pair with two functions of its own; what one channel should do another does.
    private static DirectionAsk Ask(int channels)
    {
        static ImmutableSortedDictionary<string, int> Goes(int i) =>
            ImmutableSortedDictionary<string, int>
                .Empty.Add($"roll {i / 2}", i % 2 == 0 ? -1 : 1)
                .Add($"pitch {i / 2}", 1);
        var drives = Enumerable.Range(0, channels).ToImmutableArray();
        return new DirectionAsk(
            [.. drives.Select(i => new AskedChannel($"{i}", i + 1, i % 2 == 1))],
            [
                .. drives.Select(i => new AskedDrive(
                    $"{i}",
                    $"{i}",
                    "its plug",
                    i,
                    [new AskedPlace($"{i}", $"{i}", Goes(i))]
                )),
            ],
            drives
                .SelectMany(i => Goes(i).Keys)
                .Distinct()
                .ToImmutableSortedDictionary(
                    f => f,
                    f =>
                        drives.ToImmutableSortedDictionary(
                            i => $"{i}",
                            i => Goes((i + 1) % channels).GetValueOrDefault(f)
                        )
                )
        );
    }
}
