using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Bind;

/// <summary>One thing to key into the transmitter.</summary>
/// <param name="Id">The same for as long as it is the same thing: <c>reverse/aileron 2</c>.</param>
/// <param name="Section">Under which heading it stands.</param>
/// <param name="Value">What it is set to; empty while that is not known.</param>
public sealed record CardLine(string Id, string Section, string What, string Value)
{
    /// <summary>Lines of the ledger by which it was tried; none where nothing tries it.</summary>
    public ImmutableArray<RequirementId> TriedBy { get; init; } = [];

    /// <summary>Whose word the value is: "page 14", "shop's", "this job".</summary>
    public string Source { get; init; } = "";
}

/// <summary>How a line of the card stands in the transmitter.</summary>
public enum CardStanding
{
    NotKeyed,
    Keyed,

    /// <summary>Set otherwise than the card says, with a reason.</summary>
    Otherwise,

    /// <summary>The card says something else since it was keyed.</summary>
    Changed,
}

/// <summary>
/// Everything to key into any transmitter for this aircraft, in the order it is keyed: memory, channels, reversing, end
/// points, rates and expo, mixes, positions, switches, failsafe, timer and alarms. It follows from sheet, wiring and
/// what was set on this job; nothing on it is typed twice.
/// </summary>
public static class SetUpCard
{
    /// <summary>Percent where a sheet has no expo of its own: the shop's.</summary>
    private const int UsualExpo = 20,
        Softer = 10;

    /// <summary>Once for a state. Total. Two channels of one name are one line.</summary>
    public static ImmutableArray<CardLine> Of(JobState state) =>
        state.Once(s => new Card([.. Lines(s).DistinctBy(l => l.Id)])).Lines;

    private sealed record Card(ImmutableArray<CardLine> Lines);

    /// <summary>How one line stands by what was keyed last.</summary>
    public static CardStanding Standing(JobState state, CardLine line) =>
        state.Bind.Keyed.GetValueOrDefault(line.Id) is not { } keyed ? CardStanding.NotKeyed
        : keyed.Card != line.Value ? CardStanding.Changed
        : keyed.Value != line.Value ? CardStanding.Otherwise
        : CardStanding.Keyed;

    private static IEnumerable<CardLine> Lines(JobState state) =>
        [
            .. Memory(state),
            .. Ports(state),
            .. EndPoints(state),
            .. Rates(state),
            .. Expos(state),
            .. Mixes(state),
            .. Positions(state),
            .. Switches(state),
            .. Safe(state),
        ];

    private static IEnumerable<CardLine> Memory(JobState state)
    {
        var bound = state.Bind.Bound;
        yield return new CardLine(
            "memory",
            "Memory",
            "Memory",
            bound is null ? "" : MemorySeen.Words(bound.ModelMemory, bound.Number)
        )
        {
            TriedBy = [new MemoryId()],
        };
        yield return new CardLine("mode", "Memory", "Stick mode", bound is null ? "" : $"{bound.Mode}")
        {
            TriedBy = [new BoundId()],
        };
        yield return new CardLine("wing", "Memory", "Wing and tail", Type(state.Sheet))
        {
            TriedBy = [.. Directions.Calls(state.Sheet).Select(c => new DirectionId(c.Function))],
            Source = "sheet",
        };
    }

    // By what moves, as any transmitter asks it.
    private static string Type(SpecSheet sheet)
    {
        int Of(Func<Surface, bool> which) => sheet.Surfaces.Count(which);
        bool Mixed(string a, string b) => sheet.Surfaces.Any(s => s.Functions.Contains(a) && s.Functions.Contains(b));
        string[] said =
        [
            Mixed("aileron", "elevator") ? "elevons mixed"
            : Of(s => s.Functions.Contains("aileron")) is > 0 and var ailerons ? $"{ailerons} ailerons"
            : "no ailerons",
            Mixed("aileron", "flap") ? "flaps mixed into them" : "",
            Of(s => s.Functions is ["flap"]) is > 0 and var flaps ? $"{flaps} flaps" : "",
            Of(s => s.Functions.Contains("airbrake")) is > 0 and var brakes ? $"{brakes} airbrakes" : "",
            Mixed("elevator", "rudder") ? "V-tail mixed"
            : Of(s => s.Functions.Contains("elevator") && !s.Functions.Contains("aileron")) > 0 ? "elevator"
            : "",
            !Mixed("elevator", "rudder") && Of(s => s.Functions.Contains("rudder")) is > 0 and var rudders
                ? rudders > 1
                    ? $"{rudders} rudders"
                    : "rudder"
                : "",
        ];
        return string.Join(", ", said.Where(s => s.Length > 0));
    }

    // What is on each port, then whether it is reversed.
    private static IEnumerable<CardLine> Ports(JobState state)
    {
        var signals = state.The<ISignals>().Signals(state);
        foreach (var signal in signals)
        {
            yield return new CardLine(
                $"channel/{signal.Name}",
                "Channels",
                Texts.Capital(signal.Name),
                signal.Port == 0
                    ? ""
                    : $"port {signal.Port}: {string.Join(", ", signal.Ends.Select(e => e.Name).Distinct())}"
            )
            {
                TriedBy = Tried(state, signal),
            };
        }

        foreach (var signal in signals)
        {
            yield return new CardLine(
                $"reverse/{signal.Name}",
                "Reversing",
                Texts.Capital(signal.Name),
                state.Settings.Of(new Setting(SettingKind.Reverse, signal.Name)) ?? Reversed.Normal
            )
            {
                TriedBy = Tried(state, signal),
            };
        }
    }

    // Which way everything on a channel goes.
    private static ImmutableArray<RequirementId> Tried(JobState state, Signal signal)
    {
        var moves = signal.Ends.SelectMany(e => e.Moves).ToHashSet(StringComparer.Ordinal);
        return
        [
            .. Directions
                .Calls(state.Sheet)
                .Where(c => c.Expected.Any(e => moves.Contains(e.Surface.Id)))
                .Select(c => new DirectionId(c.Function)),
            .. OutputCalls
                .Of(state.Sheet)
                .Where(c => !c.IsPosition && moves.Contains(c.Of))
                .Select(c => new OutputId(c.Of, c.At)),
            .. state
                .Sheet.Power.Motors.Where(m => moves.Contains($"motor-{m.Id}"))
                .Select(m => new MotorDirectionId(m.Id)),
            .. UnknownOutputs
                .Of(state.Sheet)
                .Where(o => o.Channels.Contains(signal.Name))
                .Select(o => new CalledId(o.Id)),
        ];
    }

    private static IEnumerable<CardLine> EndPoints(JobState state) =>
        from channel in Channels.Of(state)
        let ways = channel.Surfaces.SelectMany(s => s.Functions.SelectMany(f => Ways(state.Sheet, s, f))).Distinct()
        from way in ways.Order()
        let setting = new Setting(SettingKind.EndPoint, channel.Id, way.ToString().ToLowerInvariant())
        select new CardLine(
            $"end/{channel.Id}/{setting.At}",
            "End points",
            $"{Texts.Capital(Channel.Named(state.Sheet, channel.Id))}, {setting.At}",
            state.Settings.Of(setting) ?? setting.Unsaid!
        )
        {
            TriedBy = Measured(state, channel.Surfaces, channel.Surfaces.SelectMany(s => s.Functions).Distinct()),
        };

    private static IEnumerable<Movement> Ways(SpecSheet sheet, Surface surface, string function)
    {
        var natural = Movements.Natural(sheet, surface, function);
        return SurfaceFunctions.IsOneWay(function) ? [natural] : [natural, Movements.Opposite(natural)];
    }

    private static ImmutableArray<RequirementId> Measured(
        JobState state,
        IEnumerable<Surface> surfaces,
        IEnumerable<string> functions
    ) =>
        [
            .. from function in functions
            from surface in surfaces
            from id in state.The<IMeasuredThrows>().Lines(state, surface.Id, function)
            select id,
        ];

    // The share of each stick function at every rate.
    private static IEnumerable<CardLine> Rates(JobState state) =>
        from rate in state.Sheet.Rates
        from call in Directions.Calls(state.Sheet)
        where !SurfaceFunctions.IsOneWay(call.Function)
        let set = state.Settings.Of(new Setting(SettingKind.Share, call.Function, Setting.Positive, rate.Name))
        let scale = rate.Says(ThrowFields.RateRow.Scale).Likely?.Text
        select new CardLine(
            $"rate/{rate.Name}/{call.Function}",
            "Rates",
            $"{Texts.Capital(call.Function)}, {rate.Name}",
            set ?? scale ?? "100 %"
        )
        {
            TriedBy = Measured(state, call.Expected.Select(e => e.Surface), [call.Function]),
            Source =
                set is not null ? "as measured"
                : scale is null ? ""
                : "sheet",
        };

    // How soft each is around the middle.
    private static IEnumerable<CardLine> Expos(JobState state) =>
        from rate in state.Sheet.Rates
        from call in Directions.Calls(state.Sheet)
        where !SurfaceFunctions.IsOneWay(call.Function)
        select new CardLine(
            $"expo/{rate.Name}/{call.Function}",
            "Expo",
            $"{Texts.Capital(call.Function)}, {rate.Name}",
            Expo(state, rate, call.Function)
        )
        {
            Source = rate.Says(ThrowFields.RateRow.Expo).Likely is null ? "shop's" : "sheet",
        };

    private static string Expo(JobState state, RateSpec rate, string function)
    {
        if (state.Settings.Of(new Setting(SettingKind.Expo, function)) is { Length: > 0 } set)
        {
            return SettingWords.Value(set);
        }

        var printed = rate.Says(ThrowFields.RateRow.Expo).Likely is { } expo ? (double)expo.Nominal : UsualExpo;
        return state.School("expo") switch
        {
            "none" => "0 %",
            "softer" => $"{Numbers.Say(printed + Softer)} %",
            _ => $"{Numbers.Say(printed)} %",
        };
    }

    private static IEnumerable<CardLine> Mixes(JobState state)
    {
        var sheet = state.Sheet;
        foreach (var group in state.The<ISignals>().Signals(state).GroupBy(s => Command(sheet, s)))
        {
            foreach (var further in group.Skip(1).Where(s => group.Key.Length > 0 && s.Name != group.First().Name))
            {
                yield return new CardLine(
                    $"mix/{further.Name}",
                    "Mixes",
                    $"{Texts.Capital(group.First().Name)} to {further.Name}",
                    "100 %"
                )
                {
                    TriedBy = Tried(state, further),
                };
            }
        }

        foreach (var position in sheet.Positions)
        {
            foreach (var move in position.Moves.Where(m => m.Mixed))
            {
                yield return new CardLine(
                    $"mix/{position.Function}/{position.Name}/{move.Surfaces}",
                    "Mixes",
                    $"{Texts.Capital(position.Function)} {position.Name} to {move.Surfaces}",
                    move.To.Words
                )
                {
                    TriedBy = [new OutputId(position.Function, position.Name)],
                    Source = sheet.Page("outputs", position.Page),
                };
            }
        }

        foreach (var output in sheet.Outputs.Where(o => o.Kind == OutputKind.DifferentialThrust))
        {
            yield return new CardLine(
                $"mix/{output.Id}",
                "Mixes",
                $"{Texts.Capital(output.Function)} to {string.Join(" and ", output.Motors)} motor",
                "against each other"
            )
            {
                TriedBy =
                [
                    .. OutputCalls.Of(sheet).Where(c => c.Of == output.Id).Select(c => new OutputId(c.Of, c.At)),
                ],
            };
        }
    }

    // What moves alone by one command; a mixed surface follows its wing type.
    private static string Command(SpecSheet sheet, Signal signal) =>
        signal.Ends.SelectMany(e => e.Moves).Select(sheet.Surface).OfType<Surface>().ToArray() is [var one, ..]
        && one.Functions is [var command]
            ? command
            : "";

    private static IEnumerable<CardLine> Positions(JobState state) =>
        from position in state.Sheet.Positions
        let call = OutputCalls.Of(state.Sheet).First(c => c.Of == position.Function && c.At == position.Name)
        select new CardLine(
            $"position/{position.Function}/{position.Name}",
            "Positions",
            $"{Texts.Capital(position.Function)} {position.Name}",
            call.Note.Length > 0 ? $"{call.Expected}; {call.Note}" : call.Expected
        )
        {
            TriedBy = [new OutputId(position.Function, position.Name)],
            Source = call.Page.Length > 0 ? $"page {call.Page}" : "",
        };

    private static IEnumerable<CardLine> Switches(JobState state)
    {
        var rows = SwitchTable.Of(state);
        var wholes = SwitchTable.Wholes(state);
        foreach (var use in SwitchUses.Of(state.Sheet))
        {
            var row = rows.FirstOrDefault(r => r.Use == use);
            yield return new CardLine(
                $"switch/{use.Id}",
                "Switches",
                Texts.Capital(use.Words),
                row is null ? ""
                    : use.Id == SwitchUses.Cut ? state.Bind.Cut!.On
                    : $"{row.On}: "
                        + string.Join(", ", row.At.OrderBy(p => p.At).Select(p => $"{BindWords.Of(p.At)} {p.Does}"))
            )
            {
                TriedBy =
                [
                    .. use.Id == SwitchUses.Cut ? [new CutId()] : (RequirementId[])[],
                    .. OutputCalls
                        .Of(state.Sheet)
                        .Where(c => c.Function == use.Id)
                        .Select(c => new OutputId(c.Of, c.At)),
                    .. use.Id == SwitchUses.StabiliserMode
                        ? use.States.Select(m => new StabiliserModeId(m))
                        : (StabiliserModeId[])[],
                    .. wholes.Where(w => w.Uses.Contains(use)).Select(w => new SwitchWholeId(w.Switch, w.At)),
                ],
            };
        }
    }

    private static IEnumerable<CardLine> Safe(JobState state)
    {
        yield return new CardLine(
            "failsafe",
            "Failsafe, timer, alarm",
            "Failsafe",
            state.Sheet.Radio.Failsafe.Likely ?? ""
        )
        {
            TriedBy = [new FailsafeId()],
            Source = "sheet",
        };
        foreach (var alarm in Alarms.Of(state))
        {
            yield return new CardLine(
                $"alarm/{BindWords.Of(alarm.Kind)}",
                "Failsafe, timer, alarm",
                Texts.Capital(BindWords.Of(alarm.Kind)),
                alarm.At
            )
            {
                TriedBy = [new AlarmId(alarm.Kind)],
                Source = alarm.Kind == AlarmKind.Cell ? "shop's" : "computed",
            };
        }
    }
}
