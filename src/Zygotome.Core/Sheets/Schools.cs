using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>
/// Where practitioners disagree: each an option on the job, with its reason, the shop's default and its effect.
/// </summary>
public static class Schools
{
    public const string FirstFlightBalance = "first-flight-balance",
        PairedSurfaces = "paired-surfaces",
        TailFixing = "tail-fixing",
        FoamGlue = "foam-glue",
        KitGlue = "kit-glue",
        HotMelt = "hot-melt";

    /// <summary>Questions whose answer decides which lead goes where: what was shown by radio rests on it.</summary>
    public static ImmutableArray<string> Wiring { get; } =
    [PairedSurfaces, "spare-lead", "receiver-power", "stabiliser"];

    /// <summary>What drives a surface, and how its arm stands.</summary>
    public static ImmutableArray<string> Driving { get; } = [.. Wiring, "supplied-servos", "differential"];

    /// <summary>What is aboard, beside what steps fit.</summary>
    public static ImmutableArray<string> Aboard { get; } = ["scale-parts", "supplied-servos", "receiver-power"];

    public static ImmutableArray<School> All { get; } =
    [
        S(
            TailFixing,
            "Tail fixing",
            O("glue", "glued, as the manual says", "The maker proved it so.", "Steps marked for glue are asked for."),
            O(
                "screws",
                "screws only",
                "Spares can be fitted; only where the sheet says screws carry it.",
                "Steps marked for screws are asked for instead."
            )
        ),
        S(
            KitGlue,
            "Kit glue",
            O(
                "shop",
                "the shop's own for flight-critical joints",
                "Its times and strength are known here.",
                "The adhesives of the joints are on the to-buy list."
            ),
            O(
                "supplied",
                "the glue supplied",
                "The maker chose it for this foam.",
                "No adhesive is asked for where the kit brings one."
            )
        ),
        S(
            FoamGlue,
            "Epoxy on flexing foam",
            O(
                "foam-safe",
                "foam-safe contact",
                "It flexes with the foam.",
                "Foam to foam joints ask for contact glue."
            ),
            O(
                "epoxy",
                "the manual's epoxy",
                "Stiff and known, but brittle at the edge of the joint.",
                "Foam to foam joints ask for epoxy."
            )
        ),
        S(
            "contact-glue",
            "Contact glue",
            O("product", "the product's own time", "It is tested so.", "The wait counts as hands off."),
            O("seconds", "join after seconds", "Still movable.", "No wait is planned."),
            O("re-part", "join at once and part again", "Both faces get a thin coat.", "No wait is planned.")
        ),
        S(
            HotMelt,
            "Hot melt",
            O("removable", "only removable, cool places", "Heat and sun let it go.", "Refused for structural joints."),
            O("any", "anything quick", "Nothing else holds as fast.", "Marked in the record.")
        ),
        S(
            "servo-fixing",
            "Servo fixing",
            O("removable", "removable bead or screws", "A servo is a wearing part.", "Servos can be replaced later."),
            O("glued", "glued", "It never works loose.", "Proof before the glue."),
            O("enclosed", "enclosed", "Only where the kit is built so.", "Proof before it is closed.")
        ),
        S(
            "hinges",
            "Hinges",
            O(
                "free",
                "work free, then decide by measured force",
                "Foam hinges ease with work.",
                "The hinges are worked before the linkages."
            ),
            O("stiffen", "stiffen", "A soft hinge flutters.", "Force is measured after.")
        ),
        S(
            "wiring-covers",
            "Covers over wiring",
            O("screwable", "made screwable", "A lead can be reached again.", "Small screws are on the to-buy list."),
            O("glued", "glued", "Smooth and light.", "What it hides is tested first.")
        ),
        S(
            "wing-connectors",
            "Wing connectors",
            O(
                "sleeve",
                "sleeve when the wing stays on, free and coloured when it comes off",
                "It cannot part in flight.",
                "Sleeves or colour marks."
            ),
            O("knot", "knotted", "Nothing to buy.", "A wiggle test."),
            O("free", "free for transport", "Quick at the field.", "On the owner's pre-flight list.")
        ),
        S(
            "spar-threads",
            "Spar threads",
            O("dry", "dry, on the owner's pre-flight list", "The wing comes off.", "A line on the pre-flight list."),
            O("thread-lock", "thread-lock", "Nothing comes loose.", "Metal to metal only, never on plastic.")
        ),
        S(
            "wing-transport",
            "Wing kept whole or parted",
            O("by-car", "by the owner's car", "It has to fit.", "Asked at the counter."),
            O("whole", "whole", "Fewest joints.", "The joint is closed once."),
            O("parted", "parted", "Small for the road.", "Leads stay separable.")
        ),
        S(
            "scale-parts",
            "Scale parts, strut feet",
            O("push-fit", "push-fit where air loads allow", "They break off without damage.", "Weighed with them on."),
            O("glued", "glued", "Nothing is lost.", "Weighed with them on."),
            O("left-off", "left off", "Nothing to lose.", "Weighed without.")
        ),
        S(
            PairedSurfaces,
            "Paired surfaces",
            O(
                "two-channels",
                "two channels mixed, if the receiver has them",
                "Each side can be set alone.",
                "Asks for a port each."
            ),
            O("y-lead", "Y-lead", "One port, and both move alike.", "A Y-lead for each pair is on the to-buy list.")
        ),
        S(
            "spare-lead",
            "Spare direct lead",
            O("fewest", "fewest joints", "Every plug can part.", "The wiring keeps to it."),
            O("board", "through the board", "Tidy, and one lead fewer.", "The board carries it.")
        ),
        S(
            "receiver-power",
            "Receiver power",
            O("computed", "by computed load", "Numbers decide.", "Working and stall currents are added up."),
            O("regulator", "controller's regulator", "Nothing more aboard.", "Load is checked."),
            O(
                "separate",
                "separate, controller's positive wire out and insulated",
                "One failure less.",
                "A regulator is on the to-buy list."
            )
        ),
        S(
            "stabiliser",
            "Stabiliser",
            O(
                "proven-without",
                "servos proven without it, then inserted",
                "Faults are found one at a time.",
                "Directions are shown twice."
            ),
            O("in-line", "in line from the start", "As it will fly.", "Directions are shown once.")
        ),
        S(
            "servo-reference",
            "Servo reference",
            O("radio", "radio", "What will fly it sets it.", "After binding."),
            O("tester", "tester", "Before the radio is there.", "Checked again by radio.")
        ),
        S(
            "supplied-servos",
            "Supplied servos",
            O("keep", "keep if they pass free play and load", "They came with it.", "Free play is measured."),
            O("replace", "replace at once", "Known ones.", "Servos are on the to-buy list.")
        ),
        S(
            "throw-setting",
            "Throw setting",
            O("holes", "holes first, travel near 100 %", "Full resolution and torque.", "Holes are advised first."),
            O("end-points", "end points", "Quick.", "Travel is advised first.")
        ),
        S(
            "differential",
            "Differential",
            O("electronic", "square arm, electronic", "It can be changed in the air.", "Two channels are needed."),
            O("spline", "one spline", "It works with a Y-lead.", "Arm offset by a spline.")
        ),
        S(
            "throw-measure",
            "Measure",
            O("either", "either", "Both are good enough.", "Asked at the reading."),
            O("ruler", "ruler", "Millimetres as printed.", "mm are asked for."),
            O("gauge", "gauge", "Degrees, wherever the hinge is.", "Degrees are asked for.")
        ),
        S(
            "first-rates",
            "Rates for the first flight",
            O("low-switch", "sheet's low rate on a switch", "Both are there.", "The low rate is shown first."),
            O("sheet", "sheet's", "As printed.", "All rates are shown."),
            O("higher", "higher", "More control in wind.", "A reason is recorded."),
            O("lower", "lower, then adjust", "Calm to begin with.", "A reason is recorded.")
        ),
        S(
            "expo",
            "Expo",
            O("sheet", "sheet, else 20 %", "A usual feel.", "Compared in the settings."),
            O("none", "none", "Linear.", "Compared in the settings."),
            O("softer", "softer for a new pilot", "Forgiving around the middle.", "Compared in the settings.")
        ),
        S(
            "flap-trim",
            "Flap trim change",
            O("mix", "sheet's mix", "As printed.", "The mix is measured."),
            O("flown", "trimmed in flight modes", "Each wing differs.", "Left to the test flight.")
        ),
        S(
            "transmitter",
            "Transmitter",
            O(
                "preset",
                "preset compared line by line",
                "The maker's work, checked.",
                "Every setting is shown against the sheet."
            ),
            O("blank", "blank by the manual", "Nothing hidden.", "Every setting is entered.")
        ),
        S(
            FirstFlightBalance,
            "Balance for the first flight",
            O(
                "forward-third",
                "forward third",
                "A nose-heavy aircraft flies badly, a tail-heavy one once.",
                "The target band is the forward third."
            ),
            O("middle", "middle", "Where the maker aims.", "The target band is the middle third."),
            O("owners", "owner's known better", "They have flown one.", "Needs the owner's number and a lead.")
        ),
        S(
            "balance-method",
            "Balance method",
            O("scales", "scales", "A number with its uncertainty.", "Scales are asked for."),
            O("stand", "stand", "Quick and good.", "Two bounds are asked for."),
            O("fingers", "fingers", "At the field.", "Shows only out or not shown.")
        ),
        S(
            "propeller",
            "Propeller",
            O(
                "last",
                "last before weighing",
                "Nothing can cut before.",
                "The propeller step waits for everything powered."
            ),
            O("manual", "when the manual says", "As printed.", "Motor wires off for every powered step after.")
        ),
        S(
            "motor-direction",
            "Motor direction",
            O("tape", "tape on the shaft; fans by airflow", "Seen, and safe.", "Before the propeller."),
            O("thrust", "thrust", "Proves the propeller too.", "Only with restraint.")
        ),
        S(
            "test-flight",
            "Test flight",
            O("owner", "owner", "Their aircraft, their field.", "The record says so."),
            O("shop", "shop", "Trims are known at hand-over.", "Trims are recorded.")
        ),
        S(
            "first-step",
            "First step",
            O("gear", "landing gear if allowed", "It then stands on its own.", "Gear steps come first."),
            O("manual", "as the manual", "In the order printed.", "The sheet's order.")
        ),
    ];

    /// <summary>The question of this id; null when there is none.</summary>
    public static School? Find(string id) => All.FirstOrDefault(s => s.Id == id);

    private static School S(string id, string question, params ImmutableArray<SchoolOption> options) =>
        new(id, question, options);

    private static SchoolOption O(string id, string text, string reason, string effect) =>
        new(id, text, reason, effect);
}
