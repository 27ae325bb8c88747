namespace Zygotome.Core.Jobs;

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

    /// <summary>A pushrod, clevis, hole, arm side or spline of a surface.</summary>
    Linkage,

    /// <summary>Aboard or off, of one motor; its mass placed counts as aboard.</summary>
    Propeller,

    /// <summary>How something is done on this job where practitioners differ; of those that change wiring or weight.</summary>
    School,

    /// <summary>A value of the sheet that evidence used.</summary>
    SheetValue,
}

/// <summary>One setting: <c>end-point/elevon-left/up</c>.</summary>
/// <param name="Of">Which one, where there are several.</param>
/// <param name="At">Which side, way, part or surface of it.</param>
public readonly record struct Setting(SettingKind Kind, string Of = "", string At = "")
{
    /// <summary>
    /// What it counts as until somebody says it; null where that is not known, so that a first word on it is a word on
    /// what was there all along.
    /// </summary>
    public string? Unsaid =>
        Kind switch
        {
            SettingKind.EndPoint => "100 %",
            SettingKind.Ballast => "0 pieces",
            SettingKind.Trim => "0",
            SettingKind.Reverse => "normal",
            SettingKind.Memory => "not bound",
            SettingKind.Payload => "not aboard",
            SettingKind.Linkage => "as built",
            SettingKind.School => Receive.Schools.Find(Of)?.Default.Text,
            _ => null,
        };

    public override string ToString() =>
        string.Join('/', new[] { $"{Kind}", Of, At }.Where((part, i) => i == 0 || part.Length > 0));
}
