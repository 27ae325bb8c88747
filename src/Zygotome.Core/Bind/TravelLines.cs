using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>Both ends of every channel without strain, and legs that go in and out time after time.</summary>
internal static class TravelLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        foreach (var channel in EndChannels.Of(state))
        {
            var shown = state.Bind.Ends.GetValueOrDefault(channel.Name);
            yield return new Requirement(
                new EndsId(channel.Name),
                Concedable.ByLead,
                Requirement.Stands(shown?.Free),
                new EndsFacts(channel, shown)
            )
            {
                Evidence = shown?.Evidence,
                RestsOn = EndChannels.RestsOn(state, channel),
            };
        }

        foreach (var output in Cycles.Of(state.Sheet))
        {
            var shown = state.Bind.Cycles.GetValueOrDefault(output.Id);
            yield return new Requirement(
                new CyclesId(output.Id),
                Concedable.Never,
                shown is null ? Standing.NotShown
                    : !shown.Clean ? Standing.NotMet
                    : shown.Run >= Cycles.Wanted ? Standing.Met
                    : Standing.NotShown,
                new CycleFacts(output, shown)
            )
            {
                Evidence = shown?.Since,
                RestsOn = Cycles.RestsOn(output),
            };
        }
    }

    private sealed record EndsFacts(EndChannel Channel, EndsShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Both ends of {Channel.Name}",
                "reached under power, no hum",
                "",
                Shown is null ? "" : EndsShown.Words(Shown.Free, Shown.Heard),
                Shown?.Free switch
                {
                    null => "Not listened to yet.",
                    true => "Reached, and quiet there.",
                    _ => "Take its end point in until it is quiet, or free what it runs against; then listen again.",
                }
            );
    }

    private sealed record CycleFacts(OutputSpec Output, CyclesShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"{Output.Name} in and out",
                $"{Cycles.Wanted} times in a row, held up as it flies",
                "",
                Shown is null ? ""
                    : !Shown.Clean ? $"{Shown.Hung}, {BindWords.Of(Shown.Attitude)}"
                    : $"{Shown.Run} in a row",
                Shown is null ? "Not cycled yet."
                    : Shown.Clean
                        ? Shown.Attitude == Attitude.AsItFlies || Shown.Run >= Cycles.Wanted
                                ? Shown.Run >= Cycles.Wanted ? "Clean, time after time."
                                    : $"{Cycles.Wanted - Shown.Run} more, clean."
                            : "Only held up as it flies counts: otherwise its own weight helps or hinders."
                    : Shown.Attitude == Attitude.AsItFlies ? "It hung: mend it, then it starts over."
                    : "It hung, perhaps because of how it lies: hold it up as it flies, and start over."
            );
    }
}
