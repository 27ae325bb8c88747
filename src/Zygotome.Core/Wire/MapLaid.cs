using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Wire;

/// <summary>Which plug goes to which port on this job. Leads that are elsewhere by now are to be moved.</summary>
/// <param name="Plugs">Everything that comes to the receiver, each once; several on one port share a Y-lead.</param>
public sealed record MapLaid(ImmutableArray<LaidPlug> Plugs) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        var wiring = Wiring.Of(state);
        var laid = Plugs.IsDefault ? [] : Plugs;
        if (!wiring.IsKnown)
        {
            return new Refusal("wire/receiver", "Say first which receiver it gets; a port map is of its ports.");
        }

        if (laid.FirstOrDefault(l => wiring.Plugs.All(p => p.Id != l.Plug)) is { } unknown)
        {
            return new Refusal("wire/plug", $"Nothing here is plugged as \"{unknown.Plug}\".", "body.plugs");
        }

        if (laid.FirstOrDefault(l => l.Port < 0 || l.Port > wiring.Ask.Ports) is { } far)
        {
            return new Refusal(
                "wire/port",
                $"This receiver has no port {far.Port} that carries a channel; 1 to {wiring.Ask.Ports} do.",
                $"body.plugs[{laid.IndexOf(far)}].port"
            );
        }

        var missing = wiring.Plugs.FirstOrDefault(p => laid.Count(l => l.Plug == p.Id) != 1);
        if (missing is not null)
        {
            return new Refusal("wire/plug-once", $"Say of {missing.Name} once where it goes.", "body.plugs");
        }

        return Shared(state, wiring, laid) ?? Whole(wiring, laid);
    }

    // What would go apart, or is not the same command, never shares a Y-lead.
    private static Refusal? Shared(JobState state, Wiring wiring, ImmutableArray<LaidPlug> laid)
    {
        foreach (var group in laid.Where(l => l.Port > 0).GroupBy(l => l.Port))
        {
            var plugs = group.Select(l => wiring.Plugs.First(p => p.Id == l.Plug)).ToArray();
            var names = string.Join(" and ", plugs.Select(p => p.Name.ToLowerInvariant()));
            if (plugs.Select(p => p.Command).Distinct().Count() > 1)
            {
                return new Refusal(
                    "wire/two-commands",
                    $"On port {group.Key} {names} would hear one signal, and they are moved by different ones.",
                    $"port/{group.Key}"
                );
            }

            if (plugs.Any(p => p.Turn == 1) && plugs.Any(p => p.Turn == -1))
            {
                var first = Remedies
                    .Of(state, [.. plugs.SelectMany(p => p.Feeds).Select(wiring.Consumer).OfType<Consumer>()])
                    .First();
                return new Refusal(
                    "wire/apart",
                    $"On one Y-lead {names} would go apart. Cheapest now: {first.Words} ({first.Cost}).",
                    $"port/{group.Key}"
                );
            }

            if (!PortMaps.MayShare(wiring.Ask, plugs))
            {
                return new Refusal(
                    "wire/contact",
                    $"Port {group.Key} would carry more than {wiring.Ask.MostAmps} A with all of {names} stalled; "
                        + "its contacts are made for no more. The limit is the shop's.",
                    $"port/{group.Key}"
                );
            }
        }

        return null;
    }

    // Half a pair without a signal is worse than both.
    private static Refusal? Whole(Wiring wiring, ImmutableArray<LaidPlug> laid) =>
        wiring
            .Plugs.GroupBy(p => p.Unit)
            .FirstOrDefault(u =>
                u.Any(p => laid.First(l => l.Plug == p.Id).Port == 0)
                && u.Any(p => laid.First(l => l.Plug == p.Id).Port > 0)
            )
            is { } half
            ? new Refusal(
                "wire/half",
                $"{half.First(p => laid.First(l => l.Plug == p.Id).Port == 0).Name} without a port while others of "
                    + "its kind have one: all of them, or none.",
                "body.plugs"
            )
            : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(state.Wire with { Map = Plugs.IsDefault ? [] : Plugs });

    public override string Say(JobState state) => "Port map laid";
}
