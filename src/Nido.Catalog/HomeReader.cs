using Nido.Core.Cupboard;
using Nido.Core.Ideas;

namespace Nido.Catalog;

/// <summary>Reads what a home has.</summary>
internal static class HomeReader
{
    /// <summary>The things of a file.</summary>
    public static IReadOnlyList<HomeThing> Read(ContentFile f, IReadOnlyList<Material> materials)
    {
        f.Text("id");
        f.Text("source");
        string[] known = ["none", .. materials.Select(m => m.Id)];
        HomeThing[] things =
        [
            .. f.Maps("things")
                .Select(t =>
                {
                    var like = t.Choice("like", known);
                    var thing = new HomeThing(
                        t.Text("id"),
                        t.Both("name"),
                        materials.FirstOrDefault(m => m.Id == like)
                    );
                    t.NothingElse();
                    return thing;
                }),
        ];
        if (things.DistinctBy(t => t.Id).Count() < things.Length)
        {
            f.Refuse("things", "two things have one id");
        }

        return things;
    }
}
