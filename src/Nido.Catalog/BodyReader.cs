using Nido.Core.Cupboard;

namespace Nido.Catalog;

/// <summary>Reads the form of a thing: shape and size.</summary>
internal static class BodyReader
{
    /// <summary>
    /// A shape and its size in mm. `size: unknown` is allowed, and safety then takes the thing as the risky case.
    /// </summary>
    /// <param name="f">The thing.</param>
    /// <param name="open">Sides that may be left out.</param>
    public static Body Read(ContentFile f, params string[] open)
    {
        var shape = f.Choice<Shape>("shape");
        if (f.Has("size") && f.IsText("size") && f.Choice("size", ["unknown"]) == "unknown")
        {
            return Body.Unmeasured(shape);
        }

        var size = f.Map("size", needed: shape != Shape.Loose);
        double Mm(string key)
        {
            if (size.Number(key) is { } mm && mm is > 0 and <= 5000)
            {
                return mm;
            }

            if (!open.Contains(key) || size.Has(key))
            {
                size.Refuse(
                    key,
                    $"a {ContentFile.Kebab($"{shape}")} needs `{key}`, over 0 and up to 5000 mm, or the thing `size: unknown`"
                );
            }

            return 0;
        }

        var body = shape switch
        {
            Shape.Box => new Body(shape, Mm("length"), Mm("width"), Mm("height")),
            Shape.Sphere => new Body(shape, 0, Mm("diameter"), 0),
            Shape.Disc => new Body(shape, 0, Mm("diameter"), Mm("height")),
            Shape.Rod => new Body(shape, Mm("length"), Mm("diameter"), 0),
            _ => Body.Unmeasured(shape),
        };
        size.NothingElse();
        return body;
    }
}
