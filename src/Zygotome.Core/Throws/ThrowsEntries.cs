using System.Collections.Immutable;
using Zygotome.Core.Build;
using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;
using Zygotome.Core.SpecSheets;

namespace Zygotome.Core.Throws;

public static class ThrowsEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<ThrowRead>("throws/read", Posters.Bench) with
        {
            LooksUp = [new("instrument", ShopFact.Instrument)],
        },
        EntryKind.Of<TravelSet>("throws/travel-set", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<FreedomSeen>("throws/freedom", Posters.Bench),
        EntryKind.Of<NeutralRead>("throws/neutral", Posters.Bench) with
        {
            LooksUp = [new("instrument", ShopFact.Instrument)],
        },
        EntryKind.Of<HolesSeen>("throws/holes", Posters.Bench),
        EntryKind.Of<TrimSet>("throws/trim-set", Posters.Bench) with
        {
            Retractable = false,
        },
    ];
}

/// <summary>What was measured with and its expanded uncertainty, in the unit it reads; copied into the entry.</summary>
/// <param name="Reads">mm, degrees, g, %; empty in older entries.</param>
public sealed record Instrument(string Name, double U, string Id = "", string Reads = "")
{
    /// <summary>A transmitter's own screen, for throws printed in radio percent: whole percents, half of one either way.</summary>
    public static readonly Instrument Transmitter = new("transmitter", 0.5, "transmitter", "%");

    /// <summary>The refusal of an instrument that does not read this unit.</summary>
    internal Refusal? Reading(string unit) =>
        Reads.Length == 0 || Reads == unit
            ? null
            : new Refusal("instrument/reads", $"{Texts.Capital(Name)} reads {Reads}, not {unit}.", "body.instrument");

    internal Refusal? Admit(double most) =>
        U <= 0 || U > most || !double.IsFinite(U)
            ? new Refusal(
                "instrument/uncertainty",
                $"An uncertainty of {Numbers.Say(U)} is not possible for {Name}; it is above 0 and at most "
                    + $"{Numbers.Say(most)}.",
                "body.instrument.u"
            )
            : Texts.Fits(Name, "body.instrument.name", 60);
}

/// <summary>
/// A throw measured, once or several times over, from neutral; trailing edge in the commanded way is positive.
/// </summary>
/// <param name="Target">The requirement: <c>throw/aileron-left/aileron/high/up</c>.</param>
/// <param name="Readings">As typed: mm, inch fractions or degrees.</param>
/// <param name="Measure">How they were taken.</param>
/// <param name="Travel">The radio's travel setting this way when it was measured, %.</param>
public sealed record ThrowRead(
    string Target,
    ImmutableArray<Quantity> Readings,
    ThrowMeasure Measure,
    Instrument Instrument,
    double Travel = 100
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (ThrowTargets.Of(state.Sheet, state.Receive.Rules).FirstOrDefault(t => t.Id == Target) is not { } target)
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
                Travel is < 1 or > 200 || !double.IsFinite(Travel)
                    ? new Refusal(
                        "throws/travel",
                        $"A travel of {Numbers.Say(Travel)} % is not possible.",
                        "body.travel"
                    )
                    : null
            )
            ?? Isolation.Powered(state, entry);
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Throws.Readings.TryGetValue(Target, out var before) ? before.Evidence.Attempt + 1 : 1;
        return state with
        {
            Throws = state.Throws with
            {
                Readings = state.Throws.Readings.SetItem(Target, new ThrowShown(this, Evidence.Of(entry, attempt))),
                Tried = state.Throws.Try(Target, Travel),
                Travel = state.Throws.Travel.SetItem(Target, Travel),
            },
        };
    }

    public override IEnumerable<string> Shows() => [Target];

    public override string Say(JobState state) =>
        $"{ThrowTargets.Of(state.Sheet, state.Receive.Rules).FirstOrDefault(t => t.Id == Target)?.Name ?? Target}: "
        + $"{string.Join(", ", Readings.Select(r => r.Text))}";
}

/// <summary>Another travel setting in the radio, one way of one surface.</summary>
public sealed record TravelSet(string Target, double Percent) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        ThrowTargets.Of(state.Sheet, state.Receive.Rules).All(t => t.Id != Target)
            ? new Refusal("throws/target", $"The sheet has no throw \"{Target}\".", "body.target")
        : Percent is < TravelAdvice.Least or > TravelAdvice.Most
            ? new Refusal(
                "throws/travel",
                $"A travel of {Numbers.Say(Percent)} % is not possible; {TravelAdvice.Least} to {TravelAdvice.Most} "
                    + $"% is.",
                "body.percent"
            )
        : null;

    // A travel belongs to one function of one surface, one way: it disturbs every rate that scales it, and nothing
    // else.
    public override JobState Apply(JobState state, Entry entry) =>
        (
            state with
            {
                Throws = state.Throws with
                {
                    Travel = state.Throws.Travel.SetItem(Target, Percent),
                    Tried = state.Throws.Try(Target, Percent),
                },
            }
        ).Disturb(entry, Say(state), Disturbed(state));

    private IEnumerable<Aspect> Disturbed(JobState state) =>
        ThrowTargets
            .Of(state.Sheet, state.Receive.Rules)
            .Where(t => t.Id == Target)
            .SelectMany(
                t => t.Function == "combined" ? t.Surface.Functions : [t.Function],
                (t, f) => ThrowsRequirements.TravelOf(t.Surface.Id, f, t.Way)
            );

    public override string Say(JobState state) => $"Travel set to {Numbers.Say(Percent)} %";
}

/// <summary>Whether a surface moves freely through its whole throw by hand.</summary>
public sealed record FreedomSeen(string Surface, bool Free, string Note = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        BuildRules.KnownSurface(state, Surface) ?? Texts.Fits(Note, "body.note");

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Throws.Freedom.TryGetValue(Surface, out var before) ? before.Evidence.Attempt + 1 : 1;
        return state with
        {
            Throws = state.Throws with
            {
                Freedom = state.Throws.Freedom.SetItem(
                    Surface,
                    new FreedomShown(Free, Note, Evidence.Of(entry, attempt))
                ),
            },
        };
    }

    public override IEnumerable<string> Shows() => [$"freedom/{Surface}"];

    public override string Say(JobState state) =>
        $"{state.Sheet.Surface(Surface)?.Name ?? Surface} {(Free ? "moves freely" : "binds")}";
}

/// <summary>Where the surface stands with the stick at rest: mm at the trailing edge, up +.</summary>
public sealed record NeutralRead(string Surface, Quantity Offset, Instrument Instrument) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (BuildRules.KnownSurface(state, Surface) is { } unknown)
        {
            return unknown;
        }

        var chord = state.Sheet.Surface(Surface)!.Chord;
        return Offset.Dimension is not (Dimension.Length or Dimension.None) || Math.Abs((double)Offset.Nominal) > chord
            ? new Refusal(
                "throws/impossible",
                $"\"{Offset.Text}\" is not an offset that a surface with a chord of {Numbers.Say(chord)} mm can have.",
                "body.offset"
            )
            : Instrument.Admit(5) ?? Instrument.Reading("mm") ?? Isolation.Powered(state, entry);
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Throws.Neutral.TryGetValue(Surface, out var before) ? before.Evidence.Attempt + 1 : 1;
        return state with
        {
            Throws = state.Throws with
            {
                Neutral = state.Throws.Neutral.SetItem(
                    Surface,
                    new NeutralShown((double)Offset.Nominal, Instrument.U, Evidence.Of(entry, attempt))
                ),
            },
        };
    }

    public override IEnumerable<string> Shows() => [$"neutral/{Surface}"];

    public override string Say(JobState state) =>
        $"{state.Sheet.Surface(Surface)?.Name ?? Surface}, neutral: {Offset.Text}";
}

/// <summary>A trim or sub-trim was changed.</summary>
public sealed record TrimSet(string Surface) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => BuildRules.KnownSurface(state, Surface);

    public override JobState Apply(JobState state, Entry entry) =>
        state.Disturb(entry, Say(state), DisturbanceMatrix.TrimSet(Surface));

    public override string Say(JobState state) =>
        $"Trim of the {state.Sheet.Surface(Surface)?.Name.ToLowerInvariant() ?? Surface} changed";
}

/// <summary>Somebody looked which holes a pushrod sits in, against those the manual names by their place.</summary>
public sealed record HolesSeen(string Surface, bool AsSheet) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) => BuildRules.KnownSurface(state, Surface);

    public override JobState Apply(JobState state, Entry entry) =>
        state with
        {
            Throws = state.Throws with
            {
                Holes = state.Throws.Holes.SetItem(Surface, new HoleShown(AsSheet, Evidence.Of(entry))),
            },
        };

    public override IEnumerable<string> Shows() => [$"hole/{Surface}"];

    public override string Say(JobState state) =>
        $"{state.Sheet.Surface(Surface)?.Name ?? Surface}: pushrod "
        + $"{(AsSheet ? "in the holes the manual names" : "in other holes than the manual names")}";
}
