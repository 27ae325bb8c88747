using System.Text.Json.Nodes;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets.Archetypes;

/// <summary>The outline in proportion, mm from the leading edge at the wing's root.</summary>
internal sealed record ArchetypeShape(
    double Half,
    double Root,
    double Tip,
    double Sweep,
    double Nose,
    double Aft,
    double Width,
    double TailAt,
    double TailRoot,
    double TailTip,
    double TailHalf,
    double FinRoot,
    double FinHeight
)
{
    // A short, wide aircraft comes nearer by some percent each time.
    private const int MostTries = 100;

    public double MeanChord => Plan.MeanChord;

    public double FinTip => FinRoot * 0.6;

    /// <summary>Whether fins stand on the wing tips; else on the body.</summary>
    public static bool TipFins(Archetype type) => type.Fins > 1;

    private Planform Plan =>
        Planform.Of(
            GeometryFields.Lifting.List.Of(
                GeometryFields.Lifting.RootLeadingEdge.Is(0),
                GeometryFields.Panel.List.Is([
                    GeometryFields.Panel.List.Of(
                        GeometryFields.Panel.Root.Is(Root),
                        GeometryFields.Panel.Tip.Is(Tip),
                        GeometryFields.Panel.Span.Is(Half),
                        GeometryFields.Panel.Sweep.Is(Sweep)
                    ),
                ])
            )
        );

    public static ArchetypeShape Of(Archetype type, ArchetypeRequest r)
    {
        var half = r.Span / 2;
        var mean = r.Span / (type.Wings == 2 ? type.Aspect * 1.1 : type.Aspect);
        var root = 2 * mean / (1 + type.Taper);
        var tip = root * type.Taper;
        var sweep = half * Math.Tan(type.Sweep * Math.PI / 180);

        // The stated length rules: a wing that would hang behind it, or lie over the tail, is made smaller in
        // proportion.
        var (nose, aft) = (-type.NoseShare * r.Length, (1 - type.NoseShare) * r.Length);
        void Shrink(double room, double needed)
        {
            var by = Math.Min(1, room / needed);
            (root, tip, sweep) = (root * by, tip * by, sweep * by);
        }

        if (type.Layout == Layout.Tailless)
        {
            // Nothing stands behind the wing: its body ends with the root, and what is left of the length is nose.
            Shrink(r.Length * 0.95, Math.Max(root, sweep + tip));
            (nose, aft) = (Math.Max(root, sweep + tip) - r.Length, root);
        }
        else if (type.Layout == Layout.Canard)
        {
            Shrink(aft, Math.Max(root, sweep + tip));
        }

        var width = Math.Max(20, Math.Min(r.Length * 0.1, r.Span * 0.12));
        double Area() => r.Span * (root + tip) / 2 * type.Wings;
        var tail = Tail(type, Area(), (root + tip) / 2, nose, aft, half);
        double Behind(double y) => Math.Max(root, root + ((sweep + tip - root) * Math.Min(1, y / half)));
        for (
            var i = 0;
            i < MostTries && type.Layout is (Layout.Tail or Layout.VTail) && Behind(tail.Half) > tail.At * 0.96;
            i++
        )
        {
            Shrink(tail.At * 0.95, Behind(tail.Half));
            tail = Tail(type, Area(), (root + tip) / 2, nose, aft, half);
        }

        var (area, (tailAt, tailRoot, tailTip, tailHalf)) = (Area(), tail);
        var finArea = area * (type.Layout == Layout.VTail ? 0 : 0.09) / type.Fins;
        var finHeight = Math.Sqrt(Math.Max(finArea, 100) * 1.3);
        return new ArchetypeShape(
            Half: half,
            Root: root,
            Tip: tip,
            Sweep: sweep,
            Nose: nose,
            Aft: aft,
            Width: width,
            TailAt: tailAt,
            TailRoot: tailRoot,
            TailTip: tailTip,
            TailHalf: tailHalf,
            FinRoot: Math.Min(finHeight / 1.3 / 0.8, Math.Max(30, aft * 0.5)),
            FinHeight: finHeight
        );
    }

    private static (double At, double Root, double Tip, double Half) Tail(
        Archetype type,
        double area,
        double mean,
        double nose,
        double aft,
        double half
    )
    {
        if (type.Layout == Layout.Tailless)
        {
            return (0, 0, 0, 0);
        }

        var foreplane = type.Layout == Layout.Canard;
        var arm = foreplane ? -nose * 0.9 : Math.Max(aft - (mean * 0.45), mean);
        var size = Math.Min(type.TailVolume * area * mean / arm, area * 0.35);
        var chord = Math.Sqrt(size / 4.2);
        var tailHalf = Math.Min(size / chord / 2, half * 0.9);
        chord = size / (2 * tailHalf);
        var root = chord * 1.15;
        return (foreplane ? nose + (chord * 0.3) : Math.Max(aft - root, mean * 1.05), root, chord * 0.85, tailHalf);
    }

    /// <summary>The usual range of the class, mm aft of the datum. A canard's comes from the two areas.</summary>
    public (double From, double To) Range(Archetype type)
    {
        var plan = Plan;
        if (type.Layout == Layout.Canard)
        {
            var (wing, fore) = (plan.HalfArea, TailHalf * (TailRoot + TailTip) / 2);
            var neutral =
                ((wing * 0.75 * (plan.MeanLeadingEdge + (plan.MeanChord / 4))) + (fore * (TailAt + (TailRoot / 4))))
                / ((wing * 0.75) + fore);
            return (neutral - (plan.MeanChord * 0.18), neutral - (plan.MeanChord * 0.10));
        }

        return (
            plan.MeanLeadingEdge + (type.Range.From * plan.MeanChord),
            plan.MeanLeadingEdge + (type.Range.To * plan.MeanChord)
        );
    }

    public double MotorAt(Archetype type, int index) =>
        type.MotorKind == "fan" ? Root * 0.6
        : type.Pusher ? Aft - 5
        : type.Key == "flying-boat" ? Root * 0.15
        : type.Motors == 1 || (type.Motors == 3 && index == 0) ? Nose - 8
        : -Root * 0.25;

    public double MotorY(Archetype type, int index) =>
        type.Motors == 1 || (type.Motors == 3 && index == 0) ? 0
        : (type.Motors == 2 ? index == 0 : index == 1) ? -Half * 0.3
        : Half * 0.3;

    public JsonObject Json(Archetype type, ArchetypeRequest r)
    {
        var wingHeight = type.WingHeight * Width;
        var lifting = new List<JsonNode>
        {
            Lifting("wing", "wing", 0, wingHeight, Root, Tip, Half, Sweep, type.Dihedral),
        };
        if (type.Wings == 2)
        {
            lifting.Add(
                Lifting(
                    "lower-wing",
                    "wing",
                    Root * 0.15,
                    -0.5 * Width,
                    Root * 0.95,
                    Tip * 0.95,
                    Half * 0.95,
                    Sweep,
                    type.Dihedral
                )
            );
        }

        if (TailHalf > 0)
        {
            lifting.Add(
                type.Layout switch
                {
                    Layout.VTail => Lifting(
                        "v-tail",
                        "v-tail",
                        TailAt,
                        0,
                        TailRoot,
                        TailTip,
                        TailHalf,
                        TailRoot - TailTip,
                        38
                    ),
                    Layout.Canard => Lifting(
                        "foreplane",
                        "foreplane",
                        TailAt,
                        0,
                        TailRoot,
                        TailTip,
                        TailHalf,
                        (TailRoot - TailTip) / 2,
                        0
                    ),
                    _ => Lifting(
                        "tailplane",
                        "tail",
                        TailAt,
                        0,
                        TailRoot,
                        TailTip,
                        TailHalf,
                        (TailRoot - TailTip) * 0.8,
                        0
                    ),
                }
            );
        }

        var (bayFrom, bayTo) =
            type.Layout == Layout.Tailless ? (Nose * 0.7, Root * 0.3)
            : type.Layout == Layout.Canard ? (Nose * 0.75, -Root * 0.1)
            : (Nose * 0.8, Math.Min(Root * 0.15, -Nose * 0.2));
        var geometry = new JsonObject
        {
            ["datum"] = ArchetypeSheet.Assumed("wing leading edge at the root"),
            ["nose"] = A(Nose),
            ["lifting"] = new JsonArray([.. lifting]),
            ["fins"] = new JsonArray([.. Fins(type)]),
            ["bodies"] = new JsonArray(
                new JsonObject
                {
                    ["name"] = "fuselage",
                    ["from"] = A(Nose),
                    ["to"] = A(Aft),
                    ["width"] = A(Width),
                    ["at"] = "0 mm",
                }
            ),
            ["wheels"] = new JsonArray([.. Wheels(type, r)]),
            ["batteryBay"] = new JsonObject
            {
                ["from"] = A(bayFrom),
                ["to"] = A(bayTo),
                ["width"] = A(Width * 0.5),
                ["height"] = A(Width * 0.4),
            },
            ["ballastStations"] = new JsonArray(
                new JsonObject
                {
                    ["assumed"] = true,
                    ["name"] = "nose",
                    ["at"] = ArchetypeSheet.Mm(Nose + 15),
                    ["piece"] = "5 g",
                    ["limit"] = "60 g",
                },
                new JsonObject
                {
                    ["assumed"] = true,
                    ["name"] = "tail",
                    ["at"] = ArchetypeSheet.Mm(Aft - 20),
                    ["piece"] = "3 g",
                    ["limit"] = "40 g",
                }
            ),
        };
        return geometry;
    }

    private IEnumerable<JsonNode> Fins(Archetype type)
    {
        if (type.Layout == Layout.VTail)
        {
            yield break;
        }

        foreach (var side in TipFins(type) ? (double[])[-1, 1] : [0])
        {
            var at = TipFins(type) ? Sweep + Math.Max(0, Tip - FinRoot) : Aft - FinRoot;
            yield return new JsonObject
            {
                ["at"] = new JsonArray(A(at), A(side * Half)),
                ["root"] = A(FinRoot),
                ["tip"] = A(FinTip),
                ["height"] = A(FinHeight),
                ["sweep"] = A(FinRoot - FinTip),
            };
        }
    }

    private IEnumerable<JsonNode> Wheels(Archetype type, ArchetypeRequest r)
    {
        if (!r.Fitted.Contains("wheels") && !r.Fitted.Contains("retracts"))
        {
            yield break;
        }

        foreach (var (name, side) in new[] { ("left main wheel", -1), ("right main wheel", 1) })
        {
            // A little ahead of where it balances, as on a taildragger; a canard stands on its wing.
            var at = type.Layout == Layout.Canard ? -Root * 0.05 : Range(type).From - (MeanChord * 0.3);
            yield return new JsonObject { ["name"] = name, ["at"] = new JsonArray(A(at), A(side * Half * 0.2)) };
        }
    }

    private static JsonObject Lifting(
        string id,
        string role,
        double at,
        double height,
        double root,
        double tip,
        double span,
        double sweep,
        double dihedral
    ) =>
        new()
        {
            ["id"] = id,
            ["role"] = role,
            ["rootLeadingEdge"] = id == "wing" ? "0 mm" : A(at),
            ["height"] = A(height),
            ["panels"] = new JsonArray(
                new JsonObject
                {
                    ["root"] = A(root),
                    ["tip"] = A(tip),
                    ["span"] = ArchetypeSheet.Assumed(FormattableString.Invariant($"{Math.Round(span, 1)} mm")),
                    ["sweep"] = A(sweep),
                    ["dihedral"] = ArchetypeSheet.Assumed(FormattableString.Invariant($"{dihedral} deg")),
                }
            ),
        };

    private static JsonObject A(double mm) => ArchetypeSheet.Assumed(ArchetypeSheet.Mm(mm));
}
