using Zygotome.Core.Journal;

namespace Zygotome.Core.Wire;

/// <summary>What was asked of the wiring is answered. <em>No</em> is an answer: it stands in the ledger until it is
/// mended and looked at again.</summary>
/// <param name="Ask">As <see cref="WireAsks"/> has it: <c>held/receiver</c>.</param>
public sealed record WireAnswered(string Ask, bool Right, string? Note = null) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        WireAsks.Of(state).All(a => a.Id != Ask)
            ? new Refusal("wire/no-ask", "The wiring of this job does not ask that.", "body.ask")
            : Texts.Fits(Note ?? "", "body.note");

    public override JobState Apply(JobState state, Entry entry) =>
        state.With(
            state.Wire with
            {
                Asks = state.Wire.Asks.SetItem(
                    Ask,
                    new AskShown(
                        Right,
                        Note?.Trim() ?? "",
                        Evidence.Of(entry, state.Wire.Asks.GetValueOrDefault(Ask)?.Evidence.Attempt + 1 ?? 1)
                    )
                ),
            }
        );

    public override IEnumerable<string> Shows() => [new WireAskId(Ask).Written];

    public override string Say(JobState state)
    {
        var words = WireAsks.Of(state).FirstOrDefault(a => a.Id == Ask)?.Words ?? Ask;
        return $"{words} {(Right ? "Yes" : "No")}{(string.IsNullOrWhiteSpace(Note) ? "" : $": {Note.Trim()}")}";
    }
}
