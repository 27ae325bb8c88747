using System.Collections.Immutable;

namespace Zygotome.Core.Sheets;

/// <summary>
/// What holds two materials for a job of the joint, what harms there, and its usual times in minutes at 20 °C.
/// </summary>
public sealed record AdhesiveAdvice(
    string Name,
    string Job,
    string Preparation,
    ImmutableArray<string> Harms,
    double HandleMinutes,
    double FullMinutes,
    double GramsFactor
);
