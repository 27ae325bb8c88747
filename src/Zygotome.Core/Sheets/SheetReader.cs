using System.Collections.Immutable;
using System.Security.Cryptography;
using System.Text.Json;
using Zygotome.Core.Quantities;
using Zygotome.Core.Sheets.Table;

namespace Zygotome.Core.Sheets;

/// <summary>A sheet, or everything that is wrong with the file.</summary>
public sealed record SheetReading(SpecSheet? Sheet, IReadOnlyList<SheetError> Errors)
{
    /// <summary>
    /// What could be read in spite of the mistakes, to be drawn while it is being typed; null when nothing could.
    /// </summary>
    public SpecSheet? Rough { get; init; }
}

/// <summary>
/// Reads <c>zygotome-spec-sheet/1</c> files. Unknown fields are left alone: the bytes are kept as they came.
/// </summary>
public static class SheetReader
{
    public const string Format = "zygotome-spec-sheet/1";
    public const string MediaType = "application/vnd.zygotome.spec-sheet+json";

    /// <summary>The sheet, or every mistake with its path; never both.</summary>
    public static SheetReading Read(ReadOnlySpan<byte> bytes)
    {
        var copy = bytes.StartsWith("\uFEFF"u8) ? bytes[3..].ToArray() : bytes.ToArray();
        try
        {
            using var document = JsonDocument.Parse(
                copy,
                new JsonDocumentOptions
                {
                    MaxDepth = 32,
                    CommentHandling = JsonCommentHandling.Skip,
                    AllowTrailingCommas = true,
                }
            );
            return Read(document.RootElement, Convert.ToHexStringLower(SHA256.HashData(bytes)));
        }
        catch (JsonException e)
        {
            return new SheetReading(null, [SheetText.NotJson(e)]);
        }
        catch (InvalidOperationException)
        {
            // The one thing the parser leaves to whoever asks for a text: half a character in it.
            return new SheetReading(null, [new SheetError("$", "A text of this file has half a character in it.")]);
        }
    }

    private static SheetReading Read(JsonElement json, string hash)
    {
        var marks = new SheetMarks();
        var root = new SheetNode(json, "$", marks);
        if (!root.IsObject())
        {
            return new SheetReading(null, marks.Errors);
        }

        var format = root["format"].Text(required: true);
        if (format.Length > 0 && format != Format && !format.StartsWith(Format + ".", StringComparison.Ordinal))
        {
            root["format"].Wrong($"\"{format}\" cannot be read here; this version reads {Format}.");
            return new SheetReading(null, marks.Errors);
        }

        var sheet = new SpecSheet(
            Kit: Kit(root),
            Defaults: Defaults(root),
            Geometry: SheetGeometry.Read(root),
            Surfaces: SurfaceFields.List.Read(root, Surface),
            Throws: ThrowFields.List.Read(root, Throw),
            Neutral: ThrowFields.Neutral.List.Read(root, Neutral),
            Balance: Balance(root),
            Power: SheetPower.Read(root),
            Radio: Radio(root),
            Parts: PartFields.List.Read(root, Part),
            Steps: StepFields.List.Read(root, SheetSteps.Read),
            Cautions: CautionFields.Cautions.Read(root),
            Hash: hash
        )
        {
            Servos = RadioFields.Servo.List.Read(root, SheetPower.Servo),
            Leads = RadioFields.Lead.List.Read(root, SheetPower.Lead),
            Holes = ThrowFields.Hole.List.Read(root, Hole),
            Rates = ThrowFields.RateRow.List.Read(root, Rate),
        };
        SheetChecks.Check(root, sheet);
        sheet = sheet with
        {
            Steps = SheetSteps.Readied(sheet.Steps, sheet.Power.Motors),
            Assumed = [.. marks.Assumed],
            Undecided = [.. marks.Undecided],
            NotStated = [.. marks.NotStated],
        };
        return new SheetReading(marks.Errors.Count == 0 ? sheet : null, marks.Errors) { Rough = sheet };
    }

    private static readonly Quantity Nothing = Quantity.Single(0, Unit.Millimetre);

    private static KitInfo Kit(SheetNode root)
    {
        root["kit"].IsObject();
        return new KitInfo(
            Id: KitFields.Id.Read(root),
            Name: KitFields.Name.Read(root),
            Maker: KitFields.Maker.Read(root),
            Revision: KitFields.Revision.Read(root),
            Class: KitFields.Class.Read(root),
            Source: KitFields.Source.Read(root),
            Material: KitFields.Material.Read(root)
        )
        {
            Supplied = KitFields.Supplied.Read(root),
        };
    }

    private static SheetDefaults Defaults(SheetNode root) =>
        new(
            ThrowFields.Tolerance.Read(root),
            ThrowFields.SideDifference.Read(root),
            Measure(ThrowFields.DefaultMeasure.Read(root)) ?? ThrowMeasure.UprightRuler,
            ThrowFields.FirstFlightRate.Read(root)
        )
        {
            ToleranceAssumed = ThrowFields.Tolerance.At(root).IsAssumed,
            DifferenceAssumed = ThrowFields.SideDifference.At(root).IsAssumed,
        };

    private static ThrowMeasure? Measure(string word) =>
        word switch
        {
            ThrowWords.Upright => ThrowMeasure.UprightRuler,
            ThrowWords.Straight => ThrowMeasure.StraightRuler,
            ThrowWords.Angle => ThrowMeasure.Angle,
            _ => null,
        };

    private static Surface Surface(SheetNode n)
    {
        var id = SurfaceFields.Id.Read(n);
        var several = SurfaceFields.Functions.At(n).Exists;
        var function = SurfaceFields.Function.At(n).Text(required: !several);
        return new Surface(
            Id: id,
            Kind: SurfaceFields.Kind.Read(n) is { Length: > 0 } kind ? kind : function,
            Functions: several ? SurfaceFields.Functions.Read(n) : [function],
            Side: SurfaceFields.Side.Read(n),
            On: SurfaceFields.On.Read(n),
            From: Share(SurfaceFields.From.Read(n)),
            To: Share(SurfaceFields.To.Read(n)),
            Chord: SurfaceFields.Chord.Read(n),
            Name: SurfaceFields.Name.Read(n) is { Length: > 0 } name ? name : Named(id)
        );
    }

    private static double Share(Quantity? share) => (double)(share?.Nominal ?? 0) / 100;

    private static string Named(string id)
    {
        var words = id.Split('-');
        var side = words.LastOrDefault() is "left" or "right" ? words[^1] : "";
        var name = side.Length > 0 ? $"{side} {string.Join(' ', words[..^1])}" : string.Join(' ', words);
        return Core.Texts.Capital(name);
    }

    private static ThrowRow Throw(SheetNode n)
    {
        var ways = ThrowFields
            .Ways.Select(w => (w.Way, Value: w.Field.Read(n)))
            .Where(p => p.Value is not null)
            .Select(p => (p.Way, p.Value!))
            .ToImmutableArray();
        if (ways.Length == 0)
        {
            n.Wrong("A throw row needs at least one of up, down, left, right, out.");
        }

        return new ThrowRow(
            Surfaces: ThrowFields.Surfaces.Read(n),
            Function: ThrowFields.Function.Read(n),
            Rate: ThrowFields.Rate.Read(n),
            Position: ThrowFields.Position.Read(n),
            Ways: ways,
            Measure: Measure(ThrowFields.Measure.Read(n)),
            Page: ThrowFields.Page.Read(n)
        );
    }

    private static NeutralRow Neutral(SheetNode n) =>
        new(
            ThrowFields.Neutral.Surfaces.Read(n),
            ThrowFields.Neutral.Offset.Read(n) ?? Nothing,
            ThrowFields.Neutral.Page.Read(n)
        )
        {
            Assumed = n.IsAssumed || ThrowFields.Neutral.Offset.At(n).IsAssumed,
        };

    private static HoleRow Hole(SheetNode n) =>
        new(
            ThrowFields.Hole.Surfaces.Read(n),
            ThrowFields.Hole.Arm.Read(n),
            ThrowFields.Hole.Horn.Read(n),
            ThrowFields.Hole.Page.Read(n)
        );

    private static RateSpec Rate(SheetNode n) =>
        new(ThrowFields.RateRow.Name.Read(n), ThrowFields.RateRow.Scale.Read(n), ThrowFields.RateRow.Expo.Read(n));

    private static BalanceSpec Balance(SheetNode root)
    {
        var (weight, lateral) = (BalanceFields.AllUpWeight.At(root), BalanceFields.Lateral.At(root));
        return new(
            BalanceFields.Configuration.List.Read(root, Configuration),
            weight.Quantity(Dimension.Mass),
            lateral.Quantity(Dimension.Length),
            BalanceFields.Page.Read(root)
        )
        {
            WeightAssumed = weight.IsAssumed,
            LateralAssumed = lateral.IsAssumed,
            WeightUndecided = Against(weight),
            LateralUndecided = Against(lateral),
            Empty = root.At(BalanceFields.Empty).Exists
                ? new EmptyAircraft(BalanceFields.EmptyMass.Read(root), BalanceFields.EmptyAt.Read(root))
                {
                    WithPropeller = BalanceFields.EmptyWithPropeller.Read(root) ?? false,
                }
                : null,
        };
    }

    private static BalanceConfiguration Configuration(SheetNode n) =>
        new(BalanceFields.Configuration.Name.Read(n), BalanceFields.Configuration.Range.Read(n))
        {
            Marks = BalanceFields.Configuration.Marks.Read(n),
            PackFront = BalanceFields.Configuration.PackFront.Read(n),
        };

    // "1 kg (page 3) against 1.1 kg (page 9)"; empty where it is decided.
    private static string Against(SheetNode n) =>
        n.IsUndecided
            ? string.Join(
                " against ",
                n["statements"]
                    .Each(s => s["text"].Text() + (s["page"].Text() is { Length: > 0 } page ? $" (page {page})" : ""))
            )
            : "";

    private static RadioSpec Radio(SheetNode root) =>
        new(
            RadioFields.Functions.Read(root),
            RadioFields.Bind.Read(root),
            RadioFields.Failsafe.Read(root),
            RadioFields.Modes.Read(root)
        )
        {
            Stabiliser = RadioFields.Stabiliser.Read(root) switch
            {
                null => StabiliserFitted.NotStated,
                true => StabiliserFitted.Yes,
                false => StabiliserFitted.No,
            },
        };

    private static PartSpec Part(SheetNode n) =>
        new(
            PartFields.Id.Read(n),
            PartFields.Name.Read(n),
            PartFields.Bag.Read(n),
            PartFields.Quantity.Read(n),
            n.At(PartFields.Fastener).Exists ? Fastener(n) : null
        )
        {
            Bore = PartFields.Bore.Read(n),
            On = PartFields.On.Read(n),
            Mass = PartFields.Mass.Read(n),
        };

    private static FastenerSpec Fastener(SheetNode n) =>
        new(PartFields.Diameter.Read(n), PartFields.Length.Read(n))
        {
            Stack = PartFields.Stack.Read(n),
            Depth = PartFields.Depth.Read(n),
            Into = PartFields.Into.Read(n),
        };
}
