using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Zygotome.Core.Quantities;

namespace Zygotome.Server;

/// <summary>The OpenAPI document, with the body of every kind of entry in it so that clients are typed as strictly as the journal.</summary>
internal static class ApiDocument
{
    public static void Configure(OpenApiOptions options)
    {
        options.AddSchemaTransformer(
            (schema, context, _) =>
            {
                if (context.JsonTypeInfo.Type == typeof(Quantity))
                {
                    schema.Type = JsonSchemaType.String;
                    schema.Description = "A quantity as people type it, such as \"12 mm\" or \"1 5/8 in\".";
                }

                return Task.CompletedTask;
            }
        );
        options.AddDocumentTransformer(
            async (document, context, cancel) =>
            {
                document.Info = new OpenApiInfo { Title = "Zygotome", Version = "1" };
                document.Servers = [];
                foreach (var kind in Core.Jobs.Stages.Kinds.All)
                {
                    document.AddComponent(
                        $"Entry.{kind.Body.Name}",
                        await context.GetOrCreateSchemaAsync(kind.Body, null, cancel)
                    );
                }
            }
        );
    }
}
