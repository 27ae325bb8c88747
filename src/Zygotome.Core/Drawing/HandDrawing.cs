using System.Collections.Immutable;

namespace Zygotome.Core.Drawing;

/// <summary>
/// The parts of a step in hand and what they go on to, three-quarter and apart along the way they go together. Paths in
/// mm of the page, painted in this order.
/// </summary>
/// <param name="Seen">From where: "from behind and its left, nose away from you".</param>
public sealed record HandDrawing(
    ImmutableArray<HandPart> Parts,
    ImmutableArray<HandFace> Faces,
    ImmutableArray<HandLetter> Letters,
    Bounds Bounds,
    string Seen
)
{
    /// <summary>Of a step that fits nothing the drawing has.</summary>
    public static HandDrawing None { get; } = new([], [], [], Bounds.Of([]), "");

    /// <summary>From each part in hand to where it goes, hidden; and legs of wheels.</summary>
    public ImmutableArray<DrawnLine> Ways { get; init; } = [];
}

/// <param name="Body">Every piece of it in one path: stroked and then filled it is the silhouette.</param>
/// <param name="Edges">Lines on it: ribs, ends.</param>
/// <param name="InHand">It is fitted by this step; else it is what that goes on to.</param>
public sealed record HandPart(string Id, PartKind Kind, string Body, string Edges, bool InHand);

/// <summary>A face of a joint.</summary>
/// <param name="KeepClear">It stays free of glue; else it is coated.</param>
/// <param name="Words">As the sheet names it; empty of one that is told by where it lies.</param>
/// <param name="At">Where its words begin.</param>
/// <param name="Away">It looks away from who stands there.</param>
public sealed record HandFace(string Path, bool KeepClear, string Words, Corner At, bool Away);

/// <summary>L or R lying on a part: where, and which way its line and its foot run.</summary>
public sealed record HandLetter(string Letter, Corner At, Corner Along, Corner Foot);
