namespace Zygotome.Core.Sheets.Table;

/// <summary>
/// What a field names, where it names something else of the sheet: one that leads nowhere is a mistake at its path.
/// </summary>
/// <param name="Key">As a form knows it.</param>
/// <param name="Noun">As people are told that there is none: "step".</param>
/// <param name="Of">The names there are, in the sheet's order.</param>
public sealed record Reference(string Key, string Noun, Func<SpecSheet, IEnumerable<string>> Of)
{
    public static readonly Reference Surface = new("surface", "surface", s => s.Surfaces.Select(f => f.Id));

    /// <summary>All of a kind at once, or one.</summary>
    public static readonly Reference Surfaces = new(
        "surfaces",
        "surface or kind of surface",
        s => s.Surfaces.SelectMany(f => new[] { f.Id, f.Kind })
    );

    public static readonly Reference SurfaceOrChannel = new(
        "moved",
        "surface, output or channel",
        s => s.Surfaces.Select(f => f.Id).Concat(s.Outputs.Select(o => o.Id)).Concat(s.Radio.Functions)
    );

    public static readonly Reference Lifting = new(
        "lifting",
        "lifting surface or fin",
        s => s.Geometry.Lifting.Select(l => l.Id).Concat(s.Geometry.Fins.IsEmpty ? [] : [Places.Fin])
    )
    {
        Also = (s, name) => !s.Geometry.Fins.IsEmpty && Places.IsNamed(Places.Fin, name),
    };

    /// <summary>What can stand true or not.</summary>
    public static readonly Reference TruePart = new(
        "truePart",
        "lifting surface, fin, motor, place or surface",
        s =>
            s.Geometry.Lifting.Select(l => l.Id)
                .Concat(s.Geometry.Fins.Select((_, i) => s.Geometry.FinPart(i)))
                .Concat(s.Power.Motors.Select(m => m.Id))
                .Concat(s.Geometry.Placed.Select(p => p.Id))
                .Concat(s.Surfaces.SelectMany(f => new[] { f.Id, f.Kind }))
    );

    /// <summary>What the drawing has: halves, fins, surfaces, bodies, wheels, motors and places.</summary>
    public static readonly Reference Drawn = new(
        "drawn",
        "part of the drawing",
        s => DrawnParts.Of(s).Select(p => p.Part).Concat(s.Geometry.Placed.Select(p => p.Id))
    )
    {
        Also = (s, name) => DrawnParts.Of(s).Any(p => Places.IsNamed(name, p.Part)),
    };

    public static readonly Reference Motor = new("motor", "motor", s => s.Power.Motors.Select(m => m.Id));

    public static readonly Reference Controller = new(
        "controller",
        "controller",
        s => s.Power.Controllers.Select(c => c.Id)
    );

    /// <summary>Where a lead comes from.</summary>
    public static readonly Reference Wired = new(
        "wired",
        "servo, controller, motor or channel",
        s =>
            s.Servos.Select(v => v.Id)
                .Concat(s.Power.Controllers.Select(c => c.Id))
                .Concat(s.Power.Motors.Select(m => m.Id))
                .Concat(s.Radio.Functions)
    );

    public static readonly Reference Part = new("part", "part", s => s.Parts.Select(p => p.Id));

    public static readonly Reference Step = new("step", "step", s => s.Steps.Select(p => p.Id));

    public static readonly Reference Option = new("option", "kit option", s => s.Kit.Options.Select(o => o.Id));

    public static readonly Reference Wheel = new("wheel", "wheel", s => s.Geometry.Wheels.Select(w => w.Id));

    public static readonly Reference Board = new("board", "board", s => s.Boards.Select(b => b.Id));

    /// <summary>Every kind of reference there is.</summary>
    public static IReadOnlyList<Reference> All { get; } =
    [
        Surface,
        Surfaces,
        SurfaceOrChannel,
        Lifting,
        TruePart,
        Drawn,
        Motor,
        Controller,
        Wired,
        Part,
        Step,
        Option,
        Wheel,
        Board,
    ];

    /// <summary>Further names that lead somewhere; null where there are none.</summary>
    private Func<SpecSheet, string, bool>? Also { get; init; }

    /// <summary>Whether a name leads somewhere.</summary>
    public bool Leads(SpecSheet sheet, string name) => Of(sheet).Contains(name) || Also?.Invoke(sheet, name) == true;
}
