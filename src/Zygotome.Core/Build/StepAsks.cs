using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.MarkOut;
using Zygotome.Core.Sheets.Table;
using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Build;

/// <summary>
/// What a step asks, from its sheet, its parts and the job: every question in the order in which it comes up. A further
/// one is a line here; what it holds up follows from its <see cref="AskWhen"/>.
/// </summary>
public static class StepAsks
{
    /// <summary>Of one step, in order; the same for the same state.</summary>
    public static ImmutableArray<StepAsk> Of(JobState state, StepSpec step) =>
        [
            .. FitAsks.Of(state.Sheet, step),
            .. MarkedOut(state, step),
            .. Leads(state.Sheet, step),
            .. Prepared(step),
            .. Joint(state.Sheet, step),
            .. Trueness(state, step),
            .. Horns(state.Sheet, step),
            .. Taps(step),
            .. Screws(state.Sheet, step),
            .. Air(state.Sheet, step),
            .. Sides(state, step),
            .. Cured(state, step),
        ];

    /// <summary>What it was answered, as far as the answer still counts; null where it is asked.</summary>
    public static StepAnswer? Answer(JobState state, StepSpec step, StepAsk ask) =>
        ask.Truth is { } truth ? Read(state, step, ask, truth)
        : ask.Mark is { } mark ? Drawn(state, step, ask, mark)
        : state.Build.Answers.TryGetValue(Key(step.Id, ask.Id), out var answer)
        && answer.Evidence.Seq > CountsFrom(state, step, ask)
            ? answer
        : null;

    /// <summary>Whether nothing waits for it any more.</summary>
    public static bool IsSettled(JobState state, StepSpec step, StepAsk ask) =>
        Answer(state, step, ask) is { } answer && (answer.Right || (ask.How == AskHow.Same && answer.Note.Length > 0));

    /// <summary>What is still asked of it at one of these times, in order.</summary>
    public static IEnumerable<StepAsk> Unsettled(JobState state, StepSpec step, params AskWhen[] when) =>
        Of(state, step).Where(a => when.Contains(a.When) && !IsSettled(state, step, a));

    /// <summary>
    /// The refusal that names what is not answered yet; null where all is. What is measured is asked by
    /// <see cref="Untrue"/>.
    /// </summary>
    public static Refusal? Refuse(JobState state, StepSpec step, params AskWhen[] when) =>
        Unsettled(state, step, when).FirstOrDefault(a => !a.IsMeasured) is { } ask ? Asked(step, ask) : null;

    /// <summary>
    /// The refusal of what would go on with something out of its limits, or not measured; null where all is in, or
    /// somebody says why it stays so: its line stays open then.
    /// </summary>
    /// <param name="when">Asked at one of these times.</param>
    internal static Refusal? Untrue(JobState state, StepSpec step, string? reason, params AskWhen[] when)
    {
        foreach (var ask in Unsettled(state, step, when).Where(a => a.IsMeasured))
        {
            if (Answer(state, step, ask) is null)
            {
                return Asked(step, ask);
            }

            if (string.IsNullOrWhiteSpace(reason))
            {
                return new Refusal(
                    "build/untrue",
                    $"{Said(state, step, ask)} Move it and measure again, or say why it stays so.",
                    "body.reason"
                );
            }
        }

        return null;
    }

    /// <summary>
    /// How what was measured stands and which way it is moved: "Fin upright: out: 0.7° too much. Its tip to the left by
    /// 3.2 mm."; empty of what was not measured.
    /// </summary>
    public static string Said(JobState state, StepSpec step, StepAsk ask) =>
        ask.Truth is { } truth && state.Build.True.TryGetValue(truth.Id, out var read)
            ? $"{truth.Name}: {TruthLines.Said(state, truth, read)}"
        : ask.Mark is { } mark && state.Build.Marks.TryGetValue(MarkLines.Key(step.Id, mark.Id), out var drawn)
            ? $"{Texts.Capital(mark.Name)}: {MarkLines.Judged(state, mark, drawn.At, drawn.U)?.Phrase ?? "no limits"}."
        : "";

    /// <summary>By which an answer is kept.</summary>
    internal static string Key(string step, string ask) => $"{step}/{ask}";

    // What stands out of its limits is answered, and not settled. What was read while it still set is not read again.
    private static StepAnswer? Read(JobState state, StepSpec step, StepAsk ask, Truth truth) =>
        state.Build.True.TryGetValue(truth.Id, out var shown)
        && shown.Evidence.Seq > CountsFrom(state, step, ask)
        && (ask.When != AskWhen.Cured || !(state.Progress(step.Id)?.HandleAt > shown.Evidence.ObservedAt))
            ? new StepAnswer(TruthLines.IsTrue(state, truth, shown), "", shown.Evidence)
            : null;

    private static StepAnswer? Drawn(JobState state, StepSpec step, StepAsk ask, Mark mark) =>
        state.Build.Marks.TryGetValue(MarkLines.Key(step.Id, mark.Id), out var shown)
        && shown.Evidence.Seq > CountsFrom(state, step, ask)
            ? new StepAnswer(MarkLines.Judged(state, mark, shown.At, shown.U) is { Releases: true }, "", shown.Evidence)
            : null;

    // Measured before the knife: what is cut elsewhere is cut for good.
    private static IEnumerable<StepAsk> MarkedOut(JobState state, StepSpec step) =>
        Marks
            .Of(step)
            .Select(mark => new StepAsk(
                $"mark/{mark.Id}",
                AskWhen.Dry,
                AskHow.Mark,
                $"{Texts.Capital(mark.Name)}: {mark.Band?.ToString() ?? "not stated"} from the {mark.Spec.From}?",
                MarkLines.Crossed(state, mark, mark.Wanted) is { } hidden
                    ? $"The sheet's own place is over what lies hidden there: {hidden.Words}. Not there."
                    : ""
            )
            {
                Mark = mark,
            });

    // Read while it can still be moved, and again once it has set.
    private static IEnumerable<StepAsk> Trueness(JobState state, StepSpec step)
    {
        foreach (var truth in Truths.At(state.Sheet, step.Id).Where(t => IsAboard(state, step, t)))
        {
            var words = $"{truth.Name}: {truth.Band?.ToString() ?? truth.Said}?";
            // A slot at a wrong angle shows before glue is on it, and is cut anew then.
            if (step.Bond is not null && truth.Kind is (TruthKind.HornLine or TruthKind.HornSquare))
            {
                yield return new StepAsk($"dry/{truth.Id}", AskWhen.Dry, AskHow.Read, words, "") { Truth = truth };
            }

            yield return new StepAsk(
                $"true/{truth.Id}",
                step.Bond is null ? AskWhen.Closing : AskWhen.Open,
                AskHow.Read,
                words,
                ""
            )
            {
                Truth = truth,
            };
            if (step.Bond is not null)
            {
                yield return new StepAsk($"set/{truth.Id}", AskWhen.Cured, AskHow.Read, words, "") { Truth = truth };
            }
        }
    }

    private static Refusal Asked(StepSpec step, StepAsk ask) =>
        new(
            "build/asked",
            $"\"{step.Title}\" asks first: {ask.Words}" + (ask.Why.Length > 0 ? $" {ask.Why}" : ""),
            $"ask/{ask.Id}"
        );

    // What is read against a part that is not on yet is read of the whole, once it is.
    private static bool IsAboard(JobState state, StepSpec step, Truth truth) =>
        state
            .Sheet.Steps.Where(s => s.Id != step.Id && s.Repairs.Length == 0)
            .Where(s =>
                truth.Between.Any(part => !Fits(step, part) && Fits(s, part) && state.Progress(s.Id)?.Done is null)
            )
            .All(s => MirroredSteps.WholeOf(s.Id) == MirroredSteps.WholeOf(step.Id));

    private static bool Fits(StepSpec step, string part) =>
        step.Fits.Any(f => Places.IsNamed(f, part) || Places.IsNamed(part, f));

    // Each joint is asked about anew: what was seen before its glue was opened says nothing of this glue.
    private static long CountsFrom(JobState state, StepSpec step, StepAsk ask) =>
        state.Progress(step.Id) is not { } progress ? long.MaxValue
        : ask.When == AskWhen.Cured ? progress.Done?.Seq ?? long.MaxValue
        : ask.When == AskWhen.Open ? progress.Glue?.Seq ?? progress.From
        : progress.From;

    // A lead that belongs to what is joined is drawn through before the halves meet.
    private static IEnumerable<StepAsk> Leads(SpecSheet sheet, StepSpec step)
    {
        if (step.Bond is null && step.Kind is not "joint")
        {
            yield break;
        }

        bool Joined(string part) => step.Fits.Any(f => part == f || Places.IsNamed(f, part) || Places.IsNamed(part, f));
        foreach (var lead in sheet.Leads)
        {
            var driven = sheet
                .Servos.Where(s => s.Id == lead.From)
                .SelectMany(s => s.Drives)
                .Select(sheet.Surface)
                .OfType<Surface>()
                .ToArray();
            if (driven.Any(s => Joined(s.On) && (step.Side.Length == 0 || s.Side == step.Side || s.Side == "centre")))
            {
                yield return StepAsk.Tick(
                    $"through/{lead.Id}",
                    AskWhen.Dry,
                    $"Lead {(lead.Label.Length > 0 ? lead.Label : lead.Id)} drawn through, and clear of the joint?",
                    "Once the halves meet nobody gets it in."
                );
            }
        }
    }

    private static IEnumerable<StepAsk> Prepared(StepSpec step)
    {
        if (step.Bond is not { Kind: "structural" } bond)
        {
            yield break;
        }

        var same = bond.A.Equals(bond.B, StringComparison.OrdinalIgnoreCase);
        yield return StepAsk.Tick(
            "prepared/a",
            AskWhen.Dry,
            $"{(same ? "Both faces" : "Face")}, {bond.A}: {Preparation.Of(bond.A)}?"
        );
        if (!same)
        {
            yield return StepAsk.Tick("prepared/b", AskWhen.Dry, $"Face, {bond.B}: {Preparation.Of(bond.B)}?");
        }
    }

    private static IEnumerable<StepAsk> Joint(SpecSheet sheet, StepSpec step)
    {
        if (step.Bond is not { } bond)
        {
            yield break;
        }

        foreach (var (face, n) in bond.KeepClear.Select((f, i) => (f, i + 1)))
        {
            yield return StepAsk.Tick($"clear/{n}", AskWhen.Open, $"{Texts.Capital(face)} clear of glue?");
        }

        foreach (var (what, n) in MovesBeside.Of(sheet, step).Select((m, i) => (m, i + 1)))
        {
            yield return StepAsk.Tick(
                $"moves/{n}",
                AskWhen.Open,
                $"{Texts.Capital(what)}: still free to move?",
                "Once it has set, it is stuck for good."
            ) with
            {
                Moves = true,
            };
        }
    }

    // How far off line is measured; how square is seen.
    private static IEnumerable<StepAsk> Horns(SpecSheet sheet, StepSpec step)
    {
        if (Truths.PutsHorns(sheet, step) && ClosedRods.By(sheet, step).Any())
        {
            yield return StepAsk.Tick(
                "horns-square",
                step.Bond is null ? AskWhen.Closing : AskWhen.Dry,
                "Each horn square to its hinge, its holes over the hinge line?",
                "Ahead of or behind the line, up and down differ."
            );
        }
    }

    private static IEnumerable<StepAsk> Taps(StepSpec step) =>
        step.Rows(StepFields.Tap.List)
            .Select(
                (tap, i) =>
                    StepAsk.Tick($"tap/{i + 1}", AskWhen.Closing, $"{Texts.Capital(tap.Get(StepFields.Tap.Do))}.") with
                    {
                        Wait = 60 * (double)(tap.Says(StepFields.Tap.Wait).Likely?.Nominal ?? 0),
                    }
            );

    private static IEnumerable<StepAsk> Screws(SpecSheet sheet, StepSpec step)
    {
        foreach (var (id, count) in step.Parts)
        {
            if (sheet.Part(id) is not { Fastener: { } fastener } part)
            {
                continue;
            }

            yield return StepAsk.Tick(
                $"screws/{id}",
                AskWhen.Closing,
                $"{count} × {part.Name}: {Tight(fastener, count)}?"
            );
            if (fastener.Flat)
            {
                yield return StepAsk.Tick(
                    $"flat/{id}",
                    AskWhen.Closing,
                    $"{part.Name}: each one found its flat?",
                    "On the round it slips under load."
                );
            }

            if (fastener.Hidden)
            {
                yield return StepAsk.Tick(
                    $"caught/{id}",
                    AskWhen.Closing,
                    $"{part.Name}, out of sight: each one caught?",
                    "Pull at what it holds."
                );
            }
        }
    }

    /// <summary>How tight, and with what: snug in plastic, thread-lock on metal alone.</summary>
    public static string Tight(FastenerSpec fastener, int count)
    {
        var all =
            count < 2 ? ""
            : ScrewRing.Order(count) is { Length: > 0 } ring
                ? $"all started first, then a little each in turn, {string.Join(" ", ring)}; "
            : "all started first, then a little each across the diagonal; ";
        var (tight, locked) = fastener.Into switch
        {
            "metal" => ("firm", fastener.Locked ? "one drop of medium thread-lock" : "no lock"),
            "wood" => ("firm, the wood not crushed", "no lock"),
            "foam anchor" => ("only until the head lies flat", "no lock"),
            _ => ("snug, not hard: it is plastic", "no thread-lock, it cracks plastic"),
        };
        return $"{all}{tight}; {locked}";
    }

    private static IEnumerable<StepAsk> Air(SpecSheet sheet, StepSpec step)
    {
        bool Covers(string id) =>
            sheet.Geometry.PlacedPart(id) is { Thing.Kind: PlacedKind.Cowl or PlacedKind.Canopy or PlacedKind.Hatch };
        if (sheet.Power.Motors.Length == 0 || (step.Kind != "cover" && !step.Fits.Any(Covers)))
        {
            yield break;
        }

        yield return StepAsk.Tick(
            "air",
            AskWhen.Closing,
            "Air: inlet and outlet open, nothing before the controller?",
            "A controller without air stops in flight."
        );
        yield return StepAsk.Tick("pad", AskWhen.Closing, "No foam touches what gets hot, or a pad lies between?");
    }

    // The first side is said in words; at the second they are shown.
    private static IEnumerable<StepAsk> Sides(JobState state, StepSpec step)
    {
        if (step.Side.Length == 0)
        {
            yield break;
        }

        yield return FirstSide(state, step) is { } first
            ? new StepAsk(
                "done-so",
                AskWhen.Closing,
                AskHow.Same,
                $"The {first.Side} was done so: {first.Note}. This one the same?",
                "Left and right must not differ unseen."
            )
            : new StepAsk(
                "done-so",
                AskWhen.Closing,
                AskHow.Note,
                "How was this side done? Holes, turns, lengths, how tight.",
                "It is shown at the other side."
            );
    }

    /// <summary>How the other side was done, if it was done before this one; null where this is the first.</summary>
    private static (string Side, string Note)? FirstSide(JobState state, StepSpec step)
    {
        var (whole, other) = (MirroredSteps.WholeOf(step.Id), step.Side == "left" ? "right" : "left");
        var id = MirroredSteps.IdOf(whole, other);
        return
            state.Progress(id) is { Done: { } done }
            && (state.Progress(step.Id)?.Done is not { } own || done.Seq < own.Seq)
            && state.Build.Answers.TryGetValue(Key(id, "done-so"), out var said)
            ? (other, said.Note)
            : null;
    }

    private static IEnumerable<StepAsk> Cured(JobState state, StepSpec step)
    {
        if (TailOnScrews.Holds(step))
        {
            yield return StepAsk.Tick(
                "pull",
                AskWhen.Cured,
                "Pulled and twisted as hard as flight will: do its screws hold it alone?",
                "No glue holds it where one lets go."
            );
        }

        if (step.Bond is null)
        {
            yield break;
        }

        foreach (var (what, n) in MovesBeside.Of(state.Sheet, step).Select((m, i) => (m, i + 1)))
        {
            yield return StepAsk.Tick(
                $"free/{n}",
                AskWhen.Cured,
                $"{Texts.Capital(what)}: free to move, now that it has set?"
            ) with
            {
                Moves = true,
            };
        }

        if (state.Progress(step.Id) is { } progress && Doubt(progress) is { } doubt)
        {
            yield return StepAsk.Tick(
                "pull",
                AskWhen.Cured,
                "Pulled as hard as flight will: does the joint hold?",
                doubt
            );
        }
    }

    // Why a joint is not taken on trust; null where nothing speaks against it.
    private static string? Doubt(StepProgress progress) =>
        progress.HandledEarly is { Length: > 0 } early ? $"It was handled before its glue could bear it: {early}."
        : progress.Glue?.Doubt is { Length: > 0 } late ? $"It was closed against its glue's times: {late}."
        : null;
}
