using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Check;

/// <summary>It rolled under its own power, somebody at the tail until it did.</summary>
/// <param name="Right">It ran straight, steered, and stopped.</param>
/// <param name="Seen">What it did otherwise.</param>
public sealed record Taxied(bool Right, string Seen = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Of(PoweredAct.Taxi);

    public override Refusal? Admit(JobState state, Entry entry) =>
        !CheckLines.Rolls(state.Sheet) ? new Refusal("check/no-taxi", "This aircraft does not roll by itself.")
        : Right ? Texts.Fits(Seen, "body.seen")
        : Texts.Reason(Seen, "body.seen", "Say what it did.");

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Safety.Act?.Act == PoweredAct.Taxi ? state.Safety.End(state.Sheet) : state.Safety)
            .With(
                state.Check with
                {
                    Taxi = new TaxiShown(this, Evidence.Of(entry, state.Check.Taxi?.Evidence.Attempt + 1 ?? 1)),
                }
            );

    public override IEnumerable<string> Shows() => [new TaxiId().Written];

    public override string Say(JobState state) => $"Taxi: {Words}";

    internal string Words =>
        Right ? $"straight, steers, stops{(Seen.Trim().Length > 0 ? $", {Seen.Trim()}" : "")}" : Seen.Trim();
}
