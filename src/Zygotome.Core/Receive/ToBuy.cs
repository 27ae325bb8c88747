using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Receive;

/// <summary>
/// Everything that must be bought, derived on the first day from sheet, schools, receiver, packs and what the shop has.
/// </summary>
public static class ToBuy
{
    // Slack so that a lead is never taut where a wing parts.
    private const double Slack = 40;

    /// <summary>What is wanting beside what the shop has, each line once, with what was said of it.</summary>
    public static ImmutableArray<ToBuyLine> Of(JobState state, Stock stock) =>
        [
            .. Asked(state, stock)
                .DistinctBy(a => a.Id)
                .Select(a =>
                    state.Receive.Bought.TryGetValue(a.Id, out var b)
                        ? new ToBuyLine(
                            Id: a.Id,
                            What: a.What,
                            Why: a.Why,
                            For: a.For,
                            Since: state.Receive.ReceivedOn,
                            State: b.State,
                            Due: b.Due,
                            Note: b.Note
                        )
                        : new ToBuyLine(
                            Id: a.Id,
                            What: a.What,
                            Why: a.Why,
                            For: a.For,
                            Since: state.Receive.ReceivedOn,
                            State: BuyState.Open,
                            Due: null,
                            Note: ""
                        )
                ),
        ];

    /// <summary>What a line is called, whatever the shop has; its id where nothing asks for it any more.</summary>
    public static string Named(JobState state, string id) =>
        state.Receive.Battery is null
            ? id
            : Asked(state, new Stock([], [], [])).FirstOrDefault(a => a.Id == id).What ?? id;

    private static IEnumerable<(string Id, string What, string Why, string For)> Asked(JobState state, Stock stock) =>
        [
            .. Power(state),
            .. Parts(state),
            .. Chosen(state),
            .. Leads(state, stock),
            .. Glue(state, stock),
            .. Tools(state, stock),
        ];

    /// <summary>Whether the receiver has a supply of its own because somebody chose so.</summary>
    public static bool OwnSupply(JobState state) => state.School(Schools.ReceiverPower) == "separate";

    /// <summary>Whether the kit's own servos are replaced at once.</summary>
    public static bool Replaces(JobState state) => state.School(Schools.SuppliedServos) == "replace";

    // What the way it is done asks for.
    private static IEnumerable<(string Id, string What, string Why, string For)> Chosen(JobState state)
    {
        var sheet = state.Sheet;
        if (Replaces(state))
        {
            foreach (var servo in sheet.Servos.Where(s => !state.Receive.Servos.ContainsKey(s.Id)))
            {
                var torque = servo.Says(RadioFields.Servo.Torque).Counts;
                yield return (
                    $"servo/{servo.Id}",
                    $"Servo for {string.Join(" and ", servo.Drives.Select(Places.Words))}"
                        + (torque is null ? "" : $", at least {torque.Text}"),
                    "Replaced at once, as chosen; the supplied one goes back to the owner.",
                    "Wire"
                );
            }
        }

        if (state.The<IWired>().HasOwnSupply(state))
        {
            var (working, peak) = ServoFit.Load(sheet, state.Receive.Servos);
            yield return (
                "regulator/separate",
                working > 0
                    ? $"Separate receiver power, {Numbers.Say(working)} A and {Numbers.Say(peak)} A for a moment"
                    : "Separate receiver power",
                (OwnSupply(state) ? "As chosen" : "By the numbers")
                    + "; the controller's positive wire comes out and is insulated.",
                "Wire"
            );
        }

        var parting = sheet.Leads.Count(l => l.Says(RadioFields.Lead.Separable).Likely == true);
        if (parting > 0 && state.School(Schools.WingConnectors) == "sleeve")
        {
            yield return (
                "sleeve/wing",
                $"{parting} sleeves for the wing's plugs",
                "They part for the road; sleeved where the wing stays on, coloured where it comes off.",
                "Wire"
            );
        }
    }

    private static IEnumerable<(string Id, string What, string Why, string For)> Power(JobState state)
    {
        var (sheet, r) = (state.Sheet, state.Receive);
        if (r.Battery is null)
        {
            yield return (
                "pack/any",
                "Flight pack"
                    + (PackPower.Named(sheet) is { Length: > 0 } of ? $" of {string.Join(" or ", of)} cells" : "")
                    + (
                        sheet.Geometry.Bay is { } room
                            ? $", up to {Numbers.Say(room.To - room.From)} mm long"
                                + (room.Width > 0 ? $", {Numbers.Say(room.Width)} × {Numbers.Say(room.Height)} mm" : "")
                            : ""
                    ),
                "It is still to be chosen.",
                "Balance"
            );
        }

        if (r.ReceiverChannels == 0)
        {
            yield return (
                "receiver/any",
                $"Receiver with {sheet.Radio.Functions.Length} channels and ports or more"
                    + (r.Transmitter is { Protocol.Length: > 0 } t ? $", speaking {t.Protocol}" : ""),
                "It is still to be bought.",
                "Wire"
            );
        }

        if (
            r.Battery is not null
            && !(
                PacksTogether.Asked(sheet) > 1
                    ? CounterChecks.PackFits(sheet, r.Battery).Fits
                    : r.Packs.Any(p => CounterChecks.PackFits(sheet, p.Battery).Fits)
            )
            && sheet.Geometry.Bay is { } bay
        )
        {
            yield return (
                "pack/fits",
                $"Flight pack up to {Numbers.Say(bay.To - bay.From)} mm "
                    + $"long{(bay.Width > 0 ? $", {Numbers.Say(bay.Width)} × {Numbers.Say(bay.Height)} mm" : "")}",
                CounterChecks.PackFits(sheet, r.Battery!).Why,
                "Balance"
            );
        }

        var train = new PowerTrain(sheet, r.Drives);
        foreach (
            var connector in (
                train.Connectors is { Length: > 0 } other
                    ? other
                    : sheet.Power.Packs.Select(p => p.Says(PowerFields.Pack.Connector).Counts).OfType<string>()
            ).Where(c =>
                r.Battery is { Connector.Length: > 0 } b && !c.Equals(b.Connector, StringComparison.OrdinalIgnoreCase)
            )
        )
        {
            yield return (
                "adapter/pack",
                $"Adapter, {r.Battery!.Connector} to {connector}",
                "The pack's connector is not the controller's.",
                "Bind"
            );
        }

        if (
            r.Battery is { } measured
            && PackPower.Cells(sheet, train, measured) is { Suits: false } cells
            && (
                PacksTogether.Asked(sheet) > 1
                || !r.Packs.Any(p => PackPower.Cells(sheet, train, p.Battery) is { Suits: true })
            )
        )
        {
            var of = train.IsOther ? [] : PackPower.Named(sheet);
            yield return (
                "pack/cells",
                of.Length > 0 ? $"Flight pack of {string.Join(" or ", of)} cells" : "Flight pack of other cells",
                cells.Why,
                "Balance"
            );
        }

        if (PacksTogether.Asked(sheet) is > 1 and var together && r.Packs.Count < together && r.Battery is not null)
        {
            yield return (
                "pack/more",
                together - r.Packs.Count == 1 ? "A pack more, alike" : $"{together - r.Packs.Count} packs more, alike",
                $"It flies on {together} packs together.",
                "Balance"
            );
        }

        foreach (var (motor, kind) in sheet.Power.Motors.Select(m => (m, r.Drives.GetValueOrDefault(m.Id)?.Kind)))
        {
            if (kind is not null && train.Judge(motor) is { Suits: false } drive)
            {
                yield return ($"drive/{motor.Id}", "Motor, propeller or controller that suits", drive.Why, "Bind");
            }
        }

        if (r.Battery is { } flight && PackPower.Current(train, flight) is { Suits: false } current)
        {
            yield return (
                "pack/c-rating",
                $"Flight pack of at least "
                    + $"{Numbers.Say(Math.Ceiling(train.Known * 1000 / (double)flight.Capacity.Nominal))} C",
                current.Why,
                "Check"
            );
        }

        if (
            CounterChecks.Protocol(r.Transmitter?.Protocol, r.Receiver?.Protocol) is { Alike: false } protocol
            && state.Settings.ChangedAt(new Setting(SettingKind.Memory)) == 0
        )
        {
            yield return ("receiver/protocol", $"Receiver that hears {r.Transmitter!.Protocol}", protocol.Why, "Bind");
        }

        if (
            r.ReceiverChannels > 0
            && CounterChecks.PortsEnough(sheet, r.ReceiverChannels, r.Receiver?.Ports) is { Enough: false } ports
        )
        {
            yield return (
                "receiver/ports",
                $"Receiver with {sheet.Radio.Functions.Length} channels and ports or more",
                ports.Why,
                "Wire"
            );
        }
    }

    // What the kit needs and its box does not hold.
    private static IEnumerable<(string Id, string What, string Why, string For)> Parts(JobState state) =>
        from part in state.Sheet.Parts
        where !part.IsSupplied && !part.IsFitted
        let steps = state.Sheet.Steps.Where(s => s.Parts.ContainsKey(part.Id)).Select(s => s.Title).ToArray()
        select (
            $"part/{part.Id}",
            $"{part.Quantity} × {part.Name}",
            "Not in the kit's box.",
            steps.Length > 0 ? string.Join(", ", steps) : "Build"
        );

    private static IEnumerable<(string Id, string What, string Why, string For)> Leads(JobState state, Stock stock)
    {
        var sheet = state.Sheet;
        foreach (var lead in sheet.Leads)
        {
            // What is to be bought may rest on a likely length; a lead too long costs little.
            var own = sheet.Servos.FirstOrDefault(s => s.Id == lead.From)?.Says(RadioFields.Servo.Lead).Likely ?? 0;
            var reach = lead.Says(RadioFields.Lead.Reach).Likely ?? LeadRoute.Length(sheet, lead) ?? 0;
            var wanting = reach == 0 ? 0 : reach + Slack - own;
            if (wanting <= 0)
            {
                continue;
            }

            var length = stock.LeadLengths.Where(l => l >= wanting).DefaultIfEmpty(wanting).Min();
            yield return (
                $"lead/{lead.Id}",
                $"Extension lead {Numbers.Say(Math.Ceiling(length))} mm for "
                    + $"{(lead.Label.Length > 0 ? lead.Label : lead.Id)}",
                $"It has to go {Numbers.Say(reach)} mm; its own lead is {Numbers.Say(own)} mm, and "
                    + $"{Numbers.Say(Slack)} mm are left slack.",
                "Wire"
            );
        }

        foreach (var (id, name, why) in state.The<IWired>().YLeads(state))
        {
            yield return ($"y-lead/{id}", name, why, "Wire");
        }
    }

    private static IEnumerable<(string Id, string What, string Why, string For)> Glue(JobState state, Stock stock)
    {
        foreach (var step in state.Sheet.Steps.Where(s => s.Bond is not null && state.Progress(s.Id)?.Done is null))
        {
            // What the kit brings is not bought where it is used.
            if (state.School(Schools.KitGlue) == "supplied" && state.Sheet.Kit.Get(KitFields.Glue).Length > 0)
            {
                continue;
            }

            var advice = AdhesiveAdviser.For(step.Bond!.A, step.Bond.B, step.Bond.Kind);
            var name =
                advice.Name == "foam-safe contact"
                && state.Schools.GetValueOrDefault(Schools.FoamGlue)?.Option == "epoxy"
                    ? "slow epoxy"
                    : advice.Name;
            if (!stock.Adhesives.Contains(name, StringComparer.OrdinalIgnoreCase))
            {
                yield return (
                    $"glue/{name.Replace(' ', '-')}",
                    Texts.Capital(name),
                    $"{step.Bond.A} to {step.Bond.B}, {step.Bond.Kind}; not on the shop's shelf.",
                    step.Title
                );
            }
        }
    }

    private static IEnumerable<(string Id, string What, string Why, string For)> Tools(JobState state, Stock stock)
    {
        foreach (var step in state.Sheet.Steps.Where(s => state.Progress(s.Id)?.Done is null))
        {
            foreach (var tool in step.Asked().Where(t => !stock.HasTool(t)))
            {
                yield return (
                    $"tool/{tool.Replace(' ', '-')}",
                    Texts.Capital(tool),
                    Sheets.Tools.Short(stock.Tools, tool) is { Length: > 0 } why
                        ? $"{Texts.Capital(why)}."
                        : "Not among the shop's tools.",
                    step.Title
                );
            }
        }
    }
}
