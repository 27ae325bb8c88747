using System.Text.Json.Serialization;

namespace Zygotome.Core.Journal;

/// <summary>Who recorded something, as known when it was recorded.</summary>
public sealed record Person(string Id, string Name, Role Role)
{
    /// <summary>
    /// Nobody else worked in the shop when it was recorded, counted then. Such a person is the shop's lead, and what
    /// needs a second person is their own to do and is marked as self-inspected.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool Alone { get; init; }
}
