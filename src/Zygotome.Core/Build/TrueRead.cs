using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Build;

/// <summary>
/// How true something stands, read by ruler at two points or by an angle gauge, or a force by scales. A new reading
/// takes the place of the one before.
/// </summary>
/// <param name="Truth">What is read: <c>upright/fin</c>.</param>
/// <param name="First">mm by ruler, degrees by gauge, as <see cref="TruthPoints"/> says where and with which
/// sign.</param>
/// <param name="Apart">How far apart the two points are, where only whoever reads them knows.</param>
public sealed record TrueRead(
    string Truth,
    Reading First,
    Instrument Instrument,
    Reading? Second = null,
    Length? Apart = null
) : EntryBody
{
    // Only the instrument says what a bare number is.
    public override EntryBody Composed(JobState state, Entry entry)
    {
        var takes = Reading.By(UnitOf(Instrument.Reads));
        return this with
        {
            First = new Reading(takes.Complete(First.Typed)),
            Second = Second is null ? null : new Reading(takes.Complete(Second.Typed)),
        };
    }

    public override Refusal? Admit(JobState state, Entry entry) =>
        Truths.Find(state.Sheet, Truth) is null
            ? new Refusal("build/truth", $"Nothing of this aircraft is read as \"{Truth}\".", "body.truth")
            : Instrument.Admit(5) ?? WrongValues(state);

    public override ImmutableArray<Measure> TypedValues() =>
        [.. new Measure?[] { First, Second, Apart }.OfType<Measure>()];

    public override EntryBody WithTyped(ImmutableArray<Quantity> values)
    {
        var second = Second is null ? null : new Reading(values[1]);
        return this with
        {
            First = new Reading(values[0]),
            Second = second,
            Apart = Apart is null ? null : new Length(values[second is null ? 1 : 2]),
        };
    }

    public override Refusal? WrongValues(JobState state)
    {
        var takes = Reading.By(UnitOf(Instrument.Reads));
        if (takes.Wrong(First.Typed) is { } first)
        {
            return first with { Where = "body.first" };
        }

        if (Second is not null && takes.Wrong(Second.Typed) is { } second)
        {
            return second with { Where = "body.second" };
        }

        return First.Outside(-5000, 5000, "a reading", "body.first")
            ?? Second?.Outside(-5000, 5000, "a reading", "body.second")
            ?? Apart?.Outside(5, 5000, "how far two points are apart", "body.apart")
            ?? (Truths.Find(state.Sheet, Truth) is { } truth ? Read(truth).Refused : null);
    }

    /// <summary>The unit that an instrument reads in.</summary>
    public static Unit UnitOf(string reads) =>
        reads switch
        {
            "degrees" => Unit.Degree,
            "g" => Unit.Gram,
            _ => Unit.Millimetre,
        };

    /// <summary>As one number; refused as <see cref="TruthReading"/> says.</summary>
    public Outcome<TruthReading> Read(Truth truth) =>
        TruthReading.Of(truth, Instrument, First.Value, Second?.Value, Apart?.Value);

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Build.True.TryGetValue(Truth, out var before) ? before.Evidence.Attempt + 1 : 1;
        return state.With(
            state.Build with
            {
                True = state.Build.True.SetItem(Truth, new TruthShown(this, Evidence.Of(entry, attempt))),
            }
        );
    }

    public override IEnumerable<string> Shows() => [new TruthId(Truth).Written];

    public override string Say(JobState state)
    {
        var what = Truths.Find(state.Sheet, Truth)?.Name ?? Truth;
        var second = Second is null ? "" : $" and {Second.Text}";
        return $"{what}: {First.Text}{second}";
    }
}

/// <summary>What was read of a truth, and by which entry.</summary>
public sealed record TruthShown(TrueRead Read, Evidence Evidence);
