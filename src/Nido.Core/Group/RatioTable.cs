namespace Nido.Core.Group;

/// <summary>A published table of children per adult, chosen by the group. The licence decides in every case.</summary>
public enum RatioTable
{
    /// <summary>Caring for Our Children, 4th edition, standard 1.1.1.2, centers.</summary>
    CaringForOurChildren,

    /// <summary>England, EYFS statutory framework, from September 2023.</summary>
    EnglandEyfs,

    /// <summary>The group's own.</summary>
    Own,
}
