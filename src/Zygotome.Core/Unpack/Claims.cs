using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>What can be claimed from the supplier, and until when.</summary>
public static class Claims
{
    /// <summary>Every finding that is not cosmetic, and every shortage or wrong part of a counted bag.</summary>
    public static IEnumerable<Claimable> Of(JobState state)
    {
        foreach (var f in state.Unpack.Findings.Where(f => f.Grading.Grade != Grade.Cosmetic))
        {
            yield return new Claimable(
                Id: f.Id,
                IsPart: false,
                Text: $"{f.Tag}: {UnpackWords.Sized(f.Kind, f.Size)}, "
                    + $"{state.Sheet.Geometry.Called(f.Place)}, {FindingWords.Grade(f.Grading.Grade)}",
                Stands: f.Origin.Claimable,
                Why: $"{OriginWords.Of(f.Origin.Origin)}: {f.Origin.Why}",
                Sent: state.Unpack.Claims.Any(c => c.IsSent && Standing(c) && c.Findings.Contains(f.Id)),
                Written: state.Unpack.Claims.Any(c => !c.IsSent && c.Findings.Contains(f.Id))
            );
        }

        foreach (var part in state.Sheet.InBox)
        {
            if (Short(state, part.Id) is > 0 and var n)
            {
                yield return new Claimable(
                    Id: part.Id,
                    IsPart: true,
                    Text: $"{n} × {part.Name}, bag {part.Bag}",
                    Stands: true,
                    Why: state.Unpack.Wrong.GetValueOrDefault(part.Id) is > 0 and var wrong
                        ? $"{wrong} of the wrong kind or size came"
                        : "counted short",
                    Sent: state.Unpack.Claims.Any(c =>
                        c.IsSent && Standing(c) && c.Arrived is null && c.Shortages.Any(s => s.Part == part.Id)
                    ),
                    Written: state.Unpack.Claims.Any(c => !c.IsSent && c.Shortages.Any(s => s.Part == part.Id))
                );
            }
        }
    }

    /// <summary>Where the supplier asks for more, what was claimed waits to be claimed again.</summary>
    private static bool Standing(Claimed claim) => claim.Answer?.Kind != ClaimAnswerKind.AskedForMore;

    /// <summary>How many of a part are short in a counted bag; 0 while the bag is not counted.</summary>
    public static int Short(JobState state, string part) =>
        state.Sheet.Part(part) is { IsInBox: true } p
        && Counting.Of(state, p) is var count
        && Counting.IsShort(count.Standing)
            ? count.Short
            : 0;

    /// <summary>Whether something stands that was never claimed: then the window matters.</summary>
    public static bool Waiting(JobState state) => !state.Released && Of(state).Any(c => c.Stands && !c.Sent);

    /// <summary>
    /// Days left of the window on a day; negative when it is over; null without a supplier or with nothing to claim.
    /// </summary>
    public static int? DaysLeft(JobState state, DateOnly today) =>
        Waiting(state) && state.HandedIn.ClaimUntil is { } until ? until.DayNumber - today.DayNumber : null;

    /// <summary>Claims whose parts were promised and are not here; none of a job that was handed over.</summary>
    public static IEnumerable<Claimed> OnTheWay(JobState state) =>
        state.Released ? [] : state.Unpack.Claims.Where(c => c is { Arrived: null, Answer.PartsDue: not null });

    internal static JobState Change(JobState state, Entry entry, string claim, Func<Claimed, Claimed> change)
    {
        var at = state.Unpack.Claims.FindIndex(c => c.Id == claim);
        return at < 0
            ? state.NotSupported(entry)
            : state.With(
                state.Unpack with
                {
                    Claims = state.Unpack.Claims.SetItem(at, change(state.Unpack.Claims[at])),
                }
            );
    }
}
