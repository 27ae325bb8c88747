using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Balance;

/// <summary>
/// What fingertips or a stand can show: at one pair of marks, level or a little nose-low is in and tail-low out; at the
/// two ends of a range, two bounds that enclose the centre show it in, one alone shows it out or nothing.
/// </summary>
public static class MarkedBalance
{
    /// <summary>
    /// Where a configuration can be held up: at its marks, else at both ends of its range; nowhere where the sheet has
    /// neither.
    /// </summary>
    public static ImmutableArray<MarkPlace> Places(SpecSheet sheet, BalanceConfiguration configuration) =>
        BalanceRange.Of(sheet, configuration) is { Low: not null, High: not null } || configuration.MarksBothEnds
            ? [MarkPlace.ForwardEnd, MarkPlace.AftEnd]
        : configuration.Marks.Length > 0 ? [MarkPlace.AtTheMarks]
        : [];

    /// <summary>How the centre stands by a look, and why.</summary>
    public static (Standing Standing, bool Aft, string Why) Judge(ImmutableArray<MarkLook> seen)
    {
        MarkAnswer? At(MarkPlace place) => seen.FirstOrDefault(s => s.At == place)?.Did;
        if (At(MarkPlace.AtTheMarks) is { } did)
        {
            return did switch
            {
                MarkAnswer.TailDrops => (Standing.NotMet, true, "Its tail drops: the centre lies behind the marks."),
                MarkAnswer.NoseDrops => (
                    Standing.NotMet,
                    false,
                    "Its nose drops: the centre lies ahead of the marks, nobody knows how far."
                ),
                MarkAnswer.NoseLow => (Standing.Met, false, "A little nose-low at the marks."),
                _ => (Standing.Met, false, "Level at the marks."),
            };
        }

        var (fore, aft) = (At(MarkPlace.ForwardEnd), At(MarkPlace.AftEnd));
        return (fore, aft) switch
        {
            (_, MarkAnswer.TailDrops) => (
                Standing.NotMet,
                true,
                "Its tail drops at the aft end: the centre lies behind it."
            ),
            (MarkAnswer.NoseDrops or MarkAnswer.NoseLow, _) => (
                Standing.NotMet,
                false,
                "Its nose drops at the forward end: the centre lies ahead of it."
            ),
            (MarkAnswer.TailDrops, MarkAnswer.NoseDrops or MarkAnswer.NoseLow) => (
                Standing.Met,
                false,
                "Tail-low at the forward end, nose-low at the aft end: the centre lies between."
            ),
            (null, _) => (Standing.NotShown, false, "One end alone shows nothing: hold it at the forward end too."),
            (_, null) => (Standing.NotShown, false, "One end alone shows nothing: hold it at the aft end too."),
            _ => (
                Standing.NotShown,
                false,
                "Level at an end of the range says only that the centre is within 3 mm of it, on either side."
            ),
        };
    }

    /// <summary>"at the forward end".</summary>
    public static string Words(MarkPlace at) =>
        at switch
        {
            MarkPlace.AtTheMarks => "at the marks",
            MarkPlace.ForwardEnd => "at the forward end",
            _ => "at the aft end",
        };

    /// <summary>"nose drops".</summary>
    public static string Words(MarkAnswer did) =>
        did switch
        {
            MarkAnswer.NoseDrops => "nose drops",
            MarkAnswer.NoseLow => "a little nose-low",
            MarkAnswer.Level => "level",
            _ => "tail drops",
        };

    /// <summary>"level at the marks".</summary>
    internal static string Words(MarkLook look) => $"{Words(look.Did)} {Words(look.At)}";

    /// <summary>How it hangs from nose and tail: "the left wing drops".</summary>
    public static string Words(AcrossAnswer across) =>
        across switch
        {
            AcrossAnswer.Level => "hangs level",
            AcrossAnswer.LeftDrops => "the left wing drops",
            _ => "the right wing drops",
        };
}
