namespace Zygotome.Core.Drawing;

/// <summary>How far a drawn part has got: dotted, bold, inked, dim.</summary>
public enum Ink
{
    NotFitted,
    InHand,
    Fitted,

    /// <summary>Fitted, and hidden for good by what was closed over it.</summary>
    ClosedIn,
}
