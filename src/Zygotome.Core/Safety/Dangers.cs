using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Safety;

/// <summary>Something dangerous that was said. It stays until what it says is done.</summary>
/// <param name="Code">Of the refusal of everything that goes on under power.</param>
/// <param name="Now">What to do now, as the hands do it.</param>
/// <param name="Remedies">The words that say it is done, any of them.</param>
public sealed record Danger(string Code, string Now, LampId Where, ImmutableArray<Remedy> Remedies)
{
    /// <summary>It is how an act ends, and comes before anything else; nobody made a mistake.</summary>
    public bool Follows { get; init; }

    public Refusal Refusal => Where.Refused(Code, Now);
}

/// <summary>What puts a danger right, once it is done, as the lamps then say it.</summary>
public sealed record Remedy(string Words, LampsSaid Said);

/// <summary>
/// What is dangerous in what was said last, in whatever look: words that were true are taken, and answered with what to
/// do.
/// </summary>
public static class Dangers
{
    /// <summary>What is dangerous as last said, most urgent first; none while all is well.</summary>
    public static IEnumerable<Danger> Of(JobState state) =>
        state.Safety.Ended is { } act
            ? Found(state).OrderBy(d => d.Code == MotorReady).Select(d => Following(d, PoweredActs.Of(act)))
            : Found(state);

    // After an act the stick comes first, then the pack.
    private static Danger Following(Danger danger, ActSpec act) =>
        danger with
        {
            Follows = true,
            Now = danger.Code == MotorReady ? "Now the pack off, from behind, clear of the disc." : act.Afterwards,
        };

    private const string MotorReady = "danger/motor-ready";

    private static IEnumerable<Danger> Found(JobState state)
    {
        var (safety, sheet) = (state.Safety, state.Sheet);
        var packs = LampBoard.Packs(sheet);
        if (!safety.Connected(sheet))
        {
            yield break;
        }

        var connected = packs.Where(p => safety.Last(p) == LampIs.Connected).ToArray();
        var transmitter = new LampId(LampKind.Transmitter);
        var motor = LampBoard.HasMotor(sheet);
        var packOff = new Remedy(
            packs.Length == 1 ? "The pack is off" : "The packs are off",
            LampsSaid.Of(connected.Select(p => (p, LampIs.InBay)))
        );
        var cutSet = new Remedy(
            motor ? "Transmitter on, cut set" : "Transmitter on",
            LampsSaid.Of((transmitter, LampIs.CutSet))
        );
        if (safety.Readied)
        {
            yield return new Danger(
                MotorReady,
                "Disconnect the pack now, from behind, clear of the disc. A propeller can turn.",
                connected[0],
                [packOff]
            );
        }

        if (state.Aboard.PackUnfit is { Length: > 0 } unfit)
        {
            yield return new Danger(
                "danger/pack-unfit",
                $"Disconnect the pack now ({unfit}); keep it apart, on something that does not burn.",
                connected[0],
                [packOff]
            );
        }

        if (
            safety.Last(new(LampKind.Memory)) == LampIs.Another
            && safety.Transmitter != LampIs.Off
            && state.The<ILinked>().BoundMemory is { Length: > 0 } bound
        )
        {
            yield return new Danger(
                "danger/another-memory",
                $"Another aircraft's memory, pack connected: disconnect the pack now, then choose {bound}.",
                connected[0],
                [packOff]
            );
        }

        var allowed = safety.Act?.During.Transmitter ?? [];
        if (safety.Transmitter == LampIs.Off && !allowed.Contains(LampIs.Off) && !PowerOrder.Of(sheet).PackFirst)
        {
            yield return new Danger(
                "danger/transmitter-off",
                motor
                    ? "Transmitter off, pack connected: keep clear of the discs. Transmitter on, cut set; or "
                        + "disconnect the "
                        + "pack."
                    : "Transmitter off, pack connected: switch it on, or disconnect the pack.",
                transmitter,
                [cutSet, packOff]
            );
        }

        if (safety.Transmitter is LampIs.Live or LampIs.FullStick && motor && !allowed.Contains(safety.Transmitter))
        {
            yield return new Danger(
                "danger/cut-released",
                "The throttle is live and the pack connected: throttle low now, and set the cut.",
                transmitter,
                [cutSet]
            );
        }

        if (
            PowerOrder.Of(sheet).Packs
            && packs.SkipWhile(p => safety.Last(p) == LampIs.Connected).Any(p => safety.Last(p) == LampIs.Connected)
        )
        {
            yield return new Danger(
                "danger/pack-order",
                $"Pack {connected[^1].Of} is connected without the one before it: disconnect it now.",
                connected[^1],
                [packOff]
            );
        }
    }
}
