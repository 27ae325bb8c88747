using System.Collections.Immutable;
using System.Security.Cryptography;
using System.Text.Json;
using Zygotome.Core.Quantities;

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
            Kit: Kit(root["kit"]),
            Defaults: Defaults(root["defaults"]),
            Geometry: SheetGeometry.Read(root["geometry"]),
            Surfaces: root["surfaces"].Each(Surface),
            Throws: root["throws"].Each(Throw),
            Neutral: root["neutral"]
                .Each(n => new NeutralRow(
                    n["surfaces"].Text(required: true),
                    n["offset"].Quantity(Dimension.Length, required: true) ?? Nothing,
                    n["page"].Text()
                )
                {
                    Assumed = n.IsAssumed || n["offset"].IsAssumed,
                }),
            Balance: Balance(root["balance"]),
            Power: SheetPower.Read(root["power"]),
            Radio: Radio(root["radio"]),
            Parts: root["parts"].Each(Part, most: SpecSheet.MostParts),
            Steps: root["steps"].Each(SheetSteps.Read),
            Cautions: root["cautions"].Texts(),
            Hash: hash
        )
        {
            Servos = root["servos"].Each(SheetPower.Servo),
            Leads = root["wiring"]["leads"].Each(SheetPower.Lead),
            Holes = root["holes"]
                .Each(h => new HoleRow(
                    h["surfaces"].Text(required: true),
                    h["arm"].Text(),
                    h["horn"].Text(),
                    h["page"].Text()
                )),
            Rates = root["rates"]
                .Each(r => new RateSpec(
                    r["name"].Text(required: true),
                    r["scale"].Quantity(Dimension.Percent),
                    r["expo"].Quantity(Dimension.Percent)
                )),
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

    private static KitInfo Kit(SheetNode n)
    {
        n.IsObject();
        var id = n["id"].Text(required: n.Exists);
        if (id.Any(c => !char.IsAsciiLetterLower(c) && !char.IsAsciiDigit(c) && c != '-'))
        {
            n["id"].Wrong("An id has small letters, digits and hyphens only.");
        }

        return new KitInfo(
            Id: id,
            Name: n["name"].Text(required: n.Exists),
            Maker: n["maker"].Text(),
            Revision: n["revision"].Whole(1, 1, 9999, required: n.Exists),
            Class: n["class"].Text(),
            Source: n["source"].Text(),
            Material: n["material"].Text()
        )
        {
            Supplied = n["supplied"].Texts(),
        };
    }

    private static SheetDefaults Defaults(SheetNode n) =>
        new(
            n["throwTolerance"].Quantity(Dimension.Length),
            n["sideDifference"].Quantity(Dimension.Length),
            Measure(n["throwMeasure"]) ?? ThrowMeasure.UprightRuler,
            n["rateOfFirstFlight"].Text("low")
        )
        {
            ToleranceAssumed = n["throwTolerance"].IsAssumed,
            DifferenceAssumed = n["sideDifference"].IsAssumed,
        };

    private static ThrowMeasure? Measure(SheetNode n) =>
        !n.Exists
            ? null
            : n.OneOf("upright ruler", "upright ruler", "straight ruler", "angle") switch
            {
                "straight ruler" => ThrowMeasure.StraightRuler,
                "angle" => ThrowMeasure.Angle,
                _ => ThrowMeasure.UprightRuler,
            };

    private static Surface Surface(SheetNode n)
    {
        var id = n["id"].Text(required: true);
        var kind = n["kind"].Text(n["function"].Text());
        var functions = n["functions"].Exists
            ? n["functions"].Texts()
            : [n["function"].Text(required: !n["functions"].Exists)];
        return new Surface(
            Id: id,
            Kind: kind,
            Functions: functions,
            Side: n["side"].OneOf("centre", "left", "right", "centre"),
            On: n["on"].Text(required: true),
            From: Share(n["from"]),
            To: Share(n["to"]),
            Chord: n["chord"].Measure(Dimension.Length, 3, 600),
            Name: n["name"].Text(Named(id))
        );
    }

    private static double Share(SheetNode n) =>
        (double)(n.Quantity(Dimension.Percent, required: true)?.Nominal ?? 0) / 100;

    private static string Named(string id)
    {
        var words = id.Split('-');
        var side = words.LastOrDefault() is "left" or "right" ? words[^1] : "";
        var name = side.Length > 0 ? $"{side} {string.Join(' ', words[..^1])}" : string.Join(' ', words);
        return Core.Texts.Capital(name);
    }

    private static ThrowRow Throw(SheetNode n)
    {
        var ways = Enum.GetValues<Way>()
            .Select(w => (Way: w, Value: n[w.ToString().ToLowerInvariant()].Stated(null)))
            .Where(p => p.Value is not null)
            .Select(p => (p.Way, p.Value!))
            .ToImmutableArray();
        if (ways.Length == 0)
        {
            n.Wrong("A throw row needs at least one of up, down, left, right, out.");
        }

        return new ThrowRow(
            Surfaces: n["surfaces"].Text(required: true),
            Function: n["function"].Text(),
            Rate: n["rate"].Text("high"),
            Position: n["position"].Text(),
            Ways: ways,
            Measure: Measure(n["measure"]),
            Page: n["page"].Text()
        );
    }

    private static BalanceSpec Balance(SheetNode n) =>
        new(
            n["configurations"]
                .Each(c => new BalanceConfiguration(c["name"].Text(required: true), c["range"].Stated(Dimension.Length))
                {
                    Marks = c["marks"].Text(),
                    PackFront = c["packFront"].Exists ? c["packFront"].Measure(Dimension.Length, -5000, 5000) : null,
                }),
            n["allUpWeight"].Quantity(Dimension.Mass),
            n["lateral"].Quantity(Dimension.Length),
            n["page"].Text()
        )
        {
            WeightAssumed = n["allUpWeight"].IsAssumed,
            LateralAssumed = n["lateral"].IsAssumed,
            WeightUndecided = Against(n["allUpWeight"]),
            LateralUndecided = Against(n["lateral"]),
            Empty = n["empty"].Exists
                ? new EmptyAircraft(
                    n["empty"]["mass"].Measure(Dimension.Mass, 1, 50_000),
                    n["empty"]["at"].Measure(Dimension.Length, -5000, 5000)
                )
                {
                    WithPropeller = n["empty"]["withPropeller"].Flag(),
                }
                : null,
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

    private static RadioSpec Radio(SheetNode n) =>
        new(n["functions"].Texts(), n["bind"].Texts(), n["failsafe"].Text(RadioSpec.Unstated), n["modes"].Texts())
        {
            Stabiliser =
                !n["stabiliser"]["fitted"].Exists ? StabiliserFitted.NotStated
                : n["stabiliser"]["fitted"].Flag() ? StabiliserFitted.Yes
                : StabiliserFitted.No,
        };

    private static PartSpec Part(SheetNode n) =>
        new(
            n["id"].Text(required: true),
            n["name"].Text(required: true),
            n["bag"].Text("A"),
            n["quantity"].Whole(1, 1, 10_000, required: true),
            n["fastener"].Exists ? Fastener(n["fastener"]) : null
        )
        {
            Bore = n["bore"].Exists ? n["bore"].Measure(Dimension.Length, 0.1, 200) : null,
            On = n["on"].Text(),
            Mass = n["mass"].Exists ? n["mass"].Measure(Dimension.Mass, 0, 10_000) : null,
        };

    private static FastenerSpec Fastener(SheetNode n) =>
        new(n["diameter"].Measure(Dimension.Length, 0.1, 100), n["length"].Measure(Dimension.Length, 0.5, 1000))
        {
            Stack = n["stack"].Exists ? n["stack"].Measure(Dimension.Length, 0, 500) : null,
            Depth = n["depth"].Exists ? n["depth"].Measure(Dimension.Length, 0, 500) : null,
            Into = n["into"].OneOf("plastic", "plastic", "foam anchor", "wood", "metal"),
        };
}
