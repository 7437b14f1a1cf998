namespace Nido.Core.Week.Sharing;

/// <summary>What a way to share out comes to.</summary>
/// <param name="Asked">Things that neither cupboard, shop nor making can give.</param>
/// <param name="Cents">Money for packs.</param>
/// <param name="WasteCents">Value of what is left over of packs; a cent for each unit asked for and each minute of
/// making.</param>
/// <param name="Points">100 − score of every variant and option.</param>
public sealed record SharingCost(long Asked, long Cents, long WasteCents, long Points)
{
    /// <summary>Money, with what must be asked for counted as some.</summary>
    public long Price => Cents + (SharingModel.AskCents * Asked);
}
