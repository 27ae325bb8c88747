using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Safety;

/// <summary>What needs another state of power than the usual one for a while.</summary>
public enum PoweredAct
{
    Failsafe,
    MotorDirection,
    Calibration,
    StickMenu,
    Arming,
    Waking,
    FullPowerRun,
    RangeWithMotor,
    Taxi,

    /// <summary>The throttle cut, tried with the stick all the way up.</summary>
    CutProof,
}

/// <summary>One act: what it is opened in, what it then asks for, and what follows.</summary>
/// <param name="Opens">The state in which it may be opened.</param>
/// <param name="During">What is not dangerous while it is open, and must have been so before its result is
/// recorded.</param>
/// <param name="Do">What to do once it is open.</param>
/// <param name="Afterwards">What comes before anything else.</param>
public sealed record ActSpec(
    PoweredAct Act,
    string Title,
    PowerState Opens,
    PowerState During,
    string Do,
    string Afterwards
)
{
    /// <summary>With full stick, as the controller wants it, a pack may come to be connected.</summary>
    public bool ConnectsAtFullStick { get; init; }

    /// <summary>A motor turns in it: not before the throttle cut was proven.</summary>
    public bool AfterCut { get; init; }
}

/// <summary>
/// The acts with their states, as job.md has them: failsafe with the transmitter off, calibration and stick menus at
/// full stick, waking and arming by the stick, motor direction on the bare shaft; and with the motor running a fan's
/// own acts, the full-power run, range with the motor and taxi, where the aircraft is held.
/// </summary>
public static class PoweredActs
{
    private const string CutAgain = "Throttle low, cut set, before anything else.";

    private static readonly ImmutableArray<LampIs> Stick = [LampIs.Live, LampIs.FullStick];

    private static PowerState Opening(MotorNeed motor, Held held) =>
        new()
        {
            Transmitter = [LampIs.CutSet],
            Motor = motor,
            Held = held,
        };

    private static PowerState Within(ImmutableArray<LampIs> transmitter, MotorNeed motor, Held held) =>
        new()
        {
            Transmitter = transmitter,
            Pack = PackNeed.Connected,
            Motor = motor,
            Held = held,
        };

    public static ImmutableArray<ActSpec> All { get; } =
    [
        new(
            Act: PoweredAct.Failsafe,
            Title: "Failsafe",
            Opens: Opening(MotorNeed.Isolated, Held.Fans),
            During: Within([LampIs.Off], MotorNeed.Isolated, Held.Fans),
            Do: "The pack stays connected. Switch the transmitter off, and look what motor and surfaces do.",
            Afterwards: "Transmitter on, throttle low, cut set; or the pack off."
        ),
        new(
            Act: PoweredAct.CutProof,
            Title: "Throttle cut",
            Opens: Opening(MotorNeed.Bare, Held.Fans),
            During: Within([LampIs.CutSet], MotorNeed.Bare, Held.Fans),
            Do: "Cut set, wires on. Stick all the way up and down again: nothing may turn.",
            Afterwards: CutAgain
        ),
        new(
            Act: PoweredAct.MotorDirection,
            Title: "Motor direction",
            Opens: Opening(MotorNeed.Bare, Held.Fans),
            During: Within(Stick, MotorNeed.Bare, Held.Fans),
            Do: "A flag of tape on the bare shaft; a fan by its airflow, intake clear. Cut off, a touch of throttle.",
            Afterwards: CutAgain
        )
        {
            AfterCut = true,
        },
        new(
            Act: PoweredAct.Calibration,
            Title: "Controller calibration",
            Opens: Opening(MotorNeed.Isolated, Held.Fans) with
            {
                Pack = PackNeed.NotConnected,
            },
            During: Within([LampIs.FullStick], MotorNeed.Isolated, Held.Fans),
            Do: "Full stick, then the pack; after the tones stick low.",
            Afterwards: CutAgain
        )
        {
            ConnectsAtFullStick = true,
        },
        new(
            Act: PoweredAct.StickMenu,
            Title: "Controller's stick menu",
            Opens: Opening(MotorNeed.Isolated, Held.Fans) with
            {
                Pack = PackNeed.NotConnected,
            },
            During: Within([LampIs.FullStick], MotorNeed.Isolated, Held.Fans),
            Do: "Full stick, then the pack; count the tones, answer by the stick.",
            Afterwards: CutAgain
        )
        {
            ConnectsAtFullStick = true,
        },
        new(
            Act: PoweredAct.Arming,
            Title: "Arming by the stick",
            Opens: Opening(MotorNeed.Isolated, Held.Fans),
            During: Within(Stick, MotorNeed.Isolated, Held.Fans),
            Do: "The kit's own movement of the stick, cut off.",
            Afterwards: CutAgain
        ),
        new(
            Act: PoweredAct.Waking,
            Title: "Waking the stabiliser",
            Opens: Opening(MotorNeed.Isolated, Held.Fans) with
            {
                Pack = PackNeed.Connected,
            },
            During: Within(Stick, MotorNeed.Isolated, Held.Fans),
            Do: "Throttle to half and back, as the sheet says; look for its sign.",
            Afterwards: CutAgain
        ),
        new(
            Act: PoweredAct.FullPowerRun,
            Title: "Full-power run",
            Opens: Opening(MotorNeed.Ready, Held.Any),
            During: Within([LampIs.FullStick], MotorNeed.Ready, Held.Any),
            Do: "Connect, step behind, full stick; read amperes and volts.",
            Afterwards: CutAgain
        )
        {
            AfterCut = true,
        },
        new(
            Act: PoweredAct.RangeWithMotor,
            Title: "Range with the motor running",
            Opens: Opening(MotorNeed.Ready, Held.Any),
            During: Within(Stick, MotorNeed.Ready, Held.Any),
            Do: "Power of the transmitter reduced, the sheet's distance, motor running; every surface answers.",
            Afterwards: CutAgain
        )
        {
            AfterCut = true,
        },
        new(
            Act: PoweredAct.Taxi,
            Title: "Taxi",
            Opens: Opening(MotorNeed.Ready, Held.Any),
            During: Within(Stick, MotorNeed.Ready, Held.Any),
            Do: "A clear strip, somebody at the tail until it rolls.",
            Afterwards: CutAgain
        )
        {
            AfterCut = true,
        },
    ];

    /// <summary>What an act needs before and while it is open.</summary>
    public static ActSpec Of(PoweredAct act) => All.First(a => a.Act == act);

    /// <summary>What this aircraft has a motor or a stabiliser for.</summary>
    public static IEnumerable<ActSpec> On(SpecSheet sheet) =>
        All.Where(a =>
            a.Act switch
            {
                PoweredAct.Failsafe => true,
                PoweredAct.Waking => sheet.Radio.Stabiliser.Counts is not false && LampBoard.HasMotor(sheet),
                _ => LampBoard.HasMotor(sheet),
            }
        );
}

/// <summary>That the aircraft is held while a motor may turn, and by whom with.</summary>
/// <param name="Restrained">Tied down or held so that full power does not move it.</param>
/// <param name="DiscClear">Nobody and nothing in the disc or its plane.</param>
/// <param name="Second">Who holds it.</param>
public sealed record Holding(bool Restrained, bool DiscClear, string Second)
{
    internal Refusal? Admit(Entry entry) =>
        !Restrained
            ? new Refusal("power/restraint", "Say that the aircraft is tied down or held.", "body.held.restrained")
        : !DiscClear
            ? new Refusal("power/disc", "Say that disc and plane of the propeller are clear.", "body.held.discClear")
        : string.Equals(Second.Trim(), entry.By.Name, StringComparison.OrdinalIgnoreCase)
            ? new Refusal("power/second", "The second person is somebody else.", "body.held.second")
        : Texts.Reason(Second, "body.held.second", "Say who the second person is.")
            ?? Texts.Fits(Second, "body.held.second", 60);
}

/// <summary>An act, or a step with a state of its own, that is open in this look.</summary>
/// <param name="Act">Null where a step of the sheet is under way.</param>
/// <param name="Step">Its id; else empty.</param>
/// <param name="During">What is not dangerous meanwhile.</param>
/// <param name="Held">Null where every motor is isolated.</param>
/// <param name="Reached">The state it is for was said since.</param>
public sealed record OpenAct(
    PoweredAct? Act,
    string Step,
    PowerState During,
    Holding? Held,
    Evidence Opened,
    bool Reached = false
)
{
    /// <summary>How many of the act's movements were made since, in their order.</summary>
    public int Done { get; private init; }

    /// <summary>The movement that is due; null where all were made or it has none.</summary>
    public ActMove? Next(SpecSheet sheet) => Act is { } act ? ActMoves.Of(sheet, act).ElementAtOrDefault(Done) : null;

    internal OpenAct Moved(SpecSheet sheet, LampIs transmitter, bool connected)
    {
        var open = this;
        while (open.Next(sheet) is { } next && next.IsMade(transmitter, connected))
        {
            open = open with { Done = open.Done + 1 };
        }

        return open;
    }

    /// <summary>Whether this motor may be able to turn meanwhile.</summary>
    public bool MayTurn(MotorSpec motor) => Held is not null && During.Covers(motor);
}
