using Zygotome.Core.Jobs;
using Zygotome.Core.Quantities;
using Zygotome.Core.SpecSheets;

namespace Zygotome.Core.Receive;

/// <summary>
/// A lead gives a value where the maker states none; it counts for this job only and bears the lead's name.
/// </summary>
/// <param name="For">A gap of <see cref="SheetGaps"/>, such as <c>throw/rudder/rudder/high/right</c>.</param>
public sealed record ValueGiven(string For, Quantity Value, string Reason) : EntryBody
{
    public override bool IsDecision() => true;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        // A value once given may be given anew.
        var asIfNot = state.Sheet with
        {
            Given = state.Sheet.Given.Remove(For),
        };
        return SheetGaps.Of(asIfNot, state.Receive.Rules).FirstOrDefault(g => g.Id == For) is not { } gap
                ? new Refusal(
                    "receive/no-gap",
                    $"\"{For}\" is not a value that is missing: the sheet states it.",
                    "body.for"
                )
            : !gap.Dimensions.Has(Value.Dimension) || Value.Form == QuantityForm.Descending
                ? new Refusal("receive/unit", $"\"{Value.Text}\" is not a value for {gap.Text}.", "body.value")
            : Texts.Reason(Reason, "body.reason", "Say where the value comes from.");
    }

    public override JobState Apply(JobState state, Entry entry) =>
        (
            state with
            {
                Receive = state.Receive with
                {
                    Given = state.Receive.Given.SetItem(For, new GivenValue(Value, entry.By, Reason)),
                },
            }
        ).Resheet();

    public override string Say(JobState state) => $"{For}: {Value.Text} given";
}

/// <summary>The job is built to another revision of its sheet from here on.</summary>
/// <param name="SheetHash">SHA-256 of that revision's file.</param>
public sealed record SheetMoved(int Revision, string SheetHash, string Reason) : EntryBody
{
    public override bool IsDecision() => true;

    public override Refusal? Admit(JobState state, Entry entry) =>
        !state.Revisions.TryGetValue(SheetHash, out var sheet)
            ? new Refusal("receive/sheet", "There is no such revision on file.", "body.sheetHash")
        : sheet.Kit.Id != state.Filed.Kit.Id
            ? new Refusal(
                "receive/other-kit",
                $"That is a sheet of {sheet.Kit.Name}, not of {state.Filed.Kit.Name}.",
                "body.sheetHash"
            )
        : sheet.Kit.Revision != Revision
            ? new Refusal("receive/sheet", $"That file is revision {sheet.Kit.Revision}.", "body.revision")
        : sheet.Hash == state.Built.Hash
            ? new Refusal("receive/same-sheet", $"The job is built to revision {Revision} already.", "body.revision")
        : Texts.Reason(Reason, "body.reason", "Say why the job moves.");

    public override JobState Apply(JobState state, Entry entry)
    {
        if (!state.Revisions.TryGetValue(SheetHash, out var sheet))
        {
            return state.NotSupported(entry);
        }

        var changes = SheetChanges.Between(state.Built, sheet);
        var moved = (
            state with
            {
                Built = sheet,
                Receive = state.Receive with { SheetRevision = Revision },
                Build = state.Build with { Steps = state.Build.Steps.RemoveRange(changes.Steps) },
                Unpack = state.Unpack with { CountedBags = state.Unpack.CountedBags.RemoveRange(changes.Bags) },
            }
        ).Resheet();
        return changes.Disturbs.Length == 0
            ? moved
            : moved.Disturb(entry, $"Revision {Revision} of the sheet", changes.Disturbs);
    }

    public override string Say(JobState state) => $"Built to revision {Revision} from here on";
}
