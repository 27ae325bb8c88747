namespace Zygotome.Core.Unpack;

/// <summary>Something a claim could be made for. <paramref name="Stands"/> is false when it happened here.</summary>
/// <param name="Written">In a letter that nobody has posted yet.</param>
public sealed record Claimable(string Id, bool IsPart, string Text, bool Stands, string Why, bool Sent, bool Written);
