namespace Nido.Core.Group.Expecting;

/// <summary>How many of an age came to a session, counted at the door.</summary>
/// <param name="On">Day of the session.</param>
/// <param name="FromMonths">Youngest age of the band, in whole months.</param>
/// <param name="Children">How many came, 0–500.</param>
/// <param name="Kits">Kits of the band that were there; null where nobody said.</param>
/// <param name="KitsBack">Kits that were left over or came back whole; null where nobody said.</param>
public sealed record CountAtDoor(DateOnly On, int FromMonths, int Children, int? Kits, int? KitsBack);
