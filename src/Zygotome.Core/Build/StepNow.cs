using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Build;

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
