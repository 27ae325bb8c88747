using System.Collections.Immutable;
using System.Text.Json.Serialization;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Catalogue;

/// <summary>A distribution board or stabiliser as the shop lists it: the sockets that signals leave it by.</summary>
/// <param name="Sockets">As printed, in the order they stand on it as it is held.</param>
public sealed record DeviceKind(string Name, ImmutableArray<string> Sockets)
{
    private const int Most = 40;

    /// <summary>g; null where nobody weighed it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public Mass? Mass { get; init; }

    /// <summary>Null where nobody said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public PlugStyle? Plug { get; init; }

    /// <summary>As it is held when its sockets are drawn: "nose up".</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Held { get; init; }

    internal Refusal? Admit(string where) =>
        Texts.Fits(Name, $"{where}.name", 80)
        ?? (
            Sockets.IsDefaultOrEmpty
                ? new Refusal("catalogue/sockets", "Say at least one socket.", $"{where}.sockets")
                : null
        )
        ?? Catalogue.Sockets.Named(Sockets, Most, $"{where}.sockets")
        ?? Mass?.Outside(0, 500, "its mass", $"{where}.mass")
        ?? Plug?.Admit($"{where}.plug")
        ?? Texts.Fits(Held ?? "", $"{where}.held", 80);
}
