using Nido.Core.Group.Steps;

namespace Nido.Core.Families;

/// <summary>What was kept of a week, for a letter after it.</summary>
/// <param name="Done">Titles of what was done, what went with joy first.</param>
/// <param name="Seen">What was seen of the child; empty where the letter is for all.</param>
/// <param name="Words">What children said, as it was written down.</param>
/// <param name="Pictures">Pictures that may go to whom the letter is for.</param>
public sealed record WhatHappened(
    IReadOnlyList<(InBoth Title, bool WithJoy)> Done,
    IReadOnlyList<SeenInWeek> Seen,
    IReadOnlyList<string> Words,
    IReadOnlyList<PictureOfWeek> Pictures
)
{
    /// <summary>In a letter at most.</summary>
    public const int MostPictures = 6;

    /// <summary>Nothing was written down.</summary>
    public bool IsEmpty => Done.Count + Seen.Count + Words.Count + Pictures.Count == 0;
}

/// <summary>What was seen of a child: the furthest step it did, and with how little help.</summary>
/// <param name="Step">The step.</param>
/// <param name="Help">The least help there.</param>
public sealed record SeenInWeek(LadderStep Step, HelpLevel Help);

/// <summary>A picture that may go along.</summary>
/// <param name="Id">Its number.</param>
/// <param name="On">Its day.</param>
/// <param name="Words">What stands under it; may be empty.</param>
/// <param name="Shape">Height by width.</param>
public sealed record PictureOfWeek(long Id, DateOnly On, string Words, double Shape);
