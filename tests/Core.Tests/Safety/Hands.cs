using Zygotome.Core.Bind;
using Zygotome.Core.Safety;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Tests.Safety;

/// <summary>What these tests have in their hands.</summary>
internal static class Hands
{
    public static readonly SpecSheet Transport = Bench.Sheet("carrow-mail-1900");
    public static readonly SpecSheet Biplane = Bench.Sheet("brindle-pair");
    public static readonly SpecSheet Sailplane = Bench.Sheet("lowen-2600");

    public static LampsSaid Connect(SpecSheet sheet) => Bench.Lamp(sheet, LampKind.Pack, LampIs.Connected);

    public static LampId Propeller(string motor) => new(LampKind.Propeller, motor);

    public static readonly LampId Transmitter = new(LampKind.Transmitter);

    public static Bench Bound(SpecSheet sheet)
    {
        var bench = new Bench(sheet).Unpacked().Steps(Stage.Build).Steps(Stage.Wire).Power();
        bench.Do(new Bound("MEMORY", 2, sheet.Radio.BindMethods[0]));
        return bench;
    }
}
