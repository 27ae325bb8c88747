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

    public static readonly FlagField Stabiliser = new("radio.stabiliser.fitted", "has a stabiliser")
    {
        Means = "Left out it is asked at the bench.",
    };

    public static readonly QuantityField RangeCheck = new("radio.rangeCheck", "range check", Unit.Metre)
    {
        Unused = true,
    };

    /// <summary>A servo and what it drives.</summary>
    public static class Servo
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };

        public static readonly TextsField Drives = new("drives", "drives")
        {
            Means = "Surfaces or radio channels.",
            Refers = Reference.SurfaceOrChannel,
        };

        public static readonly QuantityField Working = new("working", "working", Unit.Ampere) { Unused = true };
        public static readonly QuantityField Stall = new("stall", "stalled", Unit.Ampere) { Unused = true };
        public static readonly QuantityField Torque = new("torque", "torque", Unit.KilogramCentimetre)
        {
            Unused = true,
        };

        public static readonly MeasureField Lead = new("lead", "its own lead", Unit.Millimetre, new(10, 5000))
        {
            Means = "Against how far it has to go: the difference is on the to-buy list.",
        };

        public static readonly SheetList<ServoSpec> List = new(
            "servos",
            "servo",
            """{"id":"servo","drives":["rudder"],"working":"0.2 A","stall":"0.9 A"}""",
            v => new ServoSpec(v),
            [Id, Drives, Working, Stall, Torque, Lead]
        );
    }

    /// <summary>A lead from what it serves to the receiver or a board.</summary>
    public static class Lead
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };
        public static readonly TextField Label = new("label", "label");
        public static readonly TextField From = new("from", "from") { Refers = Reference.Wired };
        public static readonly MeasureField Reach = new("reach", "has to go", Unit.Millimetre, new(1, 10_000));

        public static readonly FlagField Separable = new("separable", "parts with the wing") { Unused = true };

        public static readonly SheetList<LeadSpec> List = new(
            "wiring.leads",
            "lead",
            """{"id":"lead","label":"","from":"servo","separable":false}""",
            v => new LeadSpec(v),
            [Id, Label, From, Reach, Separable]
        );
    }

    public static readonly SheetPage<RadioSpec> Page = new(
        "radio",
        "Radio and wiring",
        v => new RadioSpec(v),
        [Functions, Bind, Modes, Failsafe, Stabiliser, RangeCheck],
        [Servo.List, Lead.List]
    );
}
