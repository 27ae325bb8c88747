namespace Zygotome.Core.Sheets;

/// <summary>What a finding is about, as far as judging it goes.</summary>
public enum PlaceKind
{
    Hinge,
    Spar,
    Joint,
    Horn,
    Linkage,
    Servo,
    MotorMount,
    Propeller,
    GearRetention,
    ReceiverPower,
    Skin,
    Canopy,
    ScalePart,
    Decal,
    Motor,
    Lead,
    Light,
}
