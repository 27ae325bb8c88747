using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Bind;

/// <summary>It was called, and somebody saw what it does.</summary>
/// <param name="Output">An <see cref="UnknownOutput"/>.</param>
/// <param name="Seen">What moved, lit or turned, and which way.</param>
/// <param name="AsItShould">Whether that is what it should do.</param>
public sealed record CalledSeen(string Output, string Seen, bool AsItShould) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Powered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        UnknownOutputs.Of(state.Sheet).All(o => o.Id != Output)
            ? new Refusal("bind/output", $"The sheet leaves nothing open about \"{Output}\".", "body.output")
            : Texts.Reason(Seen, "body.seen", "Say what it was seen to do.")
                ?? (
                    state.Bind.Bound is null
                        ? new Refusal("bind/not-bound", "Bind first; it is called afterwards.")
                        : null
                );

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Bind with
            {
                Called = state.Bind.Called.SetItem(
                    Output,
                    new CalledShown(
                        Seen.Trim(),
                        AsItShould,
                        Evidence.Of(entry, state.Bind.Called.GetValueOrDefault(Output)?.Evidence.Attempt + 1 ?? 1)
                    )
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new CalledId(Output).Written];

    public override string Say(JobState state) =>
        $"Called {Output}: {Seen.Trim()}{(AsItShould ? "" : ", not as it should")}";
}

/// <summary>What an output was seen to do when it was called.</summary>
public sealed record CalledShown(string Seen, bool AsItShould, Evidence Evidence);
