using Nido.Core.Cupboard;
using Nido.Core.Ideas;

namespace Nido.Catalog;

/// <summary>Reads what a home has.</summary>
internal static class HomeReader
{
    /// <summary>The things of a file and the kinds that are ticked.</summary>
    public static (IReadOnlyList<HomeThing> Things, IReadOnlyList<HomeKind> Kinds) Read(
        ContentFile f,
        IReadOnlyList<Material> materials
    )
    {
        f.Text("id");
        f.Text("source");
        HomeKind[] kinds = [.. f.Maps("kinds").Select(KindOf)];
        string[] known = ["none", .. materials.Select(m => m.Id)];
        (HomeThing Thing, string Instead)[] read =
        [
            .. f.Maps("things").Select(t => ThingOf(t, known, [.. kinds.Select(k => k.Id)], materials)),
        ];
        if (
            read.DistinctBy(t => t.Thing.Id).Count() < read.Length
            || kinds.DistinctBy(k => k.Id).Count() < kinds.Length
        )
        {
            f.Refuse("things", "two things or two kinds have one id");
        }

        foreach (var (thing, other) in read.Where(t => t.Instead.Length > 0 && read.All(x => x.Thing.Id != t.Instead)))
        {
            f.Refuse("things", $"`instead: {other}` of {thing.Id} is not another thing");
        }

        return (
            [
                .. read.Select(t =>
                    t.Thing with
                    {
                        Instead = read.Select(x => x.Thing).FirstOrDefault(x => x.Id == t.Instead),
                    }
                ),
            ],
            kinds
        );
    }

    private static HomeKind KindOf(ContentFile f)
    {
        var kind = new HomeKind(f.Text("id"), f.Both("name"), f.Flag("usual"));
        f.NothingElse();
        return kind;
    }

    private static (HomeThing, string) ThingOf(
        ContentFile f,
        string[] known,
        string[] kinds,
        IReadOnlyList<Material> materials
    )
    {
        var like = f.Choice("like", known);
        var thing = new HomeThing(f.Text("id"), f.Both("name"), materials.FirstOrDefault(m => m.Id == like))
        {
            Kind = f.Has("kind") ? f.Choice("kind", kinds) : null,
        };
        var instead = f.Has("instead") ? f.Text("instead") : "";
        f.NothingElse();
        return (thing, instead);
    }
}
