using System.Text;
using System.Text.Json.Nodes;
using Xunit;
using Zygotome.Core.Sheets;
using Zygotome.Core.Sheets.Editing;
using Zygotome.Core.Sheets.Table;
using Zygotome.Papers;
using Zygotome.Tests;

namespace Zygotome.Core.Tests.Sheets;

/// <summary>
/// One table of fields: each of its rows is read, typed, in the schema, in the format's page and in its list's table
/// file.
/// </summary>
public sealed class SheetTableTests
{
    private static readonly string SchemaFile = ProjectFolder.File("docs", "formats", "spec-sheet-1.schema.json");
    private static readonly string PageFile = ProjectFolder.File("docs", "formats", "spec-sheet.md");

    public static TheoryData<string> Fields() => [.. SheetTable.Fields.Select(f => f.Path)];

    private static SheetField Field(string path) => SheetTable.Fields.Single(f => f.Path == path).Field;

    /// <summary>Where a field of the table stands in a file: in the first row of its list.</summary>
    private static string InFile(string path)
    {
        foreach (var (list, _) in SheetTable.Lists.OrderByDescending(l => l.Path.Length))
        {
            if (path.StartsWith($"{list}.", StringComparison.Ordinal))
            {
                return $"{InFile(list)}[0]{path[list.Length..]}";
            }
        }

        return path;
    }

    /// <summary>A kit that has one row of every list, as a new row is.</summary>
    private static JsonObject Kit()
    {
        var file = JsonNode
            .Parse(File.ReadAllText(ProjectFolder.File("demo", "sheets", "plimsey-1400.sheet.json")))!
            .AsObject();
        foreach (var (path, list) in SheetTable.Lists)
        {
            if (JsonPath.Get(file, $"{InFile(path)}[0]") is null)
            {
                Assert.True(JsonPath.Set(file, $"{InFile(path)}[0]", JsonNode.Parse(list.Fresh)));
            }
        }

        // What is there at all says what it must.
        foreach (var (at, value) in new[] { ("fastener.diameter", "3 mm"), ("fastener.length", "16 mm") })
        {
            JsonPath.Set(file, $"$.parts[0].{at}", JsonValue.Create(value));
        }

        JsonPath.Set(file, "$.steps[0].joint", JsonNode.Parse("""{"a":"EPO","b":"carbon"}"""));

        // A new row names what its kit has to have, and this one has not all of it.
        JsonPath.Set(file, "$.positions[0].moves[0].surfaces", JsonValue.Create("rudder"));
        JsonPath.Set(file, "$.geometry.wheels[0].id", JsonValue.Create("main-left"));
        return file;
    }

    private static readonly Lazy<Task<NJsonSchema.JsonSchema>> Schema = new(() =>
        NJsonSchema.JsonSchema.FromJsonAsync(SheetSchema.Written())
    );

    private static SheetReading Read(JsonObject file) => SheetReader.Read(Encoding.UTF8.GetBytes(file.ToJsonString()));

    /// <summary>What nobody reads would be taken whatever stands there.</summary>
    [Theory]
    [MemberData(nameof(Fields))]
    public void What_cannot_stand_in_a_field_is_named_with_its_place(string path)
    {
        // Read as it is, whatever it is: passed through for later.
        string[] passed = ["$.kit.span", "$.kit.length"];
        if (passed.Contains(path))
        {
            Assert.True(Field(path).Unused);
            return;
        }

        var at = InFile(path);
        var file = Kit();
        JsonNode wrong = Field(path).Kind is FieldKind.Flag ? "perhaps" : true;
        Assert.True(JsonPath.Set(file, at, wrong));
        Assert.Contains(Read(file).Errors, e => e.Path.StartsWith(at.Split("[0]")[0], StringComparison.Ordinal));
        Assert.Contains(Read(file).Errors, e => e.Path == at || e.Path.StartsWith(at, StringComparison.Ordinal));
    }

    [Theory]
    [MemberData(nameof(Fields))]
    public void What_the_manual_does_not_say_may_be_said_of_every_field_and_is_shown_so_in_the_form(string path)
    {
        var at = InFile(path);
        var file = Kit();
        Assert.True(
            SheetEdits.Apply(file, [new SheetEdit(at, EditAct.NotStated)]).Try(out var edited, out var refusal),
            refusal?.Text
        );
        Assert.Equal(FieldStanding.NotStated, Shown(edited!, at).Standing);
    }

    /// <summary>A form that took what the reader refuses would be a trap.</summary>
    [Theory]
    [MemberData(nameof(Fields))]
    public async Task What_is_typed_into_a_field_is_shown_read_and_keeps_to_the_schema(string path)
    {
        var at = InFile(path);
        var file = Kit();
        var typed = Sample(Field(path), Shown(file, at).Text);
        Assert.True(
            SheetEdits.Apply(file, [new SheetEdit(at, EditAct.Set, typed)]).Try(out var edited, out var refusal),
            refusal?.Text
        );
        Assert.Equal(typed, Shown(edited, at).Text);
        Assert.DoesNotContain(Read(edited).Errors, e => e.Path == at && !e.Text.StartsWith('"'));
        Assert.Empty((await Schema.Value).Validate(edited.ToJsonString()).Select(e => e.ToString()));
    }

    /// <summary>The mark beside a field is a word to whoever types it: it has to be true.</summary>
    [Fact]
    public void A_field_is_said_to_be_judged_by_nothing_just_where_no_code_reads_it()
    {
        var code = string.Concat(
            Directory
                .GetFiles(ProjectFolder.File("src"), "*.cs", SearchOption.AllDirectories)
                .Where(f => !f.Contains("/obj/", StringComparison.Ordinal))
                .Where(f => !f.Contains("/Sheets/Table/", StringComparison.Ordinal))
                .Select(File.ReadAllText)
        );
        var sections = typeof(SheetTable)
            .Assembly.GetTypes()
            .Where(t => t.Namespace == typeof(SheetTable).Namespace && t is { IsAbstract: true, IsSealed: true });
        var read = sections
            .SelectMany(t => t.GetFields().Where(f => f.GetValue(null) is SheetField).Select(f => (Type: t, Field: f)))
            .Select(p =>
                (
                    Key: (p.Type.DeclaringType is { } outer ? $"{outer.Name}." : "") + $"{p.Type.Name}.{p.Field.Name}",
                    Field: (SheetField)p.Field.GetValue(null)!
                )
            )
            .ToArray();
        Assert.NotEmpty(read);

        // The ways of a throw are read one like the other; how many hands a step needs is compared, and judges nothing.
        string[] otherwise = [.. ThrowFields.Ways.Select(w => $"ThrowFields.{w.Way}"), "StepFields.People"];
        Assert.All(
            read.Where(p => !otherwise.Contains(p.Key)),
            p =>
                Assert.True(
                    p.Field.Unused
                        != System.Text.RegularExpressions.Regex.IsMatch(
                            code,
                            $@"\b{p.Key.Replace(".", @"\s*\.\s*", StringComparison.Ordinal)}\b(?!\s*\.\s*Name\b)"
                        ),
                    $"{p.Key} is {(p.Field.Unused ? "read, and said not to be" : "not read, and not said so")}"
                )
        );
    }

    [Fact]
    public void Every_field_of_a_list_that_is_written_as_a_table_is_a_column_of_it() =>
        Assert.All(
            SheetCsv.Lists,
            list =>
            {
                var header = Encoding.UTF8.GetString(SheetCsv.Write(Kit(), list)).Split("\r\n")[0];
                Assert.All(
                    SheetTable.List($"$.{list}")!.Fields,
                    f => Assert.Contains($"\"{f.Name}\"", header, StringComparison.Ordinal)
                );
            }
        );

    /// <summary>Written anew with ZYGOTOME_WRITE=1.</summary>
    [Fact]
    public void The_published_schema_is_what_the_table_makes() => Keeps(SchemaFile, SheetSchema.Written());

    [Fact]
    public void The_page_of_the_format_has_every_field_with_what_it_takes_and_means()
    {
        const string begin = "<!-- the table of fields -->\n",
            end = "<!-- end of the table -->\n";
        var page = File.ReadAllText(PageFile);
        var (from, to) = (page.IndexOf(begin, StringComparison.Ordinal), page.IndexOf(end, StringComparison.Ordinal));
        Keeps(PageFile, page[..(from + begin.Length)] + Written() + page[to..]);
    }

    private static string Written()
    {
        var text = new StringBuilder();
        foreach (var page in SheetTable.Pages)
        {
            text.Append($"\n### {page.Title}\n\n| Field | Label | Takes | Means |\n| --- | --- | --- | --- |\n");
            text.AppendJoin("", page.Fields.Select(f => Row(f.Name, f)));
            foreach (var list in page.Lists)
            {
                Rows(text, list.Name, list);
            }
        }

        return text.Append('\n').ToString();
    }

    private static void Rows(StringBuilder text, string name, SheetList list)
    {
        text.AppendJoin("", list.Fields.Select(f => Row($"{name}[].{f.Name}", f)));
        foreach (var inner in list.Inners)
        {
            Rows(text, $"{name}[].{inner.Name}", inner);
        }
    }

    private static string Row(string name, SheetField field)
    {
        string[] means =
        [
            field.Required ? "Must be there." : "",
            field.Means,
            field.Unused ? "Kept; nothing judges it yet." : "",
        ];
        return $"| `{name}` | {field.Label} | {field.Takes} | {string.Join(" ", means.Where(m => m.Length > 0))} |\n";
    }

    private static void Keeps(string file, string text)
    {
        if (Environment.GetEnvironmentVariable("ZYGOTOME_WRITE") is "1")
        {
            File.WriteAllText(file, text);
        }

        Assert.Equal(text, File.ReadAllText(file));
    }

    private static FieldNow Shown(JsonObject file, string path) =>
        SheetForm
            .Of(file, [], [], new HashSet<string>())
            .SelectMany(s => s.Fields.Concat(s.Lists.SelectMany(All)))
            .Single(f => f.Path == path);

    private static IEnumerable<FieldNow> All(RowsNow rows) =>
        rows.Rows.SelectMany(r => r.Fields.Concat(r.Lists.SelectMany(All)));

    // What stands there already where it says something; else what the kind takes.
    private static string Sample(SheetField field, string now) =>
        now.Length > 0
            ? now
            : field switch
            {
                { Refers: { } to, Kind: FieldKind.Text } => to.Of(Read(Kit()).Sheet!).Take(2).Last(),
                IMeasured { Measurand.Units: [var unit, ..] } => $"12 {unit.Symbol}".TrimEnd(),
                WholeField whole => $"{whole.Least}",
                NumberField number => number.Most.ToString(System.Globalization.CultureInfo.InvariantCulture),
                IChoice choice => choice.Choices[0],
                FlagField => "yes",
                CountsField => "horn 1",
                PairsField => "tail-fixing screws",
                _ when field == GeometryFields.Fin.Id => "fin-an-id",
                _ when field == KitFields.Option.Default => "retracts",
                TextField { IsId: true } => "an-id",
                _ when field == ThrowFields.Function => "aileron",
                _ when field == StepFields.Disturbs => "mass",
                _ => "words",
            };
}
