using System.Globalization;
using SkiaSharp;
using Zygotome.Core.Bind;
using Zygotome.Core.Drawing;
using Zygotome.Core.HandOver;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Receive;
using Zygotome.Core.Unpack;

namespace Zygotome.Papers;

/// <summary>What a record is printed from.</summary>
/// <param name="Seal">How far the shop's journal had got, as it can be checked later; empty for none.</param>
public sealed record RecordPaper(
    JobState State,
    Released Released,
    Person By,
    DateTimeOffset At,
    AircraftDrawing Drawing,
    string Seal = ""
);

/// <summary>The sealed record as PDF. Holds no personal data of the owner: the job number stands for them.</summary>
public static class RecordPdf
{
    public static byte[] Render(RecordPaper paper)
    {
        using var stream = new MemoryStream();
        var state = paper.State;
        var title = $"Build record {state.Receive.Number}, record {paper.Released.Number}";
        var metadata = new SKDocumentPdfMetadata
        {
            Title = title,
            Author = state.Rules.Shop,
            Creation = paper.At.UtcDateTime,
            Modified = paper.At.UtcDateTime,
            Producer = "Zygotome",
        };
        using (var document = SKDocument.CreatePdf(stream, metadata))
        {
            using (var sheets = new A4Pages(document, $"{title}    {state.Sheet.Kit.Name}    {state.Rules.Shop}"))
            {
                Head(sheets, paper, title);
                DrawingOnPaper.Put(sheets, paper.Drawing, paper.State.Unpack.Findings, 210);
                Findings(sheets, state);
                Substitutes(sheets, state);
                Owners(sheets, state);
                Requirements(sheets, paper);
                Concessions(sheets, paper);
                NotOnAircraft(sheets, state);
                Set(sheets, state);
                Retractions(sheets, state);
                Cautions(sheets, paper);
            }

            document.Close();
        }

        return stream.ToArray();
    }

    private static void Head(A4Pages s, RecordPaper paper, string title)
    {
        var (state, kit) = (paper.State, paper.State.Sheet.Kit);
        s.Y += 18;
        s.Draw(title, A4Pages.Margin, s.Y, Typefaces.Bold, 18, A4Pages.Ink);
        s.Y += 8;
        s.Paragraph($"{kit.Name}, {kit.Maker}. Spec sheet revision {kit.Revision} ({kit.Source}).", 10.5f);
        s.Paragraph(
            $"Released by {paper.By.Name} on {When(state, paper.At)}, {state.Rules.Shop}. Rules version "
                + $"{paper.Released.RulesVersion}.",
            10.5f
        );
        s.Paragraph(
            state.Receive.Battery is { } battery
                ? $"Flight pack: {battery.Cells} cells, {battery.Capacity.Text}, {battery.Mass.Text}, "
                    + $"{battery.Length.Text} long."
                : "Flight pack: none was chosen."
        );
        s.Paragraph(
            FlightTimer.Minutes(state) is { } minutes
                ? $"Flight timer: {(int)minutes} min {(int)((minutes - (int)minutes) * 60):00} s (four fifths of the "
                    + $"pack at mean draw)."
                : "Flight timer: not computed, the sheet states no draw.",
            9.5f,
            Typefaces.Bold
        );
    }

    private static void Findings(A4Pages s, JobState state)
    {
        s.Heading("Findings and repairs");
        if (state.Unpack.Findings.Count == 0)
        {
            s.Paragraph("None was found.");
        }

        foreach (var f in state.Unpack.Findings)
        {
            s.Paragraph(
                $"{f.Tag}  {UnpackWords.Sized(f.Kind, f.Size)}, {state.Sheet.Geometry.Called(f.Place)}: "
                    + $"{FindingWords.Grade(f.Grading.Grade)} ({f.Grading.Rule}). Found by {f.Evidence.By.Name}, "
                    + $"{When(state, f.Evidence.ObservedAt)}.{(f.Note.Length > 0 ? " " + f.Note : "")}",
                9.5f,
                Typefaces.Bold
            );
            s.Paragraph(WhatCameOf(state, f));
        }
    }

    // A finding that was conceded may have a repair nobody looked at, or none at all: the record says no more than was
    // done.
    private static string WhatCameOf(JobState state, Finding f) =>
        f switch
        {
            { Repair: { } repair } => $"Repaired by {repair.By.Name}, {When(state, repair.ObservedAt)}: {repair.How}. "
                + (
                    f is { Sound: true, ReinspectedBy: { } by }
                        ? $"Re-inspected by {by.Name}{(by.Id == repair.By.Id ? " (self-inspected)" : "")}: sound."
                        : "Not re-inspected."
                ),
            { Disposition: Disposition.UseAsIs } => $"Used as it is, decided by "
                + $"{f.DisposedBy?.Name}.{(f.DispositionReason.Length > 0 ? " " + f.DispositionReason : "")}",
            _ => "Not repaired.",
        };

    private static void Substitutes(A4Pages s, JobState state)
    {
        if (state.Unpack.Substitutes.Count == 0)
        {
            return;
        }

        s.Heading("Substitutes");
        foreach (var x in state.Unpack.Substitutes)
        {
            s.Paragraph(
                $"{x.Quantity} × {x.Size} for {state.Sheet.Part(x.Part)?.Name ?? x.Part}, accepted by "
                    + $"{x.Evidence.By.Name}. {x.Why}{(x.Note.Length > 0 ? $" {x.Note}" : "")}"
            );
        }
    }

    // In place of the kit's own, by whom, and what goes back.
    private static void Owners(A4Pages s, JobState state)
    {
        var r = state.Receive;
        string[] words =
        [
            .. state
                .Sheet.Servos.Where(v => r.Servos.ContainsKey(v.Id))
                .Select(v =>
                    $"{r.Servos[v.Id].Kind.Name} as the servo for {ServoFit.Place(state.Sheet, v.Id)}, by "
                    + $"{r.Servos[v.Id].Evidence.By.Name}."
                ),
            .. state
                .Sheet.Power.Motors.Where(m => r.Drives.ContainsKey(m.Id))
                .Select(m => $"Motor {m.Id}: {r.Drives[m.Id].Kind.Words()}, by {r.Drives[m.Id].Evidence.By.Name}."),
            .. ServoFit.Back(state) is { Length: > 0 } back
                ? [$"Back to the owner: {string.Join("; ", back)}."]
                : Nothing,
            .. r.Flying.Count > 1
                ? [$"Packs flown together, in this order: {string.Join("; then ", r.Flying)}."]
                : Nothing,
            .. r.Carried == Carriage.NotSaid ? Nothing : [$"Carried {Carriages.Of(r.Carried)}."],
        ];
        if (words.Length == 0)
        {
            return;
        }

        s.Heading("The owner's own");
        foreach (var line in words)
        {
            s.Paragraph(line);
        }
    }

    private static readonly string[] Nothing = [];

    private static void Requirements(A4Pages s, RecordPaper paper)
    {
        s.Heading("Every requirement");
        (float X, float Width)[] columns = [(42, 168), (216, 112), (334, 74), (414, 52), (472, 84)];
        string[] heads = ["Requirement", "Limits", "Reading", "Verdict", "Who and when"];
        s.Row([.. columns.Select((c, i) => (c.X, c.Width, heads[i], true, A4Pages.Pencil))]);
        foreach (var line in paper.Released.Ledger)
        {
            var evidence = line.Evidence is { } e
                ? $"{e.By}, {When(paper.State, e.ObservedAt)}{(e.Attempts > 1 ? $", attempt {e.Attempts}" : "")}"
                : "";
            string[] texts = [line.Text, line.Limits, line.Reading, Words(line), evidence];
            s.Row([
                .. columns.Select(
                    (c, i) =>
                        (
                            c.X,
                            c.Width,
                            texts[i],
                            i == 3,
                            i == 3 && line.Standing == Standing.Conceded ? A4Pages.Red : A4Pages.Ink
                        )
                ),
            ]);
        }
    }

    private static void Concessions(A4Pages s, RecordPaper paper)
    {
        var conceded = paper.Released.Ledger.Where(l => l.Standing == Standing.Conceded).ToArray();
        s.Heading("Concessions");
        s.Paragraph(conceded.Length == 0 ? "None." : "");
        foreach (var line in conceded)
        {
            var c = paper.State.Concessions[line.Id];
            s.Paragraph(
                $"{line.Text}: {line.Reading} against {line.Limits}. Conceded by {c.By.Name}, "
                    + $"{When(paper.State, c.At)}: "
                    + $"{c.Reason}{(c.OwnerAcceptance.Length > 0 ? $" The owner wrote: {c.OwnerAcceptance}" : "")}"
            );
        }
    }

    private static void Retractions(A4Pages s, JobState state)
    {
        if (state.Retracted.Count == 0)
        {
            return;
        }

        s.Heading("Retracted");
        foreach (var r in state.Retracted)
        {
            s.Paragraph(
                r.Corrected.Length > 0
                    ? $"{r.Said}: typed wrongly; {r.Corrected} was meant. {r.By.Name}, {When(state, r.At)}: {r.Reason}"
                    : $"{r.Said}: recorded in error. {r.By.Name}, {When(state, r.At)}: {r.Reason}"
            );
        }
    }

    private static void NotOnAircraft(A4Pages s, JobState state)
    {
        if (state.Receive.NotOnAircraft.IsEmpty)
        {
            return;
        }

        s.Heading("Not on this aircraft");
        foreach (var n in state.Receive.NotOnAircraft)
        {
            s.Paragraph($"{n.Line}: {n.Reason}");
        }
    }

    // What stays in aircraft and radio: an owner who changes one of these changes what was shown.
    private static void Set(A4Pages s, JobState state)
    {
        var settings = state.Settings.Now.Where(p => p.Setting.Kind != SettingKind.SheetValue).ToArray();
        if (settings.Length == 0)
        {
            return;
        }

        s.Heading("Set in aircraft and radio");
        foreach (var (setting, now) in settings)
        {
            s.Paragraph($"{SettingWords.Of(state, setting)}: {SettingWords.Value(now.Value)} ({now.By.Name})");
        }
    }

    private static void Cautions(A4Pages s, RecordPaper paper)
    {
        s.Heading("Cautions");
        foreach (var caution in paper.State.Sheet.Cautions)
        {
            s.Paragraph(caution);
        }

        s.Paragraph(
            "Have an experienced pilot or instructor make the first flight where rules or skill ask for it. Follow "
                + "local law, the field's rules, registration and radio rules: this record replaces none of them.",
            9.5f,
            Typefaces.Bold
        );
        if (paper.Seal.Length > 0)
        {
            s.Paragraph(
                $"Seal of the shop's journal when this record was written: {paper.Seal}. Whoever keeps this page can "
                    + $"have "
                    + "the journal checked against it."
            );
        }
    }

    private static string Words(SealedLine line) =>
        line.Standing switch
        {
            Standing.Met => line.Verdict is null ? "met" : "in",
            Standing.Close => "in, close",
            Standing.Conceded => "conceded",
            _ => line.Standing.ToString().ToLowerInvariant(),
        };

    private static string When(JobState state, DateTimeOffset at) =>
        ShopDay.At(state.Rules.TimeZone, at).ToString("d MMM yyyy HH:mm", CultureInfo.InvariantCulture);
}
