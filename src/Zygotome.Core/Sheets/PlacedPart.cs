using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>A place of the sheet as a part of the drawing: one that is the same on both sides is two.</summary>
/// <param name="Part">The part's id. <paramref name="Side"/>: left or right; empty of one that is not mirrored.</param>
public sealed record PlacedPart(string Part, PlacedThing Thing, string Side)
{
    /// <summary>One, or the right and the left of it.</summary>
    public static ImmutableArray<PlacedPart> Of(PlacedThing thing) =>
        thing.Mirror
            ? [new($"{thing.Id}-right", thing, "right"), new($"{thing.Id}-left", thing, "left")]
            : [new(thing.Id, thing, "")];

    /// <summary>−1 where it stands mirrored.</summary>
    public int Sign => Side == "left" ? -1 : 1;

    /// <summary>"left aileron lead".</summary>
    public string Name => Side.Length > 0 ? $"{Side} {Thing.Name.ToLowerInvariant()}" : Thing.Name;

    /// <summary>Half way between its ends, mm aft and mm to the right.</summary>
    public (double X, double Y) Middle => ((Thing.X + Thing.ToX) / 2, Sign * (Thing.Y + Thing.ToY) / 2);

    /// <summary>
    /// What a servo that lies here drives, or a lead that runs here feeds; of a mirrored one what is on its side. Empty
    /// where it is neither.
    /// </summary>
    public ImmutableArray<Surface> Serves(SpecSheet sheet)
    {
        var from = sheet.Leads.FirstOrDefault(l => l.Id == Thing.Of)?.From ?? Thing.Of;
        ImmutableArray<Surface> driven =
        [
            .. sheet.Servos.Where(s => s.Id == from).SelectMany(s => s.Drives).Select(sheet.Surface).OfType<Surface>(),
        ];
        return Side.Length == 0 || driven.All(s => s.Side == Side)
            ? driven
            :
            [
                .. sheet.Surfaces.Where(s =>
                    s.Side == Side
                    && driven.Any(d => d.Pair == s.Pair || d.ComparedWith == s.Id || s.ComparedWith == d.Id)
                ),
            ];
    }
}
