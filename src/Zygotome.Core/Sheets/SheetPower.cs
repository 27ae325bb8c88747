using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>Reads what is electric: motors, controllers, packs, servos and leads.</summary>
internal static class SheetPower
{
    public static PowerSpec Read(SheetNode root) =>
        new(
            PowerFields.Motor.List.Read(root, Motor),
            PowerFields.Pack.List.Read(root, Pack),
            PowerFields.Duty.Read(root)
        )
        {
            Order = PowerFields.Order.Read(root),
            Controllers = PowerFields.Controller.List.Read(root, Controller),
            Regulator = root.At(PowerFields.Regulator).Exists
                ? new RegulatorSpec(
                    PowerFields.RegulatorKind.Read(root),
                    PowerFields.RegulatorVolts.Read(root),
                    PowerFields.RegulatorContinuous.Read(root),
                    PowerFields.RegulatorPeak.Read(root)
                )
                : null,
        };

    private static MotorSpec Motor(SheetNode n) =>
        new(
            Id: PowerFields.Motor.Id.Read(n),
            Kind: PowerFields.Motor.Kind.Read(n),
            Propeller: PowerFields.Motor.Propeller.Read(n),
            Mass: PowerFields.Motor.Mass.Read(n),
            At: PowerFields.Motor.At.Read(n),
            Y: PowerFields.Motor.Y.Read(n),
            Draw: PowerFields.Motor.Draw.Read(n)
        )
        {
            Turns = PowerFields.Motor.Turns.Read(n),
            Controller = PowerFields.Motor.Controller.Read(n),
        };

    private static ControllerSpec Controller(SheetNode n) =>
        new(
            PowerFields.Controller.Id.Read(n),
            PowerFields.Controller.Rating.Read(n),
            PowerFields.Controller.Cells.Read(n)
        );

    private static PackSpec Pack(SheetNode n) =>
        new(PowerFields.Pack.Cells.Read(n), PowerFields.Pack.Capacity.Read(n))
        {
            Connector = PowerFields.Pack.Connector.Read(n),
            Count = PowerFields.Pack.Count.Read(n),
            Joined = PowerFields.Pack.Joined.Read(n),
            Order = PowerFields.Pack.Order.Read(n),
            Mass = PowerFields.Pack.Mass.Read(n),
            Length = PowerFields.Pack.Length.Read(n),
        };

    public static ServoSpec Servo(SheetNode n) =>
        new(
            Id: RadioFields.Servo.Id.Read(n),
            Drives: RadioFields.Servo.Drives.Read(n),
            Working: RadioFields.Servo.Working.Read(n),
            Stall: RadioFields.Servo.Stall.Read(n),
            Torque: RadioFields.Servo.Torque.Read(n),
            Lead: RadioFields.Servo.Lead.Read(n)
        );

    public static LeadSpec Lead(SheetNode n) =>
        new(
            RadioFields.Lead.Id.Read(n),
            RadioFields.Lead.Label.Read(n),
            RadioFields.Lead.From.Read(n),
            RadioFields.Lead.Reach.Read(n),
            RadioFields.Lead.Separable.Read(n) ?? false
        );
}
