using Nido.Core.Cupboard;

namespace Nido.Catalog;

/// <summary>Reads what places of a kind usually have.</summary>
internal static class SetReader
{
    /// <summary>The set of a file; every thing in it is of the catalogue, and none stands in two parts.</summary>
    public static QuickSet Read(ContentFile f, IReadOnlySet<string> materials)
    {
        var parts = f.Map("parts", needed: true);
        var read = parts
            .Keys()
            .ToDictionary(
                part => part,
                part =>
                {
                    if (!QuickSet.PartNames.Contains(part))
                    {
                        parts.Refuse(part, $"`{part}` is no part; these are: {string.Join(", ", QuickSet.PartNames)}");
                    }

                    var things = parts.Map(part, needed: true);
                    foreach (var unknown in things.Keys().Where(k => !materials.Contains(k)))
                    {
                        things.Refuse(unknown, $"`{unknown}` is no material of the catalogue");
                    }

                    var amounts = things.Keys().ToDictionary(k => k, k => things.Number(k) ?? 0);
                    foreach (var (id, amount) in amounts.Where(a => a.Value <= 0))
                    {
                        things.Refuse(id, $"{amount} of it is nothing: leave the line out");
                    }

                    things.NothingElse();
                    return (IReadOnlyDictionary<string, double>)amounts;
                }
            );
        parts.NothingElse();
        foreach (
            var twice in read
                .Values.SelectMany(p => p.Keys)
                .GroupBy(k => k)
                .Where(g => g.Count() > 1)
                .Select(g => g.Key)
        )
        {
            f.Refuse("parts", $"`{twice}` stands in two parts");
        }

        if (!read.ContainsKey(QuickSet.Always))
        {
            f.Refuse("parts", $"a set has a part `{QuickSet.Always}`");
        }

        f.Text("source");
        return new(f.Text("id"), f.Both("name"), f.Both("about"), f.Whole("children", 1, 60), read);
    }
}
