using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Zygotome.Core.Quantities;

namespace Zygotome.Core.Journal;

/// <summary>
/// How entry bodies are written as JSON: camel case, enums by name, quantities as the strings people typed.
/// </summary>
public static class EntryJson
{
    private static readonly JsonSerializerOptions Plain = Make(
        JsonUnmappedMemberHandling.Skip,
        new DefaultJsonTypeInfoResolver(),
        new QuantityJson(),
        new MeasureJson(),
        new SharedText()
    );

    /// <summary>For what is stored: reads whatever it says.</summary>
    public static readonly JsonSerializerOptions Lenient = Make(
        JsonUnmappedMemberHandling.Skip,
        new DefaultJsonTypeInfoResolver(),
        new QuantityJson(),
        new MeasureJson(),
        new SharedText(),
        new SharedRecord<Person>(Plain),
        new SharedRecord<Instrument>(Plain)
    );

    /// <summary>For what somebody sends: refuses what is missing, unknown or nothing.</summary>
    public static readonly JsonSerializerOptions Strict = Make(
        JsonUnmappedMemberHandling.Disallow,
        new DefaultJsonTypeInfoResolver { Modifiers = { ListsWithoutNulls.Modify } },
        new PostedMeasureJson()
    );

    private static JsonSerializerOptions Make(
        JsonUnmappedMemberHandling unmapped,
        IJsonTypeInfoResolver resolver,
        params JsonConverter[] converters
    )
    {
        var options = new JsonSerializerOptions(JsonSerializerDefaults.Web)
        {
            NumberHandling = JsonNumberHandling.Strict,
            UnmappedMemberHandling = unmapped,
            RespectNullableAnnotations = true,
            RespectRequiredConstructorParameters = true,
            TypeInfoResolver = resolver,
            Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
        };
        foreach (var converter in converters)
        {
            options.Converters.Add(converter);
        }

        return options;
    }

    // The serialiser's own words name CLR types; people get ours, except where a converter of ours spoke.
    /// <summary>What is wrong with a posted JSON, in words; of a quantity, the parser's own.</summary>
    public static string InWords(JsonException e)
    {
        var text = e.Message.Split(" Path:")[0];
        return text switch
        {
            _ when text.Contains("missing required", StringComparison.Ordinal) => "A field is missing: "
                + text[(text.IndexOf("including:", StringComparison.Ordinal) + 10)..].Trim(),
            _ when text.Contains("could not be mapped", StringComparison.Ordinal) => "A field is not known: "
                + text.Split('\'').ElementAtOrDefault(1),
            _ when text.Contains("could not be converted", StringComparison.Ordinal) =>
                "The value here is of the wrong kind.",
            _ when text.Contains("JSON", StringComparison.Ordinal)
                    || text.Contains("Zygotome", StringComparison.Ordinal)
                    || text.StartsWith('\'') => "This cannot be read as the JSON it should be.",
            _ => text,
        };
    }
}
