using Nido.Core.Cupboard;

namespace Nido.Core.Group.Expecting;

/// <summary>Whom a child that is only expected stands for.</summary>
/// <param name="Children">How many it stands for on the mean, over 0: 6.4 expected are six who stand for 1.07 each.</param>
/// <param name="Size">How little sessions differ; null where by chance alone.</param>
/// <param name="RunOut">Chance of running out that is borne, over 0 and under 1.</param>
public sealed record StandsFor(double Children, double? Size, double RunOut)
{
    /// <summary>Headcount of so many of them together.</summary>
    public static Coming Of(IEnumerable<StandsFor> all)
    {
        var list = all.ToArray();
        // Bands differ from session to session each by itself.
        return list.GroupBy(s => s.Size)
            .Select(g => new Coming(g.Sum(s => s.Children), g.Key))
            .Aggregate((a, b) => a.With(b));
    }
}
