using Zygotome.Core.Journal;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Receive;

/// <summary>
/// What another revision changes under work already done. Changed limits need nothing here: readings are judged anew by
/// them; nor do values that evidence used, see <see cref="SheetValues"/>.
/// </summary>
public static class SheetChanges
{
    /// <summary>Steps that read otherwise now and are asked for anew, by their ids.</summary>
    public static IEnumerable<string> Steps(SpecSheet old, SpecSheet now) =>
        now
            .Steps.Where(s => old.Step(s.Id) is { } was && !Same(was, s))
            .Select(s => s.Id)
            .Concat(old.Steps.Where(s => now.Step(s.Id) is null).Select(s => s.Id));

    private static bool Same(StepSpec a, StepSpec b) =>
        (a.Title, a.Text, a.Bond, a.Stage) == (b.Title, b.Text, b.Bond, b.Stage)
        && a.Get(StepFields.People) == b.Get(StepFields.People)
        && StepPowers.Of(a).Equals(StepPowers.Of(b))
        && a.Readies.SequenceEqual(b.Readies)
        && a.Parts.SequenceEqual(b.Parts)
        && a.Fits.SequenceEqual(b.Fits)
        && a.Tools.SequenceEqual(b.Tools)
        && a.Grams == b.Grams
        && a.Disturbs.SequenceEqual(b.Disturbs)
        && a.Hides.SequenceEqual(b.Hides)
        && a.After.SequenceEqual(b.After);
}
