namespace Zygotome.Core.Drawing;

/// <summary>How far a drawn part has got: dotted, bold, inked.</summary>
public enum Ink
{
    NotFitted,
    InHand,
    Fitted,
}
