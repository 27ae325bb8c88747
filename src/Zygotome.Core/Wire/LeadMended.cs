using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Wire;

/// <summary>
/// A lead was cut, joined, lengthened, or a contact of it put on or opened. Whatever was shown of it is shown anew, and
/// not by its label: it is wiggled and followed first.
/// </summary>
/// <param name="Colours">Each wire is on its own colour, end to end. <paramref name="Sleeved"/>: each joint by itself.
/// <paramref name="Tugged"/>: pulled, and it held.</param>
/// <param name="Adds">Solder, sleeve and wire, g; null where nobody weighed it, and the weight is asked anew.</param>
public sealed record LeadMended(string Lead, LeadWork Work, bool Colours, bool Sleeved, bool Tugged, Mass? Adds = null)
    : EntryBody,
        IPowered
{
    /// <summary>Nothing is soldered under power.</summary>
    public PowerState Needs(JobState state) => PowerState.Unstated;

    public override Refusal? Admit(JobState state, Entry entry) =>
        Wiring.Of(state).Lead(Lead) is null
            ? new Refusal("wire/lead", $"The wiring of this job has no lead \"{Lead}\".", "body.lead")
        : LeadWorks.Joins(Work) && !Colours
            ? new Refusal(
                "wire/colours",
                "Lay it open and follow each wire: signal to signal, + to +, − to −. Crossed, it burns what is on it.",
                "body.colours"
            )
        : LeadWorks.Bares(Work) && !Sleeved
            ? new Refusal(
                "wire/sleeve",
                "A sleeve over each joint, before they lie side by side: bare, they meet in flight.",
                "body.sleeved"
            )
        : !Tugged
            ? new Refusal("wire/tug", "Pull at each joint and contact: one that gives is done again.", "body.tugged")
        : Adds?.Outside(0, 100, "what it adds", "body.adds");

    public override JobState Apply(JobState state, Entry entry)
    {
        var wire = state.Wire;
        return state
            .With(
                wire with
                {
                    Mended = wire.Mended.SetItem(Lead, LeadWorks.Of(Work)),
                    Unproven = wire.Unproven.SetItem(Lead, LeadWorks.Of(Work)),
                    Leads = wire.Leads.GetValueOrDefault(Lead) is { } seen
                        ? wire.Leads.SetItem(Lead, seen with { Pulled = LeadWorks.Of(Work) })
                        : wire.Leads,
                }
            )
            .Disturb(
                entry,
                Say(state),
                [.. LeadPulled.Touches(state, Lead), .. Adds is { Value: 0 } ? [] : DisturbanceMatrix.Weight]
            );
    }

    public override IEnumerable<string> Shows() => [new LeadId(Lead).Written];

    public override string Say(JobState state) =>
        $"{Wiring.Of(state).Lead(Lead)?.Name ?? Lead}: {LeadWorks.Of(Work)}"
        + (LeadWorks.Bares(Work) ? ", sleeved" : "")
        + (Adds is { } grams ? $", {grams.Text} more" : "");
}
