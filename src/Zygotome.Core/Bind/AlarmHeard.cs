using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Bind;

/// <summary>What warns the pilot in time.</summary>
public enum AlarmKind
{
    /// <summary>The transmitter's timer.</summary>
    Timer,

    /// <summary>Volts of the weakest cell.</summary>
    Cell,
}

/// <summary>An alarm was set off on purpose, and heard.</summary>
/// <param name="Heard">False where it stayed silent.</param>
public sealed record AlarmHeard(AlarmKind Alarm, bool Heard) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Alarms.Of(state).All(a => a.Kind != Alarm)
            ? new Refusal(
                "bind/alarm",
                $"Nothing on this aircraft is warned of by {BindWords.Of(Alarm)}.",
                "body.alarm"
            )
            : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Bind with
            {
                Alarms = state.Bind.Alarms.SetItem(
                    $"{Alarm}",
                    new AlarmShown(
                        Heard,
                        Alarms.Of(state).FirstOrDefault(a => a.Kind == Alarm)?.At ?? "",
                        Evidence.Of(entry, state.Bind.Alarms.GetValueOrDefault($"{Alarm}")?.Evidence.Attempt + 1 ?? 1)
                    )
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new AlarmId(Alarm).Written];

    public override string Say(JobState state) =>
        $"{Texts.Capital(BindWords.Of(Alarm))}: {(Heard ? "heard" : "not heard")}";
}

/// <param name="At">At what it was set then.</param>
public sealed record AlarmShown(bool Heard, string At, Evidence Evidence);

/// <param name="At">What it is set to: "4 min 40 s"; "3.5 V a cell, 14 V together".</param>
/// <param name="Why">How that comes about.</param>
public sealed record Alarm(AlarmKind Kind, string At, string Why);

/// <summary>What warns on this aircraft, and at what.</summary>
public static class Alarms
{
    /// <summary>V a cell under load at which a pilot lands: the shop's own rule.</summary>
    public const double Cell = 3.5;

    /// <summary>The timer where draw and pack are known, then the cells of the pack that flies. Total.</summary>
    public static ImmutableArray<Alarm> Of(JobState state) => [.. Found(state)];

    private static IEnumerable<Alarm> Found(JobState state)
    {
        if (state.Aboard.Battery is not { } battery)
        {
            yield break;
        }

        if (FlightTimer.Minutes(state) is { } minutes)
        {
            // Down to a whole ten seconds, of ten minutes and more to a minute: a timer is never late.
            var step = minutes < 10 ? 10 : 60;
            var seconds = Math.Floor(Numbers.Round(minutes * 60 / step)) * step;
            yield return new Alarm(
                AlarmKind.Timer,
                Spans.Say(seconds),
                $"four fifths of {battery.Capacity.Text} at {Numbers.Say(state.Aboard.FullDraw(state.Sheet) ?? 0)} A, "
                    + $"{Numbers.Say(state.Sheet.Power.Duty * 100)} % of it on the mean"
            );
        }

        yield return new Alarm(
            AlarmKind.Cell,
            battery.Cells > 1
                ? $"{Numbers.Say(Cell)} V a cell, {Numbers.Say(Cell * battery.Cells)} V together"
                : $"{Numbers.Say(Cell)} V",
            "the weakest cell under load, the shop's own limit"
        );
    }
}
