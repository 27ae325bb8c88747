using BenchmarkDotNet.Attributes;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;

namespace Zygotome.Bench;

/// <summary>
/// A job of 1,000 entries from its journal to its ledger: what opening a screen costs when nothing is kept.
/// </summary>
[MemoryDiagnoser]
public class ReplayAndLedger
{
    private Entry[] _journal = [];
    private DateTimeOffset _asOf;

    [GlobalSetup]
    public void Setup() => (_journal, _asOf) = LongJob.Of(1000);

    /// <summary>The state alone.</summary>
    [Benchmark]
    public long Replayed1000() => Replay.Of(Stages.Unopened(Shop.Sheet), _journal).Seq;

    [Benchmark]
    public int Entries1000() => Ledger.Of(Replay.Of(Stages.Unopened(Shop.Sheet), _journal), _asOf).Length;
}
