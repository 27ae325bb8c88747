using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Check;

/// <summary>How it was found out where a propeller is heavy.</summary>
public enum BalanceMethod
{
    /// <summary>On a balancer, a trial mass on the light blade.</summary>
    HeavyBlade,

    /// <summary>Turned on its shaft from place to place, felt where it shakes least; no meter, so no mass.</summary>
    ByPosition,

    /// <summary>With a meter, and one trial mass at three places 120° apart.</summary>
    ThreeTrials,
}

/// <summary>
/// A propeller was tried for balance and is not yet: what was found says how much goes where. It is balanced when it
/// is looked at again and stays.
/// </summary>
/// <param name="Trial">g. <paramref name="Radius"/>: mm from the shaft. Zero where there is none.</param>
/// <param name="TapeAt">mm from the shaft at which tape goes on the light blade.</param>
/// <param name="Shakes">By position: 0 to 10 at each, two to eight of them. With a meter: without the mass, then at
/// 0°, 120°, 240°.</param>
public sealed record PropellerTried(
    string Motor,
    BalanceMethod Method,
    double Trial,
    double Radius,
    double TapeAt,
    ImmutableArray<double> Shakes
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        CheckAsks.Of(state).All(a => a.Id != Ask)
            ? new Refusal("check/no-propeller", $"No propeller is balanced on motor \"{Motor}\".", "body.motor")
        : Method != BalanceMethod.ByPosition && Trial is not (> 0 and <= 50)
            ? new Refusal("check/trial", "A trial mass has 0.01 to 50 g.", "body.trial")
        : Method != BalanceMethod.ByPosition && Radius is not (>= 3 and <= 500)
            ? new Refusal("check/radius", "The trial mass lies 3 to 500 mm from the shaft.", "body.radius")
        : Method == BalanceMethod.HeavyBlade && TapeAt is not (>= 3 and <= 500)
            ? new Refusal("check/tape", "Tape lies 3 to 500 mm from the shaft.", "body.tapeAt")
        : Shakes.Any(s => s is not (>= 0 and <= 1000))
            ? new Refusal("check/shake", "A shake lies at 0 to 1000.", "body.shakes")
        : Found(Blades(state)).Refused is { } refusal ? refusal with { Where = "body.shakes" }
        : null;

    // One blade and its counterweight, or a number that no propeller has: as two.
    private int Blades(JobState state) =>
        Math.Max(2, state.Sheet.Power.Motors.FirstOrDefault(m => m.Id == Motor)?.Blades ?? 2);

    private string Ask => CheckAsks.Balance(Motor);

    // What was found, in words; or why nothing was.
    private Outcome<string> Found(int blades) =>
        Method switch
        {
            BalanceMethod.HeavyBlade => $"light blade: {Grams(BladeBalance.Tape(Trial, Radius, TapeAt))} g of tape at "
                + $"{Numbers.Say(TapeAt)} mm from the shaft",
            BalanceMethod.ByPosition => Least,
            _ => Shakes.Length != 4
                ? new Refusal("check/shakes", "Four readings: without the mass, then at three places.")
            : Shakes[0] <= 0 ? new Refusal("check/still", "What does not shake needs no mass.")
            : BladeBalance.ThreeTrials(Shakes[0], Shakes[1], Shakes[2], Shakes[3], Trial).Try(out var put, out var no)
                ? $"{Grams(put.Mass)} g at {Numbers.Say(Radius)} mm, {Math.Round(put.Angle)}° past the first place "
                    + $"towards the second{Over(put, blades)}"
            : no,
        };

    private static string Over(BladeCorrection put, int blades)
    {
        var share = BladeBalance.Shared(put, blades);
        string[] parts =
        [
            .. share.Blades.Where(b => b.Mass >= Shown).Select(b => $"{Grams(b.Mass)} g on blade {b.Blade}"),
            .. share.Hub >= Shown ? [$"{Grams(share.Hub)} g on the hub at {share.HubAngle:0}°"] : (string[])[],
        ];
        return parts.Length > 0 ? $"; that is {string.Join(" and ", parts)}" : "";
    }

    // g that a printed hundredth shows.
    private const double Shown = 0.005;

    private Outcome<string> Least
    {
        get
        {
            if (Shakes.Length is < 2 or > 8)
            {
                return new Refusal("check/positions", "Two to eight positions of the propeller on its shaft.");
            }

            var least = Shakes.Min();
            var at = Shakes.IndexOf(least);
            return Shakes.Count(s => s == least) > 1
                ? new Refusal(
                    "check/alike",
                    Shakes.Max() == least
                        ? "It shakes alike everywhere: turning it does not help. A blade is heavy: balance it."
                        : "Two positions shake alike: try those again, or one between them."
                )
                : $"shakes least at position {at + 1} of {Shakes.Length}: mark hub and shaft there";
        }
    }

    private static string Grams(double mass) => Numbers.Say(Math.Round(mass, 2));

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Check with
            {
                Asks = state.Check.Asks.SetItem(
                    Ask,
                    new CheckShown(
                        false,
                        Found(Blades(state)).Try(out var words, out _) ? Texts.Capital(words) : "",
                        [],
                        Evidence.Of(entry, state.Check.Asks.GetValueOrDefault(Ask)?.Evidence.Attempt + 1 ?? 1)
                    )
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new CheckAskId(Ask).Written];

    public override string Say(JobState state) =>
        $"Propeller{(state.Sheet.Power.Motors.Length > 1 ? $" {Motor}" : "")} tried: "
        + (Found(Blades(state)).Try(out var words, out _) ? words : "not found");
}
