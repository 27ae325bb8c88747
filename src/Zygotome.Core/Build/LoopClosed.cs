using Zygotome.Core.Journal;

namespace Zygotome.Core.Build;

/// <summary>It is changed back. Closing re-plugs, and makes stale what it touches.</summary>
/// <param name="Value">What it shows now, where a value was changed: the one from before.</param>
public sealed record LoopClosed(string Loop, string Value = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Build.Loops.FirstOrDefault(l => l.Id == Loop) switch
        {
            null => new Refusal("build/loop-unknown", $"There is no open loop {Loop} in this job.", "body.loop"),
            { Closed: not null } => new Refusal("build/loop-closed", "That loop is already closed.", "body.loop"),
            { Was.Length: > 0 } loop when Same(loop.Was) != Same(Value) => new Refusal(
                "build/loop-value",
                $"It was {loop.Was} before: set it back to that, read it off, and say it here.",
                "body.value"
            ),
            _ => null,
        };

    private static string Same(string value) => value.Replace(" ", "", StringComparison.Ordinal).ToLowerInvariant();

    public override JobState Apply(JobState state, Entry entry)
    {
        var at = state.Build.Loops.FindIndex(l => l.Id == Loop);
        if (at < 0)
        {
            return state.NotSupported(entry);
        }

        var loop = state.Build.Loops[at];
        return state
            .With(state.Build with { Loops = state.Build.Loops.SetItem(at, loop with { Closed = Evidence.Of(entry) }) })
            .Disturb(entry, $"{loop.Detail}: changed back", loop.Touches);
    }

    public override IEnumerable<string> Shows() => [$"loop/{Loop}"];

    public override string Say(JobState state) =>
        $"Changed back: {state.Build.Loops.FirstOrDefault(l => l.Id == Loop)?.Detail ?? Loop}";
}
