namespace Nido.Core.Group;

/// <summary>What the group does about food that is worked with and not eaten.</summary>
public enum FoodRule
{
    /// <summary>Only after the labels were read against the children's allergies.</summary>
    WithAllergyCheck,

    /// <summary>Food is for eating: none is worked with.</summary>
    Never,

    /// <summary>As any other material.</summary>
    Freely,
}
