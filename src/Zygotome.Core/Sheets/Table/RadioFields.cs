using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>Receiver, binding and failsafe; servos and leads.</summary>
public static class RadioFields
{
    public static readonly TextsField Functions = new("radio.functions", "functions that need a channel");
    public static readonly TextsField Bind = new("radio.bind", "binds by");
    public static readonly TextsField Modes = new("radio.modes", "bind modes");

    public static readonly WordsField Failsafe = new("radio.failsafe", "failsafe")
    {
        HasOwnLine = true,
        Means = "What happens when the signal is lost. Left out it is a gap, and a line that nobody concedes.",
    };

    public static readonly FlagField FliesHome = new("radio.fliesHome", "flies home when the signal is lost")
    {
        Means = "It needs a lock on its position first: that is waited for, in the open.",
    };

    public static readonly FlagField Stabiliser = new("radio.stabiliser.fitted", "has a stabiliser")
    {
        Means = "Left out it is asked at the bench.",
    };

    public static readonly TextField Protocol = new("radio.protocol", "protocol") { Unused = true };

    /// <summary>A stabiliser between receiver and servos.</summary>
    public const string InLine = "in line";

    public static readonly TextsField Axes = new("radio.stabiliser.axes", "it corrects");

    public static readonly TextField SurfaceCount = new("radio.stabiliser.surfaceCount", "told of surfaces");

    public static readonly ChoiceField Sits = new(
        "radio.stabiliser.sits",
        "stabiliser sits",
        "in the receiver",
        InLine,
        "in the receiver"
    )
    {
        Means = "In line: what it corrects is plugged into it, and it into the receiver.",
    };

    public static readonly MeasureField Still = new(
        "radio.stabiliser.stillSeconds",
        "held still for",
        Unit.Second,
        new(0, 60)
    );

    public static readonly TextField Awake = new("radio.stabiliser.awake", "shows it is awake by");
    public static readonly TextField Wake = new("radio.stabiliser.wake", "woken by");

    public static readonly TextsField StabiliserModes = new("radio.stabiliser.modes", "stabiliser's modes");

    /// <summary>By what a mode of the stabiliser is told, and how it is bound.</summary>
    public static class Sign
    {
        public static readonly TextField Mode = new("mode", "mode") { Required = true, IsName = true };

        public static readonly TextField Shows = new("sign", "shows by");
        public static readonly TextField Bind = new("bind", "bound by");

        public static readonly SheetList<ModeSign> List = new(
            "radio.stabiliser.signs",
            "sign of a mode",
            """{"mode":"levelling","sign":"surfaces cycle twice"}""",
            v => new ModeSign(v),
            [Mode, Shows, Bind]
        );
    }

    /// <summary>Something that passes signals on to servos and lights.</summary>
    public static class Board
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };
        public static readonly TextField Catalogue = new("catalogue", "is a");
        public static readonly TextsField Ports = new("ports", "its ports");
        public static readonly TextsField Outlets = new("outlets", "its light outlets");

        public static readonly SheetList<BoardSpec> List = new(
            "wiring.boards",
            "board",
            """{"id":"board","ports":["aileron","elevator"]}""",
            v => new BoardSpec(v),
            [Id, Catalogue, Ports, Outlets]
        );
    }

    public static readonly QuantityField RangeCheck = new("radio.rangeCheck", "range check", Unit.Metre)
    {
        Means = "How far away it must answer with the transmitter's power reduced.",
    };

    /// <summary>A servo and what it drives.</summary>
    public static class Servo
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };

        public static readonly TextsField Drives = new("drives", "drives")
        {
            Means = "Surfaces, outputs or radio channels.",
            Refers = Reference.SurfaceOrChannel,
        };

        public static readonly QuantityField Working = new("working", "working", Unit.Ampere);
        public static readonly QuantityField Stall = new("stall", "stalled", Unit.Ampere);
        public static readonly QuantityField Torque = new("torque", "torque", Unit.KilogramCentimetre);

        public static readonly MeasureField Mass = new("mass", "mass", Unit.Gram, new(0, 500))
        {
            Means = "Against one that takes its place: the difference is in the budget.",
        };

        public static readonly MeasureField RoomLength = Room("length", "long");
        public static readonly MeasureField RoomWidth = Room("width", "wide");
        public static readonly MeasureField RoomHeight = Room("height", "high");

        public static readonly MeasureField Lead = new("lead", "its own lead", Unit.Millimetre, new(10, 5000))
        {
            Means = "Against how far it has to go: the difference is on the to-buy list.",
        };

        public static readonly TextsField ArmHoles = new("arm.holes", "arm holes") { Unused = true };
        public static readonly MeasureField ArmHole = Hole("arm.fitted", "arm hole used");
        public static readonly ChoiceField ArmSide = new("arm.side", "arm side", "", "top", "below", "left", "right")
        {
            Unused = true,
        };
        public static readonly QuantityField ArmLean = new("arm.lean", "arm leans aft", Unit.Degree) { Unused = true };
        public static readonly TextsField HornHoles = new("horn.holes", "horn holes") { Unused = true };
        public static readonly MeasureField HornHole = Hole("horn.fitted", "horn hole used");
        public static readonly ChoiceField HornSide = new(
            "horn.side",
            "horn side",
            "",
            "top",
            "below",
            "left",
            "right"
        );

        public static readonly QuantityField HornLean = new("horn.lean", "horn leans aft", Unit.Degree)
        {
            Unused = true,
        };

        public static readonly MeasureField Reach = new(
            "reach",
            "shaft to hinge line",
            Unit.Millimetre,
            new(-5000, 5000)
        );

        public static readonly MeasureField Hinge = Unjudged("hingeAboveShaft", "hinge above the shaft");
        public static readonly MeasureField RodDiameter = Unjudged("rod.diameter", "rod diameter");
        public static readonly MeasureField RodPitch = Hole("rod.pitch", "thread's pitch");
        public static readonly MeasureField RodLength = Unjudged("rod.length", "rod length");
        public static readonly TextField RodThread = new("rod.thread", "thread") { Unused = true };

        public static readonly WholeField RodEnds = new("rod.ends", "ends that turn", 1, 0, 2) { Unused = true };

        public static readonly TextField HighSignal = new("onHighSignal", "goes on a high signal");

        public static readonly QuantityField DegreesAtFull = new("degreesAt100", "at 100 %", Unit.Degree)
        {
            Unused = true,
        };

        public static readonly TextField Standing = new("reference", "stands for setting");

        public static readonly SheetList<ServoSpec> List = new(
            name: "servos",
            one: "servo",
            fresh: """{"id":"servo","drives":["rudder"],"working":"0.2 A","stall":"0.9 A"}""",
            make: v => new ServoSpec(v),
            fields:
            [
                Id,
                Drives,
                Working,
                Stall,
                Torque,
                Mass,
                RoomLength,
                RoomWidth,
                RoomHeight,
                Lead,
                ArmHoles,
                ArmHole,
                ArmSide,
                ArmLean,
                HornHoles,
                HornHole,
                HornSide,
                HornLean,
                Reach,
                Hinge,
                RodDiameter,
                RodPitch,
                RodLength,
                RodThread,
                RodEnds,
                HighSignal,
                DegreesAtFull,
                Standing,
            ],
            optional: true
        );

        private static MeasureField Unjudged(string name, string label) =>
            new(name, label, Unit.Millimetre, new(-5000, 5000)) { Unused = true };

        private static MeasureField Hole(string name, string label) =>
            new(name, label, Unit.Millimetre, new(-5000, 5000));

        private static MeasureField Room(string name, string which) =>
            new($"room.{name}", $"its well, {which}", Unit.Millimetre, new(1, 200));
    }

    /// <summary>A lead from what it serves to the receiver or a board.</summary>
    public static class Lead
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };
        public static readonly TextField Label = new("label", "label");
        public static readonly TextField From = new("from", "from") { Refers = Reference.Wired };
        public static readonly MeasureField Reach = new("reach", "has to go", Unit.Millimetre, new(1, 10_000));

        public static readonly FlagField Separable = new("separable", "parts with the wing");

        public static readonly SheetList<LeadSpec> List = new(
            name: "wiring.leads",
            one: "lead",
            fresh: """{"id":"lead","label":"","from":"servo","separable":false}""",
            make: v => new LeadSpec(v),
            fields: [Id, Label, From, Reach, Separable],
            optional: true
        );
    }

    public static readonly SheetPage<RadioSpec> Page = new(
        "radio",
        "Radio and wiring",
        v => new RadioSpec(v),
        [
            Functions,
            Protocol,
            Bind,
            Modes,
            Failsafe,
            FliesHome,
            Stabiliser,
            Axes,
            SurfaceCount,
            Sits,
            Still,
            Awake,
            Wake,
            StabiliserModes,
            RangeCheck,
        ],
        [Sign.List, Servo.List, Board.List, Lead.List]
    );
}
