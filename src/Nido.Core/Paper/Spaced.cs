namespace Nido.Core.Paper;

/// <summary>Places evenly along a line.</summary>
public static class Spaced
{
    /// <summary>So many places along a figure's first run, the first at its start; the last at its end where it is
    /// open.</summary>
    public static IReadOnlyList<At> Along(Figure figure, int count, bool closed)
    {
        ArgumentNullException.ThrowIfNull(figure);
        var places = figure.Runs[0].Along(64);
        var lengths = new double[places.Count];
        for (var k = 1; k < places.Count; k++)
        {
            lengths[k] = lengths[k - 1] + places[k - 1].To(places[k]);
        }

        var step = count == 1 ? 0 : lengths[^1] / (closed ? count : count - 1);
        var at = 0;
        return
        [
            .. Enumerable
                .Range(0, count)
                .Select(k =>
                {
                    var want = k * step;
                    while (at < places.Count - 2 && lengths[at + 1] < want)
                    {
                        at++;
                    }

                    var piece = Math.Max(lengths[at + 1] - lengths[at], 1e-12);
                    return places[at]
                        + ((places[at + 1] - places[at]) * Math.Clamp((want - lengths[at]) / piece, 0, 1));
                }),
        ];
    }
}
