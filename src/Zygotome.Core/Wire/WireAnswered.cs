using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Wire;

/// <summary>What was asked of the wiring is answered. <em>No</em> is an answer: it stands in the ledger until it is
/// mended and looked at again.</summary>
/// <param name="Ask">As <see cref="WireAsks"/> has it: <c>held/receiver</c>.</param>
/// <param name="By">What holds it: said with yes wherever it is asked.</param>
/// <param name="Measured">What was measured, mm, where a length is asked; too long is no, whatever was said.</param>
public sealed record WireAnswered(
    string Ask,
    bool Right,
    string? Note = null,
    HeldBy? By = null,
    Length? Measured = null
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        WireAsks.Of(state).FirstOrDefault(a => a.Id == Ask) is not { } ask
            ? new Refusal("wire/no-ask", "The wiring of this job does not ask that.", "body.ask")
            : (Right ? Yes(ask) : null)
                ?? Measured?.Outside(0, 3000, "the lead's length", "body.measured")
                ?? Texts.Fits(Note ?? "", "body.note");

    private Refusal? Yes(WireAsk ask) =>
        ask.Most is not null && Measured is null
            ? new Refusal("wire/measure", "Measure it: yes is a length here.", "body.measured")
        : ask.Ways.IsEmpty ? null
        : By is not { } by ? new Refusal("wire/held-by", $"Say what holds it: {Said(ask)}.", "body.by")
        : by == HeldBy.PressFit ? new Refusal("wire/press-fit", $"A press fit alone lets go. {ask.Mend}", "body.by")
        : ask.Ways.Contains(by) ? null
        : new Refusal("wire/held-by", $"By {HeldWords.Of(by)} it does not count: {Said(ask)}.", "body.by");

    private static string Said(WireAsk ask) => string.Join(", ", ask.Ways.Select(HeldWords.Of));

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Wire with
            {
                Asks = state.Wire.Asks.SetItem(
                    Ask,
                    new AskShown(
                        Right,
                        Note?.Trim() ?? "",
                        Evidence.Of(entry, state.Wire.Asks.GetValueOrDefault(Ask)?.Evidence.Attempt + 1 ?? 1),
                        By,
                        Measured
                    )
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new WireAskId(Ask).Written];

    public override string Say(JobState state)
    {
        var ask = WireAsks.Of(state).FirstOrDefault(a => a.Id == Ask);
        var words = ask?.Words ?? Ask;
        string[] said =
        [
            .. By is { } by ? [HeldWords.Of(by)] : (string[])[],
            .. Measured is { } length ? [length.Text] : (string[])[],
            .. string.IsNullOrWhiteSpace(Note) ? [] : (string[])[Note.Trim()],
        ];
        var answer = ask?.IsSo(Right, Measured) ?? Right ? "Yes" : "No";
        return $"{words} {answer}{(said.Length > 0 ? $": {string.Join(", ", said)}" : "")}";
    }
}
