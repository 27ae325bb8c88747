using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Throws;

public static class ThrowsEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<ThrowRead>("throws/read", Posters.Bench) with
        {
            Withdrawable = true,
            LooksUp = [new("instrument", ShopFact.Instrument)],
        },
        EntryKind.Of<TravelSet>("throws/travel-set", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<FreedomSeen>("throws/freedom", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<NeutralRead>("throws/neutral", Posters.Bench) with
        {
            Withdrawable = true,
            LooksUp = [new("instrument", ShopFact.Instrument)],
        },
        EntryKind.Of<HolesSeen>("throws/holes", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<TrimSet>("throws/trim-set", Posters.Bench) with
        {
            Retractable = false,
        },
    ];
}

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
    ImmutableArray<Quantity> Readings,
    ThrowMeasure Measure,
    Instrument Instrument,
    double? Travel = null
) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) => PowerState.Measured;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (ThrowTargets.Of(state.Sheet, state.Rules).FirstOrDefault(t => t.Id == Target) is not { } target)
        {
            return new Refusal("throws/target", $"The sheet has no throw \"{Target}\".", "body.target");
        }

        return ThrowReading.Of(target, this).Refused
            ?? Instrument.Admit(5)
            ?? Instrument.Reading(
                target.Percent ? "%"
                : Measure == ThrowMeasure.Angle ? "degrees"
                : "mm"
            )
            ?? (
                Travel is { } travel && (travel is < 1 or > 200 || !double.IsFinite(travel))
                    ? new Refusal(
                        "throws/travel",
                        $"A travel of {Numbers.Say(travel)} % is not possible.",
                        "body.travel"
                    )
                    : null
            );
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
            ? state.Say(entry, number, RadioNumbers.Words(travel))
            : state;

    public override ImmutableArray<Quantity> TypedValues() => Readings;

    public override EntryBody WithTyped(ImmutableArray<Quantity> values) => this with { Readings = values };

    public override Refusal? WrongValues(JobState state) =>
        ThrowTargets.Of(state.Sheet, state.Rules).FirstOrDefault(t => t.Id == Target) is { } target
            ? ThrowReading.Of(target, this).Refused
            : null;

    public override IEnumerable<string> Shows() => [Target];

    public override string Say(JobState state) =>
        $"{ThrowTargets.Of(state.Sheet, state.Rules).FirstOrDefault(t => t.Id == Target)?.Name ?? Target}: "
        + $"{string.Join(", ", Readings.Select(r => r.Text))}";
}

/// <summary>
/// Another number in the radio for one throw: the end point of its channel that way where it is the largest, which moves
/// all others, else the share of its command.
/// </summary>
public sealed record TravelSet(string Target, double Percent) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        ThrowTargets.Of(state.Sheet, state.Rules).All(t => t.Id != Target)
            ? new Refusal("throws/target", $"The sheet has no throw \"{Target}\".", "body.target")
        : NumberOf(state, Target) is null
            ? new Refusal(
                "throws/no-number",
                "Nothing in the radio sets this throw by itself; set the commands it is made of.",
                "body.target"
            )
        : Percent > TravelAdvice.Most || Percent < Least(state) || !double.IsFinite(Percent)
            ? new Refusal(
                "throws/travel",
                $"A travel of {Numbers.Say(Percent)} % is not possible; {Numbers.Say(Least(state))} to "
                    + $"{TravelAdvice.Most} % is.",
                "body.percent"
            )
        : null;

    private double Least(JobState state) =>
        NumberOf(state, Target) is { Kind: SettingKind.Share } ? TravelAdvice.LeastShare : TravelAdvice.Least;

    public override JobState Apply(JobState state, Entry entry) =>
        NumberOf(state, Target) is { } number
            ? state.Set(entry, number, RadioNumbers.Words(Percent))
            : state.NotSupported(entry);

    internal static Setting? NumberOf(JobState state, string target)
    {
        var numbers = RadioNumbers.Of(state);
        return numbers.Targets.FirstOrDefault(t => t.Id == target) is { } known ? numbers.NumberOf(known) : null;
    }

    public override string Say(JobState state) =>
        NumberOf(state, Target) is { } number
            ? $"{SettingWords.Of(state, number)}: {Numbers.Say(Percent)} %"
            : $"Travel set to {Numbers.Say(Percent)} %";
}

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

    public override IEnumerable<string> Shows() => [$"freedom/{Surface}"];

    public override string Say(JobState state) =>
        $"{state.Sheet.Surface(Surface)?.Name ?? Surface} {(Free ? "moves freely" : "binds")}";
}

/// <summary>Where the surface stands with the stick at rest: mm at the trailing edge, up +.</summary>
public sealed record NeutralRead(string Surface, Quantity Offset, Instrument Instrument) : EntryBody, IPowered
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

    public override ImmutableArray<Quantity> TypedValues() => [Offset];

    public override EntryBody WithTyped(ImmutableArray<Quantity> values) => this with { Offset = values[0] };

    public override Refusal? WrongValues(JobState state) =>
        state.Sheet.Surface(Surface) is { Chord: var chord }
        && (Offset.Dimension is not (Dimension.Length or Dimension.None) || Math.Abs((double)Offset.Nominal) > chord)
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

    public override IEnumerable<string> Shows() => [$"neutral/{Surface}"];

    public override string Say(JobState state) =>
        $"{state.Sheet.Surface(Surface)?.Name ?? Surface}, neutral: {Offset.Text}";
}

/// <summary>
/// A trim or sub-trim was changed: of everything that the commands of this surface move, as nobody says which trim.
/// </summary>
/// <param name="Value">To what; another one than before when it is not said.</param>
public sealed record TrimSet(string Surface, string Value = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Named.Surface(state, Surface) ?? Texts.Fits(Value, "body.value", 40);

    public override JobState Apply(JobState state, Entry entry) =>
        Channels
            .ByCommand(state.Sheet, Surface)
            .Aggregate(state, (s, moved) => s.Set(entry, new Setting(SettingKind.Trim, moved.Id), Value.Trim()));

    public override string Say(JobState state) =>
        $"Trim of the {state.Sheet.Surface(Surface)?.Name.ToLowerInvariant() ?? Surface} changed";
}

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

    public override IEnumerable<string> Shows() => [$"hole/{Surface}"];

    public override string Say(JobState state) =>
        $"{state.Sheet.Surface(Surface)?.Name ?? Surface}: pushrod "
        + $"{(AsSheet ? "in the holes the manual names" : "in other holes than the manual names")}";
}
