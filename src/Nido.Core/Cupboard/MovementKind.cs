namespace Nido.Core.Cupboard;

/// <summary>Why an amount in the cupboard changed.</summary>
public enum MovementKind
{
    /// <summary>Came from a shop.</summary>
    Bought,

    /// <summary>Came from families or was gathered.</summary>
    Found,

    /// <summary>Went into an activity.</summary>
    Used,

    /// <summary>Was made from other things.</summary>
    Made,

    /// <summary>Broke or went missing.</summary>
    Lost,

    /// <summary>Went to a family in a bag, or came back from it.</summary>
    Lent,

    /// <summary>The shelf was counted and differed.</summary>
    Counted,
}
