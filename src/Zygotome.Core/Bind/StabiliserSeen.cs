using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>
/// The aircraft was tilted, or a stick moved, with the stabiliser awake, and every surface was looked at.
/// </summary>
/// <param name="Call">Of <see cref="StabiliserCalls"/>.</param>
/// <param name="Mode">In which of its modes; empty where the sheet names none.</param>
public sealed record StabiliserSeen(string Call, string Mode, ImmutableArray<Seen> Seen) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Powered with { Stabiliser = StabiliserNeed.Awake };

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (StabiliserCalls.Of(state.Sheet).FirstOrDefault(c => c.Id == Call) is not { } call)
        {
            return new Refusal("bind/stabiliser", $"No stabiliser of this aircraft is asked \"{Call}\".", "body.call");
        }

        ImmutableArray<string> modes = call.IsTilt ? StabiliserCalls.Correcting(state.Sheet) : [call.Mode];
        if (!modes.IsEmpty && !modes.Contains(Mode))
        {
            return new Refusal(
                "bind/stabiliser-mode",
                $"Say in which mode it was seen: {string.Join(" or ", modes)}.",
                "body.mode"
            );
        }

        return
            Seen.Length != call.Expected.Length
            || !call.Expected.All(e => Seen.Count(s => s.Surface == e.Surface.Id) == 1)
            ? new Refusal(
                "bind/surfaces",
                $"Answer for each of {string.Join(", ", call.Expected.Select(e => e.Surface.Id))}, once.",
                "body.seen"
            )
            : null;
    }

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Bind with
            {
                Stabiliser = state.Bind.Stabiliser with
                {
                    Calls = state.Bind.Stabiliser.Calls.SetItem(
                        Call,
                        new StabiliserShown(
                            Mode,
                            Seen.ById(s => s.Surface, s => s.Moved),
                            Evidence.Of(
                                entry,
                                state.Bind.Stabiliser.Calls.GetValueOrDefault(Call)?.Evidence.Attempt + 1 ?? 1
                            )
                        )
                    ),
                },
            }
        );

    public override IEnumerable<string> Shows() => [new StabiliserCallId(Call).Written];

    public override string Say(JobState state) =>
        $"{StabiliserCalls.Of(state.Sheet).FirstOrDefault(c => c.Id == Call)?.Call ?? Call}: "
        + string.Join(
            ", ",
            Seen.Select(s =>
                $"{state.Sheet.Surface(s.Surface)?.Name.ToLowerInvariant() ?? s.Surface} " + BindWords.Of(s.Moved)
            )
        );
}

/// <summary>What the surfaces did, and in which mode.</summary>
public sealed record StabiliserShown(string Mode, ImmutableSortedDictionary<string, Movement> Seen, Evidence Evidence);

/// <summary>What was seen of the stabiliser, latest of each.</summary>
public sealed record StabiliserLooks
{
    public AlignedShown? Aligned { get; init; }

    public ToldShown? Told { get; init; }

    /// <summary>Directions as they were seen with it by-passed, by function.</summary>
    public ImmutableSortedDictionary<string, DirectionShown> Without { get; init; } = Ordered.ById<DirectionShown>();

    /// <summary>By <see cref="StabiliserCall"/>.</summary>
    public ImmutableSortedDictionary<string, StabiliserShown> Calls { get; init; } = Ordered.ById<StabiliserShown>();

    public ImmutableSortedDictionary<string, ModeShown> Modes { get; init; } = Ordered.ById<ModeShown>();
}
