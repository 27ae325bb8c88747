using Zygotome.Core.Drawing;

namespace Zygotome.Server.Stages;

/// <summary>The parts of a step as they are held, drawn apart; mm of the page. No parts where the drawing has
/// none.</summary>
/// <param name="Ways">From each part in hand to where it goes, hidden; and legs of wheels.</param>
/// <param name="Seen">From where it is looked at.</param>
public sealed record HandView(
    Bounds Bounds,
    IReadOnlyList<HandPart> Parts,
    IReadOnlyList<HandFaceView> Faces,
    IReadOnlyList<LineView> Ways,
    IReadOnlyList<HandLetterView> Letters,
    string Seen
)
{
    public static HandView Of(HandDrawing drawing) =>
        new(
            Bounds: drawing.Bounds,
            Parts: drawing.Parts,
            Faces: [.. drawing.Faces.Select(f => new HandFaceView(f.Path, f.KeepClear, f.Words, Point(f.At), f.Away))],
            Ways: [.. drawing.Ways.Select(w => new LineView(w.Path, w.IsHidden))],
            Letters:
            [
                .. drawing.Letters.Select(l => new HandLetterView(
                    l.Letter,
                    Point(l.At),
                    Point(l.Along),
                    Point(l.Foot)
                )),
            ],
            Seen: drawing.Seen
        );

    private static PointView Point(Corner at) => new(at.Across, at.Down);
}

/// <summary>A face that is coated, or stays clear of glue: then with its words.</summary>
/// <param name="Away">It looks away from who stands there.</param>
public sealed record HandFaceView(string Path, bool KeepClear, string Words, PointView At, bool Away);

/// <summary>L or R lying on a part: which way its line and its foot run.</summary>
public sealed record HandLetterView(string Letter, PointView At, PointView Along, PointView Foot);
