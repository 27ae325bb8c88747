using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Job;

/// <summary>
/// The two doors for sheets. At import a sheet is refused with the place of every mistake. One that is on file is read
/// whatever an older version let in: what is wrong with it are lines of its jobs, and a lead moves them to a mended
/// revision.
/// </summary>
public static class SheetDoor
{
    /// <summary>A revision further beyond the last one on file is a typing error.</summary>
    public const int MostAhead = 100;

    /// <summary>
    /// The sheet, or every mistake with its place; <see cref="SheetReading.Rough"/> is what can be drawn.
    /// </summary>
    /// <param name="last">The last revision of a kit on file, by its id; 0 where there is none.</param>
    public static SheetReading AtImport(ReadOnlySpan<byte> bytes, Func<string, int> last)
    {
        var text = SheetText.Mistakes(bytes);
        var reading = SheetReader.Read(bytes);
        if (reading.Rough is not { } rough)
        {
            return text.Count > 0 ? new SheetReading(null, text) : reading;
        }

        var kit = rough.Kit;
        var most = last(kit.Id) + MostAhead;
        SheetError[] ahead =
            kit.Revision > most
                ?
                [
                    new(
                        "$.kit.revision",
                        $"Revision {kit.Revision} is far beyond what is on file; at most {most} is taken."
                    ),
                ]
                : [];
        SheetError[] mistakes = [.. text, .. reading.Errors, .. ahead, .. Names(rough)];
        return new SheetReading(mistakes.Length == 0 ? reading.Sheet : null, mistakes) { Rough = rough };
    }

    /// <summary>
    /// The sheet with its <see cref="SpecSheet.Mistakes"/>; none only where the file is no sheet at all.
    /// </summary>
    public static SheetReading OnFile(ReadOnlySpan<byte> bytes)
    {
        var reading = SheetReader.Read(bytes);
        if (reading.Rough is not { } rough)
        {
            return reading;
        }

        SheetError[] mistakes = [.. reading.Errors, .. Names(rough)];
        var sheet = mistakes.Length == 0 ? rough : Drawable.Part(SaidOnce.Of(rough)) with { Mistakes = [.. mistakes] };
        return new SheetReading(sheet, mistakes) { Rough = rough };
    }

    // Names that lead out of the sheet: to the questions of the shop, to what is drawn, to what the ledger asks for.
    private static IEnumerable<SheetError> Names(SpecSheet sheet)
    {
        var drawable = Drawable.Part(SaidOnce.Of(sheet));
        var drawing = Drawings.Plan(drawable);
        var lines = new Lazy<RequirementId[]>(() =>
            [.. Stages.All.Requirements(Empty(drawable), default).Select(c => c.Id)]
        );
        foreach (var (step, i) in sheet.Steps.Select((s, i) => (s, i)))
        {
            var at = $"$.steps[{i}]";
            foreach (var (id, option) in step.School)
            {
                if (Schools.Find(id) is not { } school)
                {
                    yield return new($"{at}.school.{id}", $"There is no question \"{id}\" that a shop answers.");
                }
                else if (school.Option(option) is null)
                {
                    yield return new(
                        $"{at}.school.{id}",
                        $"\"{option}\" is no answer to it; {string.Join(", ", school.Options.Select(o => o.Id))} are."
                    );
                }
            }

            foreach (var (part, k) in step.Fits.Select((p, k) => (p, k)))
            {
                if (part.Length > 0 && !drawing.Named(part).Any())
                {
                    yield return new($"{at}.fits[{k}]", $"Nothing on the drawing is called \"{part}\".");
                }
            }

            foreach (var (hidden, k) in step.Hides.Select((h, k) => (h, k)))
            {
                if (hidden.Length > 0 && !lines.Value.Any(l => l.IsHiddenBy(hidden)))
                {
                    yield return new(
                        $"{at}.hides[{k}]",
                        $"Nothing that is shown of this kit begins with \"{hidden}\"."
                    );
                }
            }
        }
    }

    // A job just received, with nothing done: its ledger has every line the sheet itself asks for.
    private static JobState Empty(SpecSheet sheet)
    {
        var pack = new Battery(
            Mass: new Mass(Quantity.Single(100, Unit.Gram)),
            Length: new Length(Quantity.Single(100, Unit.Millimetre)),
            Width: new Length(Quantity.Single(30, Unit.Millimetre)),
            Height: new Length(Quantity.Single(30, Unit.Millimetre)),
            Cells: 3,
            Capacity: new Capacity(Quantity.Single(1000, Unit.MilliampereHour))
        );
        var opened = new JobOpened(
            Number: "",
            CustomerId: "",
            SheetId: sheet.Kit.Id,
            SheetRevision: sheet.Kit.Revision,
            SheetHash: sheet.Hash,
            Battery: pack,
            ReceiverChannels: 8,
            Promised: default,
            Shelf: "",
            BalanceSchool: BalanceSchool.ForwardThird,
            Rules: ShopRules.Default
        );
        var entry = new Entry(
            JobId: "",
            Seq: 1,
            EntryId: "",
            Body: opened,
            By: new Person("", "", Role.Lead),
            ObservedAt: default,
            RecordedAt: default,
            Look: ""
        );
        return Replay.Of(Stages.Unopened(sheet), [entry]);
    }
}
