using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

public static class BuildEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<StepStarted>("build/step-started", Posters.Bench),
        EntryKind.Of<StepDone>("build/step-done", Posters.Bench) with
        {
            LooksUp = [new("adhesive", ShopFact.Adhesive), new("benchCelsius", ShopFact.BenchTemperature)],
        },
        EntryKind.Of<StepHandled>("build/step-handled", Posters.Bench),
        EntryKind.Of<CureBegan>("build/cure-began", Posters.Lead),
        EntryKind.Of<LampsSaid>("build/lamps", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<PropellerSaid>("build/propeller", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<PackSaid>("build/pack", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<TransmitterSaid>("build/transmitter", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<StepUndone>("build/step-undone", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<LoopOpened>("build/loop-opened", Posters.Bench),
        EntryKind.Of<LoopClosed>("build/loop-closed", Posters.Bench),
        EntryKind.Of<LinkageMoved>("build/linkage-moved", Posters.Bench) with
        {
            Retractable = false,
        },
    ];
}

/// <summary>Work on a step begins. Only what may be done now can be started, in the state of power it declares.</summary>
/// <param name="Held">Needed where a motor may turn during it.</param>
public sealed record StepStarted(string Step, Holding? Held = null) : EntryBody, IPowered
{
    public PowerState Needs(JobState state) =>
        state.Sheet.Step(Step) is { } step ? StepPowers.ToStart(step) : PowerState.Unstated;

    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Step(Step) is not { } step)
        {
            return BuildRules.NoStep(Step);
        }

        var now = StepGraph.Of(state, step, entry.RecordedAt);
        return now.Standing switch
        {
            StepStanding.CanStart => Held?.Admit(entry),
            StepStanding.WaitsFor => new Refusal(
                "build/waits",
                $"\"{step.Title}\" waits for: {string.Join("; ", now.WaitsFor)}.",
                "body.step"
            ),
            _ => new Refusal(
                "build/started",
                $"\"{step.Title}\" is already {(now.Standing == StepStanding.UnderWay ? "under way" : "done")}.",
                "body.step"
            ),
        };
    }

    // Hands are on it from here: what it disturbs is disturbed though it is never finished, and the motors it readies are
    // ready. What a repair adds is known when it is made.
    public override JobState Apply(JobState state, Entry entry)
    {
        var begun = state.With(Step, new StepProgress(Evidence.Of(entry), null, "", null, null));
        return state.Sheet.Step(Step) is not { } step
            ? begun.Disturb(entry, $"\"{Step}\" was begun", [])
            : Open(StepPowers.Ready(begun, entry, step), entry, step)
                .Disturb(entry, $"\"{step.Title}\" was begun", DisturbanceMatrix.Step(step));
    }

    private JobState Open(JobState state, Entry entry, StepSpec step) =>
        StepPowers.Of(step) is var during && StepPowers.IsOpen(during)
            ? state.With(
                state.Safety.Begin(entry, state.Sheet, new OpenAct(null, Step, during, Held, Evidence.Of(entry)))
            )
            : state;

    public override string Say(JobState state) => $"Started: {state.Sheet.Step(Step)?.Title ?? Step}";
}

/// <summary>
/// A step is done. A bond says with what and how warm the bench was; the adhesive's times are copied in.
/// </summary>
/// <param name="Grams">What a repair added, said when it is made: 0 leaves weight and balance as they were.</param>
public sealed record StepDone(
    string Step,
    Adhesive? Adhesive = null,
    double? BenchCelsius = null,
    Quantities.Quantity? Grams = null
) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry)
    {
        if (state.Sheet.Step(Step) is not { } step)
        {
            return BuildRules.NoStep(Step);
        }

        if (state.Progress(Step) is not { Done: null })
        {
            return new Refusal("build/not-started", $"\"{step.Title}\" is not under way.", "body.step");
        }

        if (step.Bond is null != Adhesive is null)
        {
            return new Refusal(
                "build/adhesive",
                step.Bond is null
                    ? $"\"{step.Title}\" is not a bond."
                    : $"\"{step.Title}\" is a bond: say which adhesive was used.",
                "body.adhesive"
            );
        }

        if (Grams is not null && step.Repairs.Length == 0)
        {
            return new Refusal(
                "build/grams",
                $"\"{step.Title}\" is no repair: the sheet says what it adds.",
                "body.grams"
            );
        }

        return Masses.Added(Grams, "body.grams") is { } impossible ? impossible
            : Adhesive is null ? null
            : Adhesive.HandleMinutes is < 0 or > 20_000
            || Adhesive.FullMinutes < Adhesive.HandleMinutes
            || Adhesive.FullMinutes > 20_000
                ? new Refusal("build/adhesive", $"The times of {Adhesive.Name} are not possible.", "body.adhesive")
            : Curing.Of(Adhesive, BenchCelsius ?? 20, entry.RecordedAt).Refused;
    }

    public override JobState Apply(JobState state, Entry entry)
    {
        if (state.Progress(Step) is not { } progress)
        {
            return state.NotSupported(entry);
        }

        if (state.Safety.Act?.Step == Step)
        {
            state = state.With(state.Safety.End(state.Sheet));
        }

        // Nobody's clock but the server's, and not before the server knew of the step: glue is not told to hold early.
        DateTimeOffset? from = Adhesive is null ? null : entry.HappenedAt(progress.Started.RecordedAt);
        DateTimeOffset? handle = null,
            full = null;
        if (Adhesive is not null && Curing.Of(Adhesive, BenchCelsius ?? 20, from!.Value).Try(out var ends, out _))
        {
            (handle, full) = (ends.Handle, ends.Full);
        }

        var step = state.Sheet.Step(Step);
        var done = progress with
        {
            Done = Evidence.Of(entry),
            Adhesive = Adhesive?.Name ?? "",
            HandleAt = handle,
            FullAt = full,
            CuresFrom = from,
        };
        var repairs = state.The<IRepairs>();
        if (step is not null && repairs.IsRepair(step))
        {
            var how = Adhesive is null ? "As its step says" : $"With {Adhesive.Name}, as its step says";
            return repairs.Made(state.With(Step, done), entry, step, how, Grams);
        }

        return state
            .With(Step, done)
            .Disturb(entry, $"\"{step?.Title ?? Step}\" was done", step is null ? [] : DisturbanceMatrix.Step(step));
    }

    public override IEnumerable<string> Shows() => [$"step/{Step}"];

    public override string Say(JobState state) => $"Done: {state.Sheet.Step(Step)?.Title ?? Step}";
}

/// <summary>Somebody saw that a joint can be handled; its bead on the rail rests.</summary>
public sealed record StepHandled(string Step) : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        state.Progress(Step) is { HandleAt: { } at }
            ? at > entry.RecordedAt
                ? new Refusal("build/curing", $"It can be handled {state.At(at)}.", "body.step")
                : null
            : new Refusal("build/no-cure", "That step has no glue curing.", "body.step");

    public override JobState Apply(JobState state, Entry entry) =>
        state.Progress(Step) is { } p ? state.With(Step, p with { Handled = true }) : state.NotSupported(entry);

    public override string Say(JobState state) => $"Handled: {state.Sheet.Step(Step)?.Title ?? Step}";
}

public enum LinkagePart
{
    Pushrod,
    Clevis,
    HornHole,
    ArmHole,
    ArmSide,
    ArmSpline,
}

/// <summary>A pushrod, clevis, hole or arm was moved. What was measured through it is stale.</summary>
public sealed record LinkageMoved(string Surface, LinkagePart Part, string Detail = "") : EntryBody
{
    public override Refusal? Admit(JobState state, Entry entry) =>
        Named.Surface(state, Surface) ?? Texts.Fits(Detail, "body.detail");

    public override JobState Apply(JobState state, Entry entry) =>
        state
            .With(state.Build with { Moved = state.Build.Moved.Add(Say(state)) })
            .Disturb(entry, Say(state), DisturbanceMatrix.LinkageMoved(state.Sheet, Surface))
            .Set(entry, new Setting(SettingKind.Linkage, Surface, BuildRules.Words(Part).ToLowerInvariant()), Detail);

    public override string Say(JobState state) =>
        $"{BuildRules.Words(Part)} of the {state.Sheet.Surface(Surface)?.Name.ToLowerInvariant() ?? Surface} moved";
}
