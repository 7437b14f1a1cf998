namespace Nido.Core.Journal;

/// <summary>How long a way of working takes in this group, from how long it took. Minutes throughout.</summary>
public static class LearnedMinutes
{
    /// <summary>Times it must have been looked at before anything is learned; our own convention.</summary>
    public const int Least = 3;

    /// <summary>What is planned with from now on, or null where too little was seen or it takes as long as is written: the
    /// middle of what it took, between half and twice of what is written, so that one odd morning does not stretch
    /// a week.</summary>
    /// <param name="written">Minutes the catalogue says.</param>
    /// <param name="took">Minutes it took, one for each time somebody looked.</param>
    public static int? Of(int written, IReadOnlyCollection<int> took)
    {
        ArgumentNullException.ThrowIfNull(took);
        if (took.Count < Least)
        {
            return null;
        }

        var learned = Math.Clamp(Middle(took)!.Value, Math.Max(1, (written + 1) / 2), 2 * written);
        return learned == written ? null : learned;
    }

    /// <summary>The one in the middle, of an even number the higher of the two; null where there is none.</summary>
    public static int? Middle(IReadOnlyCollection<int> took)
    {
        ArgumentNullException.ThrowIfNull(took);
        return took.Count == 0 ? null : took.Order().ElementAt(took.Count / 2);
    }
}
