namespace Zygotome.Core.Sheets;

/// <summary>Which way a surface was seen to go.</summary>
public enum Movement
{
    Up,
    Down,
    Right,
    Left,
    Out,
    None,

    /// <summary>Of what comes out: it goes in instead.</summary>
    In,
}
