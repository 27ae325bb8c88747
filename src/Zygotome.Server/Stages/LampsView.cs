using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Server.Stages;

public sealed record LampWord(LampIs Is, string Words);

/// <summary>All lamps of a kind together: "propellers off", or one by one where they differ.</summary>
public sealed record KindWords(LampKind Lamp, string Words);

/// <summary>
/// One lamp with what was said of it last. It counts only for who said it, in the look it was said in.
/// </summary>
/// <param name="Key">Where refusals lead: <c>lamps.propeller.left</c>.</param>
/// <param name="Part">The drawn part it is at; empty where there is none.</param>
/// <param name="Across">Where that is on the plan; null where there is none.</param>
/// <param name="Is">Null where nobody ever said.</param>
/// <param name="Look">Empty once it has fallen.</param>
/// <param name="Stays">It does not fall.</param>
public sealed record LampView(
    LampKind Lamp,
    string Of,
    string Key,
    string Title,
    string Part,
    double? Across,
    double? Down,
    IReadOnlyList<LampWord> Choices,
    LampIs? Is,
    string Words,
    DateTimeOffset? At,
    string By,
    string ById,
    string Look,
    bool Stays
);

/// <summary>Something dangerous that was said, with what to do now.</summary>
/// <param name="Follows">It is how an act ends, and nobody's mistake.</param>
public sealed record DangerView(string Code, string Now, string Where, bool Follows, IReadOnlyList<Remedy> Remedies);

/// <param name="Held">Which motors may turn meanwhile, if the aircraft is held.</param>
public sealed record ActView(PoweredAct Act, string Title, string Do, string Afterwards, Held Held);

/// <summary>One movement of an act that is led.</summary>
/// <param name="Done">Made since the act was begun; the first that is not is due.</param>
/// <param name="Stick">How the transmitter is then; null where it is about the pack.</param>
public sealed record ActMoveView(string Do, string Hear, LampIs? Stick, bool Done);

/// <param name="Act">Null while a step of the sheet is under way that has a state of its own.</param>
/// <param name="Reached">The state it is for was said.</param>
/// <param name="Look">It is open for as long as this look lasts.</param>
public sealed record OpenActView(
    PoweredAct? Act,
    string Title,
    string Do,
    string Afterwards,
    bool Reached,
    IReadOnlyList<LampIs> Transmitter,
    IReadOnlyList<ActMoveView> Moves,
    string HeldBy,
    string Look,
    string By,
    string ById,
    DateTimeOffset At
);

/// <summary>
/// All lamps of this aircraft, what is dangerous in what was said, and what needs another state of power.
/// </summary>
/// <param name="KnownUntil">When they fall if nothing more is recorded.</param>
/// <param name="AsLast">Each kind in one breath, as last said; no words where one of it never was.</param>
/// <param name="Order">How this kit is brought under power.</param>
/// <param name="OrderStated">By its sheet.</param>
public sealed record LampsView(
    IReadOnlyList<LampView> Lamps,
    DateTimeOffset KnownUntil,
    IReadOnlyList<KindWords> AsLast,
    IReadOnlyList<DangerView> Dangers,
    OpenActView? Open,
    IReadOnlyList<ActView> Acts,
    IReadOnlyList<string> Order,
    bool OrderStated
)
{
    internal static LampsView Of(JobState state)
    {
        var (safety, sheet) = (state.Safety, state.Sheet);
        var order = PowerOrder.Of(sheet);
        var bound = state.The<ILinked>().BoundMemory;
        LampSpec[] lamps = [.. LampBoard.Of(sheet).Where(l => l.Id.Kind != LampKind.Memory || bound.Length > 0)];
        return new LampsView(
            Lamps: [.. lamps.Select(l => Lamp(state, l))],
            KnownUntil: safety.KnownUntil,
            AsLast:
            [
                .. lamps
                    .GroupBy(l => l.Id.Kind)
                    .Select(kind => new KindWords(
                        kind.Key,
                        kind.All(l => safety.Last(l.Id) is not null)
                            ? LampWords.Together(state, kind.Select(l => (l.Id, safety.Last(l.Id)!.Value)))
                            : ""
                    )),
            ],
            Dangers:
            [
                .. Core
                    .Safety.Dangers.Of(state)
                    .Select(d => new DangerView(d.Code, d.Now, d.Where.Where, d.Follows, d.Remedies)),
            ],
            Open: safety.Act is { } act ? Opened(state, act) : null,
            Acts:
            [
                .. PoweredActs.On(sheet).Select(a => new ActView(a.Act, a.Title, a.Do, a.Afterwards, a.During.Held)),
            ],
            Order: order.Steps,
            OrderStated: order.Stated
        );
    }

    private static LampView Lamp(JobState state, LampSpec lamp)
    {
        var said = state.Safety.Lamps.GetValueOrDefault(lamp.Id);
        var motor = lamp.Id.Kind is LampKind.Propeller or LampKind.Wires
            ? state.Sheet.Power.Motors.First(m => m.Id == lamp.Id.Of)
            : null;
        var at = motor is null ? default : DrawingSides.Place(DrawingSide.Plan, motor.At, motor.Y);
        return new LampView(
            Lamp: lamp.Id.Kind,
            Of: lamp.Id.Of,
            Key: lamp.Id.Where,
            Title: lamp.Title,
            Part: motor is null ? "" : $"motor-{motor.Id}",
            Across: motor is null ? null : at.Across,
            Down: motor is null ? null : at.Down,
            Choices: [.. lamp.Words.Select(w => new LampWord(w, LampWords.Of(state, lamp.Id, w)))],
            Is: said?.Is,
            Words: said is null ? ""
                : lamp.Id.Kind == LampKind.Pack && state.Safety.Armed(state.Sheet) ? "connected, armed now"
                : LampWords.Of(state, lamp.Id, said.Is),
            At: said?.Said.ObservedAt,
            By: said?.Said.By.Name ?? "",
            ById: said?.Said.By.Id ?? "",
            Look: said?.Look ?? "",
            Stays: said is not null && LampBoard.Stays(state.Sheet, said.Is)
        );
    }

    private static OpenActView Opened(JobState state, OpenAct open)
    {
        var spec = open.Act is { } act ? PoweredActs.Of(act) : null;
        return new OpenActView(
            Act: open.Act,
            Title: spec?.Title ?? state.Sheet.Step(open.Step)?.Title ?? open.Step,
            Do: spec?.Do ?? "",
            Afterwards: spec?.Afterwards ?? "",
            Reached: open.Reached,
            Transmitter: open.During.Transmitter,
            Moves:
            [
                .. (open.Act is { } led ? ActMoves.Of(state.Sheet, led, state.Aboard.Battery?.Cells) : []).Select(
                    (m, i) => new ActMoveView(m.Do, m.Hear, m.Stick, i < open.Done)
                ),
            ],
            HeldBy: open.Held?.Second ?? "",
            Look: state.Safety.Look,
            By: open.Opened.By.Name,
            ById: open.Opened.By.Id,
            At: open.Opened.RecordedAt
        );
    }
}
