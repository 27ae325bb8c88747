using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>A pack the owner brought, beside the one chosen to fly.</summary>
public sealed record PackHeld(string Name, Battery Battery)
{
    /// <summary>How it was found; null while nobody measured it.</summary>
    public PackCells? Seen { get; init; }

    /// <summary>"blue 2600, 262 g, 105 mm × 34 mm × 30 mm": two of the same size are two packs.</summary>
    public string Words =>
        $"{Name}, {Battery.Mass.Text}, {Battery.Length.Text} × {Battery.Width.Text} × {Battery.Height.Text}";
}
