namespace Zygotome.Core.Sheets.Plausibility;

/// <summary>What is declared to happen when the signal is lost.</summary>
internal static class RadioFlags
{
    private static readonly string[] Stops = ["low", "stop", "off", "idle", "cut", "zero"];

    public static IEnumerable<Flag> Of(SpecSheet sheet)
    {
        if (sheet.Radio.Failsafe.Likely is not { } declared)
        {
            yield break;
        }

        bool Says(string word) => declared.Contains(word, StringComparison.OrdinalIgnoreCase);
        if (sheet.Power.Motors.Length > 0 && (Says("full") || !Stops.Any(Says)))
        {
            yield return Flag.Of(
                "failsafe",
                "$.radio.failsafe",
                declared,
                $"By \"{declared}\" no motor stops when the signal is lost."
            );
        }
    }
}
