using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Receive;

/// <summary>What can be said at the counter: does the pack fit its bay, are the ports enough.</summary>
public static class ReceiveRequirements
{
    // What is undecided there is asked for where it is measured.
    private static readonly string[] LinesOfTheirOwn =
    [
        "$.throws",
        "$.balance.configurations",
        "$.balance.allUpWeight",
        "$.balance.lateral",
    ];

    public static IEnumerable<Claim> Claims(JobState state)
    {
        var evidence = state.Opening!;
        var pack = state.Settings.Of(new Setting(SettingKind.Pack)) ?? "";
        var (fits, fitWords) = PackFits(state.Sheet, state.Receive.Battery!);
        yield return new Claim(
            new Requirement("receive/pack-fits", Stage.Receive, "The pack fits its bay"),
            fits ? Standing.Met : Standing.NotMet,
            state.Receive.Battery!.Length.Text,
            fitWords,
            evidence
        )
        {
            Object = pack,
        };
        if (PackPower.Judge(state.Sheet, state.Receive.Battery!) is { } power)
        {
            yield return new Claim(
                new Requirement("receive/pack-suits", Stage.Receive, "The pack has the cells and gives the current"),
                power.Suits ? Standing.Met : Standing.NotMet,
                $"{state.Receive.Battery!.Cells} cells",
                power.Why,
                evidence
            )
            {
                Object = pack,
            };
        }

        var (ports, portWords) = PortsEnough(
            state.Sheet,
            state.Receive.ReceiverChannels,
            state.Receive.Receiver?.Ports
        );
        yield return new Claim(
            new Requirement("receive/ports", Stage.Receive, "The receiver has the ports"),
            ports ? Standing.Met : Standing.NotMet,
            $"{state.Receive.ReceiverChannels} channels",
            portWords,
            evidence
        )
        {
            Object = $"{state.Settings.Of(new Setting(SettingKind.Receiver))}: {portWords}",
        };
        var confirmed = new Requirement(
            "sheet/confirmed",
            Stage.Receive,
            $"Sheet revision {state.Receive.SheetRevision} confirmed by a lead",
            Concedable: Concedable.Never
        );
        yield return state.Receive.Confirmed.TryGetValue(state.Built.Hash, out var confirmation)
            ? new Claim(confirmed, Standing.Met, "confirmed", $"By {confirmation.By.Name}.", evidence)
            : Claim.NotShown(confirmed, "No lead has looked through this revision against the paper.");
        foreach (var claim in Mistakes(state, evidence))
        {
            yield return claim;
        }

        foreach (var (section, words, paths) in AssumedSections.Of(state.Sheet))
        {
            var count = paths.Length;
            var requirement = new Requirement(
                $"sheet/assumed/{section}",
                Stage.Receive,
                $"Assumed in {words}",
                "the maker's numbers"
            );
            yield return new Claim(
                requirement,
                Standing.NotMet,
                $"{count} assumed",
                $"{count} {(count == 1 ? "value is" : "values are")} in proportion only, not the maker's. Correct "
                    + $"them against the paper, or a lead accepts them with a reason.",
                evidence
            )
            {
                Object = string.Join(", ", paths),
            };
        }

        foreach (
            var path in state.Sheet.Undecided.Where(u =>
                !LinesOfTheirOwn.Any(own => u.StartsWith(own, StringComparison.Ordinal))
            )
        )
        {
            yield return new Claim(
                new Requirement(
                    $"sheet/undecided/{path}",
                    Stage.Receive,
                    $"The manual contradicts itself: {path[2..]}"
                ),
                Standing.NotMet,
                "undecided",
                "Two statements, and nobody has decided which counts.",
                evidence
            );
        }
    }

    // Never conceded: a misspelt name may have dropped a step or an interlock. A lead moves the job to a mended revision.
    private static IEnumerable<Claim> Mistakes(JobState state, Evidence evidence) =>
        from mistake in state.Sheet.Mistakes
        group mistake.Text by mistake.Path into place
        select new Claim(
            new Requirement(
                $"sheet/mistake/{place.Key}",
                Stage.Receive,
                $"Spec sheet: {SheetError.Place(place.Key)}",
                Concedable: Concedable.Never
            ),
            Standing.NotMet,
            "a mistake",
            $"{string.Join(" ", place)} A mended revision of the sheet takes this away.",
            evidence
        );

    /// <summary>
    /// Length, width and height (mm) against the bay; a measure the sheet does not state is not judged.
    /// </summary>
    public static (bool Fits, string Why) PackFits(SpecSheet sheet, Battery battery)
    {
        if (sheet.Geometry.Bay is not { } bay)
        {
            return (true, "The sheet states no battery bay.");
        }

        (double Pack, double Bay, string What)[] sides =
        [
            ((double)battery.Length.Nominal, bay.To - bay.From, "long"),
            ((double)battery.Width.Nominal, bay.Width, "wide"),
            ((double)battery.Height.Nominal, bay.Height, "high"),
        ];
        var tooBig = sides.Where(s => s.Bay > 0 && Numbers.Round(s.Pack - s.Bay) > 0).ToArray();
        return tooBig.Length == 0
            ? (true, $"{Numbers.Say(sides[0].Bay - sides[0].Pack)} mm of its bay is left to move it in.")
            : (
                false,
                "The pack is "
                    + string.Join(" and ", tooBig.Select(s => $"{Numbers.Say(s.Pack - s.Bay)} mm too {s.What}"))
                    + " for its bay."
            );
    }

    /// <summary>
    /// One channel and one port for each function; the sheet's functions are those that need a port. A receiver may
    /// have fewer ports than channels.
    /// </summary>
    /// <param name="ports">Null where nobody counted them: as many as channels.</param>
    public static (bool Enough, string Why) PortsEnough(SpecSheet sheet, int channels, int? ports = null)
    {
        var needed = sheet.Radio.Functions.Length;
        var there = Math.Min(channels, ports ?? channels);
        var words = $"{needed} needed ({string.Join(", ", sheet.Radio.Functions)}), ";
        return there >= needed
            ? (true, $"{words}{there - needed} to spare.")
            : (
                false,
                $"{words}{needed - there} short{(there < channels ? $": {channels} channels, but {there} ports" : "")}."
            );
    }
}
