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
    Twisted,
    Stiff,
    Rough,
    Binding,
    Tacky,
    Dead,
    OutOfHousing,
    MissingScrew,
    AssembledWrongly,
    Gap,
}
