using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Store;

namespace Zygotome.Bench;

/// <summary>
/// What a job of 100 entries keeps in memory once it is read from its bytes: <c>bench/run retained</c>. Counted over
/// many, after a full collection; before and after its ledger was asked for.
/// </summary>
internal static class Retained
{
    private const int Jobs = 500;

    public static void Run()
    {
        var (journal, asOf) = LongJob.Of(100);
        var bytes = journal.Select(e => Envelope.Write(e, Stages.Kinds)).ToArray();
        _ = Read(bytes);
        var kept = new JobState[Jobs];
        var before = GC.GetTotalMemory(forceFullCollection: true);
        for (var i = 0; i < Jobs; i++)
        {
            kept[i] = Read(bytes);
        }

        Say("read from its bytes", before);
        foreach (var job in kept)
        {
            _ = Ledger.Of(job, asOf);
        }

        Say("after its ledger was asked for", before);
        Console.WriteLine($"bytes on file: {bytes.Sum(b => b.Length) / 1024.0:0.0} KiB");
        GC.KeepAlive(kept);
    }

    private static JobState Read(byte[][] journal) =>
        Replay.Of(Stages.Unopened(Shop.Sheet), (Log<Entry>)[.. journal.Select(b => Envelope.Read(b, Stages.Kinds))]);

    private static void Say(string when, long before) =>
        Console.WriteLine(
            $"a job of 100 entries, {when}: "
                + $"{(GC.GetTotalMemory(forceFullCollection: true) - before) / 1024.0 / Jobs:0.0} KiB"
        );
}
