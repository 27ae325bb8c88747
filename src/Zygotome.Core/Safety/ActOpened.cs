using Zygotome.Core.Journal;

namespace Zygotome.Core.Safety;

/// <summary>
/// An act with a state of power of its own begins, in this look. It ends with its result, with <see cref="ActEnded"/>,
/// with another act or with the look.
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
        : PoweredActs.Of(Act).AfterCut && !state.The<ILinked>().CutHolds(state)
            ? new Refusal(
                "power/cut",
                "Throttle cut first: tried with the stick all the way up, the shafts bare. A cut that nobody tried "
                    + "does not stop a motor.",
                "act"
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
