using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>
/// A servo as its paper or the scales say: torque, mass, size as it lies in its well, current working and stalled. Null
/// where nobody knows.
/// </summary>
public sealed record ServoKind(
    string Name,
    Torque? Torque = null,
    Mass? Mass = null,
    Length? Length = null,
    Length? Width = null,
    Length? Height = null,
    Current? Working = null,
    Current? Stall = null
)
{
    internal Refusal? Admit(string where) =>
        Texts.Reason(Name, $"{where}.name", "Say which servo it is.")
        ?? Texts.Fits(Name, $"{where}.name", 80)
        ?? Torque?.Outside(0.001m, 20, "a servo's torque", $"{where}.torque")
        ?? Mass?.Outside(0.1m, 500, "a servo's mass", $"{where}.mass")
        ?? Length?.Outside(2, 200, "a servo's length", $"{where}.length")
        ?? Width?.Outside(2, 200, "a servo's width", $"{where}.width")
        ?? Height?.Outside(2, 200, "a servo's height", $"{where}.height")
        ?? Working?.Outside(0, 20, "a servo's current", $"{where}.working")
        ?? Stall?.Outside(0, 40, "a servo's current", $"{where}.stall");
}

/// <summary>A servo that takes the place of the kit's own.</summary>
public sealed record ServoHeld(ServoKind Kind, Journal.Evidence Evidence);
