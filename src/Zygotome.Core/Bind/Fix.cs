namespace Zygotome.Core.Bind;

/// <summary>What is to be done about something that goes the wrong way, cheapest first.</summary>
public enum FixKind
{
    /// <summary>Nothing explains what was seen: look at these calls again.</summary>
    LookAgain,

    /// <summary>One stick alone leaves two answers: call the other too.</summary>
    CallToo,

    /// <summary>It never moved: a plug, half of a Y-lead, an outlet, the servo.</summary>
    Plug,

    /// <summary>Its servo moves something else, but not this: a rod, a horn.</summary>
    Rod,

    /// <summary>No plug and no reversing mends it: the radio mixes it wrongly.</summary>
    Mix,

    /// <summary>Two plugs are in each other's place.</summary>
    SwapPlugs,

    /// <summary>A plug is in a place that is not its own.</summary>
    MovePlug,
    Reverse,

    /// <summary>A channel of its own, which is reversed.</summary>
    OwnChannel,

    /// <summary>The rod on the other side of the servo's arm.</summary>
    ArmSide,

    /// <summary>The rod on the other side of the surface: its servo moves another one the right way.</summary>
    HornSide,
}

/// <summary>One thing to change, or to look at.</summary>
/// <param name="Of">The channel by its name, the drive, the place or the function.</param>
/// <param name="Words">As it begins in the middle of a sentence: "reverse channel 2 (elevon right)".</param>
/// <param name="And">The other drive of two that change places; of an arm a place that it moves.</param>
/// <param name="Or">Other ways to the same, with what they cost; empty where there are none.</param>
public sealed record Fix(FixKind Kind, string Of, string Words, string And = "", string Or = "")
{
    /// <summary>
    /// It is done here and now, with the hands or in the radio, and then everything of its group is right.
    /// </summary>
    public bool Settles => Kind is FixKind.SwapPlugs or FixKind.Reverse or FixKind.ArmSide or FixKind.HornSide;
}
