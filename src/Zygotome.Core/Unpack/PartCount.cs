using Zygotome.Core.Sheets;

namespace Zygotome.Core.Unpack;

/// <summary>How a part stands against the list.</summary>
public enum CountStanding
{
    NotCounted,
    AllHere,
    Missing,
    Extra,
    Wrong,
}

/// <summary>A part against the list, and the steps a shortage blocks.</summary>
public sealed record PartCount(
    PartSpec Part,
    int Present,
    int WrongOnes,
    CountStanding Standing,
    int Short,
    IReadOnlyList<string> BlocksSteps
);
