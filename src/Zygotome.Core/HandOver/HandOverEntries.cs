using System.Collections.Immutable;
using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;

namespace Zygotome.Core.HandOver;

public static class HandOverEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<Conceded>("handover/conceded", Posters.Lead) with
        {
            Withdrawable = true,
            LooksUp = [new("saw", ShopFact.Job)],
        },
        EntryKind.Of<Released>("handover/released", Posters.Bench) with
        {
            Retractable = false,
            OwnDoor = true,
        },
        EntryKind.Of<RecordSent>("handover/sent", Posters.Anybody) with
        {
            Retractable = false,
            AfterRelease = true,
        },
        EntryKind.Of<OwnerAnswered>("handover/owner-answered", Posters.Anybody) with
        {
            Retractable = false,
            AfterRelease = true,
        },
        EntryKind.Of<Reopened>("handover/reopened", Posters.Bench) with
        {
            Retractable = false,
            AfterRelease = true,
        },
    ];
}

/// <summary>
/// What a lead looked at who conceded something. A concession covers this and nothing further: it lapses when the object,
/// the limits or the side are others, or the amount is larger.
/// </summary>
/// <param name="Evidence">The entry that showed it.</param>
/// <param name="Amount">How far outside, in the unit of the limits; 0 where nothing is measured.</param>
/// <param name="Object">This pack, this bag, these values.</param>
public sealed record ConcededSight(string Evidence, string Limits, Side Side, double Amount, string Object)
{
    internal static ConcededSight Of(Claim claim) =>
        new(
            claim.Evidence?.EntryId ?? "",
            claim.Requirement.Limits,
            claim.Judgement?.Side ?? default,
            Numbers.Round(claim.OutsideBy),
            claim.Object
        );

    internal bool Covers(Claim claim) =>
        Of(claim) is var now
        && (now.Limits, now.Side, now.Object) == (Limits, Side, Object)
        && Numbers.Round(now.Amount - Amount) <= 0;
}

/// <summary>A lead concedes an unmet requirement, with a reason.</summary>
/// <param name="OwnerAcceptance">The owner's written words, where they are needed.</param>
/// <param name="Saw">What was looked at, by the server; null in older entries.</param>
public sealed record Conceded(string Requirement, string Reason, string OwnerAcceptance = "", ConcededSight? Saw = null)
    : EntryBody
{
    public override bool IsDecision() => true;

    public override EntryBody Composed(JobState state, Entry entry) =>
        this with
        {
            Saw = ClaimOf(state, entry) is { } claim ? ConcededSight.Of(claim) : null,
        };

    private Claim? ClaimOf(JobState state, Entry entry) =>
        Stages.Claims(state, entry.RecordedAt).FirstOrDefault(c => c.Requirement.Id == Requirement);

    // Whoever measured or found it does not let it go; opening a job measures nothing.
    private Refusal? OwnReading(JobState state, Entry entry) =>
        ClaimOf(state, entry)?.Evidence is { } evidence
        && evidence.By.Id == entry.By.Id
        && evidence.EntryId != state.Receive.OpenedEvidence?.EntryId
        && !entry.By.Alone
            ? new Refusal(
                "handover/own-reading",
                $"{entry.By.Name} showed this: another lead concedes it.",
                "body.requirement"
            )
            : null;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        var line = Ledger.Of(state, entry.RecordedAt).FirstOrDefault(l => l.Id == Requirement);
        return line switch
        {
            null => new Refusal(
                "handover/requirement",
                $"There is no requirement \"{Requirement}\".",
                "body.requirement"
            ),
            { Concedable: Concedable.Never } => new Refusal(
                "handover/never",
                $"\"{line.Text}\" is never conceded: it must be put right.",
                "body.requirement"
            ),
            { Standing: not Standing.NotMet } => new Refusal(
                "handover/not-unmet",
                $"\"{line.Text}\" has no reading outside its limits to concede.",
                "body.requirement"
            ),
            { Concedable: Concedable.WithOwner } when string.IsNullOrWhiteSpace(OwnerAcceptance) => new Refusal(
                "handover/owner",
                "Balance aft of the sheet needs the owner's written acceptance before release.",
                "body.ownerAcceptance"
            ),
            _ => OwnReading(state, entry)
                ?? Texts.Reason(Reason, "body.reason", "A concession needs a reason.")
                ?? Texts.Fits(OwnerAcceptance, "body.ownerAcceptance"),
        };
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        // Older entries do not say what they looked at: it was what stood then.
        var saw = Saw ?? (ClaimOf(state, entry) is { } claim ? ConcededSight.Of(claim) : null);
        return saw is null
            ? state.NotSupported(entry)
            : state with
            {
                HandOver = state.HandOver with
                {
                    Concessions = state.HandOver.Concessions.SetItem(
                        Requirement,
                        new Concession(
                            entry.EntryId,
                            Requirement,
                            saw,
                            Reason,
                            OwnerAcceptance,
                            entry.By,
                            entry.RecordedAt
                        )
                    ),
                },
            };
    }

    public override string Say(JobState state) => $"Conceded: {Requirement}";
}

/// <summary>
/// The aircraft is released. Holds the ledger it was released on, the version of the rules and the hash of the record's
/// bytes.
/// </summary>
public sealed record Released(int Number, string RulesVersion, ImmutableArray<LedgerLine> Ledger, string PdfHash)
    : EntryBody,
        IPowered
{
    public PowerState Needs(JobState state) => PowerState.HandOver;

    public override bool IsDecision() => true;

    /// <summary>
    /// The release that could be recorded now, without its record's hash; or the refusal that names what is open.
    /// </summary>
    public static Outcome<Released> From(JobState state, DateTimeOffset asOf)
    {
        if (!state.Opened || state.Released)
        {
            return new Refusal(
                "handover/released",
                state.Opened ? "This job is already released." : "This job has not been received yet."
            );
        }

        var ledger = Jobs.Ledger.Of(state, asOf);

        // What nobody may concede is named first, then what is wrong, then what is wanting.
        var open = ledger
            .Where(l => l.Open)
            .OrderBy(l => l.Concedable)
            .ThenBy(l =>
                l.Standing is Standing.NotMet ? 0
                : l.Standing is Standing.Stale ? 1
                : 2
            )
            .ToArray();
        return open.Length > 0
                ? new Refusal(
                    "handover/open",
                    $"{open.Length} {(open.Length == 1 ? "requirement is" : "requirements are")} open: "
                        + $"{string.Join("; ", open.Take(12).Select(l => l.Text))}{(open.Length > 12 ? "; and more" : "")}."
                )
            : state.Unknown.Count > 0
                ? new Refusal(
                    "handover/unknown",
                    "The journal holds entries this version does not know; release with the newer version."
                )
            : new Released(state.HandOver.Releases.Count + 1, Jobs.Ledger.RulesVersion, ledger, "");
    }

    public override Refusal? Admit(JobState state, Entry entry) =>
        From(state, entry.RecordedAt).Refused
        ?? (
            PdfHash.Length == 0 ? new Refusal("handover/record", "A release carries its record.", "body.pdfHash") : null
        );

    public override JobState Apply(JobState state, Entry entry)
    {
        var release = new Release(Number, entry.EntryId, entry.By, entry.RecordedAt, PdfHash, Ledger);
        return state with
        {
            HandOver = state.HandOver with
            {
                Release = release,
                Releases = state.HandOver.Releases.Add(release),
                SentAt = null,
                Accepted = null,
            },
        };
    }

    public override string Say(JobState state) => $"Released, record {Number}";
}

public sealed record RecordSent(string To) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        HandOverRules.NeedsRelease(state) ?? Texts.Fits(To, "body.to", 200);

    public override JobState Apply(JobState state, Entry entry) =>
        state with
        {
            HandOver = state.HandOver with { SentAt = entry.RecordedAt },
        };

    public override string Say(JobState state) => "Record sent to the owner";
}

public sealed record OwnerAnswered(bool Accepted, string Words = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        HandOverRules.NeedsRelease(state) ?? Texts.Fits(Words, "body.words");

    public override JobState Apply(JobState state, Entry entry) =>
        state with
        {
            HandOver = state.HandOver with { Accepted = Accepted, OwnerWords = Words },
        };

    public override string Say(JobState state) => Accepted ? "Accepted by the owner" : "Declined by the owner";
}

/// <summary>A released job is opened again. Physical evidence is stale; earlier records stay, by number.</summary>
public sealed record Reopened(string Reason) : EntryBody
{
    public override bool IsDecision() => true;

    public override Refusal? Admit(JobState state, Entry entry) =>
        HandOverRules.NeedsRelease(state) ?? Texts.Reason(Reason, "body.reason", "Say why it is opened again.");

    public override JobState Apply(JobState state, Entry entry) =>
        (state with { HandOver = state.HandOver with { Release = null } }).Disturb(
            entry,
            "Re-opened after release",
            DisturbanceMatrix.Everything
        );

    public override string Say(JobState state) => "Re-opened";
}

internal static class HandOverRules
{
    public static Refusal? NeedsRelease(JobState state) =>
        state.Released ? null : new Refusal("handover/not-released", "This job is not released.");
}
