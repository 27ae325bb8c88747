using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>A receiver from the shop's catalogue or as typed in. Mass in g; ports are places to plug a lead.</summary>
public sealed record ReceiverKind(string Name, int Channels, int Ports, Mass? Mass = null, string? Protocol = null)
{
    internal Refusal? Admit(string where) =>
        ReceiverGiven.Possible(Channels, $"{where}.channels")
        ?? (
            Ports is < 1 or > 40
                ? new Refusal(
                    "receive/impossible",
                    $"A receiver with {Ports} ports is not possible; 1 to 40 is.",
                    $"{where}.ports"
                )
                : null
        )
        ?? Texts.Fits(Name, $"{where}.name", 80)
        ?? Texts.Fits(Protocol ?? "", $"{where}.protocol", 60)
        ?? Mass?.Outside(0, 500, "a receiver's mass", $"{where}.mass");
}
