using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Wire;

/// <summary>
/// A plug was pushed in, or found in: its signal side looked at, its wires followed, wiggled at what it serves. A label
/// proves nothing.
/// </summary>
/// <param name="Lead">As the wiring of the job calls it.</param>
/// <param name="Into">Where it is: <c>receiver/6</c>.</param>
/// <param name="Signal">The signal wire is on the signal side.</param>
/// <param name="Serves">What its wires were found to lead to; left out: what its label says.</param>
public sealed record LeadPlugged(string Lead, string Into, bool Signal, string? Serves = null) : EntryBody, IPowered
{
    /// <summary>No plug is moved under power.</summary>
    public PowerState Needs(JobState state) => PowerState.Unstated;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        var wiring = Wiring.Of(state);
        if (wiring.Lead(Lead) is not { } lead)
        {
            return new Refusal("wire/lead", $"The wiring of this job has no lead \"{Lead}\".", "body.lead");
        }

        if (!Signal)
        {
            return new Refusal(
                "wire/signal-side",
                "Draw it out and turn it: the signal wire goes to the signal side. Nothing counts until it does.",
                "body.signal"
            );
        }

        if (lead.IsLost)
        {
            return new Refusal("wire/no-port", $"{lead.Name} has no port on this receiver.", "body.lead");
        }

        if (Sockets(wiring).All(s => s.Key != Into))
        {
            return new Refusal("wire/into", $"There is nothing called \"{Into}\" to plug it into.", "body.into");
        }

        return Serves is { } serves && wiring.Consumer(serves) is null
                ? new Refusal(
                    "wire/serves",
                    $"This aircraft has nothing called \"{serves}\" to be moved.",
                    "body.serves"
                )
            : Serves is null && lead.IsOfConsumer && state.Wire.Unproven.GetValueOrDefault(Lead) is { } why
                ? new Refusal("wire/wiggle", $"Its label proves nothing ({why}): say what moves.", "body.serves")
            : null;
    }

    /// <summary>Everything a plug of this job may be in.</summary>
    internal static IEnumerable<WireEnd> Sockets(Wiring wiring) =>
        wiring
            .Leads.Select(l => l.To)
            .Where(t => t.On is not (Socketed.Nowhere or Socketed.Receiver))
            .Concat(Enumerable.Range(1, wiring.Ask.Ports).Select(p => new WireEnd(Socketed.Receiver, $"{p}")))
            .Distinct();

    // Pulled and plugged again it may be in the wrong port; the first word on it is a word on what was there.
    public override JobState Apply(JobState state, Entry entry)
    {
        var before = state.Wire.Leads.GetValueOrDefault(Lead);
        var seen = new PlugSeen(Into, Serves ?? "", Evidence.Of(entry, before?.Evidence.Attempt + 1 ?? 1));
        var next = state.With(
            state.Wire with
            {
                Leads = state.Wire.Leads.SetItem(Lead, seen),
                Unproven = Doubted(state),
            }
        );
        return before is null || (before.Into == Into && before.Pulled.Length == 0)
            ? next
            : next.Disturb(entry, Say(state), LeadPulled.Touches(state, Lead));
    }

    // A label that lies is another's: neither proves anything until both are wiggled. A Y-lead or an input has no end
    // of its own to wiggle: it is followed.
    private ImmutableSortedDictionary<string, string> Doubted(JobState state)
    {
        var doubted = state.Wire.Unproven;
        var lead = Wiring.Of(state).Lead(Lead);
        return Serves is not { } serves ? (lead?.IsOfConsumer == true ? doubted : doubted.Remove(Lead))
            : lead?.Feeds.Any(c => c.Id == serves) == true ? doubted.Remove(Lead)
            : doubted.SetItem(Lead, "it lied").SetItem(serves, "another's lied");
    }

    public override IEnumerable<string> Shows() => [new LeadId(Lead).Written];

    public override string Say(JobState state)
    {
        var wiring = Wiring.Of(state);
        var into = Sockets(wiring).FirstOrDefault(s => s.Key == Into)?.Words ?? Into;
        var lies =
            Serves is { } other && wiring.Lead(Lead)?.Feeds.All(c => c.Id != other) == true
                ? $": its wires lead to {wiring.Consumer(other)?.Name.ToLowerInvariant() ?? other}"
                : "";
        return $"{wiring.Lead(Lead)?.Name ?? Lead} to {into}{lies}";
    }
}
