namespace Nido.Core.Ideas;

/// <summary>What a way of working is in the circle of a session whose children nobody knows.</summary>
public enum SessionPart
{
    /// <summary>The story, with its open questions.</summary>
    Story,

    /// <summary>Rhyme or song that everyone joins, whatever the age.</summary>
    Song,
}
