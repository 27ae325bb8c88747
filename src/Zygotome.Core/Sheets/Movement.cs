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
}
