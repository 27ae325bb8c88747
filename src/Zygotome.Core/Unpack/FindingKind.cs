namespace Zygotome.Core.Unpack;

/// <summary>What is wrong there.</summary>
public enum FindingKind
{
    Crack,
    Crush,
    Crease,
    Dent,
    Parting,
    Loose,
    Bent,
    Scuff,
}
