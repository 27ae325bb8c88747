using System.Collections.Immutable;
using Zygotome.Core.Journal;

namespace Zygotome.Core.Unpack;

/// <summary>A part that is short, as it was when the claim was written.</summary>
public sealed record ClaimedShortage(string Part, string Name, int Quantity, string Bag);

/// <summary>
/// A claim to the supplier. Letter and mail are composed when it is recorded; the client names only what goes in. It is
/// sent then, but where the supplier has no address for mail: such a letter is sent when somebody posted it,
/// <see cref="ClaimPosted"/>.
/// </summary>
/// <param name="Findings">Ids of findings. <paramref name="Parts"/>: ids of short parts.</param>
/// <param name="LetterHash">SHA-256 of the letter's PDF; <paramref name="MailHash"/>: of the mail file. Filled in by
/// the server.</param>
/// <param name="ByLetter">There is no mail: the letter is printed and posted. Said by the server.</param>
public sealed record ClaimSent(
    ImmutableArray<string> Findings,
    ImmutableArray<string> Parts,
    string Wish,
    int Number = 0,
    Supplier? To = null,
    ImmutableArray<ClaimedShortage>? Shortages = null,
    string LetterHash = "",
    string MailHash = "",
    bool ByLetter = false
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.HandedIn.Supplier is null
            ? new Refusal("claim/supplier", "Nobody said who the kit came from; say so first.", "body.to")
        : Findings.Length + Parts.Length == 0
            ? new Refusal("claim/empty", "A claim needs at least one finding or shortage.", "body.findings")
        : Findings.FirstOrDefault(f => state.Unpack.Find(f) is null) is { } unknown ? UnpackRules.NoFinding(unknown)
        : Findings.Select(f => state.Unpack.Find(f)!).FirstOrDefault(f => !f.Origin.Claimable) is { } ours
            ? new Refusal(
                "claim/ours",
                $"{ours.Tag} happened here ({ours.Origin.Why}); it is not the supplier's.",
                "body.findings"
            )
        : Parts.FirstOrDefault(p => Claims.Short(state, p) == 0) is { } there
            ? new Refusal("claim/not-short", $"{state.Sheet.Part(there)?.Name ?? there} is not short.", "body.parts")
        : LetterHash.Length == 0
            ? new Refusal("claim/letter", "The letter is written by the server.", "body.letterHash")
        : Texts.Fits(Wish, "body.wish");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Unpack with
            {
                Claims = state.Unpack.Claims.Add(
                    new Claimed(
                        Id: entry.EntryId,
                        Number: Number,
                        To: To?.Name ?? "",
                        Findings: Findings,
                        Shortages: Shortages ?? [],
                        Wish: Wish,
                        LetterHash: LetterHash,
                        MailHash: MailHash,
                        Evidence: Evidence.Of(entry)
                    )
                    {
                        ByLetter = ByLetter,
                    }
                ),
            }
        );

    public override string Say(JobState state) =>
        $"Claim {Number} {(ByLetter ? "written" : "sent")}{(To is null ? "" : $" to {To.Name}")}"
        + (ByLetter ? ", to be printed and posted" : "");
}
