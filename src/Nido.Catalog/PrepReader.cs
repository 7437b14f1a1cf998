using Nido.Core.Ideas;
using Nido.Core.Safety;

namespace Nido.Catalog;

/// <summary>Reads work that comes before.</summary>
internal static class PrepReader
{
    private static Printing PrintingOf(ContentFile f)
    {
        var printing = new Printing(TechniqueReader.Filled(f, "what", f.Both("what")), f.Whole("minutes", 1, 240));
        f.NothingElse();
        return printing;
    }

    /// <summary>A piece of work.</summary>
    public static PrepNeed Read(ContentFile f)
    {
        var prep = new PrepNeed(
            TechniqueReader.Filled(f, "what", f.Both("what")),
            f.Whole("minutes", 1, 240),
            f.Whole("wait-hours", 0, 96, 0),
            f.Flag("adult-only"),
            f.Texts("actions", Doing.All)
        )
        {
            KeepsDays = f.Has("keeps-days") ? f.Whole("keeps-days", 0, 365) : null,
            Kind = f.Has("kind") ? f.Choice("kind", ["lines", "model", "print"]) : null,
            Print = f.Has("print") ? PrintingOf(f.Map("print")) : null,
        };
        f.NothingElse();
        return prep;
    }
}
