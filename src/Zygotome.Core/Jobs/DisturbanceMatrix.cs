using Zygotome.Core.SpecSheets;

namespace Zygotome.Core.Jobs;

/// <summary>
/// What disturbs what: the one place where it is written down. See docs/formats/journal.md for the table.
/// </summary>
public static class DisturbanceMatrix
{
    /// <summary>Another battery: the weight and where it sits.</summary>
    public static Aspect[] AnotherBattery { get; } = [new(AspectKind.Mass), new(AspectKind.Balance)];

    /// <summary>Another receiver: everything that was bound and shown through the old one, and its weight.</summary>
    public static Aspect[] AnotherReceiver { get; } =
    [
        new(AspectKind.Bind),
        new(AspectKind.Failsafe),
        new(AspectKind.Range),
        new(AspectKind.Mass),
        new(AspectKind.Balance),
        Every(AspectKind.Direction),
        Every(AspectKind.Throw),
        Every(AspectKind.Neutral),
    ];

    /// <summary>Bound again, or another model memory: the settings behind it are others.</summary>
    public static Aspect[] BoundAgain { get; } =
    [
        new(AspectKind.Failsafe),
        new(AspectKind.Range),
        Every(AspectKind.Direction),
        Every(AspectKind.Throw),
        Every(AspectKind.Neutral),
    ];

    public static Aspect[] PackMoved { get; } = [new(AspectKind.Balance)];

    public static Aspect[] BallastChanged { get; } = [new(AspectKind.Mass), new(AspectKind.Balance)];

    public static Aspect[] TrimSet(string surface) =>
        [new(AspectKind.Neutral, surface), new(AspectKind.Throw, surface)];

    public static Aspect[] Reversed(string surface) =>
        [
            new(AspectKind.Direction, surface),
            new(AspectKind.Throw, surface),
            new(AspectKind.Neutral, surface),
            new(AspectKind.Failsafe),
        ];

    /// <summary>
    /// A pushrod, clevis, hole or arm: where the surface stands, how far and how freely it moves, and which way.
    /// </summary>
    public static Aspect[] LinkageMoved(string surface) =>
        [
            new(AspectKind.Neutral, surface),
            new(AspectKind.Throw, surface),
            new(AspectKind.Freedom, surface),
            new(AspectKind.Direction, surface),
        ];

    /// <summary>
    /// A repair or replacement: weight and balance always; what moves there, if something does; trueness of what
    /// carries.
    /// </summary>
    public static Aspect[] Repaired(SpecSheet sheet, string place, Unpack.PlaceKind kind)
    {
        List<Aspect> found = [new(AspectKind.Mass), new(AspectKind.Balance)];
        if (sheet.Surface(place) is { } surface)
        {
            found.AddRange(
                kind is Unpack.PlaceKind.Servo or Unpack.PlaceKind.Horn or Unpack.PlaceKind.Linkage
                    ? LinkageMoved(surface.Id)
                    :
                    [
                        new(AspectKind.Neutral, surface.Id),
                        new(AspectKind.Throw, surface.Id),
                        new(AspectKind.Freedom, surface.Id),
                    ]
            );
        }
        else if (
            kind
            is Unpack.PlaceKind.Spar
                or Unpack.PlaceKind.Joint
                or Unpack.PlaceKind.Skin
                or Unpack.PlaceKind.MotorMount
        )
        {
            found.Add(new(AspectKind.Trueness));
        }
        else if (kind is Unpack.PlaceKind.ReceiverPower)
        {
            found.AddRange([new(AspectKind.Failsafe), new(AspectKind.Range)]);
        }

        return [.. found];
    }

    private static Aspect Every(AspectKind kind) => new(kind, Aspect.Every);
}
