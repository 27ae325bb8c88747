using System.Collections.Immutable;
using System.Security.Cryptography;
using System.Text.Json;
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

    private const string Parser = "System.Text.Json";

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
        catch (InvalidOperationException e) when (e.Source?.StartsWith(Parser, StringComparison.Ordinal) == true)
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

        var (kit, geometry) = (KitFields.Page.Read(root), GeometryFields.Page.Read(root));
        var (surfaces, throws) = (SurfaceFields.Page.Read(root), ThrowFields.TablePage.Read(root));
        var (balance, power) = (BalanceFields.BalancePage.Read(root), PowerFields.Page.Read(root));
        var (radio, outputs) = (RadioFields.Page.Read(root), OutputFields.Page.Read(root));
        var parts = PartFields.Page.Read(root);
        var (steps, cautions) = (StepFields.StepsPage.Read(root), CautionFields.Page.Read(root));
        SheetObject[] pages = [kit, geometry, surfaces, throws, balance, power, radio, outputs, parts, steps, cautions];
        var sheet = new SpecSheet(
            Kit: kit,
            Defaults: throws,
            Geometry: geometry,
            Surfaces: surfaces.Rows(SurfaceFields.List),
            Throws: throws.Rows(ThrowFields.List),
            Neutral: throws.Rows(ThrowFields.Neutral.List),
            Balance: balance,
            Power: power,
            Radio: radio,
            Parts: parts.Rows(PartFields.List),
            Steps: steps.Rows(StepFields.List),
            Cautions: cautions.Get(CautionFields.Cautions),
            Hash: hash
        )
        {
            Servos = radio.Rows(RadioFields.Servo.List),
            Leads = radio.Rows(RadioFields.Lead.List),
            Boards = radio.Rows(RadioFields.Board.List),
            Outputs = outputs.Rows(OutputFields.Output.List),
            Positions = outputs.Rows(OutputFields.Position.List),
            Holes = throws.Rows(ThrowFields.Hole.List),
            Couplings = outputs.Rows(OutputFields.Coupling.List),
            Rates = throws.Rows(ThrowFields.RateRow.List),
            TruthRows = cautions.Rows(CautionFields.Trueness.List),
            Pages = [.. pages],
            Silent =
            [
                .. SheetTable
                    .Pages.SelectMany(p => p.Lists)
                    .Select(l => l.Name)
                    .Where(n => root.At(n) is { Exists: false, Standing: not NodeStanding.NotHere }),
            ],
            Sources = SheetTable
                .Pages.Zip(pages, (p, said) => (p.Key, Words: p.Source?.Words(said) ?? ""))
                .Where(s => s.Words.Length > 0)
                .ToImmutableSortedDictionary(s => s.Key, s => s.Words, StringComparer.Ordinal),
        };
        SheetChecks.Check(root, sheet);
        sheet = sheet with
        {
            Steps = ReadiedSteps.Of(sheet.Steps, sheet.Power.Motors),
            Assumed = [.. marks.Assumed],
            Undecided = marks.Undecided.ToImmutableSortedDictionary(StringComparer.Ordinal),
            Decided = [.. marks.Decided.Values],
        };
        return new SheetReading(marks.Errors.Count == 0 ? sheet : null, marks.Errors) { Rough = sheet };
    }
}
