using Zygotome.Core.Quantities;

namespace Zygotome.Core.Sheets.Table;

/// <summary>
/// What moves or switches and is no surface, and what one position of a switch does to several surfaces at once.
/// </summary>
public static class OutputFields
{
    /// <summary>One thing that a stick or switch moves, lights, turns or opens.</summary>
    public static class Output
    {
        public static readonly TextField Id = new("id", "id") { Required = true, IsId = true };

        public static readonly TextField Name = new("name", "name")
        {
            Means = "As people say it; made of its id where it is left out.",
        };

        public static readonly MeaningField<OutputKind> Kind = new(
            "kind",
            "is",
            OutputWords.Of(OutputKind.Other),
            [.. OutputWords.All]
        );

        public static readonly TextField Function = new("function", "moved by")
        {
            Required = true,
            Means = "The channel or command: rudder, gear, lights.",
        };

        public static readonly PairsField Expect = new("expect", "what each position does")
        {
            Means =
                "For each position of the stick or switch what must be seen: right wheel points right. Left out it is "
                + "what its kind does.",
            Guards = true,
        };

        public static readonly TextsField Of = new("of", "motors") { Refers = Reference.Motor };
        public static readonly TextField Motor = new("motor", "motor") { Refers = Reference.Motor };
        public static readonly TextField Wheel = new("wheel", "wheel") { Refers = Reference.Wheel };
        public static readonly TextsField Legs = new("legs", "legs") { Refers = Reference.Wheel };
        public static readonly FlagField Doors = new("doors", "with doors");

        public static readonly TextField Shows = new("shows", "shows")
        {
            Means = "Of a light: steady, flashing, brighter with throttle.",
        };

        public static readonly QuantityField After = new("after", "begins after", Unit.Second);
        public static readonly QuantityField Seconds = new("seconds", "takes", Unit.Second);

        public static readonly TextField InhibitedBy = new("inhibitedBy", "held back by")
        {
            Means = "What must not be set for it to answer.",
        };

        public static readonly QuantityField Throw = new("throw", "goes", Unit.Millimetre)
        {
            IsThrow = true,
            Unused = true,
        };

        public static readonly TextField Board = new("board", "board") { Refers = Reference.Board, Unused = true };
        public static readonly TextField Outlet = new("outlet", "outlet");
        public static readonly TextField Page = new("page", "page") { IsPage = true };

        public static readonly SheetList<OutputSpec> List = new(
            name: "outputs",
            one: "output",
            fresh: """{"id":"output","kind":"light","function":"lights"}""",
            make: v => new OutputSpec(v),
            fields:
            [
                Id,
                Name,
                Kind,
                Function,
                Expect,
                Of,
                Motor,
                Wheel,
                Legs,
                Doors,
                Shows,
                After,
                Seconds,
                InhibitedBy,
                Throw,
                Board,
                Outlet,
                Page,
            ],
            optional: true
        )
        {
            Means = "Each is called and seen, every position of it, before release.",
        };
    }

    /// <summary>A position of a switch, as one thing: all that it moves, and in what time.</summary>
    public static class Position
    {
        public static readonly TextField Name = new("name", "name") { Required = true, IsName = true };

        public static readonly TextField Function = new("function", "of")
        {
            Required = true,
            Means = "Whose positions they are: flap, airbrake.",
        };

        public static readonly QuantityField Seconds = new("seconds", "takes", Unit.Second);
        public static readonly TextField Page = new("page", "page") { IsPage = true };

        public static readonly SheetList<PositionSpec> List = new(
            name: "positions",
            one: "position",
            fresh: """{"name":"landing","function":"flap","moves":[{"surfaces":"flap","to":"30 mm down"}]}""",
            make: v => new PositionSpec(v),
            fields: [Name, Function, Seconds, Page],
            inners: [Move.List],
            optional: true
        )
        {
            Means = "Called and seen as a whole.",
        };
    }

    /// <summary>Where surfaces stand in a position.</summary>
    public static class Move
    {
        public static readonly TextField Surfaces = new("surfaces", "surfaces")
        {
            Required = true,
            IsName = true,
            Refers = Reference.Surfaces,
        };

        public static readonly QuantityField To = new("to", "stand", Unit.Millimetre)
        {
            IsThrow = true,
            Required = true,
            HasOwnLine = true,
            Means = "From where they rest, with its way: 34 mm ± 2 mm down.",
        };

        public static readonly FlagField Mixed = new("mixed", "by a mix")
        {
            Means = "Moved by another command's channel: elevator with flaps.",
        };

        internal static readonly SheetList<MoveSpec> List = new(
            "moves",
            "movement",
            """{"surfaces":"elevator","to":"3 mm down","mixed":true}""",
            v => new MoveSpec(v),
            [Surfaces, To, Mixed]
        );
    }

    /// <summary>What moves with something else in a mode of the stabiliser, and is no fault then.</summary>
    public static class Coupling
    {
        public static readonly TextField Mode = new("mode", "while") { Required = true, IsName = true };
        public static readonly TextField Input = new("input", "input") { Required = true, IsName = true };
        public static readonly TextField Moves = new("moves", "moves") { Required = true, IsName = true };

        public static readonly ChoiceField Way = new("way", "way", "same", "same", "opposite");

        public static readonly SheetList<CouplingSpec> List = new(
            "couplings",
            "coupling",
            """{"mode":"self-levelling","input":"aileron","moves":"rudder","way":"same"}""",
            v => new CouplingSpec(v),
            [Mode, Input, Moves, Way]
        );
    }

    public static readonly SheetPage<PlainPage> Page = new(
        "outputs",
        "What else moves or switches",
        v => new PlainPage(v),
        [],
        [Output.List, Position.List, Coupling.List]
    );
}
