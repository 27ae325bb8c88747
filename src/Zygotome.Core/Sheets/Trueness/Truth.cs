using System.Collections.Immutable;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Trueness;

/// <summary>
/// One way in which the airframe has to stand true: what is read, between what limits, and at which steps it can still
/// be moved.
/// </summary>
/// <param name="Id">Of its kind and part: <c>upright/fin</c>; one of a sheet.</param>
/// <param name="Part">The drawn part it is of; empty where the sheet's words do not lead to one.</param>
/// <param name="Name">As people say it: "Fin upright".</param>
public sealed record Truth(string Id, TruthKind Kind, string Part, string Name)
{
    /// <summary>Limits of the number; null where the sheet's words cannot be read as any.</summary>
    public Band? Band { get; init; }

    /// <summary>The limit in the sheet's words; empty where the shop's counts.</summary>
    public string Said { get; init; } = "";

    /// <summary>The limits, or how near to what the sheet says, are the shop's.</summary>
    public bool Shops { get; init; }

    /// <summary>Where the sheet says it; empty where it does not.</summary>
    public string Path { get; init; } = "";

    /// <summary>Steps that fix it, in the sheet's order; empty where nothing says which.</summary>
    public ImmutableArray<string> Steps { get; init; } = [];

    /// <summary>
    /// Parts it is read between: a step that moves one of them makes it stale. Empty of what is true in itself.
    /// </summary>
    public ImmutableArray<string> Between { get; init; } = [];

    /// <summary>
    /// Of several that are read alike what they are asked as: "Horns in line with their servo arms"; else empty.
    /// </summary>
    public string Among { get; init; } = "";

    /// <summary>Which of them it is: "Left aileron".</summary>
    public string One { get; init; } = "";

    /// <summary>
    /// Of a motor's mount: whether its propeller turns ahead of it; null of anything else, and where the sheet leaves
    /// it open.
    /// </summary>
    public bool? Pulls { get; init; }

    /// <summary>How it is read.</summary>
    public required TruthPoints Points { get; init; }

    /// <summary>"mm" or "°"; of a force "g".</summary>
    public string Unit => Band?.Unit ?? "mm";

    /// <summary>The middle of its band: where it should stand.</summary>
    public double Wanted => Band is { Low: not null, High: not null } ? Band.Middle : 0;
}

/// <summary>Where the ruler goes, or the gauge, and what follows from it.</summary>
/// <param name="First">What is read first, by ruler; empty where only a gauge reads it.</param>
/// <param name="Second">What is read second; empty where one reading is all.</param>
/// <param name="Gauge">What is read by an angle gauge, with its sign; empty where a ruler alone reads it.</param>
public sealed record TruthPoints(TruthSum Sum, string First, string Second, string Gauge)
{
    /// <summary>
    /// mm over which a difference is an angle: a span, a chord, a height. 0 where it is none; null where whoever reads
    /// it says how far apart the two points are.
    /// </summary>
    public double? Base { get; init; } = 0;

    /// <summary>mm from the middle to either end of what <see cref="TruthSum.Strings"/> go to.</summary>
    public double Half { get; init; }

    /// <summary>mm across, of a diagonal: the least there can be is more than this.</summary>
    public double Across { get; init; }

    /// <summary>Lines to be seen on the drawing from above, mm aft and to the right.</summary>
    public ImmutableArray<TruthLine> Lines { get; init; } = [];
}

/// <summary>A line along which something is read, mm aft of the datum and to the right.</summary>
public sealed record TruthLine(double FromX, double FromY, double ToX, double ToY);
