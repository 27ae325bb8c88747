using Zygotome.Core.Journal;
using Zygotome.Core.Safety;

namespace Zygotome.Core.Build;

/// <summary>What may be recorded at any step, and of what is changed for a while.</summary>
public static class BuildEntries
{
    public static IReadOnlyList<EntryKind> Kinds { get; } =
    [
        EntryKind.Of<StepStarted>("build/step-started", Posters.Bench),
        EntryKind.Of<StepDone>("build/step-done", Posters.Bench) with
        {
            LooksUp = [new("adhesive", ShopFact.Adhesive), new("benchCelsius", ShopFact.BenchTemperature)],
        },
        EntryKind.Of<Answered>("build/answered", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<TrueRead>("build/true-read", Posters.Bench) with
        {
            Withdrawable = true,
            LooksUp = [new("instrument", ShopFact.Instrument)],
        },
        EntryKind.Of<Marked>("build/marked", Posters.Bench) with
        {
            Withdrawable = true,
            LooksUp = [new("instrument", ShopFact.Instrument)],
        },
        EntryKind.Of<LeftOver>("build/left-over", Posters.Bench) with
        {
            Withdrawable = true,
        },
        EntryKind.Of<GlueOpened>("build/glue-opened", Posters.Bench) with
        {
            LooksUp = [new("adhesive", ShopFact.Adhesive), new("benchCelsius", ShopFact.BenchTemperature)],
            Retractable = false,
        },
        EntryKind.Of<GlueActed>("build/glue-acted", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<StepPaused>("build/step-paused", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<StepResumed>("build/step-resumed", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<MinutesSaid>("build/minutes", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<ServoStood>("build/servo-stood", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<StepAdded>("build/step-added", Posters.Lead) with
        {
            Decides = Decides.Always,
            Retractable = false,
        },
        EntryKind.Of<StepMoved>("build/step-moved", Posters.Lead) with
        {
            Decides = Decides.Always,
            Retractable = false,
        },
        EntryKind.Of<StepSkipped>("build/step-skipped", Posters.Lead) with
        {
            Decides = Decides.Always,
            Retractable = false,
        },
        EntryKind.Of<StepSplit>("build/step-split", Posters.Lead) with
        {
            Decides = Decides.Always,
            Retractable = false,
        },
        EntryKind.Of<StepPutBack>("build/step-put-back", Posters.Lead) with
        {
            Decides = Decides.Always,
            Retractable = false,
        },
        EntryKind.Of<StepHandled>("build/step-handled", Posters.Bench),
        EntryKind.Of<CureBegan>("build/cure-began", Posters.Lead) with
        {
            Decides = Decides.Always,
        },
        EntryKind.Of<LampsSaid>("build/lamps", Posters.Bench) with
        {
            Decides = Decides.WhenConnecting,
            Retractable = false,
        },
        EntryKind.Of<PropellerSaid>("build/propeller", Posters.Bench) with
        {
            Retractable = false,
        },
        EntryKind.Of<PackSaid>("build/pack", Posters.Bench) with
        {
            Decides = Decides.WhenConnecting,
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
