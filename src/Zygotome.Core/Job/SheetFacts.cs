using System.Collections.Immutable;
using Zygotome.Core.Receive;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Plausibility;

namespace Zygotome.Core.Job;

/// <summary>What lists say of a sheet revision: made once, as the sheet never changes.</summary>
/// <param name="Doubts">How many of its numbers are doubted, answered or not.</param>
/// <param name="PacksTogether">How several packs fly together; empty for one.</param>
public sealed record SheetFacts(
    string Id,
    int Revision,
    string Name,
    string Maker,
    string Class,
    string Source,
    string Hash,
    int Throws,
    int Parts,
    int Steps,
    int Assumed,
    int Doubts,
    ImmutableArray<string> Configurations,
    string PacksTogether
)
{
    /// <summary>Of a sheet as it is on file.</summary>
    public static SheetFacts Of(SpecSheet s) =>
        new(
            Id: s.Kit.Id,
            Revision: s.Kit.Revision,
            Name: s.Kit.Name,
            Maker: s.Kit.Maker,
            Class: s.Kit.Class,
            Source: s.Kit.Source,
            Hash: s.Hash,
            Throws: s.Throws.Length,
            Parts: s.Parts.Length,
            Steps: s.Steps.Length,
            Assumed: s.Assumed.Length,
            Doubts: Plausible.Of(s).Count,
            Configurations: [.. s.Balance.Configurations.Select(c => c.Name)],
            PacksTogether: PackPower.Together(s)
        );
}
