using Zygotome.Core.Journal;

namespace Zygotome.Core.Throws;

/// <summary>Whether a surface moves freely through its whole throw by hand.</summary>
public sealed record FreedomSeen(string Surface, bool Free, string Note = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Named.Surface(state, Surface) ?? Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Throws.Freedom.TryGetValue(Surface, out var before) ? before.Evidence.Attempt + 1 : 1;
        return state.With(
            state.Throws with
            {
                Freedom = state.Throws.Freedom.SetItem(
                    Surface,
                    new FreedomShown(Free, Note, Evidence.Of(entry, attempt))
                ),
            }
        );
    }

    public override IEnumerable<string> Shows() => [new SurfaceId(SurfaceAsk.Freedom, Surface).Written];

    public override string Say(JobState state) =>
        $"{state.Sheet.Surface(Surface)?.Name ?? Surface} {(Free ? "moves freely" : "binds")}";
}
