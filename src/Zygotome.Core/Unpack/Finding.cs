using System.Collections.Immutable;
using Zygotome.Core.Drawing;
using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>A finding and what became of it. <see cref="Id"/> is the id of the entry that raised it.</summary>
public sealed record Finding(
    string Id,
    string Tag,
    string Place,
    PlaceKind PlaceKind,
    FindingKind Kind,
    double Size,
    double X,
    double Y,
    string Note,
    Grading Grading,
    Evidence Evidence
)
{
    /// <summary>The view it was marked on; <see cref="Y"/> is z up (mm) on a side view.</summary>
    public DrawingSide View { get; init; }

    /// <summary>The canopy or hatch it lies behind, a part of the drawing; empty where nothing is opened for
    /// it.</summary>
    public string Behind { get; init; } = "";

    /// <summary>The day somebody looks at it again; null where nothing has to dry.</summary>
    public DateOnly? LookAgain { get; init; }

    public OriginInferred Origin { get; init; } = new(Unpack.Origin.Factory, "", "");

    public ImmutableList<PhotoKept> Photos { get; init; } = [];

    public Disposition? Disposition { get; init; }

    /// <summary>Repair and replacement are steps of the job.</summary>
    public bool NeedsStep => Disposition is Unpack.Disposition.Repair or Unpack.Disposition.Replace;

    public string DispositionReason { get; init; } = "";

    public Person? DisposedBy { get; init; }

    public Repair? Repair { get; init; }

    /// <summary>Ids of everybody who ever had a hand in its repair: none of them inspects it.</summary>
    public ImmutableSortedSet<string> Repairers { get; init; } = [];

    public Person? ReinspectedBy { get; init; }

    public Evidence? Reinspection { get; init; }

    public bool Sound { get; init; }

    /// <summary>Nothing more is asked: seen to be sound after repair or replacement, or accepted as it is.</summary>
    public bool Cleared =>
        Sound || (Disposition == Unpack.Disposition.UseAsIs && Grading.Grade != Grade.FlightCritical && !Dries);

    /// <summary>It has to dry: only another look ends it.</summary>
    public bool Dries => Kind == FindingKind.Tacky;
}

/// <summary>What was done about a finding.</summary>
public sealed record Repair(string How, Person By, DateTimeOffset ObservedAt, DateTimeOffset? HandleAt)
{
    /// <summary>The number of the entry that made it; 0 of none.</summary>
    public long Seq { get; init; }
}
