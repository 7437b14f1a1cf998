namespace Nido.Core.Making;

/// <summary>
/// The space spanned by rows added one after the other, kept as an orthonormal basis (modified Gram–Schmidt, done
/// twice). Its size is the rank of the matrix of those rows.
/// </summary>
internal sealed class RowSpace
{
    private const double Tolerance = 1e-9;
    private readonly List<double[]> basis = [];

    /// <summary>The rank so far.</summary>
    public int Rank => basis.Count;

    /// <summary>Adds a row; true where it raised the rank.</summary>
    public bool Add(double[] row)
    {
        var length = Norm(row);
        if (length < Tolerance)
        {
            return false;
        }

        var rest = Array.ConvertAll(row, x => x / length);
        for (var pass = 0; pass < 2; pass++)
        {
            foreach (var known in basis)
            {
                var along = Dot(rest, known);
                for (var k = 0; k < rest.Length; k++)
                {
                    rest[k] -= along * known[k];
                }
            }
        }

        var left = Norm(rest);
        if (left < 1e-7)
        {
            return false;
        }

        basis.Add(Array.ConvertAll(rest, x => x / left));
        return true;
    }

    private static double Dot(double[] a, double[] b)
    {
        var sum = 0.0;
        for (var k = 0; k < a.Length; k++)
        {
            sum += a[k] * b[k];
        }

        return sum;
    }

    private static double Norm(double[] a) => Math.Sqrt(Dot(a, a));
}
