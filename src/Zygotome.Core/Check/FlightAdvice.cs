using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Check;

/// <summary>One thing to do about a flight.</summary>
/// <param name="Words">What, and by how much.</param>
/// <param name="Why">What it follows from.</param>
/// <param name="At">The stage where it is done and measured again.</param>
public sealed record FlightAdvice(string Words, string Why, Stage At)
{
    // How much calmer around the middle a softer stick is: the shop's.
    private const double Calmer = 0.75;

    // %, where nobody said.
    private const double UsualExpo = 20;

    /// <summary>
    /// The balance first, since trims change with it; then trims, then feel. None where it flew right.
    /// </summary>
    public static ImmutableArray<FlightAdvice> Of(JobState state, Flown flown) =>
        [
            .. Balance(state, flown),
            .. flown.Trims.Where(t => t.Offset.Nominal != 0).Select(t => Trim(state, t)),
            .. Wing(flown),
            .. Turn(state, flown),
            .. flown.Felt.Select(f => Felt(state, f)),
        ];

    // The dive tells most: trim hides a heavy nose, but not in a dive.
    private static IEnumerable<FlightAdvice> Balance(JobState state, Flown flown)
    {
        var thrown = FlightLines.Asked(state)?.Thrown == true;
        bool? aft = (flown.Dive, flown.Pitch) switch
        {
            (DiveSeen.PullsUp, _) => true,
            (DiveSeen.Tucks, _) => false,
            (_, PitchSeen.Dives) when thrown => true,
            (_, PitchSeen.Stalls) when thrown => false,
            _ => null,
        };
        if (aft is { } way)
        {
            var why = way ? "Nose-heavy: the centre goes aft." : "Tail-heavy: the centre goes forward.";
            yield return new(
                state.The<IMovesCentre>().Step(state, way).Match(step => $"{step}. Weigh again.", no => no.Text),
                why,
                Stage.Balance
            );
        }
        else if (flown.Pitch != PitchSeen.Level)
        {
            yield return new(
                $"Trim the elevator {(flown.Pitch == PitchSeen.Stalls ? "down" : "up")} until it flies level, then "
                    + "dive it: only the dive tells balance from trim.",
                "Trim and balance look alike in level flight.",
                Stage.Check
            );
        }
    }

    private static FlightAdvice Trim(JobState state, TrimFlown trim)
    {
        var surface = state.Sheet.Surface(trim.Surface);
        var name = surface?.Name ?? trim.Surface;
        var turns = surface is null ? null : RodTurns.Of(state.Sheet, surface, (double)trim.Offset.Nominal);
        var words = turns switch
        {
            null => $"{name}: turn the clevis half a turn at a time until it stands {trim.Offset.Text} with the trim "
                + "at zero.",
            { HalfTurns: 0 } => $"{name}: {trim.Offset.Text} is less than half a turn of the clevis; leave it to the "
                + "trim, and measure neutral.",
            _ => $"{name}: clevis {Turns(turns.HalfTurns)}{Way(turns.Shorter)}, trim back to zero"
                + $"{Left(Math.Abs(turns.Left))}. "
                + "Five threads must stay in. Measure neutral and throws again.",
        };
        return new(
            words,
            turns is { OfShop: true }
                ? $"A thread of {Numbers.Say(RodTurns.UsualPitch)} mm a turn, the shop's: the sheet states none."
                : "Trim that stays in the radio is lost with the memory.",
            Stage.Throws
        );
    }

    // mm that half turns do not reach; what no ruler shows is not said.
    private static string Left(double mm) => mm >= 0.05 ? $"; {Numbers.OneDecimal(mm)} mm is left" : "";

    private static string Turns(int half) =>
        half % 2 == 0 ? $"{half / 2} {(half == 2 ? "turn" : "turns")}"
        : half == 1 ? "half a turn"
        : $"{half / 2} ½ turns";

    private static string Way(bool? shorter) =>
        shorter switch
        {
            true => ", rod shorter",
            false => ", rod longer",
            null => ", the way that moves it there",
        };

    private static IEnumerable<FlightAdvice> Wing(Flown flown)
    {
        if (flown.Stall is StallSeen.DropsLeft or StallSeen.DropsRight)
        {
            var side = flown.Stall == StallSeen.DropsLeft ? "left" : "right";
            yield return new(
                $"Weigh across: the {side} wing is heavy, or its tip stands at a larger angle; then look at its twist.",
                "A wing that drops at the stall is heavy or twisted, whatever the trim.",
                Stage.Balance
            );
        }
    }

    private static IEnumerable<FlightAdvice> Turn(JobState state, Flown flown)
    {
        if (flown.Turn != TurnSeen.Straight)
        {
            var against = flown.Turn == TurnSeen.Left ? "right" : "left";
            var by =
                state.Sheet.Surfaces.Any(s => s.Functions.Contains("rudder")) ? "rudder"
                : state.Sheet.Surfaces.Any(s => s.Functions.Contains("aileron")) ? "aileron"
                : "the sheet's own trim";
            yield return new(
                $"Trim {by} {against} until it flies straight; land, and read off where it stands.",
                "What is read off with the trim in becomes turns of a clevis.",
                Stage.Check
            );
        }
    }

    // The slope at the middle of y = (1 − k)·x + k·x³ is 1 − k; full throw stays.
    private static FlightAdvice Felt(JobState state, FeltFlown felt)
    {
        var now = Expo(state, felt.Function);
        var slope = (1 - (now / 100)) * (felt.Feel == Feel.TooQuick ? Calmer : 1 / Calmer);
        var next = Math.Clamp(Math.Round((1 - slope) * 20, MidpointRounding.AwayFromZero) * 5, 0, 60);
        var name = Texts.Capital(felt.Function);
        var rates = state.Sheet.Rates.Length > 1;
        return new(
            felt.Feel == Feel.TooQuick
                    ? $"{name}: expo from {Numbers.Say(now)} to {Numbers.Say(next)} %, full throw as it is"
                        + (rates ? "; or the lower rate." : ".")
                : next < now
                    ? $"{name}: expo from {Numbers.Say(now)} to {Numbers.Say(next)} %"
                        + (rates ? "; or the higher rate." : ".")
                : $"{name}: {(rates ? "the higher rate" : "throw to the upper end of its band")}, then measure.",
            felt.Feel == Feel.TooQuick
                ? "A quarter calmer around the middle: 1 − expo is the slope there."
                : "Quicker around the middle; throw stays in the sheet's band.",
            felt.Feel == Feel.TooSlow && next >= now ? Stage.Throws : Stage.Bind
        );
    }

    private static double Expo(JobState state, string function) =>
        state.Settings.Of(new Setting(SettingKind.Expo, function)) is { Length: > 0 } set
        && double.TryParse(
            set.TrimEnd('%', ' '),
            System.Globalization.NumberStyles.Float,
            System.Globalization.CultureInfo.InvariantCulture,
            out var said
        )
            ? said
            : (double?)state.Sheet.Rates.FirstOrDefault()?.Says(ThrowFields.RateRow.Expo).Likely?.Nominal
                ?? (state.School("expo") == "none" ? 0 : UsualExpo);
}
