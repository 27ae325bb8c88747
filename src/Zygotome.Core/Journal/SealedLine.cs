using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>
/// A line of a released ledger as its entry stores it, sentences and all: version 1 of the form. Its members and their
/// names are frozen, so that a ledger may learn to say more and what was sealed still reads and says what it said.
/// Another form is another version of the entry's kind, with the way to read this one.
/// </summary>
public sealed record SealedLine(string Id)
{
    public Stage Stage { get; init; }
    public string Text { get; init; } = "";
    public string Limits { get; init; } = "";
    public string Page { get; init; } = "";
    public Concedable Concedable { get; init; }
    public Standing Standing { get; init; }
    public string Reading { get; init; } = "";
    public string Why { get; init; } = "";
    public SealedEvidence? Evidence { get; init; }
    public string ConcededBy { get; init; } = "";
    public bool Open => Standing.Open;
    public Verdict? Verdict { get; init; }
    public Side Side { get; init; }

    /// <summary>As it is released.</summary>
    public static SealedLine Of(LedgerLine line) =>
        new(line.Id)
        {
            Stage = line.Stage,
            Text = line.Text,
            Limits = line.Limits,
            Page = line.Page,
            Concedable = line.Concedable,
            Standing = line.Standing,
            Reading = line.Reading,
            Why = line.Decided.Length > 0 ? $"{line.Why} {line.Decided}" : line.Why,
            Evidence = line.Evidence is { } e
                ? new SealedEvidence(e.EntryId, e.Seq, e.By, e.ObservedAt, e.Attempts)
                : null,
            ConcededBy = line.ConcededBy,
            Verdict = line.Verdict,
            Side = line.Side,
        };

    /// <summary>As it is read today: what a ledger has learnt to say since is not said of it.</summary>
    public LedgerLine Shown() =>
        new()
        {
            Id = Id,
            Stage = Stage,
            Text = Text,
            Limits = Limits,
            Page = Page,
            Concedable = Concedable,
            Standing = Standing,
            Reading = Reading,
            Why = Why,
            Evidence = Evidence is { } e ? new LedgerEvidence(e.EntryId, e.Seq, e.By, e.ObservedAt, e.Attempts) : null,
            ConcededBy = ConcededBy,
            Verdict = Verdict,
            Side = Side,
        };
}

/// <summary>The evidence a sealed line counted. Frozen like the line.</summary>
public sealed record SealedEvidence(string EntryId, long Seq, string By, DateTimeOffset ObservedAt, int Attempts);
