using System.Collections.Immutable;
using System.Reflection;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Zygotome.Core;
using Zygotome.Core.Journal;
using Zygotome.Core.Quantities;

namespace Zygotome.Server;

/// <summary>
/// The OpenAPI document, with the body of every kind of entry in it so that clients are typed as strictly as the
/// journal, and the <see cref="Contract"/> of what a client would else keep in lists of its own.
/// </summary>
internal static class ApiDocument
{
    public static void Configure(OpenApiOptions options)
    {
        options.AddSchemaTransformer(
            (schema, context, _) =>
            {
                var type = context.JsonTypeInfo.Type;
                if (AsTyped(type) is { } typed)
                {
                    (schema.Type, schema.Format, schema.Description) = (typed.Type, typed.Format, typed.Description);
                }
                else if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(ImmutableArray<>))
                {
                    schema.Items = AsTyped(type.GetGenericArguments()[0]) ?? schema.Items;
                }

                return Task.CompletedTask;
            }
        );
        options.AddDocumentTransformer(
            async (document, context, cancel) =>
            {
                document.Info = new OpenApiInfo { Title = "Zygotome", Version = "1" };
                document.Servers = [];
                foreach (var kind in Core.Job.Stages.Kinds.All)
                {
                    var schema = await context.GetOrCreateSchemaAsync(kind.Body, null, cancel);
                    document.AddComponent(Contract.SchemaOf(kind), AsPosted(schema, kind));
                }

                Contract.Add(document, context.DescriptionGroups.SelectMany(g => g.Items));
            }
        );
    }

    // What somebody types goes as its text, whatever it is stored as; null of all else.
    private static OpenApiSchema? AsTyped(Type type)
    {
        var measurand = typeof(Measure).IsAssignableFrom(type)
            ? (Measurand?)type.GetProperty(nameof(Measurand), BindingFlags.Public | BindingFlags.Static)?.GetValue(null)
            : null;
        return measurand is null
            ? null
            : new OpenApiSchema
            {
                Type = JsonSchemaType.String,
                Format = Contract.QuantityFormat,
                Description = measurand.Units[0] is { Symbol.Length: > 0 } bare
                    ? $"{Texts.Capital(measurand.Name)} as people type it; a bare number is in {bare}."
                    : "A quantity as people type it, such as \"12 mm\" or \"1 5/8 in\".",
            };
    }

    // What is looked up is posted as an id, and what the server says is not posted.
    private static OpenApiSchema AsPosted(OpenApiSchema schema, EntryKind kind)
    {
        foreach (var looked in kind.LooksUp)
        {
            if (looked.ServerSays)
            {
                schema.Properties?.Remove(looked.Field);
                schema.Required?.Remove(looked.Field);
            }
            else if (looked.ById && schema.Properties is not null)
            {
                schema.Properties[looked.Field] = new OpenApiSchema
                {
                    Type =
                        schema.Required?.Contains(looked.Field) == true
                            ? JsonSchemaType.String
                            : JsonSchemaType.String | JsonSchemaType.Null,
                    Description = "The id of one that the shop lists.",
                };
            }
        }

        return schema;
    }
}
