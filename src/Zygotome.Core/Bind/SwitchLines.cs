using Zygotome.Core.Journal;
using Zygotome.Core.Sheets;

namespace Zygotome.Core.Bind;

/// <summary>
/// What the ledger asks of switches: each use has one, none shares what kills, each position tried whole.
/// </summary>
internal static class SwitchLines
{
    public static IEnumerable<Requirement> Of(JobState state)
    {
        var rows = SwitchTable.Of(state);
        var clashes = SwitchTable.Clashes(state);
        foreach (var use in SwitchUses.Of(state.Sheet))
        {
            var row = rows.FirstOrDefault(r => r.Use == use);
            var clash = clashes.FirstOrDefault(c => c.Uses.Contains(use.Id));
            yield return new Requirement(
                new SwitchId(use.Id),
                clash is { IsDeadly: true } ? Concedable.Never : Concedable.ByLead,
                Requirement.Stands(row is null ? null : clash is null),
                new UseFacts(use, row, clash)
            );
        }

        foreach (var whole in SwitchTable.Wholes(state))
        {
            yield return Of(state, whole);
        }
    }

    private static Requirement Of(JobState state, SwitchWhole whole)
    {
        var id = new SwitchWholeId(whole.Switch, whole.At);
        var shown = state.Bind.Tried.GetValueOrDefault(id.Written);
        return new Requirement(
            id,
            whole.Uses.Any(u => u.IsVital) ? Concedable.Never : Concedable.ByLead,
            Requirement.Stands(shown?.AsExpected),
            new WholeFacts(whole, shown)
        )
        {
            Evidence = shown?.Evidence,
            RestsOn = RestsOn(state.Sheet, whole),
        };
    }

    // A reverse may be of anything on it.
    private static Rests RestsOn(SpecSheet sheet, SwitchWhole whole) =>
        Rests
            .On([
                .. from use in whole.Uses
                from of in sheet
                    .Surfaces.Where(s => s.Functions.Contains(use.Id))
                    .Select(s => s.Id)
                    .Concat(sheet.Outputs.Where(o => o.Function == use.Id).Select(o => o.Id))
                select new Aspect(AspectKind.Direction, of),
            ])
            .And([
                .. RadioSettings.Link,
                .. RadioSettings.Reverses(sheet),
                .. whole.Uses.Select(u => new Setting(SettingKind.Switch, u.Id)),
            ]);

    private sealed record UseFacts(SwitchUse Use, SwitchRow? Row, SwitchClash? Clash) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                $"Switch of {Use.Words}",
                string.Join(", ", Use.States),
                "",
                Row is null
                    ? ""
                    : string.Join(
                        ", ",
                        Row.At.OrderBy(p => p.At).Select(p => $"{BindWords.Of(p.At)} {p.Does}").Prepend(Row.On)
                    ),
                Clash is not null ? $"{Clash.Words}."
                    : Row is not null ? "Nothing dangerous shares it."
                    : Use.Id == SwitchUses.Cut ? "Said where the cut is proven."
                    : "Not said which switch."
            );
    }

    private sealed record WholeFacts(SwitchWhole Whole, TriedShown? Shown) : LineFacts
    {
        public override LineWords Words(JobState state) =>
            new(
                Texts.Capital(Whole.Words),
                Whole.Expected,
                "",
                Shown is null ? ""
                    : Shown.AsExpected ? "as the table says"
                    : Shown.Instead,
                Shown?.AsExpected switch
                {
                    null => "Not tried yet.",
                    true => "Tried as a whole.",
                    _ => "Mend the table in the radio, or say it anew here; then try it again.",
                }
            );
    }
}
