using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>
/// Another screw in place of a listed one, judged by the fastener rule. What the sheet does not state is measured at
/// the bench.
/// </summary>
/// <param name="Diameter">Thread of the one in hand. <paramref name="Length"/>: under its head.</param>
/// <param name="Stack">What it clamps, where the sheet does not say. <paramref name="Depth"/>: the hole,
/// likewise.</param>
public sealed record SubstituteAccepted(
    string Part,
    int Quantity,
    Length Diameter,
    Length Length,
    Length? Stack = null,
    Length? Depth = null,
    string Note = ""
) : EntryBody, IRemembered
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (UnpackRules.KnownPart(state, Part) is { } unknown)
        {
            return unknown;
        }

        if (Quantity is < 1 or > 1000)
        {
            return new Refusal("unpack/count", $"{Quantity} substitutes is not possible.", "body.quantity");
        }

        return Judge(state.Sheet)
            .Match(
                v => v.Fits ? Texts.Fits(Note, "body.note") : new Refusal("unpack/substitute", v.Why, "body.length"),
                r => r
            );
    }

    /// <summary>The fastener rule on the numbers of sheet and bench.</summary>
    public Outcome<FastenerVerdict> Judge(SpecSheet sheet)
    {
        (Length? Of, string Where)[] sizes =
        [
            (Diameter, "body.diameter"),
            (Length, "body.length"),
            (Stack, "body.stack"),
            (Depth, "body.depth"),
        ];
        if (
            sizes
                .Select(s => s.Of?.Outside(0.1m, 500, "a size of a screw or its place", s.Where))
                .FirstOrDefault(r => r is not null) is
            { } wrong
        )
        {
            return wrong;
        }

        return Measured(sheet) is { } listed
            ? Fasteners.Judge(listed, (double)Diameter.Nominal, (double)Length.Nominal)
            : new Refusal(
                "unpack/not-a-fastener",
                $"{sheet.Part(Part)?.Name ?? Part} is not a fastener with a size; only those can be judged by the "
                    + $"rule.",
                "body.part"
            );
    }

    /// <summary>
    /// The listed fastener at its place as the sheet and the bench know it; null where the part is none.
    /// </summary>
    public FastenerSpec? Measured(SpecSheet sheet) =>
        sheet.Part(Part)?.Fastener is { } listed
            ? listed with
            {
                Stack = listed.Stack ?? (double?)Stack?.Nominal,
                Depth = listed.Depth ?? (double?)Depth?.Nominal,
            }
            : null;

    public override JobState Apply(JobState state, Entry entry)
    {
        var why = Judge(state.Sheet).Match(v => v.Why, r => r.Text);
        var misprint = Measured(state.Sheet) is { } listed && Fasteners.IsMisprint(listed);
        return state.With(
            state.Unpack with
            {
                Present = state.Unpack.Present.SetItem(Part, state.Unpack.CountOf(Part) + Quantity),
                Wrong = state.Unpack.Wrong.SetItem(
                    Part,
                    Math.Max(0, state.Unpack.Wrong.GetValueOrDefault(Part) - Quantity)
                ),
                Substitutes = state.Unpack.Substitutes.Add(
                    new Substitute(
                        Part: Part,
                        Quantity: Quantity,
                        Size: $"{Diameter.Text} × {Length.Text}",
                        Why: misprint ? $"{why} The listed size cannot fit there: a misprint." : why,
                        Note: Note,
                        Evidence: Evidence.Of(entry)
                    )
                    {
                        Misprint = misprint,
                        Diameter = Diameter,
                        Length = Length,
                        Stack = Stack,
                        Depth = Depth,
                    }
                ),
            }
        );
    }

    public override string Say(JobState state) =>
        $"Substitute for {state.Sheet.Part(Part)?.Name ?? Part}: {Quantity} × {Diameter.Text} × {Length.Text}";
}

/// <summary>A substitute that was accepted, with the rule's own words.</summary>
public sealed record Substitute(string Part, int Quantity, string Size, string Why, string Note, Evidence Evidence)
{
    /// <summary>The listed one cannot fit where it was measured.</summary>
    public bool Misprint { get; init; }

    /// <summary>As they were typed, of the one in hand and of its place; null where nobody measured.</summary>
    public Length? Diameter { get; init; }

    public Length? Length { get; init; }

    public Length? Stack { get; init; }

    public Length? Depth { get; init; }
}
