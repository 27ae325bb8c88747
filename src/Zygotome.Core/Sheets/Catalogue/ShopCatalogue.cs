using System.Collections.Immutable;
using System.Text.Json.Serialization;

namespace Zygotome.Core.Sheets.Catalogue;

/// <summary>What a catalogue lists.</summary>
public enum CatalogueFamily
{
    Receiver,
    Board,
    Stabiliser,
    Connector,
}

/// <summary>
/// Receivers, boards, stabilisers and connectors that a shop knows: an open file, taken in and given out as it is.
/// Names are unique within a family whatever their case; one more of a name takes the place of the old one.
/// </summary>
[JsonUnmappedMemberHandling(JsonUnmappedMemberHandling.Disallow)]
public sealed record ShopCatalogue(string Format)
{
    /// <summary>What such a file begins with.</summary>
    public const string Current = "zygotome-catalogue/1";

    // Of one family.
    private const int Most = 200;

    public ImmutableArray<ReceiverKind> Receivers { get; init; } = [];

    public ImmutableArray<DeviceKind> Boards { get; init; } = [];

    public ImmutableArray<DeviceKind> Stabilisers { get; init; } = [];

    public ImmutableArray<ConnectorKind> Connectors { get; init; } = [];

    /// <summary>The refusal of the first thing in it that cannot be, with its place; null where all can.</summary>
    public Refusal? Admit() =>
        Format != Current
            ? new Refusal("catalogue/format", $"A catalogue begins with \"format\": \"{Current}\".", "format")
            : Family(Receivers, r => r.Name, (r, at) => r.Admit(at), "receivers")
                ?? Family(Boards, b => b.Name, (b, at) => b.Admit(at), "boards")
                ?? Family(Stabilisers, s => s.Name, (s, at) => s.Admit(at), "stabilisers")
                ?? Family(Connectors, c => c.Name, (c, at) => c.Admit(at), "connectors");

    /// <summary>With all of another: what it names too is as the other says.</summary>
    public ShopCatalogue With(ShopCatalogue other) =>
        this with
        {
            Receivers = Over(Receivers, other.Receivers, r => r.Name),
            Boards = Over(Boards, other.Boards, b => b.Name),
            Stabilisers = Over(Stabilisers, other.Stabilisers, s => s.Name),
            Connectors = Over(Connectors, other.Connectors, c => c.Name),
        };

    /// <summary>Without one; the same where it has none of that name.</summary>
    public ShopCatalogue Without(CatalogueFamily family, string name) =>
        family switch
        {
            CatalogueFamily.Receiver => this with { Receivers = Receivers.RemoveAll(r => Same(r.Name, name)) },
            CatalogueFamily.Board => this with { Boards = Boards.RemoveAll(b => Same(b.Name, name)) },
            CatalogueFamily.Stabiliser => this with { Stabilisers = Stabilisers.RemoveAll(s => Same(s.Name, name)) },
            _ => this with { Connectors = Connectors.RemoveAll(c => Same(c.Name, name)) },
        };

    private static bool Same(string a, string b) => a.Trim().Equals(b.Trim(), StringComparison.OrdinalIgnoreCase);

    private static ImmutableArray<T> Over<T>(ImmutableArray<T> old, ImmutableArray<T> further, Func<T, string> name) =>
        [
            .. old.Select(o => further.LastOrDefault(f => Same(name(f), name(o))) is { } other ? other : o),
            .. further.Where(f => !old.Any(o => Same(name(f), name(o)))),
        ];

    private static Refusal? Family<T>(
        ImmutableArray<T> listed,
        Func<T, string> name,
        Func<T, string, Refusal?> admit,
        string where
    )
    {
        if (listed.IsDefault || listed.Length > Most)
        {
            return new Refusal("catalogue/many", $"A catalogue lists up to {Most} of a kind.", where);
        }

        for (var i = 0; i < listed.Length; i++)
        {
            var at = $"{where}[{i}]";
            var own = name(listed[i]);
            var refused =
                Texts.Reason(own, $"{at}.name", "Say what it is called.")
                ?? (
                    listed.Take(i).Any(l => Same(name(l), own))
                        ? new Refusal("catalogue/twice", $"\"{own.Trim()}\" is there twice.", $"{at}.name")
                        : null
                )
                ?? admit(listed[i], at);
            if (refused is not null)
            {
                return refused;
            }
        }

        return null;
    }
}
