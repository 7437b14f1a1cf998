using Nido.Core.Cupboard;

namespace Nido.Core.Ideas;

/// <summary>A piece that comes about while a step is worked: a snip of card, a bead of dough.</summary>
/// <param name="Name">In the plural.</param>
/// <param name="From">Role whose material it is made of.</param>
/// <param name="Body">Its form; a side left open (0) is that of the material.</param>
public sealed record MadePiece(InBoth Name, string From, Body Body)
{
    /// <summary>The piece as made of a material.</summary>
    public Body Of(Material material) =>
        Body with
        {
            Height = Body.Height == 0 && Body.Shape == Shape.Box ? material.Height : Body.Height,
        };
}
