using Zygotome.Core;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Server.Stages;

/// <summary>The stabiliser of an aircraft that has one.</summary>
/// <param name="Still">Seconds it is not touched; 0 where the sheet does not say.</param>
/// <param name="Sign">By what it shows that it is awake. <paramref name="Wake"/>: by what it is woken; may be
/// empty.</param>
/// <param name="Correcting">Modes in which a tilt is answered; empty where the sheet names none.</param>
/// <param name="First">Directions shown with it by-passed; none where the way chosen asks for none.</param>
/// <param name="Raised">Gains raised for a test and not yet back.</param>
public sealed record StabiliserView(
    double Still,
    string Sign,
    string Wake,
    string Told,
    IReadOnlyList<string> Correcting,
    IReadOnlyList<WithoutView> First,
    LedgerLine Awake,
    LedgerLine Count,
    IReadOnlyList<ToldView> Counts,
    IReadOnlyList<StabiliserCallView> Calls,
    IReadOnlyList<ModeView> Modes,
    IReadOnlyList<RaisedView> Raised
);

/// <param name="Expected">What must be seen with the stabiliser by-passed.</param>
public sealed record WithoutView(string Function, string Call, IReadOnlyList<Seen> Expected, LedgerLine Line);

/// <param name="Told">As last read off it; null while nobody did.</param>
public sealed record ToldView(string Command, int Wired, int? Told);

/// <param name="Mode">The one mode it is asked in; empty of a tilt.</param>
/// <param name="Reverse">The axis to reverse in the stabiliser; empty where that mends nothing.</param>
public sealed record StabiliserCallView(DirectionView Call, string Note, string Mode, string Reverse);

/// <param name="Sign">By what it is told. <paramref name="Bound"/>: how it is bound to come up in it; may be
/// empty.</param>
public sealed record ModeView(string Mode, string Sign, string Bound, LedgerLine Line);

/// <param name="Was">The gain before.</param>
public sealed record RaisedView(string Loop, string Words, string Was);

/// <summary>Which switch does what.</summary>
public sealed record SwitchesView(
    IReadOnlyList<SwitchUseView> Uses,
    IReadOnlyList<SwitchWholeView> Wholes,
    IReadOnlyList<ClashView> Clashes
);

/// <param name="On">Empty while nobody said. <paramref name="Elsewhere"/>: it is said where it is proven.</param>
/// <param name="Reverses">Which switch lies beside it is asked too.</param>
public sealed record SwitchUseView(
    string Use,
    string Words,
    IReadOnlyList<string> States,
    string On,
    IReadOnlyList<SwitchPlace> Places,
    string NextTo,
    string Before,
    bool BeforeGone,
    bool Elsewhere,
    bool Reverses,
    LedgerLine Line
);

/// <summary>A position of a switch that is tried as a whole.</summary>
public sealed record SwitchWholeView(string Switch, SwitchAt At, string Words, string Expected, LedgerLine Line);

public sealed record ClashView(IReadOnlyList<string> Uses, string Words, bool Deadly);

/// <summary>A channel whose both ends are heard.</summary>
public sealed record EndsView(string Channel, string Moves, IReadOnlyList<string> Parts, LedgerLine Line);

/// <summary>What goes in and out.</summary>
public sealed record CyclesView(
    string Output,
    string Name,
    int Run,
    int Wanted,
    IReadOnlyList<string> Parts,
    string Note,
    LedgerLine Line
);

/// <summary>Everything to key into the transmitter, and how it stands there.</summary>
/// <param name="Preset">The maker's ready memory is compared line by line.</param>
/// <param name="Power">What is drawn beside what may carry it.</param>
public sealed record CardView(
    IReadOnlyList<CardLineView> Lines,
    bool Preset,
    IReadOnlyList<AlarmView> Alarms,
    IReadOnlyList<PowerRow> Power,
    LedgerLine Line
);

/// <param name="Keyed">As it was keyed, where that is another value than the card's.</param>
/// <param name="Tried">By what and whom; empty where nothing tried it.</param>
public sealed record CardLineView(
    string Id,
    string Section,
    string What,
    string Value,
    string Source,
    CardStanding Standing,
    string Keyed,
    string Preset,
    string Reason,
    string Tried
);

public sealed record AlarmView(AlarmKind Alarm, string Words, string At, string Why, LedgerLine Line);

/// <summary>What of Bind is neither binding nor directions, as a screen shows it.</summary>
internal static class RestOfBindViews
{
    public static StabiliserView? Stabiliser(JobState state, Func<RequirementId, LedgerLine?> line)
    {
        if (line(new StabiliserAwakeId()) is not { } awake || line(new StabiliserCountId()) is not { } count)
        {
            return null;
        }

        var (sheet, looks) = (state.Sheet, state.Bind.Stabiliser);
        return new StabiliserView(
            Still: sheet.Radio.StillSeconds ?? 0,
            Sign: sheet.Radio.Awake,
            Wake: sheet.Radio.Wake,
            Told: sheet.Radio.Get(RadioFields.SurfaceCount),
            Correcting: StabiliserCalls.Correcting(sheet),
            First:
            [
                .. from call in Directions.Calls(sheet)
                let asked = line(new WithoutId(call.Function))
                where asked is not null
                select new WithoutView(
                    call.Function,
                    call.Call,
                    [.. call.Expected.Select(e => new Seen(e.Surface.Id, e.Movement))],
                    asked
                ),
            ],
            Awake: awake,
            Count: count,
            Counts:
            [
                .. StabiliserAxes
                    .Of(sheet)
                    .Select(a => new ToldView(
                        a.Command,
                        state.The<ISignals>().Corrected(state, a.Command),
                        looks.Told?.Told.TryGetValue(a.Command, out var told) == true ? told : null
                    )),
            ],
            Calls:
            [
                .. from call in StabiliserCalls.Of(sheet)
                let asked = line(new StabiliserCallId(call.Id))
                where asked is not null
                let shown = asked.Standing == Standing.Stale ? null : looks.Calls.GetValueOrDefault(call.Id)
                select new StabiliserCallView(
                    BindEndpoints.Direction(
                        sheet,
                        new DirectionCall(call.Id, call.Call, call.Expected),
                        shown?.Seen,
                        asked
                    ),
                    call.Note,
                    call.Mode,
                    shown is null ? "" : StabiliserAdvice.Reverse(call, shown) ?? ""
                ),
            ],
            Modes:
            [
                .. from mode in StabiliserModes.Of(sheet)
                let asked = line(new StabiliserModeId(mode))
                where asked is not null
                select new ModeView(mode, StabiliserModes.Sign(sheet, mode), StabiliserModes.Bound(sheet, mode), asked),
            ],
            Raised:
            [
                .. state
                    .Build.Loops.Where(l => l.Kind == LoopKind.GainRaised && l.Closed is null)
                    .Select(l => new RaisedView(l.Id, l.Detail, l.Was)),
            ]
        );
    }

    public static SwitchesView Switches(JobState state, Func<RequirementId, LedgerLine?> line)
    {
        var rows = SwitchTable.Of(state);
        return new SwitchesView(
            [
                .. from use in SwitchUses.Of(state.Sheet)
                let asked = line(new SwitchId(use.Id))
                where asked is not null
                let row = rows.FirstOrDefault(r => r.Use == use)
                let set = state.Bind.Switches.GetValueOrDefault(use.Id)
                select new SwitchUseView(
                    Use: use.Id,
                    Words: use.Words,
                    States: use.States,
                    On: row?.On ?? "",
                    Places: set is null ? [] : [.. set.Places.OrderBy(p => p.At)],
                    NextTo: set?.NextTo ?? "",
                    Before: set?.Before ?? "",
                    BeforeGone: set?.BeforeGone ?? false,
                    Elsewhere: use.Id == SwitchUses.Cut,
                    Reverses: use.Reverses,
                    Line: asked
                ),
            ],
            [
                .. from whole in SwitchTable.Wholes(state)
                let asked = line(new SwitchWholeId(whole.Switch, whole.At))
                where asked is not null
                select new SwitchWholeView(whole.Switch, whole.At, Texts.Capital(whole.Words), whole.Expected, asked),
            ],
            [.. SwitchTable.Clashes(state).Select(c => new ClashView(c.Uses, $"{c.Words}.", c.IsDeadly))]
        );
    }

    public static IReadOnlyList<EndsView> Ends(JobState state, Func<RequirementId, LedgerLine?> line) =>
        [
            .. from channel in EndChannels.Of(state)
            let asked = line(new EndsId(channel.Name))
            where asked is not null
            select new EndsView(
                channel.Name,
                string.Join(", ", channel.Moves.Select(m => Named(state.Sheet, m))),
                channel.Moves,
                asked
            ),
        ];

    private static string Named(SpecSheet sheet, string id) =>
        (sheet.Surface(id)?.Name ?? sheet.Output(id)?.Name ?? id).ToLowerInvariant();

    public static IReadOnlyList<CyclesView> Cycles(JobState state, Func<RequirementId, LedgerLine?> line) =>
        [
            .. from output in Core.Bind.Cycles.Of(state.Sheet)
            let asked = line(new CyclesId(output.Id))
            where asked is not null
            let calls = OutputCalls.Of(state.Sheet).Where(c => c.Of == output.Id).ToArray()
            select new CyclesView(
                Output: output.Id,
                Name: output.Name,
                Run: asked.Standing == Standing.Stale ? 0 : state.Bind.Cycles.GetValueOrDefault(output.Id)?.Run ?? 0,
                Wanted: Core.Bind.Cycles.Wanted,
                Parts: [.. calls.SelectMany(c => c.Parts).Distinct()],
                Note: calls.Select(c => c.Note).FirstOrDefault("") ?? "",
                Line: asked
            ),
        ];

    public static CardView? Card(JobState state, Func<RequirementId, LedgerLine?> line) =>
        line(new CardId()) is not { } asked
            ? null
            : new CardView(
                [.. SetUpCard.Of(state).Select(l => Line(state, l, line))],
                state.School("transmitter") == "preset",
                [
                    .. from alarm in Alarms.Of(state)
                    let heard = line(new AlarmId(alarm.Kind))
                    where heard is not null
                    select new AlarmView(alarm.Kind, BindWords.Of(alarm.Kind), alarm.At, alarm.Why, heard),
                ],
                PowerOnPaper.Of(state),
                asked
            );

    /// <summary>A line with how it stands, and what tried it.</summary>
    internal static CardLineView Line(JobState state, CardLine of, Func<RequirementId, LedgerLine?> line)
    {
        var keyed = state.Bind.Keyed.GetValueOrDefault(of.Id);
        var standing = SetUpCard.Standing(state, of);
        return new CardLineView(
            Id: of.Id,
            Section: of.Section,
            What: of.What,
            Value: of.Value,
            Source: of.Source,
            Standing: standing,
            Keyed: keyed is not null && keyed.Value != of.Value ? keyed.Value : "",
            Preset: keyed?.Preset ?? "",
            Reason: standing == CardStanding.Otherwise ? keyed!.Reason : "",
            Tried: CardTried.Words(state, of, line)
        );
    }
}
