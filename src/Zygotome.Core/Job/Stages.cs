using System.Collections.Immutable;
using Zygotome.Core.Balance;
using Zygotome.Core.Bind;
using Zygotome.Core.Build;
using Zygotome.Core.Check;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Plan;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;
using Zygotome.Core.Throws;
using Zygotome.Core.Unpack;
using Zygotome.Core.Wire;

namespace Zygotome.Core.Job;

/// <summary>The root: the ten stages of this shop's jobs, put together.</summary>
public static class Stages
{
    public static StageSet All { get; } =
        new(
            [
                new ReceiveStage(),
                new UnpackStage(),
                new PlanStage(),
                new BuildStage(),
                new WireStage(),
                new BindStage(),
                new ThrowsStage(),
                new BalanceStage(),
                new CheckStage(),
                new HandOverStage(),
            ],
            CommonEntries.Kinds,
            [new SafetyState()]
        );

    public static EntryKinds Kinds => All.Kinds;

    /// <summary>A job on this sheet, of which nothing is recorded yet.</summary>
    /// <param name="revisions">Sheets it moves to, by hash; none when it stays with its first.</param>
    public static JobState Unopened(SpecSheet sheet, ImmutableSortedDictionary<string, SpecSheet>? revisions = null) =>
        new(All, sheet) { Revisions = revisions ?? Ordered.ById<SpecSheet>() };
}
