namespace Zygotome.Core.HandOver;

public sealed record HandOverState
{
    public DateTimeOffset? SentAt { get; init; }

    public bool? Accepted { get; init; }

    public string OwnerWords { get; init; } = "";
}
