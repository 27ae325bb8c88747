using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Receive;

/// <summary>
/// Motor, propeller and controller chosen apart from the kit, as their papers say. What is left out is as the kit's
/// own; a current is the most that is drawn or borne, A; cells are of one pack.
/// </summary>
/// <param name="Motor">Another motor, by its name; null: the kit's own.</param>
/// <param name="Bears">What the motor takes for long.</param>
/// <param name="Propeller">As printed, such as 10x5; null: the kit's own.</param>
/// <param name="PropellerMass">With its spinner.</param>
/// <param name="Draw">With this propeller on this pack, measured or printed.</param>
/// <param name="Controller">Another controller, by its name; null: the kit's own.</param>
public sealed record DriveKind(
    string? Motor = null,
    Current? Bears = null,
    int? MotorCells = null,
    string? Propeller = null,
    Mass? PropellerMass = null,
    Current? Draw = null,
    string? Controller = null,
    Current? Rating = null,
    int? LeastCells = null,
    int? MostCells = null,
    string? Connector = null
)
{
    internal Refusal? Admit(string where) =>
        Name(Motor, $"{where}.motor")
        ?? Name(Controller, $"{where}.controller")
        ?? Texts.Fits(Connector ?? "", $"{where}.connector", 60)
        ?? (
            string.IsNullOrWhiteSpace(Propeller) || PropellerSize.Parse(Propeller).Try(out _, out var refusal)
                ? null
                : refusal with
                {
                    Where = $"{where}.propeller",
                }
        )
        ?? PropellerMass?.Outside(0, 5000, "a propeller's mass", $"{where}.propellerMass")
        ?? Bears?.Outside(0.1m, 500, "a motor's current", $"{where}.bears")
        ?? Draw?.Outside(0.1m, 500, "a draw", $"{where}.draw")
        ?? Rating?.Outside(0.1m, 500, "a controller's rating", $"{where}.rating")
        ?? CellsOf(MotorCells, $"{where}.motorCells")
        ?? CellsOf(LeastCells, $"{where}.leastCells")
        ?? CellsOf(MostCells, $"{where}.mostCells")
        ?? (
            LeastCells > MostCells
                ? new Refusal(
                    "receive/impossible",
                    $"From {LeastCells} to {MostCells} cells is no range.",
                    $"{where}.leastCells"
                )
                : null
        );

    /// <summary>It says nothing but that all is the kit's own.</summary>
    internal bool IsEmpty => this with { Motor = Said(Motor), Propeller = Said(Propeller) } == new DriveKind();

    /// <summary>"motor blue 2216, propeller 10x6".</summary>
    public string Words() =>
        string.Join(
            ", ",
            new[]
            {
                Said(Motor) is { } m ? $"motor {m}" : "",
                Said(Propeller) is { } p ? $"propeller {p}" : "",
                Said(Controller) is { } c ? $"controller {c}" : "",
                Draw is { } d ? $"draws {d.Text}" : "",
            }.Where(w => w.Length > 0)
        )
            is { Length: > 0 } words
            ? words
            : "figures of its own";

    internal static string? Said(string? text) => string.IsNullOrWhiteSpace(text) ? null : text.Trim();

    private static Refusal? Name(string? name, string where) => Texts.Fits(name ?? "", where, 80);

    private static Refusal? CellsOf(int? cells, string where) =>
        cells is < 1 or > 14
            ? new Refusal("receive/impossible", $"{cells} cells in a pack is not possible; 1 to 14 is.", where)
            : null;
}

/// <summary>What drives one motor's propeller, where it is not the kit's own.</summary>
public sealed record DriveHeld(DriveKind Kind, Evidence Evidence);
