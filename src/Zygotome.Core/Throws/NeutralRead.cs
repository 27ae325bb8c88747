using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Throws;

/// <summary>Where the surface stands with the stick at rest: mm at the trailing edge, up +.</summary>
public sealed record NeutralRead(string Surface, Offset Offset, Instrument Instrument) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Measured;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (Named.Surface(state, Surface) is { } unknown)
        {
            return unknown;
        }

        return WrongValues(state) ?? Instrument.Admit(5) ?? Instrument.Reading("mm");
    }

    public override ImmutableArray<Measure> TypedValues() => [Offset];

    public override EntryBody WithTyped(ImmutableArray<Quantity> values) => this with { Offset = new(values[0]) };

    public override Refusal? WrongValues(JobState state) =>
        state.Sheet.Surface(Surface) is { Chord: var chord } && Math.Abs((double)Offset.Nominal) > chord
            ? new Refusal(
                "throws/impossible",
                $"\"{Offset.Text}\" is not an offset that a surface with a chord of {Numbers.Say(chord)} mm can have.",
                "body.offset"
            )
            : null;

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Throws.Neutral.TryGetValue(Surface, out var before) ? before.Evidence.Attempt + 1 : 1;
        return state.With(
            state.Throws with
            {
                Neutral = state.Throws.Neutral.SetItem(
                    Surface,
                    new NeutralShown((double)Offset.Nominal, Instrument.U, Evidence.Of(entry, attempt))
                ),
            }
        );
    }

    public override IEnumerable<string> Shows() => [new SurfaceId(SurfaceAsk.Neutral, Surface).Written];

    public override string Say(JobState state) =>
        $"{state.Sheet.Surface(Surface)?.Name ?? Surface}, neutral: {Offset.Text}";
}
