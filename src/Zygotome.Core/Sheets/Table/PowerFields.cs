using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>Motors, controllers, packs, and what they draw.</summary>
public static class PowerFields
{
    public static readonly TextsField Order = new("power.order", "brought under power in this order")
    {
        Means =
            "Where it is not transmitter, then pack. With the pack named first it is connected first, motors "
            + "isolated.",
    };

    public static readonly NumberField Duty = new("power.duty", "share of full draw in flight", 0.6, 0.05, 1);

    /// <summary>Left out where the manual says nothing of one.</summary>
    public const string Regulator = "power.regulator";

    public static readonly TextField RegulatorKind = new("power.regulator.kind", "regulator");

    public static readonly QuantityField RegulatorVolts = new("power.regulator.volts", "its voltage", Unit.Volt);

    public static readonly QuantityField RegulatorContinuous = new(
        "power.regulator.continuous",
        "continuous",
        Unit.Ampere
    );

    public static readonly QuantityField RegulatorPeak = new("power.regulator.peak", "peak", Unit.Ampere);

    public static readonly QuantityField RegulatorWatts = new("power.regulator.watts", "heat it stands", Unit.Watt)
    {
        Means = "Of a linear one: what is over between pack and receiver times the current.",
    };

    /// <summary>A motor with its propeller or fan.</summary>
    public static class Motor
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };
        public static readonly ChoiceField Kind = new("kind", "kind", "propeller", "propeller", "fan", "folding");
        public static readonly WordsField Propeller = new("propeller", "propeller");

        public static readonly MeasureField Mass = new("mass", "propeller and spinner", Unit.Gram, new(0, 5000));

        public static readonly MeasureField At = Station("at", "aft of the datum");
        public static readonly MeasureField Y = Station("y", "off the middle, right +", 0);
        public static readonly WordsField Turns = new("turns", "turns");
        public static readonly QuantityField Draw = new("draw", "draw", Unit.Ampere);
        public static readonly TextField Controller = new("controller", "controller") { Refers = Reference.Controller };

        public static readonly WholeField Blades = new("blades", "blades", 2, 1, 12);
        public static readonly TextField Hub = new("hub", "hub");

        public static readonly ChoiceField Nut = new("nut", "nut", "", "right-hand", "left-hand");

        public static readonly QuantityField CutOut = new("cutOut", "turns in a cut-out of", Unit.Millimetre)
        {
            Means = "How wide the opening is that its propeller turns in.",
        };

        public static readonly MeasureField Height = Station("height", "above the datum", 0);

        public static readonly QuantityField DownThrust = new("thrustLine.down", "thrust line down", Unit.Degree);

        public static readonly QuantityField RightThrust = new("thrustLine.right", "thrust line right", Unit.Degree);

        public static readonly SheetList<MotorSpec> List = new(
            name: "power.motors",
            one: "motor",
            fresh: """
            {"id":"main","kind":"propeller","propeller":"10x5","at":"-200 mm","draw":"30 A",
            "controller":"main"}
            """,
            make: v => new MotorSpec(v),
            fields:
            [
                Id,
                Kind,
                Propeller,
                Blades,
                Hub,
                Nut,
                CutOut,
                Mass,
                At,
                Y,
                Height,
                Turns,
                DownThrust,
                RightThrust,
                Draw,
                Controller,
            ],
            optional: true
        );
    }

    /// <summary>A motor's controller.</summary>
    public static class Controller
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };

        public static readonly QuantityField Rating = new("rating", "rating", Unit.Ampere) { Means = "Continuous." };

        public static readonly QuantityField Cells = new("cells", "cells", Unit.One);

        public static readonly SheetList<ControllerSpec> List = new(
            "power.controllers",
            "controller",
            """{"id":"main","rating":"40 A","cells":"3 to 4"}""",
            v => new ControllerSpec(v),
            [Id, Rating, Cells]
        );
    }

    /// <summary>A flight pack the maker names.</summary>
    public static class Pack
    {
        public static readonly WholeField Cells = new("cells", "cells", 1, 1, 14) { Required = true };
        public static readonly QuantityField Capacity = new("capacity", "capacity", Unit.MilliampereHour);
        public static readonly WordsField Connector = new("connector", "connector");
        public static readonly WholeField Count = new("count", "packs together", 1, 1, 8);

        public static readonly ChoiceField Joined = new("joined", "joined", "", "series", "parallel");

        public static readonly TextsField Order = new("order", "connected in this order")
        {
            Means = "Packs flown together by name, in the order they are connected.",
        };

        public static readonly MeasureField Length = new("length", "length", Unit.Millimetre, new(5, 500));
        public static readonly MeasureField Mass = new("mass", "mass", Unit.Gram, new(1, 10_000)) { Unused = true };

        public static readonly SheetList<PackSpec> List = new(
            "power.packs",
            "pack",
            """{"cells":4,"capacity":"2200 mAh to 2600 mAh"}""",
            v => new PackSpec(v),
            [Cells, Capacity, Connector, Count, Joined, Order, Length, Mass]
        );
    }

    public static readonly SheetPage<PowerSpec> Page = new(
        "power",
        "Power",
        v => new PowerSpec(v),
        [Order, Duty, RegulatorKind, RegulatorVolts, RegulatorContinuous, RegulatorPeak, RegulatorWatts],
        [Motor.List, Controller.List, Pack.List]
    );

    private static MeasureField Station(string name, string label, double? or = null) =>
        new(name, label, Unit.Millimetre, new(-5000, 5000), or) { Required = or is null };
}
