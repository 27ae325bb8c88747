namespace Zygotome.Core.Unpack;

/// <summary>What to do about a finding.</summary>
public enum Disposition
{
    Repair,
    Replace,
    UseAsIs,
    Return,
}
