using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Check;

/// <summary>What it did, stick free, with nothing asked of it.</summary>
public enum PitchSeen
{
    Level,

    /// <summary>Rises, slows, drops its nose, again and again.</summary>
    Stalls,

    /// <summary>Goes down, faster and faster.</summary>
    Dives,
}

/// <summary>In a gentle dive, power off, stick let go.</summary>
public enum DiveSeen
{
    NotTried,
    Straight,

    /// <summary>It comes out by itself and climbs: it carries up elevator against a heavy nose.</summary>
    PullsUp,

    /// <summary>It steepens: its tail is heavy.</summary>
    Tucks,
}

/// <summary>Slowed down, nose held up, until it no longer flies.</summary>
public enum StallSeen
{
    NotTried,
    Straight,
    DropsLeft,
    DropsRight,
}

/// <summary>Where it went, stick free.</summary>
public enum TurnSeen
{
    Straight,
    Left,
    Right,
}

/// <summary>How it answered a command.</summary>
public enum Feel
{
    TooQuick,
    TooSlow,
}

/// <summary>Where a surface stood at rest with the trim it was flown with: mm at its edge, up +, right +.</summary>
public sealed record TrimFlown(string Surface, Offset Offset);

/// <summary>A command that was answered too much or too little.</summary>
public sealed record FeltFlown(string Function, Feel Feel);

/// <summary>
/// Flown by the shop, or thrown by hand: what it did, and the trims it landed with, read off the surfaces. What was
/// trimmed makes neutral and throws stale: it goes into rods and settings, and is measured again.
/// </summary>
public sealed record Flown(
    PitchSeen Pitch,
    DiveSeen Dive,
    StallSeen Stall,
    TurnSeen Turn,
    ImmutableArray<TrimFlown> Trims,
    ImmutableArray<FeltFlown> Felt,
    string Note = ""
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        FlightLines.Asked(state) is not { } flight
            ? new Refusal("check/owner-flies", "On this job the owner makes the first flight.")
        : !flight.Thrown && (Dive == DiveSeen.NotTried || Stall == StallSeen.NotTried) && Pitch == PitchSeen.Level
            ? new Refusal("check/dive-stall", "Try dive and stall too, high up: they tell balance from trim.")
        : Trims.Select(WrongTrim).FirstOrDefault(r => r is not null) is { } wrong ? wrong
        : Felt.FirstOrDefault(f => !state.Sheet.Surfaces.Any(s => s.Functions.Contains(f.Function))) is { } unknown
            ? new Refusal("check/no-function", $"Nothing here answers \"{unknown.Function}\".", "body.felt")
        : Texts.Fits(Note, "body.note");

    private Refusal? WrongTrim(TrimFlown trim, int i) =>
        Math.Abs((double)trim.Offset.Nominal) > 40
            ? new Refusal("check/trim", $"\"{trim.Offset.Text}\" is no trim: at most 40 mm.", $"body.trims[{i}].offset")
            : null;

    public override JobState Apply(JobState state, Entry entry)
    {
        var after = state.With(
            state.Check with
            {
                Flown = new FlownShown(this, Evidence.Of(entry, state.Check.Flown?.Evidence.Attempt + 1 ?? 1)),
            }
        );
        return Trims
            .Where(t => t.Offset.Nominal != 0)
            .SelectMany(t => Channels.ByCommand(state.Sheet, t.Surface))
            .Distinct()
            .Aggregate(after, (s, moved) => s.Set(entry, new Setting(SettingKind.Trim, moved.Id), "as flown"));
    }

    public override IEnumerable<string> Shows() => [new FlownId().Written];

    public override string Say(JobState state) => $"Flown: {Words(state.Sheet)}";

    /// <summary>Nothing is left to be mended but its trims.</summary>
    internal bool Right =>
        Pitch == PitchSeen.Level
        && Dive is DiveSeen.Straight or DiveSeen.NotTried
        && Stall is StallSeen.Straight or StallSeen.NotTried
        && Turn == TurnSeen.Straight
        && Felt.IsEmpty;

    /// <summary>"dives, drops the left wing, elevator too quick, rudder trimmed 2 mm left".</summary>
    internal string Words(SpecSheet sheet)
    {
        string[] said =
        [
            Pitch switch
            {
                PitchSeen.Stalls => "stalls by itself",
                PitchSeen.Dives => "dives by itself",
                _ => "flies level",
            },
            Dive switch
            {
                DiveSeen.PullsUp => "pulls out of a dive",
                DiveSeen.Tucks => "steepens its dive",
                _ => "",
            },
            Stall switch
            {
                StallSeen.DropsLeft => "drops the left wing",
                StallSeen.DropsRight => "drops the right wing",
                _ => "",
            },
            Turn switch
            {
                TurnSeen.Left => "turns left",
                TurnSeen.Right => "turns right",
                _ => "",
            },
            .. Felt.Select(f => $"{f.Function} too {(f.Feel == Feel.TooQuick ? "quick" : "slow")}"),
            .. Trims.Select(t =>
                $"{sheet.Surface(t.Surface)?.Name.ToLowerInvariant() ?? t.Surface} trimmed {t.Offset.Text}"
            ),
            Note.Trim(),
        ];
        return string.Join(", ", said.Where(s => s.Length > 0));
    }
}
