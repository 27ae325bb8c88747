using Zygotome.Core.Journal;

namespace Zygotome.Core.Safety;

/// <summary>An act is over: with what was seen, or given up.</summary>
/// <param name="Seen">What was seen; empty where it was given up before its state was reached.</param>
public sealed record ActEnded(PoweredAct Act, string Seen = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Safety.Act is not { } open || open.Act != Act
            ? new Refusal("power/not-open", $"{PoweredActs.Of(Act).Title} is not open.", "body.act")
        : Seen.Trim().Length > 0 && !open.Reached
            ? new LampId(LampKind.Transmitter).Refused(
                "power/not-reached",
                $"{PoweredActs.Of(Act).Do} Say so, then what was seen."
            )
        : Seen.Trim().Length > 0 && open.Next(state.Sheet) is { } next
            ? new LampId(LampKind.Transmitter).Refused("power/move", $"Before what was heard: {next.Do}")
        : Texts.Fits(Seen, "body.seen");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Safety.Act?.Act == Act ? state.With(state.Safety.End(state.Sheet)) : state;

    public override string Say(JobState state) =>
        Seen.Trim().Length > 0
            ? $"{PoweredActs.Of(Act).Title}: {Seen.Trim()}"
            : $"{PoweredActs.Of(Act).Title} given up";
}
