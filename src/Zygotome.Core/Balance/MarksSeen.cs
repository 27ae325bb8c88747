using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Balance;

/// <summary>Where the aircraft was held up.</summary>
public enum MarkPlace
{
    /// <summary>At the one pair of marks the manual balances on.</summary>
    AtTheMarks,

    /// <summary>At the forward end of the range, or the forward pair of marks.</summary>
    ForwardEnd,

    AftEnd,
}

/// <summary>What it did there. Nose low means that its centre lies ahead of the marks, tail low behind.</summary>
public enum MarkAnswer
{
    NoseDrops,

    /// <summary>It settles a little nose-low.</summary>
    NoseLow,

    /// <summary>It stays level: its centre is within 3 mm of the marks.</summary>
    Level,
    TailDrops,
}

/// <summary>What it did at one place.</summary>
public sealed record MarkLook(MarkPlace At, MarkAnswer Did);

/// <summary>How it hangs from nose and tail.</summary>
public enum AcrossAnswer
{
    Level,
    LeftDrops,
    RightDrops,
}

/// <summary>
/// The aircraft on two fingertips or a stand at its marks, as flown: pack in its bay and not connected, propeller on or
/// its mass placed. It shows on which side of each place the centre lies, and no figure.
/// </summary>
/// <param name="Across">Held at nose and tail; null where nobody looked.</param>
public sealed record MarksSeen(
    string Configuration,
    ImmutableArray<MarkLook> Seen,
    Station PackFront,
    bool PropellerPlaced,
    AcrossAnswer? Across = null
) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) =>
        PropellerPlaced ? PowerState.Weighing with { Motor = MotorNeed.NotAsked } : PowerState.Weighing;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Balance.Configurations.FirstOrDefault(c => c.Name == Configuration) is not { } configuration)
        {
            return new Refusal(
                "balance/configuration",
                $"The sheet has no configuration \"{Configuration}\"; it has "
                    + $"{string.Join(", ", state.Sheet.Balance.Configurations.Select(c => c.Name))}.",
                "body.configuration"
            );
        }

        var places = MarkedBalance.Places(state.Sheet, configuration);
        return places.IsEmpty
                ? new Refusal(
                    "balance/no-marks",
                    "The sheet names no marks to balance on, and no range with two ends.",
                    "body.seen"
                )
            : Seen.Length == 0
            || Seen.Any(s => !places.Contains(s.At))
            || Seen.Select(s => s.At).Distinct().Count() < Seen.Length
                ? new Refusal(
                    "balance/mark-place",
                    $"Say once what it did {string.Join(" and ", places.Select(MarkedBalance.Words))}.",
                    "body.seen"
                )
            : PackPlaces.InBay(state, (double)PackFront.Nominal, "body.packFront");
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        var attempt = state.Balance.Marks.GetValueOrDefault(Configuration)?.Evidence.Attempt + 1 ?? 1;
        return Carried(state, entry)
            .With(
                state.Balance with
                {
                    Marks = state.Balance.Marks.SetItem(
                        Configuration,
                        new MarksShown(this, Evidence.Of(entry, attempt))
                    ),
                }
            );
    }

    // Where the pack lay it lies, though the look is taken back.
    public override JobState TakenBack(JobState state, Entry entry) => Carried(state, entry);

    private JobState Carried(JobState state, Entry entry) => Weighed.Carried(state, entry, Configuration, PackFront);

    public override IEnumerable<string> Shows() =>
        [
            new BalanceId(Weighable.Centre, Configuration).Written,
            .. Across is null ? [] : (string[])[new BalanceId(Weighable.Lateral, Configuration).Written],
        ];

    public override string Say(JobState state) =>
        $"At its marks, {Configuration}: {string.Join("; ", Seen.Select(MarkedBalance.Words))}";
}

/// <summary>A look at the marks.</summary>
public sealed record MarksShown(MarksSeen Marks, Evidence Evidence);
