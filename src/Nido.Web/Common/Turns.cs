namespace Nido.Web.Common;

/// <summary>Puts changes of the house one after the other.</summary>
public static class Turns
{
    /// <summary>Adds it; after routing, which says what an address does.</summary>
    public static void UseOneWriter(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                var marks = context.GetEndpoint()?.Metadata;
                if (
                    HttpMethods.IsGet(context.Request.Method)
                    || HttpMethods.IsHead(context.Request.Method)
                    || marks is null
                    || marks.GetMetadata<OnlyLooks>() is not null
                    || marks.GetMetadata<TakesLong>() is not null
                )
                {
                    await next(context);
                    return;
                }

                using var turn = await context
                    .RequestServices.GetRequiredService<OneWriter>()
                    .TurnAsync(context.RequestAborted);
                await next(context);
            }
        );
}
