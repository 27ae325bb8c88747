using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Archetypes;

/// <summary>
/// Control surfaces and throws usual for a class. Throws are angles of custom, turned into mm on the assumed chord.
/// </summary>
internal sealed record ArchetypeSurfaces(
    IReadOnlyList<JsonNode> Surfaces,
    IReadOnlyList<JsonNode> Throws,
    IReadOnlyList<JsonNode> Neutral,
    IReadOnlyList<string> Functions
)
{
    public static ArchetypeSurfaces Of(Archetype type, ArchetypeRequest request, ArchetypeShape shape)
    {
        var surfaces = new List<JsonNode>();
        var throws = new List<JsonNode>();
        var neutral = new List<JsonNode>();
        var functions = new List<string>();
        if (type.SteeredByMotors)
        {
            return new ArchetypeSurfaces([], [], [], ["throttle", "rudder"]);
        }

        void AtRest(string surfaces, string offset) =>
            neutral.Add(
                new JsonObject
                {
                    ["assumed"] = true,
                    ["surfaces"] = surfaces,
                    ["offset"] = offset,
                }
            );
        void Function(string name)
        {
            if (!functions.Contains(name))
            {
                functions.Add(name);
            }
        }

        void Pair(string name, string on, string from, string to, double chord, params string[] by)
        {
            foreach (var side in new[] { "left", "right" })
            {
                var surface = new JsonObject
                {
                    ["assumed"] = true,
                    ["id"] = $"{name}-{side}",
                    ["side"] = side,
                    ["on"] = on,
                    ["from"] = from,
                    ["to"] = to,
                    ["chord"] = ArchetypeSheet.Mm(Math.Max(8, chord)),
                };
                if (by.Length > 1)
                {
                    surface["kind"] = name.Split('-')[^1] is "lower" ? "aileron" : name;
                    surface["functions"] = new JsonArray([.. by.Select(b => JsonValue.Create(b))]);
                }
                else
                {
                    surface["function"] = by[0];
                    surface["kind"] = by[0];
                }

                surfaces.Add(surface);
            }

            foreach (var f in by)
            {
                Function(f);
            }
        }

        void Row(
            string name,
            string? function,
            double chord,
            double high,
            double low,
            string up = "up",
            string down = "down",
            double? downHigh = null
        )
        {
            foreach (
                var (rate, degrees, other) in new[]
                {
                    ("high", high, downHigh ?? high),
                    ("low", low, (downHigh ?? high) * low / high),
                }
            )
            {
                var row = new JsonObject { ["assumed"] = true, ["surfaces"] = name };
                if (function is not null)
                {
                    row["function"] = function;
                }

                row["rate"] = rate;
                row[up] = ArchetypeSheet.Assumed(ArchetypeSheet.Mm(Throw(chord, degrees)));
                row[down] = ArchetypeSheet.Assumed(ArchetypeSheet.Mm(Throw(chord, other)));
                throws.Add(row);
            }
        }

        var tip = shape.Tip;
        var aileron = Math.Max(10, (shape.Root + tip) / 2 * 0.22);
        if (type.Layout == Layout.Tailless)
        {
            var elevon = Math.Max(10, tip * 0.45);
            Pair("elevon", "wing", "35 %", "95 %", elevon, "aileron", "elevator");
            Row("elevon", "aileron", elevon, 16, 11);
            Row("elevon", "elevator", elevon, 16, 11);

            // Without a tail it flies on its reflex: about two degrees, which only the maker knows.
            AtRest("elevon", $"{ArchetypeSheet.Mm(Throw(elevon, 2.5))} up");
        }
        else
        {
            Pair("aileron", "wing", request.Fitted.Contains("flaps") ? "58 %" : "50 %", "95 %", aileron, "aileron");
            Row("aileron", null, aileron, 20, 14, downHigh: 15);
        }

        if (type.Wings == 2)
        {
            Pair("aileron-lower", "lower-wing", "50 %", "95 %", aileron, "aileron");
        }

        if (request.Fitted.Contains("flaps") && type.Layout != Layout.Tailless)
        {
            Pair("flap", "wing", "12 %", "56 %", aileron, "flap");
            throws.Add(
                new JsonObject
                {
                    ["assumed"] = true,
                    ["surfaces"] = "flap",
                    ["position"] = "landing",
                    ["down"] = ArchetypeSheet.Assumed(ArchetypeSheet.Mm(Throw(aileron, 35))),
                }
            );
            throws.Add(
                new JsonObject
                {
                    ["assumed"] = true,
                    ["surfaces"] = "flap",
                    ["position"] = "take-off",
                    ["down"] = ArchetypeSheet.Assumed(ArchetypeSheet.Mm(Throw(aileron, 15))),
                }
            );
        }

        var pitch = Math.Max(8, (shape.TailRoot + shape.TailTip) / 2 * 0.38);
        if (type.Layout == Layout.VTail)
        {
            Pair("ruddervator", "v-tail", "5 %", "97 %", pitch, "elevator", "rudder");
            Row("ruddervator", "elevator", pitch, 15, 10);
            Row("ruddervator", "rudder", pitch, 15, 10);
            AtRest("ruddervator", "0 mm");
        }
        else if (type.Layout != Layout.Tailless)
        {
            Pair(
                "elevator",
                type.Layout == Layout.Canard ? "foreplane" : "tailplane",
                "5 %",
                "97 %",
                pitch,
                "elevator"
            );
            Row("elevator", null, pitch, 16, 11);
            AtRest("elevator", "0 mm");
        }

        if (type.Layout is Layout.Tail)
        {
            var rudder = Math.Max(8, shape.FinRoot * 0.38);
            surfaces.Add(
                new JsonObject
                {
                    ["assumed"] = true,
                    ["id"] = "rudder",
                    ["function"] = "rudder",
                    ["side"] = "centre",
                    ["on"] = "fin",
                    ["from"] = "0 %",
                    ["to"] = "100 %",
                    ["chord"] = ArchetypeSheet.Mm(rudder),
                }
            );
            Function("rudder");
            Row("rudder", null, rudder, 25, 18, "right", "left");
        }

        if (request.Fitted.Contains("airbrakes"))
        {
            Function("airbrake");
        }

        if (type.Motors > 0)
        {
            Function("throttle");
        }

        if (request.Fitted.Contains("retracts"))
        {
            Function("gear");
        }

        return new ArchetypeSurfaces(surfaces, throws, neutral, functions);
    }

    private static double Throw(double chord, double degrees) => Math.Max(1, chord * Math.Sin(degrees * Math.PI / 180));
}
