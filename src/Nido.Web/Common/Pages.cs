namespace Nido.Web.Common;

/// <summary>Every address that is no data and no file is a page: the application finds out which.</summary>
public static class Pages
{
    private static readonly string[] NoPage = ["/api", "/openapi", "/assets", "/api-docs"];

    /// <summary>Adds them; after routing. An endpoint for them would answer for data nobody has, whatever the
    /// method.</summary>
    public static void UsePages(this WebApplication app) =>
        app.MapWhen(
            context =>
                context.GetEndpoint() is null
                && (HttpMethods.IsGet(context.Request.Method) || HttpMethods.IsHead(context.Request.Method))
                && !NoPage.Any(p => context.Request.Path.StartsWithSegments(p, StringComparison.Ordinal)),
            pages =>
            {
                pages.Use(
                    (context, next) =>
                    {
                        // Ids of ideas have a dot in them, so a dot does not make an address a file.
                        context.Request.Path = "/index.html";
                        return next(context);
                    }
                );
                pages.UseStaticFiles();
            }
        );
}
