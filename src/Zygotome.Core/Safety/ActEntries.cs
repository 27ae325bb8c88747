using Zygotome.Core.Journal;

namespace Zygotome.Core.Safety;

/// <summary>
/// An act with a state of power of its own begins, in this look. It ends with its result, with <see cref="ActEnded"/>, with
/// another act or with the look.
/// </summary>
/// <param name="Held">Needed where a motor may turn meanwhile.</param>
public sealed record ActOpened(PoweredAct Act, Holding? Held = null) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PoweredActs.Of(Act).Opens;

    public override Refusal? Admit(JobState state, Entry entry) =>
        string.IsNullOrEmpty(entry.Look)
            ? new Refusal(
                "lamps/look",
                "What is done under power is begun by somebody looking: the look is missing.",
                "look"
            )
        : PoweredActs.On(state.Sheet).All(a => a.Act != Act)
            ? new Refusal("power/no-act", $"{PoweredActs.Of(Act).Title} is nothing for this aircraft.", "body.act")
        : Held?.Admit(entry);

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Safety.Begin(
                entry,
                state.Sheet,
                new OpenAct(Act, "", PoweredActs.Of(Act).During, Held, Evidence.Of(entry))
            )
        );

    public override string Say(JobState state) =>
        $"{PoweredActs.Of(Act).Title} begun{(Held is { } h ? $", held by {h.Second.Trim()}" : "")}";
}

/// <summary>An act is over: with what was seen, or given up.</summary>
/// <param name="Seen">What was seen; empty where it was given up before its state was reached.</param>
public sealed record ActEnded(PoweredAct Act, string Seen = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Safety.Act is not { } open || open.Act != Act
            ? new Refusal("power/not-open", $"{PoweredActs.Of(Act).Title} is not open.", "body.act")
        : Seen.Trim().Length > 0 && !open.Reached
            ? new Refusal(
                "power/not-reached",
                $"{PoweredActs.Of(Act).Do} Say so, then what was seen.",
                "lamps.transmitter"
            )
        : Texts.Fits(Seen, "body.seen");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Safety.Act?.Act == Act ? state.With(state.Safety.End(state.Sheet)) : state;

    public override string Say(JobState state) =>
        Seen.Trim().Length > 0
            ? $"{PoweredActs.Of(Act).Title}: {Seen.Trim()}"
            : $"{PoweredActs.Of(Act).Title} given up";
}
