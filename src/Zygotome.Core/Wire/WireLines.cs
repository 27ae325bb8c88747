using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Catalogue;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Wire;

/// <summary>
/// The wiring as the ledger asks for it, and how each is said. A lead is shown by being followed and plugged where it
/// belongs, or by everything it feeds having been seen to move as it must.
/// </summary>
internal static class WireLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        var wiring = Wiring.Of(state);
        if (!wiring.Plugs.IsEmpty)
        {
            yield return Ports(wiring);
        }

        foreach (var (input, apart) in wiring.ApartBehind())
        {
            yield return new Requirement(new AlikeId(input), Concedable.Never, Standing.NotMet, new AlikeFacts(apart));
        }

        foreach (var lead in wiring.Leads.Where(l => !l.IsLost))
        {
            yield return Of(state, lead);
        }

        foreach (var device in state.Wire.Devices.Keys)
        {
            yield return Room(wiring, device);
        }

        if (Connector(state) is { } connector)
        {
            yield return connector;
        }

        if (Supply.Of(state) is { IsStated: true } supply && state.School(Schools.ReceiverPower) != "separate")
        {
            yield return new Requirement(
                new SupplyId(),
                Concedable.ByLead,
                supply.Fits || state.School(Schools.ReceiverPower) == "computed" ? Standing.Met : Standing.NotMet,
                new SupplyFacts(supply)
            );
        }

        foreach (var ask in WireAsks.Of(state))
        {
            var shown = state.Wire.Asks.GetValueOrDefault(ask.Id);
            yield return new Requirement(
                new WireAskId(ask.Id),
                ask.IsVital ? Concedable.Never : Concedable.ByLead,
                Requirement.Stands(shown is null ? null : ask.IsSo(shown.Right, shown.Measured)),
                new AskFacts(ask, shown)
            )
            {
                Evidence = shown?.Evidence,
                RestsOn = Rests.On([]).And([new Setting(ask.On), .. Answers]),
            };
        }
    }

    private static IEnumerable<Setting> Answers => RadioSettings.Answers(Schools.Wiring);

    private static Requirement Ports(Wiring wiring)
    {
        var lost = wiring.Leads.Where(l => l.IsLost).ToImmutableArray();
        return new Requirement(
            new PortsId(),
            lost.Any(l => l.IsVital) ? Concedable.Never : Concedable.ByLead,
            !wiring.IsKnown ? Standing.NotShown
                : lost.IsEmpty ? Standing.Met
                : Standing.NotMet,
            new PortsFacts(wiring, lost)
        )
        {
            Object = string.Join(", ", lost.Select(l => l.Id)),
        };
    }

    private static Requirement Of(JobState state, WireLead lead)
    {
        var concedable = lead.IsVital ? Concedable.Never : Concedable.ByLead;
        var plug = state.Wire.Leads.GetValueOrDefault(lead.Id);
        var moved = Moved(state, lead);
        if (plug is null && moved is not null)
        {
            return new Requirement(new LeadId(lead.Id), concedable, Standing.Met, new LeadFacts(lead, null, true))
            {
                Evidence = moved,
                RestsOn = Rests.On([
                    .. lead.Feeds.SelectMany(c => c.Moves).Select(m => new Aspect(AspectKind.Direction, m)),
                ]),
            };
        }

        return new Requirement(
            new LeadId(lead.Id),
            concedable,
            Requirement.Stands(
                plug is null || plug.Pulled.Length > 0 ? null
                : !IsRight(lead, plug) ? false
                : state.Wire.Unproven.ContainsKey(lead.Id) ? null
                : true
            ),
            new LeadFacts(lead, plug, false)
        )
        {
            Evidence = plug is { Pulled.Length: 0 } ? plug.Evidence : null,
            RestsOn = Rests
                .On([.. lead.Feeds.SelectMany(c => c.Moves).Select(DisturbanceMatrix.Lead)])
                .And(new Setting(SettingKind.Receiver)),
        };
    }

    // Of a board or stabiliser of which somebody said what it is.
    private static Requirement Room(Wiring wiring, string of)
    {
        var without = wiring
            .InSockets(of)
            .Skip(wiring.Kind(of)?.Sockets.Length ?? 0)
            .Select(s => s.Lead)
            .OfType<WireLead>()
            .ToImmutableArray();
        return new Requirement(
            new RoomId(of),
            Concedable.Never,
            Requirement.Stands(without.IsEmpty),
            new RoomFacts(of, wiring.Kind(of), without)
        );
    }

    private static Requirement? Connector(JobState state) =>
        state.Wire.Connector is { } seen && state.Aboard.MostDraw(state.Sheet) is { } draw
            ? new Requirement(
                new ConnectorId(),
                Concedable.ByLead,
                Requirement.Stands(Numbers.Round(draw - seen.Kind.Amps) <= 0),
                new ConnectorFacts(seen.Kind, draw)
            )
            {
                Evidence = seen.Evidence,
                Object = seen.Kind.Name,
            }
            : null;

    /// <summary>In its place, and leading to what its label says.</summary>
    internal static bool IsRight(WireLead lead, PlugSeen plug) =>
        plug.Into == lead.To.Key && (plug.Serves.Length == 0 || lead.Feeds.Any(c => c.Id == plug.Serves));

    // The latest of what shows all that it feeds; null while something of that was not seen.
    private static Evidence? Moved(JobState state, WireLead lead)
    {
        var seen = state.The<ISeenMoving>();
        Evidence?[] all = [.. lead.Feeds.SelectMany(c => c.Moves).Select(m => seen.SeenMoving(state.Sheet, m))];
        return all.Length > 0 && all.All(e => e is not null) ? all.MaxBy(e => e!.Seq) : null;
    }

    private sealed record PortsFacts(Wiring Wiring, ImmutableArray<WireLead> Lost) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var named = string.Join(", ", Lost.Select(l => l.Name.ToLowerInvariant()));
            return new LineWords(
                "Everything has a port",
                "",
                "",
                !Wiring.IsKnown ? ""
                    : Lost.IsEmpty ? $"{Wiring.Plugs.Length} plugs on {Wiring.Ask.Ports} ports"
                    : $"without: {named}",
                !Wiring.IsKnown ? "Which receiver it gets is not known yet."
                    : Lost.IsEmpty && Wiring.Cost.YLeads > 0
                        ? $"{Wiring.Cost.YLeads} by a Y-lead; {(Wiring.IsLaid ? "as laid" : "the best there is")}."
                    : Lost.IsEmpty ? "Each has its own."
                    : $"No port is left for {named}. {Gain.Cheapest(state)}"
            );
        }
    }

    private sealed record AlikeFacts(ImmutableArray<Consumer> Apart) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var names = string.Join(" and ", Apart.Select(c => c.Name.ToLowerInvariant()));
            var first = Remedies.Of(state, Apart).First(r => r.Kind != RemedyKind.OwnChannel);
            return new LineWords(
                $"One signal moves {names} alike",
                "",
                "",
                "they would go apart",
                $"By what the sheet says of its servos they go apart on one signal. {first.Words}: {first.Cost}."
            );
        }
    }

    private sealed record LeadFacts(WireLead Lead, PlugSeen? Plug, bool Moved) : LineFacts
    {
        public override LineWords Words(JobState state)
        {
            var wiring = Wiring.Of(state);
            var into =
                Plug is null ? null
                : LeadPlugged.Sockets(wiring).FirstOrDefault(s => s.Key == Plug.Into) is { } socket
                    ? wiring.Words(socket)
                : Plug.Into;
            var serves = Plug is { Serves.Length: > 0 } ? wiring.Consumer(Plug.Serves) : null;
            var (reading, why) = Plug switch
            {
                null when Moved => ("seen to move", "All it feeds was seen to move as it must."),
                null => ("", "Not followed and plugged yet."),
                { Pulled.Length: > 0 } => ("pulled out", $"Pulled out: {Plug.Pulled}."),
                _ when serves is not null && Lead.Feeds.All(c => c.Id != serves.Id) => (
                    $"leads to {serves.Name.ToLowerInvariant()}",
                    $"Its label lies: its wires lead to {serves.Name.ToLowerInvariant()}. Swap the two plugs, and put "
                        + "a true label on each."
                ),
                _ when Plug.Into != Lead.To.Key => (
                    $"in {into}",
                    $"It is in {into}; it belongs in {wiring.Words(Lead.To)}."
                ),
                _ when state.Wire.Unproven.GetValueOrDefault(Lead.Id) is { } doubt => (
                    $"in {into}",
                    $"Its label proves nothing ({doubt}): wiggle it and say what moves."
                ),
                _ => (
                    $"in {into}",
                    "Signal side looked at, its wires followed."
                        + (Lead.Mended.Length > 0 ? $" {Texts.Capital(Lead.Mended)}." : "")
                ),
            };
            return new LineWords($"{Lead.Name}: to {wiring.Words(Lead.To)}", "", "", reading, why);
        }
    }

    private sealed record RoomFacts(string Of, DeviceKind? Kind, ImmutableArray<WireLead> Without) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"A socket of the {Places.Words(Of)} for each lead",
                $"{Kind?.Sockets.Length} sockets",
                "",
                Kind?.Name ?? "",
                Without.IsEmpty
                    ? "Each has its own."
                    : $"No socket is left for {string.Join(", ", Without.Select(l => l.Name.ToLowerInvariant()))}."
            );
    }

    private sealed record ConnectorFacts(ConnectorKind Kind, double Draw) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                "The plug between pack and controller carries what is drawn",
                $"{Numbers.Say(Kind.Amps)} A",
                "",
                $"{Kind.Name}: {Numbers.Say(Math.Round(Draw, 1))} A drawn",
                Numbers.Round(Draw - Kind.Amps) <= 0
                    ? $"{Numbers.Say(Math.Round(Kind.Amps - Draw, 1))} A are left."
                    : $"{Numbers.Say(Math.Round(Draw - Kind.Amps, 1))} A too many: it softens and lets go. A larger "
                        + "one on both."
            );
    }

    private sealed record SupplyFacts(Supply Supply) : LineFacts
    {
        public override IEnumerable<string> SheetPaths => [$"$.{PowerFields.Regulator}"];

        public override LineWords Words(JobState state) =>
            new(
                "What hangs on the receiver's power",
                Supply.Limits,
                "",
                Supply.Reading,
                Supply.Fits ? "The controller's regulator gives it."
                    : state.School(Schools.ReceiverPower) == "computed"
                        ? "More than the regulator gives: the receiver gets a supply of its own."
                    : $"More than the regulator gives. Cheapest now: {string.Join("; else ", Remedied(state))}."
            );

        private static IEnumerable<string> Remedied(JobState state)
        {
            yield return "a supply of its own for the receiver (25 min, to be bought)";
            var heaviest = state
                .Sheet.Servos.Select(s => (s.Id, Draw: state.Aboard.ServoDraw(s.Id) ?? ReceiverLoad.Of(s)))
                .OrderByDescending(s => s.Draw.Stall)
                .FirstOrDefault();
            if (heaviest.Id is { } id)
            {
                yield return $"a servo that draws less than {Numbers.Say(heaviest.Draw.Stall)} A stalled for "
                    + $"{Wiring.Of(state).Consumer(id)?.Name.ToLowerInvariant() ?? id} (40 min, to be bought)";
            }
        }
    }

    private sealed record AskFacts(WireAsk Ask, AskShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Ask.Words,
                "",
                "",
                Shown switch
                {
                    null => "",
                    { Note.Length: > 0 } => Shown.Note,
                    { Measured: { } length } => length.Text,
                    { By: { } by, Right: true } => $"{HeldWords.Of(by)}, tugged",
                    { Right: true } => "yes",
                    _ => "no",
                },
                Shown is null ? "Not looked at yet."
                    : Ask.IsSo(Shown.Right, Shown.Measured) ? Ask.Why
                    : Shown is { Measured.Value: var m } && Ask.Most is { } most && m > most
                        ? $"{Numbers.Say(m - most)} mm too long. {Ask.Mend}"
                    : Ask.Mend
            );
    }
}
