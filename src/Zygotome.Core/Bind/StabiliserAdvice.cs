using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>What to do about an answer of the stabiliser. The remedy is in it, never in the radio.</summary>
public static class StabiliserAdvice
{
    /// <summary>
    /// The axis to reverse: every surface of a tilt answered the opposite way. Null where reversing mends nothing.
    /// </summary>
    public static string? Reverse(StabiliserCall call, StabiliserShown shown) =>
        call.IsTilt
        && call.Expected.All(e => shown.Seen.GetValueOrDefault(e.Surface.Id) == Movements.Opposite(e.Movement))
            ? call.Id
            : null;

    /// <summary>In one sentence, whatever was seen.</summary>
    public static string Line(JobState state, StabiliserCall call, StabiliserShown shown)
    {
        bool As(Expected e) => shown.Seen.GetValueOrDefault(e.Surface.Id) == e.Movement;
        bool Still(Expected e) => shown.Seen.GetValueOrDefault(e.Surface.Id) == Movement.None;
        if (call.Expected.All(As))
        {
            return shown.Mode.Length > 0 ? $"As the picture shows, in {shown.Mode}." : "As the picture shows.";
        }

        if (!call.IsTilt)
        {
            return $"That is not what {call.Mode} does by the sheet: look at its mode, then move the stick again.";
        }

        if (Reverse(call, shown) is { } axis)
        {
            return $"Reverse {axis} in the stabiliser, not in the radio; then stick and tilt again.";
        }

        if (call.Expected.All(Still))
        {
            return "It does nothing: look whether it is awake, in a mode that corrects, its gain up; then tilt again.";
        }

        var otherwise = StabiliserLines.Otherwise(state);
        if (call.Expected.Any(Still))
        {
            var still = string.Join(" and ", call.Expected.Where(Still).Select(e => e.Surface.Name.ToLowerInvariant()));
            return otherwise.IsEmpty
                ? $"It holds {still}: look at its plug in the stabiliser and at what it is told of the surfaces."
                : $"It holds {still}: it is told of {otherwise[0].Told} {otherwise[0].Command}, and "
                    + $"{otherwise[0].Wired} are wired.";
        }

        return "Some answer and some answer the other way: look at the wing type and the plugs in the stabiliser, and "
            + "that its label lies as the sheet says.";
    }
}
