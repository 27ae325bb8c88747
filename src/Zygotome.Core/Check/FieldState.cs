using System.Collections.Immutable;
using System.Text.Json;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Check;

/// <summary>How the motors were, outdoors.</summary>
public enum FieldMotors
{
    /// <summary>Propellers or wires off, each.</summary>
    Isolated,

    /// <summary>Able to turn; the aircraft held by a second person, disc and plane clear.</summary>
    Held,

    /// <summary>Able to turn, nobody at it.</summary>
    Free,
}

/// <summary>
/// What was connected and on while something was done outdoors, sent as a fact of what was done: no lamp is asked
/// there.
/// </summary>
/// <param name="Motors">Null of an aircraft without one.</param>
/// <param name="Second">Who held it; empty where nobody did.</param>
public sealed record FieldState(bool Connected, LampIs Transmitter, FieldMotors? Motors, string Second = "");

/// <summary>What must be so outdoors for one thing to count, from the same table as at the bench.</summary>
public static class FieldNeeds
{
    /// <summary>What was not as it must be, each with what to do first; empty where all was.</summary>
    /// <param name="memory">As it was bound; empty where nothing was.</param>
    public static ImmutableArray<string> Wrong(SpecSheet sheet, PowerState need, FieldState said, string memory = "") =>
        [
            .. Of(sheet, need, memory)
                .Where(a => !a.Answers.Any(n => n.Safe && n.Is(said)))
                .Select(a =>
                    a.Answers.FirstOrDefault(n => n.Is(said))?.Do
                    ?? (
                        a.Ask == FieldAsk.Motors && said.Motors == FieldMotors.Held
                            ? "Say who holds it: somebody else."
                            : $"Not said: {a.Words.ToLowerInvariant()}."
                    )
                ),
        ];

    /// <summary>What is asked before it is done, in the order of the hands.</summary>
    /// <param name="memory">As it was bound; empty where nothing was.</param>
    public static IEnumerable<FieldNeed> Of(SpecSheet sheet, PowerState need, string memory = "")
    {
        if (LampBoard.HasMotor(sheet) && need.Motor is MotorNeed.Isolated or MotorNeed.Ready)
        {
            var fans = sheet.Power.Motors.All(m => m.IsFan);
            var ready = need.Motor == MotorNeed.Ready;
            var held = ready || sheet.Power.Motors.All(need.Covers);
            yield return new FieldNeed(
                FieldAsk.Motors,
                "The motor",
                [
                    new("isolated", fans ? "wires off" : "propeller or wires off", !ready)
                    {
                        Do = "Propeller and wires on, pack off first; then held.",
                        Is = s => s.Motors == FieldMotors.Isolated,
                    },
                    new("held", "held by a second person, disc clear", held)
                    {
                        Do = "Pack off; then propeller or wires off.",
                        Is = s => s.Motors == FieldMotors.Held && s.Second.Trim().Length > 0,
                    },
                    new("free", "could turn, nobody holds it", false)
                    {
                        Do = ready
                            ? "Throttle low, cut set; somebody holds it, disc and plane clear."
                            : "Throttle low, cut set, pack off; then propeller or wires off.",
                        Is = s => s.Motors == FieldMotors.Free,
                    },
                ]
            );
        }

        if (!need.Transmitter.IsEmpty)
        {
            var motor = LampBoard.HasMotor(sheet);
            ImmutableArray<LampIs> all =
            [
                LampIs.CutSet,
                .. motor ? [LampIs.Live] : (LampIs[])[],
                .. memory.Length > 0 ? [LampIs.Another] : (LampIs[])[],
                LampIs.Off,
            ];
            yield return new FieldNeed(
                FieldAsk.Transmitter,
                "The transmitter",
                [
                    .. all.Select(t => new FieldAnswer(
                        JsonNamingPolicy.CamelCase.ConvertName(t.ToString()),
                        Words(t, motor, memory),
                        need.Transmitter.Contains(t)
                    )
                    {
                        Do =
                            t == LampIs.Another
                                ? $"Pack off; choose memory \"{memory}\" on the transmitter, then again."
                            : need.Transmitter.Contains(LampIs.Off) ? "Motor isolated first; then switch it off."
                            : !need.Transmitter.Contains(LampIs.CutSet)
                                ? "Throttle low, then the cut off: the motor answers it."
                            : motor ? "Transmitter on first, throttle low, cut set."
                            : "Transmitter on first.",
                        Is = s => s.Transmitter == t,
                    }),
                ]
            );
        }

        if (need.Pack is PackNeed.Connected or PackNeed.NotConnected)
        {
            var connected = need.Pack == PackNeed.Connected;
            yield return new FieldNeed(
                FieldAsk.Pack,
                "The pack",
                [
                    new("true", "connected; cool, not swollen", connected)
                    {
                        Do = "Pack off before hands are at it.",
                        Is = s => s.Connected,
                    },
                    new("false", "not connected", !connected)
                    {
                        Do = "Connect it last, transmitter on before.",
                        Is = s => !s.Connected,
                    },
                ]
            );
        }
    }

    // The wrong memory turns a surface, or a motor, the other way.
    private static string Words(LampIs transmitter, bool motor, string memory)
    {
        var shows = memory.Length > 0 ? $", memory \"{memory}\"" : "";
        return transmitter switch
        {
            LampIs.CutSet => (motor ? "on, throttle low, cut set" : "on") + shows,
            LampIs.Live => $"on, the throttle answers{shows}",
            LampIs.Another => "on, another memory",
            _ => "off",
        };
    }
}

/// <summary>What is asked outdoors.</summary>
public enum FieldAsk
{
    Motors,
    Transmitter,
    Pack,
}

/// <summary>One thing that is said before something is done outdoors.</summary>
public sealed record FieldNeed(FieldAsk Ask, string Words, ImmutableArray<FieldAnswer> Answers);

/// <param name="Value">As it is written in an entry.</param>
/// <param name="Safe">What is then seen counts.</param>
public sealed record FieldAnswer(string Value, string Words, bool Safe)
{
    /// <summary>What to do first where it does not.</summary>
    public required string Do { get; init; }

    /// <summary>Whether that is how it was.</summary>
    public required Func<FieldState, bool> Is { get; init; }
}
