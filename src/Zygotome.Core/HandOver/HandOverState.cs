namespace Zygotome.Core.HandOver;

/// <summary>What became of the record after the release in force.</summary>
public sealed record HandOverState
{
    public DateTimeOffset? SentAt { get; init; }

    public bool? Accepted { get; init; }

    public string OwnerWords { get; init; } = "";
}
