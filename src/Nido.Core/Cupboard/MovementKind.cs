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

    /// <summary>The shelf was counted and differed.</summary>
    Counted,
}
