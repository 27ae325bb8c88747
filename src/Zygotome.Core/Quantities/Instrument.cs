namespace Zygotome.Core.Quantities;

/// <summary>What was measured with and its expanded uncertainty, in the unit it reads; copied into the entry.</summary>
/// <param name="Reads">mm, degrees, g, %; empty in older entries.</param>
public sealed record Instrument(string Name, double U, string Id = "", string Reads = "")
{
    /// <summary>
    /// A transmitter's own screen, for throws printed in radio percent: whole percents, half of one either way.
    /// </summary>
    public static readonly Instrument Transmitter = new("transmitter", 0.5, "transmitter", "%");

    /// <summary>The refusal of an instrument that does not read this unit.</summary>
    internal Refusal? Reading(string unit) =>
        Reads.Length == 0 || Reads == unit
            ? null
            : new Refusal("instrument/reads", $"{Texts.Capital(Name)} reads {Reads}, not {unit}.", "body.instrument");

    internal Refusal? Admit(double most) =>
        U <= 0 || U > most || !double.IsFinite(U)
            ? new Refusal(
                "instrument/uncertainty",
                $"An uncertainty of {Numbers.Say(U)} is not possible for {Name}; it is above 0 and at most "
                    + $"{Numbers.Say(most)}.",
                "body.instrument.u"
            )
            : Texts.Fits(Name, "body.instrument.name", 60);
}
