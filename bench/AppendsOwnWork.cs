using BenchmarkDotNet.Attributes;
using Zygotome.Core.Build;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;
using Zygotome.Store;

namespace Zygotome.Bench;

/// <summary>
/// What an append costs beside the database, one entry after another to a job of 300: admission, its bytes, their place
/// in the chain, the next state.
/// </summary>
[MemoryDiagnoser]
public class AppendsOwnWork
{
    private JobState _state = Stages.Unopened(Shop.Sheet);
    private Entry _entry = null!;

    [Params(nameof(ThrowRead), nameof(LinkageMoved), nameof(Counted), nameof(FindingRaised))]
    public string Kind { get; set; } = "";

    [GlobalSetup]
    public void Setup()
    {
        var (journal, _) = LongJob.Of(400);
        _state = Replay.Of(Stages.Unopened(Shop.Sheet), journal[..299]);
        _entry = journal[300..].First(e => e.Body.GetType().Name == Kind) with { Seq = 301 };

        // Measured under power, in the look that says so.
        var lamps = LampBoard
            .Of(Shop.Sheet)
            .Select(l =>
                (
                    l.Id,
                    l.Id.Kind switch
                    {
                        LampKind.Propeller => LampIs.Off,
                        LampKind.Wires => LampIs.On,
                        LampKind.Transmitter => LampIs.CutSet,
                        LampKind.Memory => LampIs.TheOneBound,
                        _ => LampIs.Connected,
                    }
                )
            );
        _state = Replay.Add(_state, _entry with { Seq = 300, Body = LampsSaid.Of(lamps), EntryId = "lamps" });
    }

    [Benchmark]
    public long Append()
    {
        if (!Admission.Ask(_state, _entry, _state.Seq).Ok)
        {
            throw new InvalidOperationException($"{Kind} is refused.");
        }

        var bytes = Envelope.Write(_entry, Stages.Kinds);
        return Replay.Add(_state, _entry).Seq + Envelope.Chain(Envelope.Beginning, bytes).Length;
    }
}
