using System.Collections.Immutable;
using System.Text.Json.Serialization;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Catalogue;

/// <summary>A receiver from the shop's catalogue or as typed in. Mass in g; ports are places to plug a lead.</summary>
public sealed record ReceiverKind(string Name, int Channels, int Ports, Mass? Mass = null, string? Protocol = null)
{
    /// <summary>What is printed beside each port, from the first; empty where its number alone is.</summary>
    public ImmutableArray<string> PortNames { get; init; } = [];

    /// <summary>The maker's order of functions by channel; empty where there is none.</summary>
    public ImmutableArray<string> Order { get; init; } = [];

    /// <summary>The port that binding needs; 0 where it has a button, a menu or a socket of its own.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public int BindPort { get; init; }

    /// <summary>Null where nobody said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public PlugStyle? Plug { get; init; }

    /// <summary>As it is held when its ports are drawn: "print up, ports towards you".</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Held { get; init; }

    /// <summary>What is printed beside a port; empty where nothing is.</summary>
    public string PortName(int port) => PortNames.ElementAtOrDefault(port - 1) ?? "";

    /// <summary>The refusal of a number of channels that no receiver has; null of one that is possible.</summary>
    public static Refusal? Possible(int channels, string where) =>
        channels is < 1 or > 32
            ? new Refusal(
                "receive/impossible",
                $"A receiver with {channels} channels is not possible; 1 to 32 is.",
                where
            )
            : null;

    internal Refusal? Admit(string where) =>
        Possible(Channels, $"{where}.channels")
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
        ?? Mass?.Outside(0, 500, "a receiver's mass", $"{where}.mass")
        ?? Sockets.Named(PortNames, Ports, $"{where}.portNames")
        ?? Sockets.Named(Order, Channels, $"{where}.order")
        ?? (
            BindPort < 0 || BindPort > Ports
                ? new Refusal(
                    "catalogue/bind-port",
                    $"It has ports 1 to {Ports}; 0 is none of them.",
                    $"{where}.bindPort"
                )
                : null
        )
        ?? Plug?.Admit($"{where}.plug")
        ?? Texts.Fits(Held ?? "", $"{where}.held", 80);
}
