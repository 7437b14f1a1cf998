namespace Nido.Core.Group.Steps;

/// <summary>What would be seen of a child of a known ability: drawn from the model beliefs are made of. For terms that
/// are invented, so that what a belief finds can be held against what was put in.</summary>
public static class SeenByChance
{
    /// <summary>A help level, drawn.</summary>
    /// <param name="chance">Where it comes from.</param>
    /// <param name="theta">Ability on the age scale.</param>
    /// <param name="typicalMonths">Typical age of the step.</param>
    public static HelpLevel Help(SeededChance chance, double theta, int typicalMonths)
    {
        ArgumentNullException.ThrowIfNull(chance);
        var left = chance.NextDouble();
        var (place, step) = ((int)Math.Round(theta), (int)Math.Round(AgeScale.Of(typicalMonths)));
        foreach (var help in Enum.GetValues<HelpLevel>())
        {
            left -= GradedResponse.Exactly(help, place, step);
            if (left < 0)
            {
                return help;
            }
        }

        return HelpLevel.NotYet;
    }

    /// <summary>A standard normal number, by Box and Muller (1958).</summary>
    public static double Normal(SeededChance chance)
    {
        ArgumentNullException.ThrowIfNull(chance);
        return Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble());
    }
}
