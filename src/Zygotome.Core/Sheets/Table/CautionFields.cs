using Zygotome.Core.Sheets.Trueness;

namespace Zygotome.Core.Sheets.Table;

/// <summary>What is printed as a caution, and limits of trueness.</summary>
public static class CautionFields
{
    public static readonly TextsField Cautions = new("cautions", "printed cautions");

    /// <summary>How true the airframe has to be.</summary>
    public static class Trueness
    {
        public static readonly TextField Kind = new("kind", "what")
        {
            Means =
                "tip to tail, tip to nose, tail tilt, dihedral, incidence, one against the other, fin upright, "
                + "fin toe, thrust line right or down, protrusion, panel lines, horn in line, horn square, hinge "
                + "force; anything else is read as one number.",
        };

        public static readonly TextField Limit = new("limit", "limit")
        {
            Means = "\"± 4 mm\", \"1 deg ± 0.5 deg\", \"5 g to 40 g\"; left out, the shop's.",
        };

        public static readonly TextField Of = new("of", "of")
        {
            Refers = Reference.TruePart,
            Means = "The wing, tail, fin, motor, place or surface it is of; left out, what its words mean.",
        };

        public static readonly TextsField At = new("at", "read at")
        {
            Refers = Reference.Step,
            Means = "Steps at which it can still be moved: it is read there before they are done, and again once set.",
        };

        public static readonly SheetList<TruthRow> List = new(
            "trueness",
            "trueness limit",
            """{"kind":"tip to tail","limit":"± 4 mm"}""",
            v => new TruthRow(v),
            [Kind, Limit, Of, At]
        );
    }

    public static readonly SheetPage<PlainPage> Page = new(
        "cautions",
        "Cautions",
        v => new PlainPage(v),
        [Cautions],
        [Trueness.List]
    );
}
