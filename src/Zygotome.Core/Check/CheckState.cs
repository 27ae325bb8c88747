using System.Collections.Immutable;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Check;

/// <summary>What one of <see cref="CheckAsks"/> was answered.</summary>
public sealed record CheckShown(bool Right, string Note, ImmutableArray<Length> Measured, Evidence Evidence);

/// <summary>A full-power run as it was read off.</summary>
public sealed record PowerRunShown(PowerRun Run, Evidence Evidence);

/// <summary>How it answered from afar.</summary>
public sealed record RangeShown(RangeHeld Held, Evidence Evidence);

/// <summary>How it rolled.</summary>
public sealed record TaxiShown(Taxied Taxied, Evidence Evidence);

/// <summary>How it flew.</summary>
public sealed record FlownShown(Flown Flown, Evidence Evidence);

/// <summary>What was called out, looked at and run, latest of each.</summary>
public sealed record CheckState
{
    public RunState Run { get; init; } = new();

    /// <summary>By ask.</summary>
    public ImmutableSortedDictionary<string, CheckShown> Asks { get; init; } = Ordered.ById<CheckShown>();

    public PowerRunShown? PowerRun { get; init; }

    /// <summary>Motor off, then running.</summary>
    public RangeShown? Range { get; init; }

    public RangeShown? RangeWithMotor { get; init; }

    public TaxiShown? Taxi { get; init; }

    /// <summary>By item of the trip that has a line of its own: what was seen, power as it must be.</summary>
    public ImmutableSortedDictionary<string, CheckShown> Outdoors { get; init; } = Ordered.ById<CheckShown>();

    public FlownShown? Flown { get; init; }

    /// <summary>By item of the trip: what was last said of it outdoors.</summary>
    public ImmutableSortedDictionary<string, FieldShown> Field { get; init; } = Ordered.ById<FieldShown>();
}

/// <summary>A job's part of this stage.</summary>
public static class CheckOfJob
{
    extension(JobState state)
    {
        public CheckState Check => state.The<CheckState>();
    }
}
