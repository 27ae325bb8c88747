using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Throws;

/// <summary>
/// A throw measured, once or several times over, from neutral; trailing edge in the commanded way is positive.
/// </summary>
/// <param name="Target">The requirement: <c>throw/aileron-left/aileron/high/up</c>.</param>
/// <param name="Readings">As typed: mm, inch fractions or degrees.</param>
/// <param name="Measure">How they were taken.</param>
/// <param name="Travel">The number in the radio that this throw hangs on when it was measured, %: the end point of its
/// channel for the largest throw that way, else the share of its command. Unsaid leaves it as it is.</param>
public sealed record ThrowRead(
    string Target,
    ImmutableArray<Reading> Readings,
    ThrowMeasure Measure,
    Instrument Instrument,
    Percent? Travel = null
) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Measured;

    // Only the throw says what a bare number is.
    public override EntryBody Composed(JobState state, Entry entry) =>
        ThrowTargets.Of(state.Sheet, state.Rules).Find(Target) is { } target && !Readings.IsDefault
            ? this with
            {
                Readings =
                [
                    .. Readings.Select(r => new Reading(ThrowReading.Takes(target, Measure).Complete(r.Typed))),
                ],
            }
            : this;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (ThrowTargets.Of(state.Sheet, state.Rules).Find(Target) is not { } target)
        {
            return new Refusal("throws/target", $"The sheet has no throw \"{Target}\".", "body.target");
        }

        return ThrowReading.Of(target, this).Refused
            ?? ThrowReading.OtherWay(target, this)
            ?? Instrument.Admit(5)
            ?? Instrument.Reading(
                target.Percent ? "%"
                : Measure == ThrowMeasure.Angle ? "degrees"
                : "mm"
            )
            ?? Travel?.Outside(1, 200, "a travel", "body.travel");
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Throws.Readings.TryGetValue(Target, out var before) ? before.Evidence.Attempt + 1 : 1;
        return Numbered(state, entry)
            .With(
                state.Throws with
                {
                    Readings = state.Throws.Readings.SetItem(Target, new ThrowShown(this, Evidence.Of(entry, attempt))),
                }
            );
    }

    // What stood in the radio stays there, though the reading is taken back.
    public override JobState TakenBack(JobState state, Entry entry) => Numbered(state, entry);

    private JobState Numbered(JobState state, Entry entry) =>
        Travel is { } travel && TravelSet.NumberOf(state, Target) is { } number
            ? state.Say(entry, number, RadioNumbers.Words(travel.Value))
            : state;

    public override ImmutableArray<Measure> TypedValues() => [.. Readings];

    public override EntryBody WithTyped(ImmutableArray<Quantity> values) =>
        this with
        {
            Readings = [.. values.Select(v => new Reading(v))],
        };

    public override Refusal? WrongValues(JobState state) =>
        ThrowTargets.Of(state.Sheet, state.Rules).Find(Target) is { } target
            ? ThrowReading.Of(target, this).Refused ?? ThrowReading.OtherWay(target, this)
            : null;

    public override IEnumerable<string> Shows() => [Target];

    public override string Say(JobState state) =>
        $"{ThrowTargets.Of(state.Sheet, state.Rules).Find(Target)?.Name ?? Target}: "
        + $"{string.Join(", ", Readings.Select(r => r.Text))}";
}
