namespace Zygotome.Core.Sheets.Trueness;

/// <summary>What of an airframe can stand true or not.</summary>
public enum TruthKind
{
    /// <summary>From each wing tip to one point in the middle.</summary>
    Diagonals,

    /// <summary>From each wing tip to the tip of the tail on its side.</summary>
    Square,

    /// <summary>The tail level with the wing.</summary>
    Tilt,

    /// <summary>How far one wing tip stands above its root.</summary>
    Dihedral,

    /// <summary>How far a leading edge stands above its trailing edge.</summary>
    Incidence,

    /// <summary>The incidence of one against the other's.</summary>
    Against,

    /// <summary>How far a fin leans, to the right +.</summary>
    Upright,

    /// <summary>How far the top of a fin beside the middle leans out.</summary>
    Cant,

    /// <summary>How much nearer the middle a fin's leading edge is.</summary>
    Toe,

    /// <summary>How far a motor's shaft points to the right.</summary>
    RightThrust,

    /// <summary>How far a motor's shaft points down.</summary>
    DownThrust,

    /// <summary>A spar or joiner that sticks out equally each side.</summary>
    Protrusion,

    /// <summary>Panels or lines that meet.</summary>
    Lines,

    /// <summary>A control horn in line with its servo arm.</summary>
    HornLine,

    /// <summary>A control horn square to its hinge.</summary>
    HornSquare,

    /// <summary>How hard a surface is to bring to full throw, at its trailing edge.</summary>
    HingeForce,

    /// <summary>Left against right of anything else.</summary>
    Sides,

    /// <summary>One number, in the sheet's own words.</summary>
    Plain,
}

/// <summary>How what is read becomes one number.</summary>
public enum TruthSum
{
    /// <summary>The one reading.</summary>
    Single,

    /// <summary>The first less the second.</summary>
    Difference,

    /// <summary>Two strings from one point to both ends of a base: how far it stands off the base's middle.</summary>
    Strings,

    /// <summary>The one that is further off.</summary>
    Worst,
}
