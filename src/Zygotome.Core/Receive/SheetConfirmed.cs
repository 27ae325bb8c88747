using Zygotome.Core.Journal;

namespace Zygotome.Core.Receive;

/// <summary>
/// The revision this job is built to was confirmed by a lead. Posted by the server to every open job on it.
/// </summary>
/// <param name="SheetHash">SHA-256 of that revision's file.</param>
public sealed record SheetConfirmed(string SheetHash) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        SheetHash != state.Built.Hash
            ? new Refusal("receive/sheet", "This job is built to another revision.", "body.sheetHash")
        : state.Receive.Confirmed.ContainsKey(SheetHash)
            ? new Refusal("receive/confirmed", "This revision is confirmed already.", "body.sheetHash")
        : null;

    public override JobState Apply(JobState state, Entry entry) =>
        state.Knowing(SheetHash, new SheetConfirmation(entry.By, entry.RecordedAt));

    public override string Say(JobState state) => $"Sheet confirmed by {ConfirmedBy(state)}";

    private string ConfirmedBy(JobState state) =>
        state.Receive.Confirmed.TryGetValue(SheetHash, out var c) ? c.By.Name : "a lead";
}

internal static class Confirming
{
    /// <summary>Takes in who confirmed a revision; nothing where nobody did.</summary>
    public static JobState Knowing(this JobState state, string hash, SheetConfirmation? confirmation) =>
        confirmation is null
            ? state
            : state.With(state.Receive with { Confirmed = state.Receive.Confirmed.SetItem(hash, confirmation) });
}
