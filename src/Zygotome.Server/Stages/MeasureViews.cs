using Microsoft.AspNetCore.Http.HttpResults;
using Zygotome.Core;
using Zygotome.Core.Build;
using Zygotome.Core.Job;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.MarkOut;
using Zygotome.Core.Sheets.Trueness;
using Zygotome.Server.Shop;

namespace Zygotome.Server.Stages;

/// <summary>A line on the drawing along which something is read or cut, mm across (right +) and down (aft).</summary>
/// <param name="Cut">cut, score, drill or mark; empty of one that is only read along.</param>
public sealed record MeasureLine(double FromAcross, double FromDown, double ToAcross, double ToDown, string Cut);

/// <summary>Something hidden that a mark must keep off, and how deep it lies.</summary>
public sealed record HiddenView(string Words, IReadOnlyList<MeasureLine> Way);

/// <summary>What is measured at a step: what stands true, or a mark.</summary>
/// <param name="Truth">What it is read of; empty of a mark.</param>
/// <param name="Mark">Which mark of its step; empty of what stands true.</param>
/// <param name="First">Where the ruler goes first; empty where only a gauge reads it.</param>
/// <param name="Second">Where it goes then; empty where one reading is all.</param>
/// <param name="Gauge">Where the angle gauge goes; empty where a ruler alone reads it.</param>
/// <param name="Pair">The gauge goes to two places.</param>
/// <param name="Apart">Whoever reads it says how far the two points are apart.</param>
/// <param name="Said">How it stands and which way it is moved; empty before it is measured.</param>
public sealed record MeasureView(
    string Truth,
    string Mark,
    string Name,
    string Limits,
    bool Shops,
    string First,
    string Second,
    string Gauge,
    bool Pair,
    bool Apart,
    string Said,
    Verdict? Verdict
)
{
    public required IReadOnlyList<MeasureLine> Lines { get; init; }

    public required IReadOnlyList<HiddenView> Hidden { get; init; }

    public required string Unit { get; init; }

    /// <summary>What it is asked with, of several read alike; empty of one alone.</summary>
    public string Among { get; init; } = "";

    /// <summary>Which of them it is: "Left aileron".</summary>
    public string One { get; init; } = "";

    /// <summary>The motor on its mount; null of anything but its thrust line.</summary>
    public MountTilt? Mount { get; init; }
}

/// <summary>How it would stand, as it is typed.</summary>
public sealed record MeasuredNow(Verdict? Verdict, string Phrase, string Advice)
{
    /// <summary>The motor on its mount as typed; null of anything but its thrust line.</summary>
    public MountTilt? Mount { get; init; }
}

/// <summary>What is measured at steps: as it is asked, as it is typed, and on paper at full size.</summary>
internal static class MeasureViews
{
    public static MeasureView Of(JobState state, StepSpec step, StepAsk ask) =>
        ask.Truth is { } truth ? Of(state, truth) : Of(state, step, ask.Mark!);

    public static MeasureView Of(JobState state, Truth truth)
    {
        var shown = state.Build.True.GetValueOrDefault(truth.Id);
        var judged = shown is null ? null : TruthLines.Judged(state, truth, shown);
        return new MeasureView(
            Truth: truth.Id,
            Mark: "",
            Name: truth.Name,
            Limits: truth.Band?.ToString() ?? truth.Said,
            Shops: truth.Shops,
            First: truth.Points.First,
            Second: truth.Points.Second,
            Gauge: truth.Unit == "°" || truth.Points.Base > 0 ? truth.Points.Gauge : "",
            Pair: truth.Kind == TruthKind.Against,
            Apart: truth.Points.Base is null && truth.Unit == "°",
            Said: shown is null ? "" : TruthLines.Said(state, truth, shown),
            Verdict: judged?.Judgement.Verdict
        )
        {
            Lines = [.. truth.Points.Lines.Select(l => new MeasureLine(l.FromY, l.FromX, l.ToY, l.ToX, ""))],
            Hidden = [],
            Unit = truth.Unit,
            Among = truth.Among,
            One = truth.One,
            Mount = MountTilt.Of(truth, judged?.Reading, judged is { Judgement.Releases: true }),
        };
    }

    private static MeasureView Of(JobState state, StepSpec step, Mark mark)
    {
        var shown = state.Build.Marks.GetValueOrDefault($"{step.Id}/{mark.Id}");
        var judged = shown is null ? null : MarkLines.Judged(state, mark, shown.At, shown.U);
        return new MeasureView(
            Truth: "",
            Mark: mark.Id,
            Name: mark.Name,
            Limits: mark.Band?.ToString() ?? "not stated",
            Shops: mark.Shops,
            First: $"from the {mark.Spec.From}",
            Second: "",
            Gauge: "",
            Pair: false,
            Apart: false,
            Said: judged is null ? "" : $"{judged.Phrase}. {MarkBalance.Words(state, mark, shown!.At)}".TrimEnd(),
            Verdict: judged?.Verdict
        )
        {
            Lines =
            [
                .. new[] { Marks.Laid(state.Sheet, mark, shown?.At ?? mark.Wanted) }
                    .OfType<MarkLine>()
                    .Select(l => new MeasureLine(l.FromY, l.FromX, l.ToY, l.ToX, mark.Spec.Does)),
            ],
            Hidden =
            [
                .. Marks
                    .HiddenIn(state.Sheet)
                    .Where(h => MarkLines.IsIn(state, h))
                    .Select(h => new HiddenView(
                        h.Words,
                        [.. h.Way.Zip(h.Way.Skip(1), (a, b) => new MeasureLine(a.Y, a.X, b.Y, b.X, ""))]
                    )),
            ],
            Unit = "mm",
        };
    }

    public static void MapMeasured(this IEndpointRouteBuilder app)
    {
        app.MapGet("/api/jobs/{id}/measured", Now);
        app.MapGet("/api/jobs/{id}/marks", Template);
    }

    private static Results<Ok<MeasuredNow>, ProblemHttpResult> Now(
        string id,
        string instrument,
        string first,
        JobDesk desk,
        ShopSettings settings,
        string? truth = null,
        string? step = null,
        string? mark = null,
        string? second = null,
        string? apart = null
    )
    {
        if (desk.Find(id) is not { State: var state })
        {
            return Problems.NotFound($"job {id}");
        }

        if (settings.Current.Instruments.FirstOrDefault(i => i.Id == instrument) is not { } by)
        {
            return Problems.NotFound($"instrument {instrument}");
        }

        var unit = TrueRead.UnitOf(by.Reads);
        Outcome<double?> Number(string? text) =>
            string.IsNullOrWhiteSpace(text)
                ? (double?)null
                : Reading.By(unit).Read(text).Match(q => (Outcome<double?>)(double)q.Nominal, r => r);

        if (!Number(first).Try(out var one, out var wrong) || !Number(second).Try(out var two, out wrong))
        {
            return Problems.Of(wrong);
        }

        if (!Number(apart).Try(out var between, out wrong))
        {
            return Problems.Of(wrong);
        }

        if (step is not null && mark is not null)
        {
            return state.Sheet.Step(step) is { } spec && MarkLines.Find(spec, mark) is { } drawn && one is { } at
                ? TypedResults.Ok(
                    new MeasuredNow(
                        MarkLines.Crossed(state, drawn, at) is not null
                            ? Verdict.Out
                            : MarkLines.Judged(state, drawn, at, by.U)?.Verdict,
                        MarkBalance.Preview(state, drawn, at, by.U),
                        ""
                    )
                )
                : Problems.NotFound($"mark {mark} of step {step}");
        }

        return Truths.Find(state.Sheet, truth ?? "") is { Band: { } band } found && one is { } read
            ? TruthReading
                .Of(found, new Instrument(by.Name, by.U, by.Id, by.Reads), read, two, between)
                .Match<Results<Ok<MeasuredNow>, ProblemHttpResult>>(
                    reading =>
                    {
                        var judged = Judgement.Of(reading.Value, reading.U, band, state.Rules.Guarded);
                        var gap = found.Unit == "°" ? "" : " ";
                        return TypedResults.Ok(
                            new MeasuredNow(
                                judged.Verdict,
                                $"{band.Beside(reading.Value)}{gap}{found.Unit}. {judged.Phrase}.",
                                judged.Releases ? judged.Hint : TruthAdvice.Of(found, reading)
                            )
                            {
                                Mount = MountTilt.Of(found, reading, judged.Releases),
                            }
                        );
                    },
                    refusal => Problems.Of(refusal)
                )
            : Problems.NotFound($"what is read as {truth}");
    }

    private static Results<FileContentHttpResult, ProblemHttpResult> Template(string id, string step, JobDesk desk)
    {
        if (desk.Find(id) is not { State: var state })
        {
            return Problems.NotFound($"job {id}");
        }

        return state.Sheet.Step(step) is { } spec && Papers.MarkTemplate.Pdf(state.Sheet, spec, desk.Now) is { } pdf
            ? TypedResults.File(pdf, "application/pdf", $"{state.Sheet.Kit.Id}-{step.Replace('/', '-')}.pdf")
            : Problems.NotFound($"a template of step {step}");
    }
}
