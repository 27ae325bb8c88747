using System.Text.Json.Nodes;

namespace Zygotome.Core.Sheets.Archetypes;

/// <summary>The steps and checks usual for a class, in an order that can be worked, all assumed.</summary>
internal static class ArchetypeSteps
{
    public static IEnumerable<JsonNode> Of(Archetype type, ArchetypeRequest r)
    {
        var material = r.Material.Length > 0 ? r.Material : "EPO";
        var hinges = r.Fitted.Contains("hinges to work") && !type.SteeredByMotors;
        if (hinges)
        {
            yield return Step(
                "work-hinges",
                "build",
                "Work the hinges free",
                [],
                "10 min",
                [],
                [],
                "Do not tear the hinge line: a little further each time.",
                kind: "hinges"
            );
        }

        yield return Step(
            "join-wing",
            "build",
            "Join the wing halves",
            hinges ? ["work-hinges"] : [],
            "20 min",
            ["wing"],
            ["mass", "balance", "trueness"],
            "Epoxy: gloves, and no skin contact.",
            (material, "carbon")
        );
        var last = "join-wing";
        if (type.Wings == 2)
        {
            yield return Step(
                "rig-wings",
                "build",
                "Fit the lower wing and struts, measure incidence",
                [last],
                "35 min",
                ["lower-wing"],
                ["mass", "balance", "trueness"]
            );
            last = "rig-wings";
        }

        if (type.Layout is Layout.Tail)
        {
            yield return Step(
                "fit-tail",
                "build",
                "Fit tailplane and fin square to the wing",
                [last],
                "25 min",
                type.SteeredByMotors ? ["tailplane", "fin"] : ["tailplane", "elevator", "fin", "rudder"],
                ["mass", "balance", "trueness"],
                "Contact glue: air the room, no flame.",
                (material, material)
            );
            last = "fit-tail";
        }
        else if (type.Layout is Layout.VTail or Layout.Canard)
        {
            var name = type.Layout == Layout.VTail ? "v-tail" : "foreplane";
            yield return Step(
                "fit-tail",
                "build",
                type.Layout == Layout.VTail
                    ? "Fit the V-tail, both sides alike"
                    : "Fit the foreplane, incidence measured",
                [last],
                "25 min",
                [name],
                ["mass", "balance", "trueness"],
                "",
                (material, material)
            );
            last = "fit-tail";
        }
        else
        {
            yield return Step(
                "fit-fins",
                "build",
                "Fit the fins upright",
                [last],
                "15 min",
                ["fin"],
                ["mass", "balance", "trueness"],
                "",
                (material, material)
            );
            last = "fit-fins";
        }

        if (r.Fitted.Contains("horns to fit") && !type.SteeredByMotors)
        {
            yield return Step(
                "linkages",
                "build",
                "Horns and pushrods",
                [last],
                "30 min",
                [],
                ["neutral:*", "throw:*", "freedom:*", "direction:*"],
                kind: "linkage"
            );
            last = "linkages";
        }

        if (r.Fitted.Contains("wheels") || r.Fitted.Contains("retracts"))
        {
            yield return Step(
                "fit-gear",
                "build",
                r.Fitted.Contains("retracts") ? "Fit the retracts, cycle by hand" : "Fit gear, wheels and collars",
                [],
                "20 min",
                ["wheel"],
                ["mass", "balance"]
            );
        }

        yield return Step(
            "plug-receiver",
            "wire",
            "Plug the receiver",
            [last],
            "15 min",
            [],
            ["direction:*", "failsafe"]
        );
        if (r.Fitted.Contains("stabiliser"))
        {
            yield return Step(
                "stabiliser-sense",
                "check",
                "Stabiliser by tilting: right down, right aileron down",
                ["plug-receiver"],
                "10 min",
                [],
                [],
                "Only with the motor isolated.",
                null,
                power: true,
                awake: true
            );
        }

        if (type.Motors > 0)
        {
            var fan = type.MotorKind == "fan";
            var step = Step(
                fan ? "fan-wires" : "fit-propeller",
                "balance",
                fan ? "Join the fan's wires" : "Fit propeller and spinner",
                ["plug-receiver"],
                "6 min",
                ["motor"],
                fan ? [] : ["mass", "balance"],
                fan
                    ? "From now on the fan can turn: intake clear."
                    : "Propeller: last before weighing; from now on it is fitted.",
                null,
                unpowered: true
            );
            step["readies"] = Texts([.. ArchetypeSheet.MotorIds(type)]);
            yield return step;
        }

        yield return Step(
            "security",
            "check",
            "Every screw, clevis, latch and lead pulled",
            ["plug-receiver"],
            "12 min",
            [],
            [],
            "",
            null,
            unpowered: true
        );
    }

    private static JsonObject Step(
        string id,
        string stage,
        string title,
        string[] after,
        string handsOn,
        string[] fits,
        string[] disturbs,
        string caution = "",
        (string A, string B)? joint = null,
        bool power = false,
        bool unpowered = false,
        bool awake = false,
        string kind = ""
    )
    {
        var step = new JsonObject
        {
            ["assumed"] = true,
            ["id"] = id,
            ["stage"] = stage,
            ["title"] = title,
            ["after"] = Texts(after),
            ["handsOn"] = handsOn,
            ["fits"] = Texts(fits),
            ["disturbs"] = Texts(disturbs),
        };
        if (joint is var (a, b))
        {
            step["joint"] = new JsonObject
            {
                ["a"] = a,
                ["b"] = b,
                ["kind"] = "structural",
            };
        }

        if (kind.Length > 0)
        {
            step["kind"] = kind;
        }

        if (unpowered)
        {
            step["power"] = new JsonObject { ["pack"] = "not connected" };
        }

        if (power)
        {
            step["power"] = new JsonObject
            {
                ["transmitter"] = "on",
                ["throttle"] = "cut",
                ["motor"] = "isolated",
            };
        }

        if (awake)
        {
            step["power"]!["stabiliser"] = "awake";
        }

        if (caution.Length > 0)
        {
            step["cautions"] = Texts([caution]);
        }

        return step;
    }

    private static JsonArray Texts(string[] texts) => [.. texts.Select(t => (JsonNode)JsonValue.Create(t))];
}
