using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Bind;

/// <summary>Two plugs changed places, because what they feed answered each other's channel.</summary>
/// <param name="One">The sheet's id of a servo or unit; <paramref name="Other"/> likewise.</param>
public sealed record PlugsSwapped(string One, string Other) : EntryBody, IPowered
{
    /// <summary>No plug is moved under power.</summary>
    public PowerState Needs(JobState state) => PowerState.Unpowered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        One == Other ? new Refusal("bind/plugs", "Two plugs change places, not one.", "body.other")
        : Ends(state).Length < 2
            ? new Refusal(
                "bind/plugs",
                $"There is no such plug; there are {string.Join(", ", All(state).Select(e => e.Id))}.",
                Find(state, One) is null ? "body.one" : "body.other"
            )
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.Disturb(
            entry,
            Say(state),
            DisturbanceMatrix.PlugsMoved(state.Sheet, Ends(state).SelectMany(e => e.Moves))
        );

    public override string Say(JobState state) =>
        $"Plugs of {string.Join(" and ", new[] { One, Other }.Select(id => Find(state, id)?.Name ?? id))} "
        + "changed places";

    private SignalEnd[] Ends(JobState state) => [.. All(state).Where(e => e.Id == One || e.Id == Other)];

    private static SignalEnd? Find(JobState state, string id) => All(state).FirstOrDefault(e => e.Id == id);

    private static IEnumerable<SignalEnd> All(JobState state) =>
        state.The<ISignals>().Signals(state).SelectMany(s => s.Ends);
}
