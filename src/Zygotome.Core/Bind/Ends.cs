using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>A channel that moves something by a servo or a unit, as far as it goes both ways.</summary>
/// <param name="Name">As its reversing is known.</param>
/// <param name="Moves">Surfaces and outputs, by id.</param>
public sealed record EndChannel(string Name, ImmutableArray<string> Moves);

/// <summary>Channels whose both ends are listened to under power.</summary>
public static class EndChannels
{
    /// <summary>In the order of the ports; lights, cameras and motors have no ends that strain. Total.</summary>
    public static ImmutableArray<EndChannel> Of(JobState state) =>
        [
            .. from signal in state.The<ISignals>().Signals(state)
            let moves = signal.Ends.SelectMany(e => e.Moves).Where(m => Strains(state.Sheet, m)).Distinct()
            where moves.Any()
            group moves by signal.Name into named
            select new EndChannel(named.Key, [.. named.SelectMany(m => m).Distinct()]),
        ];

    private static bool Strains(SpecSheet sheet, string of) =>
        sheet.Surface(of) is not null || sheet.Output(of) is { IsVital: true, TurnsMotors: false };

    /// <summary>Which way, how far and by what it goes: link, reversing, end points, linkage.</summary>
    internal static Rests RestsOn(JobState state, EndChannel channel)
    {
        var surfaces = channel.Moves.Select(state.Sheet.Surface).OfType<Surface>().ToArray();
        return Rests
            .On([.. channel.Moves.Select(m => new Aspect(AspectKind.Direction, m))])
            .And([
                .. RadioSettings.Link,
                .. from moved in Channels.Of(state)
                where moved.Surfaces.Intersect(surfaces).Any()
                from way in Enum.GetValues<Way>()
                select new Setting(SettingKind.EndPoint, moved.Id, way.Word()),
            ]);
    }
}

/// <summary>A channel went to both ends under power, and somebody listened.</summary>
/// <param name="Free">Both ends are reached, and nothing hums, buckles or stalls there.</param>
/// <param name="Heard">What did, and at which end, where it is not so.</param>
public sealed record EndsHeard(string Channel, bool Free, string Heard = "") : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Powered;

    public override Refusal? Admit(JobState state, Entry entry) =>
        EndChannels.Of(state).All(c => c.Name != Channel)
            ? new Refusal(
                "bind/ends",
                $"No channel \"{Channel}\" moves anything here; there are "
                    + $"{string.Join(", ", EndChannels.Of(state).Select(c => c.Name))}.",
                "body.channel"
            )
        : state.Bind.Bound is null ? new Refusal("bind/not-bound", "Bind first; the ends are heard afterwards.")
        : Free ? null
        : Texts.Reason(Heard, "body.heard", "Say at which end, and what was heard or seen.");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Bind with
            {
                Ends = state.Bind.Ends.SetItem(
                    Channel,
                    new EndsShown(
                        Free,
                        Heard.Trim(),
                        Evidence.Of(entry, state.Bind.Ends.GetValueOrDefault(Channel)?.Evidence.Attempt + 1 ?? 1)
                    )
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new EndsId(Channel).Written];

    public override string Say(JobState state) => $"Both ends of {Channel}: {EndsShown.Words(Free, Heard.Trim())}";
}

/// <summary>How both ends of a channel were heard.</summary>
public sealed record EndsShown(bool Free, string Heard, Evidence Evidence)
{
    internal static string Words(bool free, string heard) => free ? "reached, no hum" : heard;
}
