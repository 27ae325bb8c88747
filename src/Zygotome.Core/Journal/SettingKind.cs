namespace Zygotome.Core.Journal;

/// <summary>What a setting is one of. A setting stays in aircraft and radio until somebody sets it otherwise.</summary>
public enum SettingKind
{
    /// <summary>Which pack flies.</summary>
    Pack,

    /// <summary>Where its front lies; of a configuration that states its own place, else of all.</summary>
    PackPlace,

    /// <summary>Pieces at a station.</summary>
    Ballast,

    /// <summary>One add-on and what it weighs where.</summary>
    Payload,

    Receiver,

    Transmitter,

    /// <summary>The model memory that is bound.</summary>
    Memory,

    /// <summary>How far a receiver channel goes one way, %.</summary>
    EndPoint,

    /// <summary>What a function at a rate or position has of the end points, one side of the stick, %.</summary>
    Share,

    /// <summary>Trim or sub-trim of a surface.</summary>
    Trim,

    /// <summary>Whether a channel, by its name, is reversed.</summary>
    Reverse,

    /// <summary>What is mixed into a function.</summary>
    Mix,

    Expo,

    /// <summary>How strongly the stabiliser corrects.</summary>
    Gain,

    /// <summary>What the stabiliser was told of the surfaces.</summary>
    SurfaceCount,

    ThrottleCut,

    /// <summary>Whether an axis is reversed in the stabiliser.</summary>
    Correction,

    /// <summary>Which switch something is on, and what it does at each of its positions.</summary>
    Switch,

    /// <summary>A pushrod, clevis, hole, arm side or spline of a surface.</summary>
    Linkage,

    /// <summary>Aboard or off, of one motor; its mass placed counts as aboard.</summary>
    Propeller,

    /// <summary>
    /// How something is done on this job where practitioners differ; of those that change wiring or weight.
    /// </summary>
    School,

    /// <summary>As what the kit is built, where its box can be built as several.</summary>
    KitOption,

    /// <summary>A value of the sheet that evidence used.</summary>
    SheetValue,
}
