using Nido.Core.Group;

namespace Nido.Core.Journal;

/// <summary>What a picture may be used for, asked each time it is used: a consent that is taken back counts at once.</summary>
public static class PictureUse
{
    /// <summary>Whether it may be kept: everyone it shows may be in a file here.</summary>
    /// <param name="shown">Children it shows.</param>
    public static bool MayBeKept(IEnumerable<Child> shown) => shown.All(c => c.Pictures >= PictureConsent.FileOnly);

    /// <summary>Whether the family of a child may have it: the child's own consent, and of every other child the one
    /// for all families, since this family is another one.</summary>
    /// <param name="shown">Children it shows; none where it shows work and hands only.</param>
    /// <param name="childId">The child whose family gets it.</param>
    public static bool MayGoToFamilyOf(IEnumerable<Child> shown, string childId) =>
        shown.All(c => c.Pictures >= (c.Id == childId ? PictureConsent.OwnFamily : PictureConsent.AllFamilies));

    /// <summary>Whether all families may have it.</summary>
    /// <param name="shown">Children it shows.</param>
    public static bool MayGoToAll(IEnumerable<Child> shown) => shown.All(c => c.Pictures >= PictureConsent.AllFamilies);
}
