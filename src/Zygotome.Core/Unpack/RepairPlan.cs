using System.Collections.Immutable;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>What a repair takes: minutes at the bench, the joint it makes, glue, mass added (g), cure (min).</summary>
/// <param name="Possible">False where nothing is mended and only a new part does.</param>
public sealed record RepairPlan(
    bool Possible,
    double Minutes,
    BondSpec? Bond,
    string Glue,
    double HandleMinutes,
    double FullMinutes,
    double Grams,
    string Words,
    ImmutableArray<string> Cautions
)
{
    /// <summary>
    /// The damaged part out and a new one in: a base of minutes, more where it grounds and for length.
    /// </summary>
    public static RepairPlan Replacing(Finding f) =>
        new(
            Possible: true,
            Minutes: Math.Round(15 + (FindingGrades.Grounds(f.PlaceKind) ? 15 : 0) + (f.Size / 20)),
            Bond: null,
            Glue: "none",
            HandleMinutes: 0,
            FullMinutes: 0,
            Grams: 0,
            Words: "The damaged part out, the new one in as its step in the manual says.",
            Cautions: []
        );

    /// <summary>
    /// From place, kind and size (mm): a base of minutes for the kind, more for length; the adhesive by the material.
    /// </summary>
    public static RepairPlan Of(SpecSheet sheet, Finding f)
    {
        if (Mending.Of(f.PlaceKind, f.Kind) is { Glued: false } mending)
        {
            return new RepairPlan(
                Possible: mending.Possible,
                Minutes: mending.Minutes + Math.Round(f.Size / 100),
                Bond: null,
                Glue: "none",
                HandleMinutes: 0,
                FullMinutes: 0,
                Grams: 0,
                Words: mending.Words,
                Cautions: []
            );
        }

        var material =
            f.PlaceKind == PlaceKind.Canopy ? "clear canopy plastic"
            : sheet.Kit.Material.Length > 0 ? sheet.Kit.Material
            : "EPO";
        if (f.Kind == FindingKind.Dent && f.Grading.Grade == Grade.Cosmetic)
        {
            return new RepairPlan(
                Possible: true,
                Minutes: 8,
                Bond: null,
                Glue: "none",
                HandleMinutes: 0,
                FullMinutes: 0,
                Grams: 0,
                Words: "Warm it with a damp cloth until it rises, touch in the colour.",
                Cautions: []
            );
        }

        var perHundred = f.Kind switch
        {
            FindingKind.Crush or FindingKind.Crease => 20,
            FindingKind.Parting => 12,
            _ => 14,
        };
        var first = FindingGrades.Grounds(f.PlaceKind) ? 25 : 12;
        var minutes = Math.Round(first + (perHundred * f.Size / 100));
        var glue = AdhesiveAdviser.For(
            material,
            f.PlaceKind == PlaceKind.Spar ? "carbon" : material,
            f.PlaceKind switch
            {
                PlaceKind.Hinge => "hinge",
                PlaceKind.Canopy => "canopy",
                PlaceKind.Servo => "servo",
                _ => "structural",
            }
        );
        var grams = Numbers.Round(Math.Round((1 + (f.Size * 0.03)) * glue.GramsFactor, 1));
        return new RepairPlan(
            Possible: true,
            Minutes: minutes,
            Bond: new BondSpec(material, f.PlaceKind == PlaceKind.Spar ? "carbon" : material, glue.Job),
            Glue: glue.Name,
            HandleMinutes: glue.HandleMinutes,
            FullMinutes: glue.FullMinutes,
            Grams: grams,
            Words: $"{glue.Preparation} {glue.Name}, {Numbers.Say(glue.HandleMinutes)} min to "
                + $"handle.{(f.PlaceKind == PlaceKind.Hinge ? " Free movement before it sets and after." : "")}",
            Cautions: [.. glue.Harms.Select(h => $"Not here: {h}.")]
        );
    }
}
