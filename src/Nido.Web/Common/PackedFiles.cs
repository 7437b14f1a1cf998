using System.Diagnostics.CodeAnalysis;
using Microsoft.AspNetCore.StaticFiles;
using Microsoft.Extensions.FileProviders;

namespace Nido.Web.Common;

/// <summary>
/// Scripts and styles as they were packed when the pages were built, for who can unpack them: more tightly than there is time for at
/// a call.
/// </summary>
public static class PackedFiles
{
    private const string Packed = ".br";

    /// <summary>Adds them; before answers are packed at the call, and before the files as they are.</summary>
    public static void UsePackedFiles(this WebApplication app)
    {
        var options = new StaticFileOptions
        {
            ContentTypeProvider = new TypeOfWhatIsPacked(),
            OnPrepareResponse = file =>
            {
                file.Context.Response.Headers.ContentEncoding = "br";
                file.Context.Response.Headers.AppendCommaSeparatedValues("Vary", "Accept-Encoding");
            },
        };
        app.UseWhen(
            context => IsPacked(context, app.Environment.WebRootFileProvider),
            files =>
            {
                files.Use(
                    (context, next) =>
                    {
                        context.Request.Path += Packed;
                        return next(context);
                    }
                );
                files.UseStaticFiles(options);
            }
        );
    }

    private static bool IsPacked(HttpContext context, IFileProvider files) =>
        context.Request.Path.StartsWithSegments("/assets", StringComparison.Ordinal)
        && context.Request.GetTypedHeaders().AcceptEncoding.Any(e => e.Value == "br" && (e.Quality ?? 1) > 0)
        && files.GetFileInfo(context.Request.Path + Packed).Exists;

    private sealed class TypeOfWhatIsPacked : IContentTypeProvider
    {
        private readonly FileExtensionContentTypeProvider types = new();

        public bool TryGetContentType(string subpath, [MaybeNullWhen(false)] out string contentType) =>
            types.TryGetContentType(subpath[..^Packed.Length], out contentType);
    }
}
