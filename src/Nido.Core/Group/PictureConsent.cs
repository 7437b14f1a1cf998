namespace Nido.Core.Group;

/// <summary>What a family allows of pictures that show their child. Each allows what stands before it, too.</summary>
public enum PictureConsent
{
    /// <summary>No picture of the child: of its work and hands only.</summary>
    None,

    /// <summary>For the child's own file in this house.</summary>
    FileOnly,

    /// <summary>For its own family.</summary>
    OwnFamily,

    /// <summary>In a letter to all families.</summary>
    AllFamilies,
}
