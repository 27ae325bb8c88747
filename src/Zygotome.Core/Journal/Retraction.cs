namespace Zygotome.Core.Journal;

/// <summary>What was taken back, by whom and why; printed in the record.</summary>
/// <param name="Corrected">What was meant, where it was a typing error that says so; else empty.</param>
public sealed record Retraction(
    string EntryId,
    string Said,
    Person By,
    DateTimeOffset At,
    string Reason,
    bool TypingError,
    string Corrected = ""
);
