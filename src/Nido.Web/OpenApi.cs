using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Making;
using Nido.Data.Formats;

namespace Nido.Web;

/// <summary>The OpenAPI document, from which the client of the pages is generated.</summary>
public static class OpenApi
{
    /// <summary>Describes the API; days are lists of words.</summary>
    public static void AddNidoOpenApi(this IServiceCollection services) =>
        services.AddOpenApi(
            "v1",
            options =>
            {
                // Calculators call what is asked Ask and what comes out Answer: told apart by the calculator's name.
                options.CreateSchemaReferenceId = info =>
                    info.Type.DeclaringType is { } of && OpenApiOptions.CreateDefaultSchemaReferenceId(info) is { } id
                        ? string.Concat(of.Name, id)
                        : OpenApiOptions.CreateDefaultSchemaReferenceId(info);
                options.AddDocumentTransformer(
                    (document, _, _) =>
                    {
                        document.Info.Title = "Nido";
                        document.Info.Version = "1";
                        document.Servers?.Clear();
                        return Task.CompletedTask;
                    }
                );
                options.AddSchemaTransformer(
                    (schema, context, _) =>
                    {
                        if (context.JsonTypeInfo.Type == typeof(Said) || context.JsonTypeInfo.Type == typeof(InBoth))
                        {
                            schema.Type = JsonSchemaType.String;
                            schema.Description = "A sentence, spoken in the language that was asked for.";
                        }

                        if (
                            context.JsonTypeInfo.ElementType == typeof(Said)
                            || context.JsonTypeInfo.ElementType == typeof(InBoth)
                        )
                        {
                            schema.Items = new OpenApiSchema { Type = JsonSchemaType.String };
                        }

                        if (context.JsonTypeInfo.Type == typeof(WeekDays))
                        {
                            schema.Type = JsonSchemaType.Array;
                            schema.Enum = null;
                            schema.Items = new OpenApiSchema
                            {
                                Type = JsonSchemaType.String,
                                Enum = [.. WeekDaysJson.Words.Select(w => (System.Text.Json.Nodes.JsonNode)w)],
                            };
                        }

                        SayLimits(schema, context.JsonTypeInfo.Type);
                        return Task.CompletedTask;
                    }
                );
            }
        );

    /// <summary>The limits a calculator's form names stand in the description of what it is asked, too.</summary>
    private static void SayLimits(OpenApiSchema schema, Type ask)
    {
        var fields = Calculator.All.FirstOrDefault(c => c.Asks == ask)?.Fields ?? [];
        foreach (var field in fields.Where(f => f.Most is not null && schema.Properties?.ContainsKey(f.Path) == true))
        {
            if (schema.Properties![field.Path] is OpenApiSchema of)
            {
                of.Minimum = FormattableString.Invariant($"{field.Least}");
                of.Maximum = FormattableString.Invariant($"{field.Most}");
            }
        }
    }
}
