using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Check;

/// <summary>What numbers say: whether it is so, and what to do or what was found.</summary>
public sealed record Gauged(bool Right, string Words);

/// <summary>What a question measures, and what the numbers say. mm throughout.</summary>
public abstract record CheckGauge
{
    private CheckGauge() { }

    /// <summary>What is measured, in the order in which it is typed.</summary>
    public abstract ImmutableArray<string> Measures { get; }

    /// <summary>"at least 3 mm".</summary>
    public abstract string Limits { get; }

    /// <param name="mm">As many as <see cref="Measures"/>, in their order.</param>
    public abstract Gauged Judge(IReadOnlyList<double> mm);

    /// <summary>A gap that is not to be smaller.</summary>
    public sealed record AtLeast(double Least) : CheckGauge
    {
        public override ImmutableArray<string> Measures { get; } = ["gap"];

        public override string Limits => $"at least {Numbers.Say(Least)} mm";

        public override Gauged Judge(IReadOnlyList<double> mm) => new(Numbers.Round(mm[0] - Least) >= 0, "");
    }

    /// <summary>
    /// A bore on its shaft: smaller is drilled out, larger takes a ring; a hub with play walks out of true and throws a
    /// blade. What may lie between them is the shop's.
    /// </summary>
    public sealed record Bore : CheckGauge
    {
        // mm of play that a hub may have, and of press that fingers still overcome: the shop's.
        private const double Play = 0.1,
            Press = 0.05;

        public override ImmutableArray<string> Measures { get; } = ["bore, or inside of its ring", "shaft"];

        public override string Limits => $"at most {Numbers.Say(Play)} mm over the shaft";

        public override Gauged Judge(IReadOnlyList<double> mm)
        {
            var (bore, shaft) = (mm[0], mm[1]);
            var over = Numbers.Round(bore - shaft);
            return over > Play
                    ? new(
                        false,
                        $"{Numbers.Say(over)} mm loose: a ring {Numbers.Say(shaft)} mm inside and "
                            + $"{Numbers.Say(bore)} mm outside, or another propeller. Then measure inside the ring."
                    )
                : over < -Press
                    ? new(
                        false,
                        $"Bore it out by {Numbers.Say(-over)} mm to {Numbers.Say(shaft)} mm, from the printed face, "
                            + "square to it."
                    )
                : new(true, $"{Numbers.Say(bore)} mm on {Numbers.Say(shaft)} mm");
        }
    }

    /// <summary>A wheel in its well: what is left on each side, and how far its leg is shifted.</summary>
    public sealed record Well : CheckGauge
    {
        // mm on either side: the shop's.
        private const double Least = 1;

        public override ImmutableArray<string> Measures { get; } = ["left of it", "right of it"];

        public override string Limits => $"at least {Numbers.Say(Least)} mm on each side";

        public override Gauged Judge(IReadOnlyList<double> mm)
        {
            var (left, right) = (mm[0], mm[1]);
            var shift = Numbers.Round(Math.Abs(left - right) / 2);
            var (near, far) = left < right ? ("left", "right") : ("right", "left");
            return Math.Min(left, right) >= Least ? new(true, "")
                : left + right < 2 * Least
                    ? new(
                        false,
                        $"Only {Numbers.Say(Numbers.Round(left + right))} mm in all: the well is opened or a narrower "
                            + "wheel goes in; no shift is enough."
                    )
                : new(
                    false,
                    $"Loosen the {near} bolts of its unit first, then the {far} ones; shift it "
                        + $"{Numbers.Say(shift)} mm to the {far}; tighten across. Then clean cycles again."
                );
        }
    }
}
