namespace Nido.Core.Families;

/// <summary>Bags a family can borrow.</summary>
public enum BagKind
{
    /// <summary>Pencil, scissors and strips at the child's step, ten minutes a day for two weeks.</summary>
    Readiness,

    /// <summary>What this week's activities at home need.</summary>
    Week,
}
