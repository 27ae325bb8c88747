using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

/// <summary>Whether a step can be begun, is begun, or done.</summary>
public enum StepStanding
{
    CanStart,
    WaitsFor,
    UnderWay,
    Curing,
    Done,
}

/// <summary>A step as it stands at one instant, with what it waits for in words.</summary>
public sealed record StepNow(
    StepSpec Step,
    StepStanding Standing,
    ImmutableArray<string> WaitsFor,
    StepProgress? Progress
);
