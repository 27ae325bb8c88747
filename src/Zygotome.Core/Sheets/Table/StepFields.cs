using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.MarkOut;

namespace Zygotome.Core.Sheets.Table;

/// <summary>A step of the graph.</summary>
public static class StepFields
{
    public static readonly TextField Id = new("id", "id") { Required = true, IsName = true };

    public static readonly MeaningField<Stage> Stage = new(
        "stage",
        "stage",
        Core.Stage.Build.Key(),
        [.. StageNames.All.Select(s => (s.Key(), s))]
    );

    public static readonly TextField Title = new("title", "title") { Required = true };
    public static readonly TextsField After = new("after", "after")
    {
        Means = "Steps that come before it.",
        Refers = Reference.Step,
        Guards = true,
    };
    public static readonly MeasureField HandsOn = new("handsOn", "hands-on", Unit.Minute, new(0, 10_000), 10);

    public static readonly MeasureField Grams = new("grams", "adds", Unit.Gram, new(-5000, 5000))
    {
        Means =
            "What it adds to the aircraft. One that fits, bonds or uses something, and every step of wire, disturbs "
            + "weight and balance unless this is 0 g.",
    };

    public static readonly CountsField Parts = new("parts", "parts", 10_000) { Refers = Reference.Part };
    public static readonly TextsField Tools = new("tools", "tools");

    /// <summary>Left out where nothing is joined.</summary>
    public const string Joint = "joint";

    public static readonly TextField JoinsA = new("joint.a", "joins") { Required = true };
    public static readonly TextField JoinsB = new("joint.b", "to") { Required = true };
    public static readonly TextField JointKind = new("joint.kind", "joint", "structural");

    public static readonly TextsField Fits = new("fits", "fits") { Means = "Drawn parts.", Refers = Reference.Drawn };

    public static readonly TextsField WorksOn = new("worksOn", "works on")
    {
        Means = "Drawn parts that it works on and does not fit: they light up with it.",
        Refers = Reference.Drawn,
    };

    public static readonly TextsField Hides = new("hides", "hides")
    {
        Means = "What lines of the ledger begin with that must be shown before it is started.",
        Guards = true,
    };

    public static readonly AspectsField Disturbs = new("disturbs", "disturbs")
    {
        Means =
            "mass, balance, trueness, failsafe, bind, range; and with a surface or *, neutral, throw, direction, "
            + "freedom.",
    };

    public static readonly TextsField Readies = new("readies", "readies motors")
    {
        Means =
            "Motors whose propellers go on, or wires are joined, by it: they are ready from its start. On older "
            + "sheets a step that fits a motor readies it, else the last with the pack not connected.",
        Refers = Reference.Motor,
        Guards = true,
    };

    public static readonly PairsField School = new("school", "only with these schools")
    {
        Means = "The schools under which it is done.",
    };

    /// <summary>The state of power it is done in; left out it is done unpowered.</summary>
    public const string Power = "power";

    public static readonly ChoiceField Transmitter = new("power.transmitter", "transmitter", "", "on", "off")
    {
        Guards = true,
    };
    public static readonly ChoiceField Throttle = new("power.throttle", "throttle", "", "cut", "live", "full")
    {
        Guards = true,
    };

    public static readonly ChoiceField Pack = new("power.pack", "pack", "", "connected", "in bay", "not connected")
    {
        Guards = true,
    };

    public static readonly ChoiceField Motor = new("power.motor", "motors", "", "isolated", StepPower.CannotBeIsolated)
    {
        Guards = true,
    };

    public static readonly ChoiceField Stabiliser = new("power.stabiliser", "stabiliser", "", "off", "awake")
    {
        Guards = true,
    };

    public static readonly FlagField Powered = new("needs.power", "powered")
    {
        Means = "Transmitter on, cut set, motors isolated.",
        Guards = true,
    };

    public static readonly FlagField Unpowered = new("needs.unpowered", "pack not connected") { Guards = true };

    public static readonly WholeField People = new("needs.people", "people", 1, 1, 4);
    public static readonly ChoiceField Kind = new(
        "kind",
        "is",
        "",
        "joint",
        "hinges",
        "linkage",
        "finish",
        "decal",
        "cover",
        "cut-out",
        "wiring",
        "propeller"
    );

    public static readonly TextsField Closes = new("closes", "closes the rods of") { Refers = Reference.Surface };

    public static readonly FlagField Mirror = new("mirror", "done left and right");
    public static readonly TextField Reach = new("reach", "tool's reach");
    public static readonly TextsField Covers = new("covers", "puts out of reach");
    public static readonly TextsField Reaches = new("reaches", "has to come at")
    {
        Means = "Screws, ports or bolts that it needs: a step that puts them out of reach waits for it.",
    };
    public static readonly TextField Orientation = new("orientation", "right way round");
    public static readonly TextField DryFit = new("dryFit", "asked at the dry fit");

    public static readonly TextsField Coat = new("joint.coat", "faces to coat");
    public static readonly TextsField KeepClear = new("joint.keepClear", "to keep clear");
    public static readonly QuantityField Hold = new("joint.hold", "held for", Unit.Second);
    public static readonly TextsField Moves = new("joint.moves", "must still move");

    /// <summary>A mark to be made or cut to.</summary>
    public static class Mark
    {
        public static readonly TextField Name = new("name", "name") { Required = true, IsName = true };

        public static readonly ChoiceField Does = new("does", "is a", "mark", "mark", "cut", "score", "drill");

        public static readonly TextField From = new("from", "from")
        {
            Required = true,
            Means =
                "centre line, root, tip, leading edge, trailing edge, nose or tail end; from another edge it is read "
                + "and not drawn.",
        };

        public static readonly QuantityField At = new("at", "at", Unit.Millimetre) { Required = true };

        public static readonly TextField Along = new("along", "and from")
        {
            Means = "A second edge, where the mark is at one place and not along all of the first.",
        };

        public static readonly QuantityField AlongAt = new("alongAt", "at", Unit.Millimetre);
        public static readonly QuantityField Length = new("length", "as long as", Unit.Millimetre);
        public static readonly QuantityField Depth = new("depth", "as deep as", Unit.Millimetre);

        public static readonly TextField On = new("on", "on")
        {
            Means = "The lifting surface it is on, or body; left out, what its edge belongs to.",
        };

        public static readonly ChoiceField Side = new("side", "side", "", "left", "right");

        public static readonly QuantityField Mass = new("mass", "of what sits there", Unit.Gram)
        {
            Means = "What a mark elsewhere does to the balance is reckoned with it.",
        };

        public static readonly SheetList<MarkSpec> List = new(
            "marks",
            "mark",
            """{"name":"slot front edge","from":"nose","at":"64 mm ± 1 mm"}""",
            v => new MarkSpec(v),
            [Name, Does, From, At, Along, AlongAt, Length, Depth, On, Side, Mass]
        );
    }

    /// <summary>One tap of an odd procedure, and the wait after it.</summary>
    public static class Tap
    {
        public static readonly TextField Do = new("do", "do") { Required = true, IsName = true };
        public static readonly QuantityField Wait = new("wait", "then wait", Unit.Second);

        public static readonly SheetList<PlainRow> List = new(
            "taps",
            "tap",
            """{"do":"Press together","wait":"20 s"}""",
            v => new PlainRow(v),
            [Do, Wait]
        )
        {
            Means = "In their order.",
        };
    }

    public static readonly TextsField Cautions = new("cautions", "cautions");
    public static readonly TextField Text = new("text", "how");
    public static readonly TextField Page = new("page", "page") { IsPage = true };

    /// <summary>The finding that a step of a job repairs; no file says it.</summary>
    public static readonly TextField Repairs = new("repairs", "repairs");

    /// <summary>What grows hot beside it, of a step that repairs; no file says it.</summary>
    public static readonly TextField Hot = new("hot", "hot beside it");

    /// <summary>Which of the two of a step that is done left and right; no file says it.</summary>
    public static readonly TextField Side = new("side", "side");

    public static readonly SheetList<StepSpec> List = new(
        name: "steps",
        one: "step",
        fresh: """{"id":"step","stage":"build","title":"Step","handsOn":"10 min"}""",
        make: v => new StepSpec(v),
        fields:
        [
            Id,
            Kind,
            Stage,
            Title,
            After,
            HandsOn,
            Grams,
            Parts,
            Tools,
            JoinsA,
            JoinsB,
            JointKind,
            Coat,
            KeepClear,
            Hold,
            Moves,
            DryFit,
            Orientation,
            Mirror,
            Fits,
            WorksOn,
            Closes,
            Reach,
            Covers,
            Reaches,
            Hides,
            Disturbs,
            Readies,
            School,
            Transmitter,
            Throttle,
            Pack,
            Motor,
            Stabiliser,
            Powered,
            Unpowered,
            People,
            Cautions,
            Text,
            Page,
        ],
        inners: [Mark.List, Tap.List],
        made: [Repairs, Hot, Side],
        optional: true
    );

    public static readonly SheetPage<PlainPage> StepsPage = new("steps", "Steps", v => new PlainPage(v), [], [List]);
}
