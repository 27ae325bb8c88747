using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>
/// Where practitioners disagree: each an option on the job, with its reason and the shop's default. What one
/// changes on a job is computed from the job, and promised nowhere.
/// </summary>
public static class Schools
{
    public const string FirstFlightBalance = "first-flight-balance",
        PairedSurfaces = "paired-surfaces",
        TailFixing = "tail-fixing",
        FoamGlue = "foam-glue",
        KitGlue = "kit-glue",
        HotMelt = "hot-melt",
        SuppliedServos = "supplied-servos",
        ReceiverPower = "receiver-power",
        WingConnectors = "wing-connectors",
        WiringCovers = "wiring-covers",
        WingTransport = "wing-transport",
        BoardFixing = "board-fixing",
        SparThreads = "spar-threads",
        ContactGlue = "contact-glue",
        SpareLead = "spare-lead",
        Stabiliser = "stabiliser",
        Propeller = "propeller",
        PropellerBalance = "propeller-balance",
        TestFlight = "test-flight";

    /// <summary>Questions that how the owner carries it answers.</summary>
    public static ImmutableArray<string> OfCar { get; } = [WingTransport, BoardFixing, WingConnectors, SparThreads];

    /// <summary>Questions whose answer decides which lead goes where: what was shown by radio rests on it.</summary>
    public static ImmutableArray<string> Wiring { get; } = [PairedSurfaces, SpareLead, ReceiverPower, Stabiliser];

    /// <summary>What drives a surface, and how its arm stands.</summary>
    public static ImmutableArray<string> Driving { get; } = [.. Wiring, SuppliedServos, "differential"];

    /// <summary>The answer that leaves it to how the owner carries it.</summary>
    public const string ByCar = "by-car";

    /// <summary>Questions that a kit's own steps answer, where its sheet has them.</summary>
    public static ImmutableArray<string> OfSteps { get; } =
    [
        TailFixing,
        "servo-fixing",
        "hinges",
        WiringCovers,
        SparThreads,
        WingTransport,
        BoardFixing,
        "scale-parts",
        "propeller",
        "first-step",
    ];

    /// <summary>What is aboard, beside what steps fit.</summary>
    public static ImmutableArray<string> Aboard { get; } = ["scale-parts", SuppliedServos, ReceiverPower];

    public static ImmutableArray<School> All { get; } =
    [
        S(
            TailFixing,
            "Tail fixing",
            O("glue", "glued, as the manual says", "The maker proved it so.") with
            {
                Undone = "cut out and bonded anew",
            },
            O(
                "screws",
                "screws only",
                "Spares can be fitted; where the sheet does not say that screws carry it, a lead says why."
            ) with
            {
                Undone = "screws out",
            }
        ),
        S(
            KitGlue,
            "Kit glue",
            O("shop", "the shop's own for flight-critical joints", "Its times and strength are known here.") with
            {
                Undone = "as its glue is: solvent, heat or the knife",
            },
            O("supplied", "the glue supplied", "The maker chose it for this foam.") with
            {
                Undone = "as its glue is; nobody here knows it",
            }
        ),
        S(
            FoamGlue,
            "Epoxy on flexing foam",
            O(
                "foam-safe",
                "foam-safe contact",
                "It flexes with the foam.",
                "Epoxy on flexing foam is refused without a reason."
            ) with
            {
                Undone = "peeled apart, rubbed clean",
            },
            O(
                "epoxy",
                "the manual's epoxy",
                "Stiff and known, but brittle at the edge of the joint.",
                "Epoxy on flexing foam is taken."
            ) with
            {
                Undone = "cut; the foam goes with it",
            }
        ),
        S(
            ContactGlue,
            "Contact glue",
            O("product", "the product's own time", "It is tested so."),
            O("seconds", "join after seconds", "Still movable."),
            O("re-part", "join at once and part again", "Both faces get a thin coat.")
        ),
        S(
            HotMelt,
            "Hot melt",
            O(
                "removable",
                "only removable, cool places",
                "Heat and sun let it go.",
                "Refused without a reason at joints that carry."
            ) with
            {
                Undone = "warmed, or a drop of spirit at its edge",
            },
            O("any", "anything quick", "Nothing else holds as fast.", "Taken at any joint but on polystyrene.") with
            {
                Undone = "warmed; where it carries, the foam tears first",
            }
        ),
        S(
            "servo-fixing",
            "Servo fixing",
            O("removable", "removable bead or screws", "A servo is a wearing part.") with
            {
                Undone = "screws out, or the bead cut",
            },
            O("glued", "glued", "It never works loose.") with
            {
                Undone = "cut out, its bed with it",
            },
            O("enclosed", "enclosed", "Only where the kit is built so.") with
            {
                Undone = "the skin is cut open",
            }
        ),
        S(
            "hinges",
            "Hinges",
            O("free", "work free, then decide by measured force", "Foam hinges ease with work.") with
            {
                Undone = "stiffened at both ends",
            },
            O("stiffen", "stiffen", "A soft hinge flutters.") with
            {
                Undone = "cut free; it does not get as soft again",
            }
        ),
        S(
            WiringCovers,
            "Covers over wiring",
            O("screwable", "made screwable", "A lead can be reached again.") with
            {
                Undone = "screws out",
            },
            O("glued", "glued", "Smooth and light.") with
            {
                Undone = "cut along its edge, and the edge shows",
            }
        ),
        S(
            WingConnectors,
            "Wing connectors",
            O(
                "sleeve",
                "sleeve when the wing stays on, free and coloured when it comes off",
                "It cannot part in flight."
            ) with
            {
                Undone = "the sleeve is slit",
            },
            O("knot", "knotted", "Nothing to buy.") with
            {
                Undone = "untied",
            },
            O("free", "free for transport", "Quick at the field.") with
            {
                Undone = "pulled apart",
            }
        ),
        S(
            SparThreads,
            "Spar threads",
            O("dry", "dry, on the owner's pre-flight list", "The wing comes off.") with
            {
                Undone = "a screwdriver",
            },
            O("thread-lock", "thread-lock", "Nothing comes loose.") with
            {
                Undone = "warmed, then a screwdriver",
            }
        ),
        S(
            WingTransport,
            "Wing kept whole or parted",
            O(ByCar, "by the owner's car", "It has to fit."),
            O("whole", "whole", "Fewest joints."),
            O("parted", "parted", "Small for the road.")
        ),
        S(
            BoardFixing,
            "Board in the wing",
            O(ByCar, "by the owner's car", "A wing that comes off takes it along."),
            O("removable", "removable", "It can be reached again.") with
            {
                Undone = "unhooked",
            },
            O("taped", "taped in", "Flat, and nothing rattles.") with
            {
                Undone = "peeled off; the tape takes paint with it",
            }
        ),
        S(
            "scale-parts",
            "Scale parts, strut feet",
            O("push-fit", "push-fit where air loads allow", "They break off without damage.") with
            {
                Undone = "pulled out",
            },
            O("glued", "glued", "Nothing is lost.") with
            {
                Undone = "cut off",
            },
            O("left-off", "left off", "Nothing to lose.") with
            {
                Undone = "put on later",
            }
        ),
        S(
            PairedSurfaces,
            "Paired surfaces",
            O("two-channels", "two channels mixed, if the receiver has them", "Each side can be set alone."),
            O("y-lead", "Y-lead", "One port, and both move alike.")
        ),
        S(
            SpareLead,
            "Spare direct lead",
            O("fewest", "fewest joints", "Every plug can part."),
            O("board", "through the board", "Tidy, and one lead fewer.")
        ),
        S(
            ReceiverPower,
            "Receiver power",
            O("computed", "by computed load", "Numbers decide."),
            O("regulator", "controller's regulator", "Nothing more aboard."),
            O("separate", "separate, controller's positive wire out and insulated", "One failure less.")
        ),
        S(
            Stabiliser,
            "Stabiliser",
            O("proven-without", "servos proven without it, then inserted", "Faults are found one at a time."),
            O("in-line", "in line from the start", "As it will fly.")
        ),
        S(
            "servo-reference",
            "Servo reference",
            O("radio", "radio", "What will fly it sets it."),
            O("tester", "tester", "Before the radio is there.")
        ),
        S(
            SuppliedServos,
            "Supplied servos",
            O("keep", "keep if they pass free play and load", "They came with it."),
            O("replace", "replace at once", "Known ones.")
        ),
        S(
            "throw-setting",
            "Throw setting",
            O("holes", "holes first, travel near 100 %", "Full resolution and torque."),
            O("end-points", "end points", "Quick.")
        ),
        S(
            "differential",
            "Differential",
            O("electronic", "square arm, electronic", "It can be changed in the air."),
            O("spline", "one spline", "It works with a Y-lead.")
        ),
        S(
            "throw-measure",
            "Measure",
            O("either", "either", "Both are good enough."),
            O("ruler", "ruler", "Millimetres as printed."),
            O("gauge", "gauge", "Degrees, wherever the hinge is.")
        ),
        S(
            "first-rates",
            "Rates for the first flight",
            O("low-switch", "sheet's low rate on a switch", "Both are there."),
            O("sheet", "sheet's", "As printed."),
            O("higher", "higher", "More control in wind."),
            O("lower", "lower, then adjust", "Calm to begin with.")
        ),
        S(
            "expo",
            "Expo",
            O("sheet", "sheet, else 20 %", "A usual feel."),
            O("none", "none", "Linear."),
            O("softer", "softer for a new pilot", "Forgiving around the middle.")
        ),
        S(
            "flap-trim",
            "Flap trim change",
            O("mix", "sheet's mix", "As printed."),
            O("flown", "trimmed in flight modes", "Each wing differs.")
        ),
        S(
            "transmitter",
            "Transmitter",
            O(
                "preset",
                "preset compared line by line",
                "The maker's work, checked.",
                "Each line of the set-up card asks what the ready memory has."
            ),
            O("blank", "blank by the manual", "Nothing hidden.", "Each line of the set-up card is keyed.")
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
            O("owners", "owner's known better", "They have flown one.")
        ),
        S(
            "balance-method",
            "Balance method",
            O("scales", "scales", "A number with its uncertainty."),
            O("stand", "stand", "Quick and good."),
            O("fingers", "fingers", "At the field.")
        ),
        S(
            Propeller,
            "Propeller",
            O("last", "last before weighing", "Nothing can cut before."),
            O("manual", "when the manual says", "As printed.")
        ),
        S(
            "motor-direction",
            "Motor direction",
            O("tape", "tape on the shaft; fans by airflow", "Seen, and safe."),
            O("thrust", "thrust", "Proves the propeller too.")
        ),
        S(
            PropellerBalance,
            "Propeller balance",
            O("blade", "by the heavy blade, on a balancer", "It is seen before anything turns."),
            O("position", "turned on its shaft until it shakes least", "Nothing to buy, and no tape on a blade."),
            O("meter", "with a meter and a trial mass at three places", "Hub and spinner are balanced with it.")
        ),
        S(
            TestFlight,
            "Test flight",
            O("owner", "owner", "Their aircraft, their field."),
            O("shop", "shop", "Trims are known at hand-over."),
            O("glide", "shop, a glide thrown by hand", "Balance and trim are seen without power.")
        ),
        S(
            "first-step",
            "First step",
            O("gear", "landing gear if allowed", "It then stands on its own."),
            O("manual", "as the manual", "In the order printed.")
        ),
    ];

    /// <summary>The question of this id; null when there is none.</summary>
    public static School? Find(string id) => All.FirstOrDefault(s => s.Id == id);

    private static School S(string id, string question, params ImmutableArray<SchoolOption> options) =>
        new(id, question, options);

    private static SchoolOption O(string id, string text, string reason, string acts = "") =>
        new(id, text, reason, acts);
}
