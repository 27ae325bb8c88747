using Zygotome.Core.Journal;

namespace Zygotome.Core.Throws;

/// <summary>Somebody looked which holes a pushrod sits in, against those the manual names by their place.</summary>
public sealed record HolesSeen(string Surface, bool AsSheet) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => Named.Surface(state, Surface);

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Throws with
            {
                Holes = state.Throws.Holes.SetItem(Surface, new HoleShown(AsSheet, Evidence.Of(entry))),
            }
        );

    public override IEnumerable<string> Shows() => [new SurfaceId(SurfaceAsk.Hole, Surface).Written];

    public override string Say(JobState state) =>
        $"{state.Sheet.Surface(Surface)?.Name ?? Surface}: pushrod "
        + $"{(AsSheet ? "in the holes the manual names" : "in other holes than the manual names")}";
}
