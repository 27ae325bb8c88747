using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Wire;

/// <summary>
/// What is asked of a job's wiring beside its leads, from sheet, receiver, schools and add-ons, in the order in which
/// it comes up. A further question is a further line here.
/// </summary>
public static class WireAsks
{
    /// <summary>Pack-side lead of a controller, mm: the shop's limit.</summary>
    internal const double PackLead = 250;

    /// <summary>In order; the same for the same state.</summary>
    public static ImmutableArray<WireAsk> Of(JobState state) =>
        state
            .Once(s => new All([
                .. Sources(s).Concat(Held(s)).Concat(Aerial(s)).Concat(Leads(s)).Concat(Added(s)).DistinctBy(a => a.Id),
            ]))
            .Of;

    private sealed record All(ImmutableArray<WireAsk> Of);

    // One source of receiver power: of several controllers one gives it, of a separate supply none.
    private static IEnumerable<WireAsk> Sources(JobState state)
    {
        var controllers = Wiring.Of(state).Consumers.Where(c => c.IsController).ToArray();
        var separate = Supply.IsSeparate(state);
        foreach (var controller in separate ? controllers : controllers.Skip(1))
        {
            yield return new WireAsk(
                $"positive/{controller.Id}",
                $"{controller.Name}: positive wire out of its plug, its end insulated?",
                separate
                    ? "The receiver has a supply of its own: two sources fight each other."
                    : $"{controllers[0].Name} gives the receiver its power; two sources fight each other.",
                "Lift the contact's tongue, draw the red wire out, sleeve its end and tie it back."
            );
        }

        foreach (var controller in controllers)
        {
            yield return new WireAsk(
                $"pack-lead/{controller.Id}",
                $"{controller.Name}: its lead to the pack, {Numbers.Say(PackLead)} mm or less?",
                "A longer one lets the voltage ring until the controller fails. The limit is the shop's.",
                "Shorten it, or move the controller to the pack and lengthen the three motor wires instead; then ask "
                    + "anew where its air comes from."
            )
            {
                IsVital = false,
                Most = PackLead,
            };
        }
    }

    private static IEnumerable<WireAsk> Held(JobState state)
    {
        var sheet = state.Sheet;
        if (Wiring.Of(state).Plugs.Length > 0)
        {
            yield return Tug("receiver", "Receiver", "", [HeldBy.Strap, HeldBy.Bead, HeldBy.Screws, HeldBy.Tape]);
        }

        foreach (var board in sheet.Boards)
        {
            yield return Tug(board.Id, "Board", "", [HeldBy.Strap, HeldBy.Bead, HeldBy.Screws, HeldBy.Tape]);
        }

        if (sheet.Radio.Stabiliser.Likely == true)
        {
            yield return Tug(
                "stabiliser",
                "Stabiliser",
                ", label and arrow as the sheet says",
                [HeldBy.Tape, HeldBy.Screws, HeldBy.Bead]
            );
        }

        if (sheet.Power.Packs.Length > 0 || sheet.Power.Motors.Length > 0)
        {
            yield return Tug("pack", "Flight pack in its bay", ", against its stop", [HeldBy.Strap, HeldBy.Screws]) with
            {
                On = SettingKind.Pack,
            };
        }
    }

    private static WireAsk Tug(string id, string what, string so, ImmutableArray<HeldBy> ways) =>
        new(
            $"held/{id}",
            $"{what}: held{so}, tugged, and it stays?",
            "A press fit lets go in the first hard landing.",
            "A strap or a bead across it, then tug again."
        )
        {
            Ways = ways,
        };

    private static IEnumerable<WireAsk> Aerial(JobState state)
    {
        var sheet = state.Sheet;
        if (Wiring.Of(state).Plugs.IsEmpty)
        {
            yield break;
        }

        string[] clear =
        [
            .. sheet.Power.Motors.Any(m => m.IsFan) ? ["outside the fan's intake"] : (string[])[],
            .. sheet.Geometry.Placed.Any(p => p.Kind is PlacedKind.Spar) ? ["clear of spar and carbon"] : (string[])[],
            .. sheet.Power.Motors.Length > 0 ? ["clear of controller and motor wires"] : (string[])[],
        ];
        yield return new WireAsk(
            "aerial",
            $"Aerial ends free, apart and fixed{string.Concat(clear.Select(c => $", {c}"))}?",
            sheet.Power.Motors.Any(m => m.IsFan)
                ? "A fan draws in what lies before it; carbon hides what lies beside it."
                : "Carbon and current hide what lies beside them.",
            "Lead both ends in tubes or under tape, a right angle between them, where nothing shades them."
        );
    }

    private static IEnumerable<WireAsk> Leads(JobState state)
    {
        var sheet = state.Sheet;
        if (Wiring.Of(state).Leads.IsEmpty)
        {
            yield break;
        }

        yield return new WireAsk(
            "leads-clear",
            "Every lead clear of arms, rods and hinges at full travel, and of propeller or fan?",
            "What moves saws through what lies beside it.",
            "Lead it the other way round or fix it with a strip of tape."
        );
        var parted = sheet.Leads.Count(l => l.Says(RadioFields.Lead.Separable).Likely == true);
        if (parted > 0)
        {
            yield return Joints(state, parted);
        }
    }

    // As the owner carries it: what stays on is pulled before it is closed in, what comes off is told apart by colour.
    private static WireAsk Joints(JobState state, int parted) =>
        state.School(Schools.WingConnectors) == "free" || state.School(Schools.WingTransport) == "parted"
            ? new WireAsk(
                "plugs-coloured",
                $"{parted} plugs of the wing free, each with a colour band of its own on both halves?",
                "The owner plugs them at the field: what has the same colour belongs together.",
                $"Print the labels; on each plug and its other half: {Bands(state)}."
            )
            : new WireAsk(
                "joints-pulled",
                $"{parted} joints of the wing pulled, then {Closed(state)}?",
                "What is closed in is not looked at again.",
                "Pull each apart by its plugs, not its wires; one that gives is crimped anew, then pulled again."
            );

    private static string Bands(JobState state) =>
        string.Join(
            ", ",
            Wiring
                .Of(state)
                .Leads.Where(l => l.Band is not null)
                .Select(l => $"{l.Name.ToLowerInvariant()} {l.Band!.Words}")
        );

    private static string Closed(JobState state) =>
        state.School(Schools.WingConnectors) == "knot" ? "knotted" : "sleeved";

    // Whatever the owner wants aboard hangs on a port or on nothing.
    private static IEnumerable<WireAsk> Added(JobState state) =>
        state
            .Aboard.AddOns.Where(a => a.Port.Length > 0 && a.State != AddOnState.NotConnected)
            .Select(a => new WireAsk(
                $"add-on/{a.Name}",
                $"{Texts.Capital(a.Name)} plugged at {a.Port}, and what shares that port still moves the right way?",
                "Two on one port draw on one contact, and hear one signal.",
                "Give it a port of its own, or power alone."
            )
            {
                IsVital = false,
            });
}
