using System.Collections.Immutable;
using System.Globalization;
using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Archetypes;

/// <summary>
/// Begins a sheet from a class and the numbers on the lid. Only what was typed is stated; every proportion, throw,
/// range, step and caution is marked assumed, to be corrected against the paper.
/// </summary>
public static class ArchetypeSheet
{
    /// <summary>What a kit may have beside what its class always has.</summary>
    public static ImmutableArray<string> Fittings { get; } =
    ["flaps", "wheels", "retracts", "stabiliser", "airbrakes", "hinges to work", "horns to fit"];

    internal static string[] MotorIds(Archetype type) =>
        type.Motors switch
        {
            0 => [],
            1 => ["main"],
            2 => ["left", "right"],
            _ => ["nose", "left", "right"],
        };

    /// <summary>
    /// A sheet file, ready to edit; refuses numbers no aircraft of the class has. Lengths in mm, masses in g.
    /// </summary>
    public static Outcome<JsonObject> Begin(ArchetypeRequest request)
    {
        if (request.Refused() is { } refusal)
        {
            return refusal;
        }

        var type = ArchetypeList.Find(request.Class)!;
        var shape = ArchetypeShape.Of(type, request);
        var surfaces = ArchetypeSurfaces.Of(type, request, shape);
        return new JsonObject
        {
            ["format"] = SheetReader.Format,
            ["kit"] = new JsonObject
            {
                ["id"] = IdOf(request.Name),
                ["name"] = request.Name.Trim(),
                ["maker"] = request.Maker.Trim(),
                ["revision"] = 1,
                ["class"] = type.Name,
                ["source"] = "",
                ["material"] = request.Material,
                ["span"] = Mm(request.Span),
                ["length"] = Mm(request.Length),
            },
            ["defaults"] = new JsonObject { ["throwMeasure"] = "upright ruler", ["rateOfFirstFlight"] = "low" },
            ["geometry"] = shape.Json(type, request),
            ["surfaces"] = new JsonArray([.. surfaces.Surfaces]),
            ["throws"] = new JsonArray([.. surfaces.Throws]),
            ["neutral"] = new JsonArray([.. surfaces.Neutral]),
            ["balance"] = Balance(type, request, shape),
            ["power"] = Power(type, request, shape),
            ["radio"] = new JsonObject
            {
                ["functions"] = Assumed(new JsonArray([.. surfaces.Functions.Select(f => JsonValue.Create(f))])),
                ["failsafe"] = Assumed(type.Motors > 0 ? "throttle low" : "surfaces hold"),
                ["stabiliser"] = new JsonObject { ["fitted"] = request.Fitted.Contains("stabiliser") },
            },
            ["parts"] = new JsonArray(),
            ["steps"] = new JsonArray([.. ArchetypeSteps.Of(type, request)]),
            ["cautions"] = new JsonArray([.. Cautions(type, request).Select(Assumed)]),
        };
    }

    /// <summary>Small letters, digits and hyphens of a name: its id.</summary>
    public static string IdOf(string name)
    {
        var letters = name.Trim()
            .ToLowerInvariant()
            .Select(c => char.IsAsciiLetterLower(c) || char.IsAsciiDigit(c) ? c : '-');
        var id = string.Join('-', string.Concat(letters).Split('-', StringSplitOptions.RemoveEmptyEntries));
        return id.Length == 0 ? "kit"
            : id.Length > 60 ? id[..60]
            : id;
    }

    internal static JsonObject Assumed(JsonNode value) => new() { ["assumed"] = value };

    internal static JsonObject Assumed(string value) => Assumed(JsonValue.Create(value));

    internal static string Mm(double value) =>
        $"{Math.Round(value, MidpointRounding.AwayFromZero).ToString("0", CultureInfo.InvariantCulture)} mm";

    private static string Grams(double value) =>
        $"{(Math.Round(value / 5) * 5).ToString("0", CultureInfo.InvariantCulture)} g";

    private static JsonObject Balance(Archetype type, ArchetypeRequest request, ArchetypeShape shape)
    {
        var (from, to) = shape.Range(type);
        var pack = request.EmptyWeight * (type.Motors == 0 ? 0.05 : 0.28);
        return new JsonObject
        {
            ["configurations"] = new JsonArray(
                new JsonObject { ["name"] = "as flown", ["range"] = Assumed($"{Mm(from)} to {Mm(to)}") }
            ),
            ["allUpWeight"] = Assumed($"{Grams(request.EmptyWeight)} to {Grams((request.EmptyWeight + pack) * 1.1)}"),
            ["lateral"] = Assumed(Mm(Math.Max(2, request.Span * 0.005))),
            ["empty"] = new JsonObject
            {
                ["mass"] = Grams(request.EmptyWeight),
                ["at"] = Assumed(Mm(to + (shape.MeanChord * (type.Motors == 0 ? 0.02 : 0.08)))),
            },
        };
    }

    private static JsonObject Power(Archetype type, ArchetypeRequest request, ArchetypeShape shape)
    {
        if (type.Motors == 0)
        {
            return new JsonObject
            {
                ["motors"] = new JsonArray(),
                ["packs"] = new JsonArray(
                    new JsonObject
                    {
                        ["assumed"] = true,
                        ["cells"] = 2,
                        ["capacity"] = "800 mAh to 1300 mAh",
                    }
                ),
            };
        }

        // About 120 W for each kilogram of all-up weight, at 3.7 V a cell.
        var cells =
            request.EmptyWeight < 350 ? 2
            : request.EmptyWeight < 1100 ? 3
            : request.EmptyWeight < 2600 ? 4
            : 6;
        var amperes = Math.Max(
            4,
            Math.Round(request.EmptyWeight * 1.28 * (type.MotorKind == "fan" ? 0.30 : 0.16) / (cells * 3.7))
        );
        var rating = Math.Ceiling(amperes * 1.3 / 5) * 5;
        var capacity = Math.Max(300, Math.Round(amperes * 1000 / 16 / 50) * 50);
        var ids = MotorIds(type);
        var motors = Enumerable
            .Range(0, type.Motors)
            .Select(i =>
                (JsonNode)
                    new JsonObject
                    {
                        ["assumed"] = true,
                        ["id"] = ids[i],
                        ["kind"] = type.MotorKind,
                        ["at"] = Mm(shape.MotorAt(type, i)),
                        ["y"] = Mm(shape.MotorY(type, i)),
                        ["draw"] =
                            Math.Max(2, Math.Round(amperes / type.Motors)).ToString("0", CultureInfo.InvariantCulture)
                            + " A",
                        ["controller"] = ids[i],
                    }
            );
        return new JsonObject
        {
            ["motors"] = new JsonArray([.. motors]),
            // Motors that stand apart have a controller each.
            ["controllers"] = new JsonArray([
                .. ids.Select(id =>
                    (JsonNode)
                        new JsonObject
                        {
                            ["assumed"] = true,
                            ["id"] = id,
                            ["rating"] = FormattableString.Invariant(
                                $"{Math.Ceiling(rating / type.Motors / 5) * 5 + 5} A"
                            ),
                            ["cells"] = $"{cells}",
                        }
                ),
            ]),
            ["packs"] = new JsonArray(
                new JsonObject
                {
                    ["assumed"] = true,
                    ["cells"] = cells,
                    ["capacity"] = FormattableString.Invariant($"{capacity} mAh to {capacity * 1.3:0} mAh"),
                }
            ),
        };
    }

    private static IEnumerable<string> Cautions(Archetype type, ArchetypeRequest request)
    {
        if (type.Motors > 0)
        {
            yield return type.MotorKind == "fan"
                ? "Fan: intake guarded or wires off whenever the pack is connected on the bench."
                : "Propeller: off or wires off whenever the pack is connected on the bench.";
            yield return "Lithium packs: charge watched, carry apart.";
        }

        if (request.Fitted.Contains("retracts"))
        {
            yield return "Retracts pinch: hands clear when power comes on.";
        }

        if (request.Fitted.Contains("stabiliser"))
        {
            yield return "Stabiliser: hold still while it aligns, and test its sense by tilting before every first "
                + "flight.";
        }

        foreach (var caution in type.Cautions)
        {
            yield return caution;
        }
    }
}
